/**
 * How wide the letters of a school hand become in words: joins change the letters beside them, and
 * a letter is then up to a quarter wider than alone. Measured as drawn, in the Chromium that is
 * installed: all pairs of letters, and the words of the wordbook.
 */
import { chromium } from 'playwright-core';

/** Size at which is measured, in pixels: a unit of 1,000 or 2,000 a pixel or two. */
const SIZE = 1000;

const letters = [...'abcdefghijklmnopqrstuvwxyzäöüßéèêàâçñáíóúãõ'];
const capitals = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZÄÖÜÉ'];

/** Texts in which every letter stands before and after every other, at the ends and in the middle. */
function texts(words: readonly string[]): string[] {
  const pairs = letters.flatMap((first) =>
    letters.flatMap((second) => [`${first}${second}`, `n${first}${second}n`]),
  );
  const begun = capitals.flatMap((capital) => letters.map((letter) => `${capital}${letter}n`));
  return [...pairs, ...begun, ...words];
}

/**
 * The greatest width of each letter of some fonts in any text, as a share of the em.
 *
 * @param files bytes of the fonts, by the name of the hand
 */
export async function widthsInWords(
  files: Readonly<Record<string, Buffer>>,
  words: readonly string[],
): Promise<Record<string, Record<string, number>>> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage();
  const found: Record<string, Record<string, number>> = {};
  for (const [hand, file] of Object.entries(files)) {
    const font = file.toString('base64');
    await page.setContent(
      `<style>@font-face { font-family: hand; src: url(data:font/opentype;base64,${font}) }
       p { font: ${SIZE}px hand; position: absolute; white-space: pre; margin: 0 }</style>`,
    );
    found[hand] = await page.evaluate(
      async ({ all, size }) => {
        await document.fonts.load(`${size}px hand`);
        const line = document.createElement('p');
        document.body.append(line);
        const widest: Record<string, number> = {};
        for (const text of all) {
          line.textContent = text;
          const node = line.firstChild as Text;
          // Each letter reaches from where it begins to where the next begins.
          [...text].forEach((letter, at) => {
            const range = document.createRange();
            range.setStart(node, at);
            range.setEnd(node, at + 1);
            const width = range.getBoundingClientRect().width / size;
            widest[letter] = Math.max(widest[letter] ?? 0, width);
          });
        }
        return widest;
      },
      { all: texts(words), size: SIZE },
    );
  }
  await browser.close();
  return found;
}
