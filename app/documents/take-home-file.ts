/** The file that goes home, built in the browser: the player, the exercises and their pictures in one page. */
import { saveAs } from 'file-saver';
import { handsIn, picturesIn, takeHomePage, type TakeHome } from '~core/practice/take-home';
import type { Accent } from '~core/kernel/accent';
import { smallWav } from '~core/practice/small-wav';
import { handFamily } from '~/ui/hand-family';
import { speechAddress } from '~/ui/speak';
import { pictureAddress } from '~/ui/Picture';
import { fontData } from './font-data';
import { t } from '~/phrases/t';

const fetched = async (address: string): Promise<Response> => {
  const response = await fetch(address);
  if (!response.ok) throw new Error(t('documents.cannotBeHad', { address }));
  return response;
};

/** A shipped picture as a data address. */
async function pictureData(name: string): Promise<string> {
  const text = await (await fetched(pictureAddress(name, 'colour'))).text();
  return `data:image/svg+xml,${encodeURIComponent(text)}`;
}

/** Something that is to be heard in the file. */
export interface SpokenItem {
  /** The ids of exercise and item with a blank between. */
  readonly key: string;
  readonly text: string;
  readonly language: string;
  readonly accent: Accent;
}

/** What is said as a data address, made small. */
async function soundData({ text, language, accent }: SpokenItem): Promise<string> {
  const address = speechAddress({ text, language, accent });
  const small = smallWav(new Uint8Array(await (await fetched(address)).arrayBuffer()));
  let binary = '';
  for (const byte of small) binary += String.fromCharCode(byte);
  return `data:audio/wav;base64,${btoa(binary)}`;
}

/** The sounds one after the other: the server has one voice. */
async function soundsOf(spoken: readonly SpokenItem[]): Promise<Record<string, string>> {
  const sounds: Record<string, string> = {};
  for (const item of spoken) sounds[item.key] = await soundData(item);
  return sounds;
}

/** The fonts of the school hands that are traced in the file. */
async function fontsOf(exercises: TakeHome['exercises']): Promise<Record<string, string>> {
  const families = handsIn(exercises).map((hand) => handFamily(hand).replace(/'/g, ''));
  const fonts = await Promise.all(
    families.map(async (family) => [family, await fontData(family)] as const),
  );
  return Object.fromEntries(fonts.flatMap(([family, data]) => (data ? [[family, data]] : [])));
}

/** The page as one text; everything it needs is in it. */
export async function takeHomeFile(
  home: Omit<TakeHome, 'pictures' | 'sounds'>,
  spoken: readonly SpokenItem[] = [],
): Promise<string> {
  const names = picturesIn([home.exercises, home.boards]);
  const [script, style, ...pictures] = await Promise.all([
    fetched('/player/player.js').then((response) => response.text()),
    fetched('/player/player.css').then((response) => response.text()),
    ...names.map(pictureData),
  ]);
  const [sounds, fonts] = await Promise.all([soundsOf(spoken), fontsOf(home.exercises)]);
  return takeHomePage(
    {
      ...home,
      fonts,
      ...(spoken.length > 0 ? { sounds } : {}),
      pictures: Object.fromEntries(names.map((name, at) => [name, pictures[at] ?? ''])),
    },
    { script, style },
  );
}

/** How large it is, in words. */
export function sizeOf(page: string): string {
  const bytes = new Blob([page]).size;
  return bytes < 1_000_000
    ? t('documents.kb', { bytes: Math.round(bytes / 1000) })
    : `${(bytes / 1_000_000).toFixed(1)} MB`;
}

export const saveTakeHome = (page: string, title: string) =>
  saveAs(
    new Blob([page], { type: 'text/html;charset=utf-8' }),
    `${title.replace(/[\\/:*?"<>|]/g, ' ').trim() || t('documents.exercises')}.html`,
  );
