/**
 * Reads the advance widths and vertical metrics of the learner fonts (OFL-1.1,
 * @fontsource packages) into core/paper/font-metrics.json, so that paper can be
 * laid out without a browser. Run it by hand when a font package changes.
 *
 * Usage: tsx data/pack-fonts.ts
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import opentype from 'opentype.js';
import { handBytes, handFiles, handFontFile, roundPen } from '../core/testing/hand-files';
import { widthsInWords } from './hand-widths';

const families = {
  andika: { folder: '@fontsource/andika', file: 'andika' },
  lexend: { folder: '@fontsource/lexend', file: 'lexend' },
  atkinson: { folder: '@fontsource/atkinson-hyperlegible', file: 'atkinson-hyperlegible' },
  opendyslexic: { folder: '@fontsource/opendyslexic', file: 'opendyslexic' },
};
const weights = [400, 700];
/** Printable Latin with its extensions, Cyrillic, stress marks, IPA, dashes, quotation marks, arrows and ticks. */
const ranges = [
  [0x20, 0x7e],
  [0xa0, 0x24f],
  [0x250, 0x2ae],
  [0x300, 0x304],
  [0x400, 0x45f],
  [0x2010, 0x2026],
  [0x2190, 0x2193],
] as const;

const metrics: Record<string, Record<number, object>> = {};
for (const [id, { folder, file }] of Object.entries(families)) {
  metrics[id] = {};
  for (const weight of weights) {
    const widths: Record<string, number> = {};
    let vertical = { unitsPerEm: 1000, ascent: 0, descent: 0 };
    for (const subset of ['latin', 'latin-ext', 'cyrillic', 'cyrillic-ext']) {
      let data: Buffer;
      try {
        data = readFileSync(`node_modules/${folder}/files/${file}-${subset}-${weight}-normal.woff`);
      } catch {
        continue;
      }
      const font = opentype.parse(
        data.buffer.slice(data.byteOffset, data.byteOffset + data.byteLength) as ArrayBuffer,
      );
      const hhea = font.tables['hhea'] as unknown as { ascender: number; descender: number };
      if (subset === 'latin') {
        vertical = {
          unitsPerEm: font.unitsPerEm,
          ascent: hhea.ascender,
          descent: -hhea.descender,
        };
      }
      for (const [from, to] of ranges) {
        for (let code = from; code <= to; code += 1) {
          const character = String.fromCodePoint(code);
          const index = font.charToGlyphIndex(character);
          if (index > 0) widths[character] ??= Math.round(font.glyphs.get(index).advanceWidth ?? 0);
        }
      }
    }
    metrics[id][weight] = { ...vertical, widths };
  }
}
writeFileSync('core/paper/font-metrics.json', `${JSON.stringify(metrics)}\n`);

/**
 * The school hands: real glyph bounds, because letters stand on ruled lines by
 * what is inked and not by the font's own line box. Arrows are drawn over the
 * letters of the plain hand and share its metrics.
 */
const hands = Object.keys(handFiles) as (keyof typeof handFiles)[];
const wordbook = readdirSync('data/wordbook')
  .filter((file) => file.endsWith('.tsv'))
  .flatMap((file) => readFileSync(`data/wordbook/${file}`, 'utf8').split('\n').slice(1))
  .map((line) => line.split('\t')[0] ?? '')
  .filter((word) => /^[a-z]+$/.test(word));
const inWords = await widthsInWords(Object.fromEntries(hands.map((id) => [id, handBytes(id)])), [
  ...new Set(wordbook),
]);
const handMetrics: Record<string, object> = {};
for (const id of hands) {
  const font = await handFontFile(id);
  const top = (character: string) => Math.round(font.charToGlyph(character).getBoundingBox().y2);
  const bottom = (character: string) => Math.round(font.charToGlyph(character).getBoundingBox().y1);
  const widths: Record<string, number> = {};
  for (let code = 0x20; code <= 0x17f; code += 1) {
    const character = String.fromCodePoint(code);
    const index = font.charToGlyphIndex(character);
    const joined = Math.ceil((inWords[id]?.[character] ?? 0) * font.unitsPerEm);
    const alone = Math.round(font.glyphs.get(index).advanceWidth ?? 0);
    if (index > 0) widths[character] = Math.max(alone, joined);
  }
  const hhea = font.tables['hhea'] as unknown as { ascender: number; descender: number };
  // The playwrite hands are drawn with a pen that stands half its width over the line.
  const pen = roundPen(id) ? -bottom('l') : 0;
  handMetrics[id] = {
    unitsPerEm: font.unitsPerEm,
    xHeight: top(roundPen(id) ? 'u' : 'z') - pen,
    ascender: top('l') - pen,
    descender: -bottom('p') - pen,
    ascent: hhea.ascender,
    descent: -hhea.descender,
    widths,
  };
}
writeFileSync('core/paper/hand-metrics.json', `${JSON.stringify(handMetrics)}\n`);
