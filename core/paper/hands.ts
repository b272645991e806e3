/**
 * School hands: the fonts that letters to trace are set in, with what they can
 * write. All are OFL-1.1; metrics are real glyph bounds (data/pack-fonts.ts).
 */
import metrics from './hand-metrics.json';
import type { HandName, Ink } from '../kernel/hand-names';

export { handIds, handNames, inkNames, inks, type HandName, type Ink } from '../kernel/hand-names';

/** A font of the paper for hand marks. */
export type HandFont = HandName | 'dots' | 'arrows';

interface HandMetrics {
  readonly unitsPerEm: number;
  /** Heights over, and depth under, the line the letters stand on. */
  readonly xHeight: number;
  readonly ascender: number;
  readonly descender: number;
  /** The line box of the font. */
  readonly ascent: number;
  readonly descent: number;
  readonly widths: Readonly<Record<string, number>>;
}

const tables = metrics as unknown as Readonly<Record<string, HandMetrics>>;

/** The metrics of a hand; the arrows are drawn over the letters of the plain print hand. */
export function handMetrics(font: HandFont): HandMetrics {
  return tables[font === 'arrows' ? 'print' : font] as HandMetrics;
}

/** Which font draws a hand in an ink. Dots and arrows are drawn for the pre-cursive letters only. */
export function fontOf(hand: HandName, ink: Ink): HandFont {
  if (hand === 'print' && (ink === 'dots' || ink === 'arrows')) return ink;
  return hand;
}

/** The dotted and the arrowed letters know the plain alphabet and figures only. */
const PLAIN = /^[A-Za-z0-9 ]*$/;

/** The ink that a text can really be written in: what the letters lack falls back to grey, never to another face. */
export function possibleInk(text: string, hand: HandName, ink: Ink): Ink {
  if (ink === 'arrows') return hand === 'print' && PLAIN.test(text) ? 'arrows' : 'grey';
  if (ink === 'dots' && hand === 'print') return PLAIN.test(text) ? 'dots' : 'grey';
  return ink;
}

/** True where the hand has every character of a text. */
export function canWrite(text: string, hand: HandName): boolean {
  const { widths } = handMetrics(hand);
  return [...text].every((character) => character in widths);
}

/** Height of the em, in the unit of `xHeight`, at which the small letters are so high. */
export function emForXHeight(hand: HandName, xHeight: number): number {
  const { unitsPerEm, xHeight: units } = handMetrics(hand);
  return (xHeight * unitsPerEm) / units;
}

/**
 * Room for a text in a hand, in the unit of `em`: each letter as wide as its joins make it in any word,
 * so that no word is wider (data/hand-widths.ts), most a tenth narrower.
 */
export function handWidth(text: string, font: HandFont, em: number): number {
  const { widths, unitsPerEm } = handMetrics(font);
  let units = 0;
  for (const character of text) units += widths[character] ?? unitsPerEm;
  return (units / unitsPerEm) * em;
}
