/**
 * Words from pasted or imported text: a line a word, a row of words, CSV, TSV or
 * spreadsheet columns, “word – meaning”. Second columns become meanings, or
 * translations where they are in another script or their heading says so.
 */
import Papa from 'papaparse';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { wordParts } from '../languages/en/words/word-parts';
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

export type Column = 'word' | 'definition' | 'translation' | 'note' | 'ignored';

const headings: readonly (readonly [RegExp, Column])[] = [
  [/^(words?|term|vocab(ulary)?|spelling|item)$/i, 'word'],
  [/^(definitions?|meanings?|explanation)$/i, 'definition'],
  [
    /^(translations?|language|français|french|spanish|español|japanese|日本語|arabic|polish|ukrainian)$/i,
    'translation',
  ],
  [/^(notes?|comments?|example|sentence)$/i, 'note'],
];

const columnOf = (heading: string): Column | undefined =>
  headings.find(([pattern]) => pattern.test(heading.trim()))?.[1];

const stripNumber = (line: string) => line.replace(/^\s*(?:\d+[.)]|[-•*–])\s+/, '').trim();

/** Signs that part cells, the likeliest first. */
const delimiters = [',', ';', '|'] as const;
/** Rows of one width, from this share of all, are a table; the rest of its rows are ragged. */
const TABLE_SHARE = 0.8;

const parse = (text: string, delimiter: string) =>
  Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy' }).data;

/** Rows that are a table: a heading that is known, cells in quotes, or nearly all of one width. */
function table(text: string, delimiter: string): string[][] | undefined {
  const rows = parse(text, delimiter);
  const [first = []] = rows;
  if (rows.length < 2 || first.length < 2) return undefined;
  if (first.some((cell) => columnOf(cell) === 'word')) return rows;
  const widths = new Map<number, number>();
  for (const { length } of rows) widths.set(length, (widths.get(length) ?? 0) + 1);
  const [width = 1, count = 0] = [...widths].sort((left, right) => right[1] - left[1])[0] ?? [];
  if (width < 2) return undefined;
  const quoted = text.includes('"') && rows.some((row) => row.some((cell) => cell.includes('\n')));
  return quoted || count >= rows.length * (rows.length < 5 ? 1 : TABLE_SHARE) ? rows : undefined;
}

/** Rows of cells, by the sign that divides them. */
function readRows(text: string): string[][] {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  if (lines.some((line) => line.includes('\t'))) return parse(text, '\t');
  for (const delimiter of delimiters) {
    const rows = table(text, delimiter);
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

const isOtherScript = (text: string) =>
  /[^\p{Script=Latin}\p{Script=Common}\p{Script=Inherited}]/u.test(text);

function guessColumns(rows: readonly string[][]): { columns: Column[]; headed: boolean } {
  const width = rows.reduce((most, row) => Math.max(most, row.length), 0);
  const first = rows[0] ?? [];
  const named = Array.from({ length: width }, (_, index) => columnOf(first[index] ?? ''));
  if (named.includes('word')) {
    return { columns: named.map((column) => column ?? 'ignored'), headed: true };
  }
  const columns = Array.from({ length: width }, (_, index): Column => {
    if (index === 0) return 'word';
    const cells = rows.map((row) => row[index] ?? '').filter((cell) => cell.trim() !== '');
    if (index > 2 || cells.length === 0) return 'ignored';
    const translated = cells.filter(isOtherScript).length > cells.length / 2;
    if (translated) return 'translation';
    return index === 1 ? 'definition' : 'note';
  });
  return { columns, headed: false };
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
 */
export function readWords(
  text: string,
  lexicon: Lexicon,
  present: readonly string[] = [],
  columns?: readonly Column[],
): ReadList {
  const rows = readRows(text.replace(/^\uFEFF/, ''));
  const guessed = guessColumns(rows);
  const used = columns ?? guessed.columns;
  const words: ReadWord[] = [];
  const doubles: string[] = [];
  const capitals: string[] = [];
  const unknown: string[] = [];
  const tooLong: string[] = [];
  const cut: string[] = [];
  let past = 0;
  const taken = new Set(present.map(wordKey));
  for (const row of guessed.headed ? rows.slice(1) : rows) {
    const cell = (column: Column) => (row[used.indexOf(column)] ?? '').trim();
    let word = cleanWord(cell('word'));
    if (word === '') continue;
    if (word.length > 80) {
      tooLong.push(`${word.slice(0, 20)}…`);
      continue;
    }
    const entry = lexicon.find(word);
    if (entry !== undefined && entry.word !== word && /^\p{Lu}/u.test(word)) {
      capitals.push(word);
      word = entry.word;
    }
    if (taken.has(wordKey(word))) {
      doubles.push(word);
      continue;
    }
    if (present.length + words.length >= LIST_LIMIT) {
      past += 1;
      continue;
    }
    if (entry === undefined) unknown.push(word);
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
    words.push({ word, ...filled, unknown: entry === undefined });
  }
  const marked = words.map((each) => {
    const singular = singularIn(each.word, words, present, lexicon);
    return singular === undefined ? each : { ...each, pluralOf: singular };
  });
  const plurals = marked.filter((each) => each.pluralOf !== undefined);
  const notes: string[] = [];
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
