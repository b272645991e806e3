/** A text broken into lines of print, each with the places of its words in the text. */
import { headingText, isHeading, linesIn, paragraphsIn } from '../../languages/shared/segment';
import { textWidth, type Weight } from '../../paper/measure';
import { readRuby, type RubyRun } from './ruby';

export interface PrintedWord {
  readonly text: string;
  readonly x: number;
  readonly width: number;
  readonly start: number;
  readonly end: number;
  /** Kana over a word written in kanji. */
  readonly ruby?: string;
}

export interface PrintedLine {
  readonly words: readonly PrintedWord[];
  readonly heading: boolean;
  /** The number of the line of verse that begins here; undefined where a line goes on. */
  readonly verseLine: number | undefined;
  readonly first: boolean;
  readonly last: boolean;
}

export interface BreakOptions {
  readonly font: string;
  readonly size: number;
  readonly headingSize: number;
  readonly width: number;
  readonly verse: boolean;
  /** How far the second line of print of a long line of verse is set in, in millimetres. */
  readonly turn: number;
}

/** Words between white space; of a script without any, every character stands alone. */
function pieces(
  text: string,
  start: number,
): { run: RubyRun; start: number; end: number; space: boolean }[] {
  const found: { run: RubyRun; start: number; end: number; space: boolean }[] = [];
  for (const match of text.matchAll(/\S+/gu)) {
    const at = start + match.index;
    let space = true;
    for (const run of readRuby(match[0])) {
      const unspaced =
        /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}]/u.test(run.text) &&
        run.ruby === undefined;
      const parts = unspaced ? splitCharacters(run) : [run];
      for (const part of parts) {
        found.push({ run: part, start: at + part.start, end: at + part.end, space });
        space = false;
      }
    }
  }
  return found;
}

/** Characters a line may break between; a closing sign stays with what is before it. */
function splitCharacters(run: RubyRun): RubyRun[] {
  const parts: RubyRun[] = [];
  for (const match of run.text.matchAll(/[「『（]?.[」』）。、！？ー]*/gu)) {
    parts.push({
      text: match[0],
      start: run.start + match.index,
      end: run.start + match.index + match[0].length,
    });
  }
  return parts;
}

export function breakText(body: string, options: BreakOptions): PrintedLine[][] {
  const { font, size, headingSize, width, verse, turn } = options;
  let verseLine = 0;
  return paragraphsIn(body).map((paragraph) => {
    const source = body.slice(paragraph.start, paragraph.end);
    const heading = isHeading(source);
    const shift = heading ? source.length - headingText(source).length : 0;
    const weight: Weight = heading ? 700 : 400;
    const em = heading ? headingSize : size;
    const space = textWidth(' ', font, weight, em);
    const spans =
      verse && !heading
        ? linesIn(body, paragraph)
        : [{ start: paragraph.start + shift, end: paragraph.end }];
    const lines = spans.flatMap((span): Omit<PrintedLine, 'first' | 'last'>[] => {
      if (verse && !heading) verseLine += 1;
      const made: PrintedWord[][] = [[]];
      let x = 0;
      for (const { run, start, end, space: spaced } of pieces(
        body.slice(span.start, span.end),
        span.start,
      )) {
        const wide = Math.max(
          textWidth(run.text, font, weight, em),
          run.ruby === undefined ? 0 : textWidth(run.ruby, font, 400, em * 0.5),
        );
        const gap = x === 0 || !spaced ? 0 : space;
        const indent = made.length > 1 && verse ? turn : 0;
        if (x > 0 && x + gap + wide > width - indent) {
          made.push([]);
          x = 0;
        }
        const last = made[made.length - 1] as PrintedWord[];
        const left = x === 0 ? 0 : x + gap;
        const set = made.length > 1 && verse ? turn : 0;
        last.push({
          text: run.text,
          x: left + set,
          width: wide,
          start,
          end,
          ...(run.ruby === undefined ? {} : { ruby: run.ruby }),
        });
        x = left + wide;
      }
      return made.map((words, index) => ({
        words,
        heading,
        verseLine: verse && !heading && index === 0 ? verseLine : undefined,
      }));
    });
    return lines.map((line, index) => ({
      ...line,
      first: index === 0,
      last: index === lines.length - 1,
    }));
  });
}
