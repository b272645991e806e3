/** Japanese characters: their font is fetched when a page first has some. */
import { useEffect } from 'react';
import type { Sheet } from '~core/sheets/sheet';

const japanese = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}]/u;

let loading: Promise<unknown> | undefined;

/** Fetches the font where the text needs it; the browser then fetches only the characters that are used. */
export async function fontsFor(text: string): Promise<void> {
  if (!japanese.test(text)) return;
  loading ??= import('@fontsource/noto-sans-jp/400.css');
  await loading;
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

/** Fetches the font for what is shown. */
export function useFontsFor(text: string): void {
  useEffect(() => {
    void fontsFor(text);
  }, [text]);
}
