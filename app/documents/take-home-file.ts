/** The file that goes home, built in the browser: the player, the exercises and their pictures in one page. */
import { saveAs } from 'file-saver';
import { picturesIn, takeHomePage, type TakeHome } from '~core/practice/take-home';
import { pictureAddress } from '~/ui/Picture';

const fetched = async (address: string): Promise<Response> => {
  const response = await fetch(address);
  if (!response.ok) throw new Error(`${address} cannot be had.`);
  return response;
};

/** A shipped picture as a data address. */
async function pictureData(name: string): Promise<string> {
  const text = await (await fetched(pictureAddress(name, 'colour'))).text();
  return `data:image/svg+xml,${encodeURIComponent(text)}`;
}

/** The page as one text; everything it needs is in it. */
export async function takeHomeFile(home: Omit<TakeHome, 'pictures'>): Promise<string> {
  const names = picturesIn(home.exercises);
  const [script, style, ...pictures] = await Promise.all([
    fetched('/player/player.js').then((response) => response.text()),
    fetched('/player/player.css').then((response) => response.text()),
    ...names.map(pictureData),
  ]);
  return takeHomePage(
    { ...home, pictures: Object.fromEntries(names.map((name, at) => [name, pictures[at] ?? ''])) },
    { script, style },
  );
}

/** How large it is, in words. */
export function sizeOf(page: string): string {
  const bytes = new Blob([page]).size;
  return bytes < 1_000_000
    ? `${Math.round(bytes / 1000)} KB`
    : `${(bytes / 1_000_000).toFixed(1)} MB`;
}

export const saveTakeHome = (page: string, title: string) =>
  saveAs(
    new Blob([page], { type: 'text/html;charset=utf-8' }),
    `${title.replace(/[\\/:*?"<>|]/g, ' ').trim() || 'Exercises'}.html`,
  );
