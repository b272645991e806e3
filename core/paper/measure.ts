/** Widths and line breaks of text in a learner font, in millimetres, from the fonts' own advance widths. */
import metrics from './font-metrics.json';
import { isWide, plainFont } from './font-name';

export { isWide, plainFont, wideFont } from './font-name';

export type Weight = 400 | 700;

interface FontMetrics {
  readonly unitsPerEm: number;
  readonly ascent: number;
  readonly descent: number;
  readonly widths: Readonly<Record<string, number>>;
}

/** Millimetres in a typographic point (1/72 inch). */
export const MM_PER_POINT = 25.4 / 72;

const tables = metrics as unknown as Readonly<
  Record<string, Readonly<Record<string, FontMetrics>>>
>;

/**
 * Wider spacing for readers who need it: letters 6 % of an em apart, words 21 %
 * more (the British Dyslexia Association's style guide: larger spacing between
 * letters, and words spaced some three and a half times as much).
 */
export const WIDE_LETTERS = 0.06;
export const WIDE_WORDS = 0.21;
/** A font by its id; an unknown id is measured as Andika. */
export function fontMetrics(font: string, weight: Weight): FontMetrics {
  return (tables[plainFont(font)]?.[weight] ?? tables['andika']?.[weight]) as FontMetrics;
}

/** Letters of scripts written from the right: narrower than an em, and how narrow depends on their neighbours. */
const joined = /[\p{Script=Arabic}\p{Script=Hebrew}]/u;
/** The widest mean of Noto Sans Arabic and Hebrew over running text, in ems: lines come out no longer than this. */
const JOINED_WIDTH = 0.62;

/** A character that the font lacks is drawn by Andika, or by a font in which it is one em wide. */
function spareWidth(character: string, weight: Weight, unitsPerEm: number): number {
  if (joined.test(character)) return JOINED_WIDTH * unitsPerEm;
  const andika = tables['andika']?.[weight];
  const width = andika?.widths[character];
  return andika && width !== undefined ? (width / andika.unitsPerEm) * unitsPerEm : unitsPerEm;
}

/**
 * Width of a line of text. Kerning and ligatures are off on our paper, so the
 * sum of advance widths is exact.
 */
export function textWidth(text: string, font: string, weight: Weight, size: number): number {
  const { widths, unitsPerEm } = fontMetrics(font, weight);
  let units = 0;
  let spaces = 0;
  let characters = 0;
  for (const character of text) {
    units += widths[character] ?? spareWidth(character, weight, unitsPerEm);
    characters += 1;
    if (character === ' ') spaces += 1;
  }
  const wide = isWide(font) ? characters * WIDE_LETTERS + spaces * WIDE_WORDS : 0;
  return (units / unitsPerEm + wide) * size;
}

/** Scripts written without spaces: a line may end between any two of their characters. */
const spaceless = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}]/u;
/** Marks that never begin a line, with what follows a small or long kana (JIS X 4051, 禁則). */
const neverFirst =
  /^[、。，．・：；？！」』）】〉》〕ーぁぃぅぇぉっゃゅょァィゥェォッャュョ々,.!?:;)\]]/u;
const neverLast = /[「『（【〈《〔([]$/u;

interface Breakable {
  readonly text: string;
  /** It stands without a space behind what is before it. */
  readonly joins: boolean;
}

/** The pieces of a text between which a line may end. */
function breakable(text: string): Breakable[] {
  return text
    .split(/\s+/)
    .filter((each) => each !== '')
    .flatMap((word): Breakable[] => {
      if (!spaceless.test(word)) return [{ text: word, joins: false }];
      const pieces: string[] = [];
      for (const character of word) {
        const last = pieces.at(-1);
        const parts =
          last === undefined ||
          ((spaceless.test(character) || spaceless.test(last)) &&
            !neverFirst.test(character) &&
            !neverLast.test(last));
        if (parts) pieces.push(character);
        else pieces[pieces.length - 1] = last + character;
      }
      return pieces.map((piece, at) => ({ text: piece, joins: at > 0 }));
    });
}

/** Breaks text into lines no wider than `width`; a single word wider than that stands alone. */
export function breakLines(
  text: string,
  font: string,
  weight: Weight,
  size: number,
  width: number,
): string[] {
  const lines: string[] = [];
  let line = '';
  for (const { text: word, joins } of breakable(text)) {
    const longer = line === '' || joins ? line + word : `${line} ${word}`;
    if (line !== '' && textWidth(longer, font, weight, size) > width) {
      lines.push(line);
      line = word;
    } else {
      line = longer;
    }
  }
  if (line !== '') lines.push(line);
  return lines.flatMap((each) => splitWide(each, font, weight, size, width));
}

/** The largest size up to `wanted` at which no word of some texts is wider than a line. */
export function sizeThatHolds(
  texts: readonly string[],
  font: string,
  weight: Weight,
  wanted: number,
  width: number,
): number {
  const widest = Math.max(
    0,
    ...texts.flatMap((text) =>
      breakable(text).map((piece) => textWidth(piece.text, font, weight, wanted)),
    ),
  );
  return widest > width ? (wanted * width) / widest : wanted;
}

/** Cuts a word that is wider than the line into pieces with a hyphen, so that nothing runs off the paper. */
function splitWide(line: string, font: string, weight: Weight, size: number, width: number) {
  if (textWidth(line, font, weight, size) <= width) return [line];
  const pieces: string[] = [];
  let piece = '';
  for (const character of line) {
    if (piece !== '' && textWidth(`${piece}${character}-`, font, weight, size) > width) {
      pieces.push(`${piece}-`);
      piece = '';
    }
    piece += character;
  }
  return piece === '' ? pieces : [...pieces, piece];
}
