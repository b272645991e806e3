/** Scripts that learner fonts lack: their font is fetched when a page first has some. */
import { useEffect } from 'react';
import type { Sheet } from '~core/sheets/sheet';
import { fontFamily } from './fonts';
import { handFamily } from './hand-family';

const kana = /[\p{Script=Hiragana}\p{Script=Katakana}]/u;
const han = /\p{Script=Han}/u;

interface ScriptFont {
  readonly needed: (text: string, language: string | undefined) => boolean;
  readonly fetch: () => Promise<unknown>;
}

/** Characters that Chinese and Japanese share are drawn as each of them draws them. */
const isChinese = (language: string | undefined) => language?.startsWith('zh') ?? false;

const fonts: readonly ScriptFont[] = [
  {
    needed: (text, language) => kana.test(text) || (han.test(text) && language === 'ja'),
    fetch: () => import('@fontsource/noto-sans-jp/400.css'),
  },
  {
    needed: (text, language) =>
      han.test(text) && (isChinese(language) || (!kana.test(text) && language !== 'ja')),
    fetch: () => import('@fontsource/noto-sans-sc/400.css'),
  },
  {
    needed: (text) => /\p{Script=Hangul}/u.test(text),
    fetch: () => import('@fontsource/noto-sans-kr/400.css'),
  },
  {
    needed: (text) => /\p{Script=Arabic}/u.test(text),
    fetch: () => import('@fontsource/noto-sans-arabic/400.css'),
  },
  {
    needed: (text) => /\p{Script=Hebrew}/u.test(text),
    fetch: () => import('@fontsource/noto-sans-hebrew/400.css'),
  },
];

/**
 * Fetches the fonts that the text needs; the browser then fetches only the characters that are used.
 *
 * @param language of the text, for characters that languages draw each in its own way
 */
export async function fontsFor(text: string, language?: string): Promise<void> {
  await Promise.all(
    fonts.filter(({ needed }) => needed(text, language)).map(({ fetch }) => fetch()),
  );
}

/** All that is written on sheets. */
export const writtenOn = (sheets: readonly Pick<Sheet, 'pages'>[]): string =>
  sheets
    .flatMap(({ pages }) =>
      pages.flatMap(({ marks }) =>
        marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
      ),
    )
    .join(' ');

/** What is written in each font of sheets, by its family and weight as CSS says them. */
function writtenByFont(sheets: readonly Sheet[]): ReadonlyMap<string, string> {
  const written = new Map<string, string>();
  const add = (font: string, text: string) =>
    written.set(font, `${written.get(font) ?? ''}${text}`);
  for (const { font, pages } of sheets) {
    const family = fontFamily(font);
    for (const mark of pages.flatMap(({ marks }) => marks)) {
      if (mark.kind === 'text') add(`${mark.weight} 1em ${family}`, mark.text);
      if (mark.kind === 'hand') add(`400 1em ${handFamily(mark.font)}`, mark.text);
    }
  }
  return written;
}

/** Loads all fonts of sheets before anything is drawn in them: who prints at once prints no stand-in. */
export async function loadFontsOf(sheets: readonly Sheet[]): Promise<void> {
  await fontsFor(writtenOn(sheets));
  // For a font that does not come another stands in, as everywhere in a browser.
  await Promise.allSettled(
    [...writtenByFont(sheets)].map(([font, text]) =>
      document.fonts.load(font, [...new Set(text)].join('')),
    ),
  );
}

/** Fetches the fonts for what is shown. */
export function useFontsFor(text: string, language?: string): void {
  useEffect(() => {
    void fontsFor(text, language);
  }, [text, language]);
}
