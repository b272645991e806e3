/** The font files (of the packages of @fontsource) of the school hands: for packing their metrics, and for tests. */
import { readFileSync } from 'node:fs';
import opentype from 'opentype.js';
import { decompress } from 'wawoff2';
import type { HandName } from '../kernel/hand-names';

const plain = (name: string) => `@fontsource/${name}/files/${name}-latin-400-normal.woff`;
/** Fonts that are packed as variable ones only, whose usual weight is 400. */
const variable = (name: string) =>
  `@fontsource-variable/${name}/files/${name}-fallback-wght-normal.woff2`;

export const handFiles: Readonly<Record<HandName | 'dots', string>> = {
  print: plain('edu-au-vic-wa-nt-pre'),
  dots: plain('edu-au-vic-wa-nt-dots'),
  joined: plain('edu-au-vic-wa-nt-hand'),
  'gb-semi': variable('playwrite-gb-s'),
  'gb-joined': variable('playwrite-gb-j'),
  'us-cursive': plain('playwrite-us-trad'),
  'fr-cursive': plain('playwrite-fr-moderne'),
  andika: plain('andika'),
  'ie-cursive': plain('playwrite-ie'),
  'us-modern': plain('playwrite-us-modern'),
  'nz-cursive': plain('playwrite-nz'),
  nsw: plain('edu-nsw-act-foundation'),
  qld: plain('edu-qld-beginner'),
  sa: plain('edu-sa-beginner'),
  tas: plain('edu-tas-beginner'),
  'de-grund': plain('playwrite-de-grund'),
  'es-cursive': plain('playwrite-es'),
  'it-modern': plain('playwrite-it-moderna'),
  'pt-cursive': plain('playwrite-pt'),
};

/** The bytes of the file of a hand, as it ships. */
export const handBytes = (hand: HandName | 'dots') =>
  readFileSync(`node_modules/${handFiles[hand]}`);

/** The font itself, read by opentype.js: what the printer draws. */
export async function handFontFile(hand: HandName | 'dots'): Promise<opentype.Font> {
  const bytes = handBytes(hand);
  const open = handFiles[hand].endsWith('2') ? Buffer.from(await decompress(bytes)) : bytes;
  const { buffer, byteOffset, byteLength } = open;
  return opentype.parse(buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer);
}

/** Hands that are drawn with a round pen, which stands half its width over the line. */
export const roundPen = (hand: HandName | 'dots') => handFiles[hand].includes('playwrite');
