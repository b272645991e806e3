/**
 * Words from pasted or imported text: a line a word, a row of words, CSV, TSV or
 * spreadsheet columns, “word – meaning”. Second columns become meanings, or
 * translations where they are in another script or their heading says so.
 */
import Papa from 'papaparse';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { wordParts } from '../languages/en/words/word-parts';
import { guessColumns, headingsOf, type Column } from './column-headings';
import { wordsToLower } from './pasted-capitals';
import { DETAIL_LIMITS, LIST_LIMIT, sameWord, wordKey, type WordDetail } from './word-list';

export interface ReadWord extends WordDetail {
  /** Not in the word bank: kept, but sounds and spellings cannot be keyed. */
  readonly unknown: boolean;
  /** A word within the same list that this is the plural of. */
  readonly pluralOf?: string;
}

export interface ReadList {
  readonly words: readonly ReadWord[];
  /** What was left out or changed, in words for the teacher. */
  readonly notes: readonly string[];
  /** What the columns were taken for, in order. */
  readonly columns: readonly Column[];
}

const stripNumber = (line: string) => line.replace(/^\s*(?:\d+[.)]|[-•*–])\s+/, '').trim();

/** Signs that part cells, the likeliest first. */
const delimiters = [',', ';', '|'] as const;
/** Rows of one width, from this share of all, are a table; the rest of its rows are ragged. */
const TABLE_SHARE = 0.8;

const parse = (text: string, delimiter: string) =>
  Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy' }).data;

/** Rows that are a table: a heading that is known, cells in quotes, or nearly all of one width. */
function table(text: string, delimiter: string, language: string): string[][] | undefined {
  const rows = parse(text, delimiter);
  const [first = []] = rows;
  if (rows.length < 2 || first.length < 2) return undefined;
  if (headingsOf(rows, first.length, language)?.includes('word')) return rows;
  const widths = new Map<number, number>();
  for (const { length } of rows) widths.set(length, (widths.get(length) ?? 0) + 1);
  const [width = 1, count = 0] = [...widths].sort((left, right) => right[1] - left[1])[0] ?? [];
  if (width < 2) return undefined;
  const quoted = text.includes('"') && rows.some((row) => row.some((cell) => cell.includes('\n')));
  return quoted || count >= rows.length * (rows.length < 5 ? 1 : TABLE_SHARE) ? rows : undefined;
}

/** Rows of cells, by the sign that divides them. */
function readRows(text: string, language: string): string[][] {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  if (lines.some((line) => line.includes('\t'))) return parse(text, '\t');
  for (const delimiter of delimiters) {
    const rows = table(text, delimiter, language);
    if (rows !== undefined) return rows;
  }
  const dash = lines.filter((line) => /\S\s+[–—=]\s+\S|\S\s+-\s+\S|^\S+:\s/.test(line));
  if (dash.length > lines.length / 2) {
    return lines.map((line) => {
      const [word = '', ...rest] = stripNumber(line).split(/\s+[–—=-]\s+|:\s+/);
      return [word, rest.join(' – ')];
    });
  }
  for (const delimiter of delimiters) {
    // One row of words, or rows of unequal length, are just words.
    if (lines.some((line) => line.includes(delimiter))) {
      return lines.flatMap((line) => line.split(delimiter).map((word) => [stripNumber(word)]));
    }
  }
  if (lines.length === 1 && (lines[0] ?? '').trim().split(/\s+/).length > 2) {
    return (lines[0] ?? '')
      .trim()
      .split(/\s+/)
      .map((word) => [word]);
  }
  return lines.map((line) => [stripNumber(line)]);
}

/** A word without the punctuation round it; its capitals stay. */
const cleanWord = (cell: string) =>
  cell
    .trim()
    .replace(/^["“”'(]+|["“”'),.;:!?]+$/g, '')
    .replace(/\s+/g, ' ');

const list = (words: readonly string[]) =>
  words.length > 6
    ? `${words.slice(0, 6).join(', ')} and ${words.length - 6} more`
    : words.join(', ');

/**
 * Reads words from text.
 *
 * @param present words the list has already
 * @param columns what each column is, where the teacher has said so
 * @param language of the words; the word bank knows only English ones
 */
export function readWords(
  text: string,
  lexicon: Lexicon,
  present: readonly string[] = [],
  columns?: readonly Column[],
  language = 'en',
): ReadList {
  const all = readRows(text.replace(/^\uFEFF/, ''), language);
  // Another language has no words in the bank that could tell, and capitals of its own.
  const english = language === 'en';
  const guessed = guessColumns(
    all,
    language,
    (cell) => english && lexicon.find(cleanWord(cell)) !== undefined,
  );
  const rows = guessed.headed ? all.slice(1) : all;
  const used = columns ?? guessed.columns;
  const wordColumns = used.flatMap((column, at) => (column === 'word' ? [at] : []));
  const cells = rows.flatMap((row) =>
    wordColumns.map((at, place) => ({
      written: cleanWord(row[at] ?? ''),
      // What stands beside a row is said of its first word.
      row: place === 0 ? row : [],
    })),
  );
  const lower = wordsToLower(
    cells.map(({ written }) => written),
    (word) => (english ? lexicon.find(word)?.word : undefined),
  );
  const words: ReadWord[] = [];
  const doubles: string[] = [];
  const capitals: string[] = [];
  const unknown: string[] = [];
  const tooLong: string[] = [];
  const cut: string[] = [];
  let past = 0;
  const taken = new Set(present.map(wordKey));
  for (const { written, row } of cells) {
    const cell = (column: Column) => (row[used.indexOf(column)] ?? '').trim();
    if (written === '') continue;
    const word = lower.get(written) ?? written;
    if (word.length > 80) {
      tooLong.push(`${word.slice(0, 20)}…`);
      continue;
    }
    const isUnknown = english && lexicon.find(word) === undefined;
    if (word !== written) capitals.push(written);
    if (taken.has(wordKey(word))) {
      doubles.push(word);
      continue;
    }
    if (present.length + words.length >= LIST_LIMIT) {
      past += 1;
      continue;
    }
    if (isUnknown) unknown.push(word);
    taken.add(wordKey(word));
    const fitted = (column: keyof typeof DETAIL_LIMITS) => {
      // What a spreadsheet was kept from running begins with a sign of its own.
      const text = cell(column).replace(/^'(?=[=+\-@\t\r])/, '');
      if (text.length <= DETAIL_LIMITS[column]) return text;
      cut.push(word);
      return `${text.slice(0, DETAIL_LIMITS[column] - 1)}…`;
    };
    const detail = {
      definition: fitted('definition'),
      translation: fitted('translation'),
      note: fitted('note'),
    };
    const filled = Object.fromEntries(Object.entries(detail).filter(([, value]) => value !== ''));
    words.push({ word, ...filled, unknown: isUnknown });
  }
  const marked = words.map((each) => {
    const singular = english ? singularIn(each.word, words, present, lexicon) : undefined;
    return singular === undefined ? each : { ...each, pluralOf: singular };
  });
  const plurals = marked.filter((each) => each.pluralOf !== undefined);
  const notes: string[] = [];
  if (guessed.headed) {
    const heading = (all[0] ?? []).map((cell) => cell.trim()).filter((cell) => cell !== '');
    notes.push(`Taken for the headings: ${list(heading)}.`);
  }
  if (doubles.length > 0) notes.push(`Already there, so left out: ${list(doubles)}.`);
  if (capitals.length > 0)
    notes.push(`Written without a capital, as inside a sentence: ${list(capitals)}.`);
  if (unknown.length > 0) {
    notes.push(`Not in the word bank: ${list(unknown)}. Kept, but their sounds cannot be keyed.`);
  }
  if (plurals.length > 0) {
    notes.push(
      `Plural and singular are both there: ${list(plurals.map((each) => `${each.word} (${each.pluralOf})`))}.`,
    );
  }
  if (tooLong.length > 0) notes.push(`Longer than 80 letters, so left out: ${list(tooLong)}.`);
  if (cut.length > 0) {
    notes.push(
      `Cut, because it was longer than a list can hold (${DETAIL_LIMITS.definition} letters; a translation ${DETAIL_LIMITS.translation}): what stands beside ${list([...new Set(cut)])}.`,
    );
  }
  if (past > 0) notes.push(`A list can have ${LIST_LIMIT} words: ${past} were left out.`);
  return { words: marked, notes, columns: used };
}

function singularIn(
  word: string,
  words: readonly ReadWord[],
  present: readonly string[],
  lexicon: Lexicon,
): string | undefined {
  const entry = lexicon.find(word);
  if (entry === undefined) return undefined;
  const { parts } = wordParts(entry, lexicon);
  const last = parts[parts.length - 1];
  const base =
    last?.kind === 'suffix' && /^e?s$/.test(last.text)
      ? (parts[parts.length - 2]?.from ??
        parts
          .slice(0, -1)
          .map((part) => part.text)
          .join(''))
      : parts.length === 1
        ? last?.from
        : undefined;
  if (base === undefined) return undefined;
  return [...words.map((each) => each.word), ...present].find(
    (each) => sameWord(each, base) && !sameWord(each, word),
  );
}
