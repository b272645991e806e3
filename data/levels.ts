/**
 * The level of words that the wordbook lacks, estimated by a ridge regression
 * fitted to the wordbook: how common a word and its forms are, its length, the
 * graded lists, its picture, its topic, what it is a kind of (WordNet), the
 * words it is built from or stands beside, and where the wordbook's own
 * sentences and glosses use it. `npx tsx data/fit-levels.ts` prints how right
 * it is on headwords held out from the fit.
 */
import type { Lexicon, LexiconEntry } from '../core/languages/en/lexicon/lexicon';
import { wordParts } from '../core/languages/en/words/word-parts';
import { headwords, wordbook } from './wordbook';
import { ancestors, basesOf, sensesOf, synsetOf } from './wordnet';

export const cefrNames = ['A1', 'A2', 'B1', 'B2', 'C1'] as const;
/** Position of a CEFR level; C2 counts as the last. */
export const cefrIndex = (name: string) =>
  Math.min(4, ['A1', 'A2', 'B1', 'B2', 'C1', 'C2'].indexOf(name));

/** What is known of a headword: the age and level of its first sense. */
export interface Known {
  readonly age: number;
  readonly cefr: number;
}

export const knownLevels: ReadonlyMap<string, Known> = new Map(
  [...headwords].map(([word, [first]]) => [
    word.toLowerCase(),
    { age: first?.age ?? 9, cefr: cefrIndex(first?.cefr ?? 'B1') },
  ]),
);

/** Where the wordbook uses a word: the slot (0 to 2 a sentence, 3 a gloss, 4 a near word) and the row. */
type Use = readonly [slot: number, row: number];
const uses = new Map<string, Use[]>();
const rowsOf = new Map<string, Set<number>>();

function note(word: string, slot: number, row: number): void {
  const list = uses.get(word);
  if (list) list.push([slot, row]);
  else uses.set(word, [[slot, row]]);
}
const wordsIn = (text: string) =>
  text
    .replaceAll('*', '')
    .toLowerCase()
    .match(/[a-z']+/g) ?? [];
wordbook.forEach((sense, row) => {
  sense.sentences.forEach((text, slot) => wordsIn(text).forEach((word) => note(word, slot, row)));
  for (const word of wordsIn(sense.gloss)) note(word, 3, row);
  for (const word of sense.near) note(word.toLowerCase(), 4, row);
  const key = sense.word.toLowerCase();
  rowsOf.set(key, (rowsOf.get(key) ?? new Set()).add(row));
});

const affixes =
  'er ness ly ment ion ation able ful less y ous al ity ist ive en or ance ence ed ing ic ish s es un re dis in im mis over'.split(
    ' ',
  );
const endings =
  'ion ent ity ess ful ble ous ive ing ant nce ate ize ise ism ist ogy ian cal ary ery ure age ter'.split(
    ' ',
  );

/** The features of a word, in a fixed order. Levels of other words come from `known`, never the word's own. */
export class LevelFeatures {
  private readonly formsOf = new Map<string, string[]>();

  constructor(
    private readonly lexicon: Lexicon,
    private readonly ease: (word: string) => number,
    private readonly known: ReadonlyMap<string, Known>,
  ) {
    for (const { word } of lexicon.entries) {
      for (const wordClass of ['n', 'v', 'a'] as const) {
        for (const base of basesOf(word, wordClass)) {
          this.formsOf.set(base, [...(this.formsOf.get(base) ?? []), word]);
        }
      }
    }
  }

  of(entry: LexiconEntry): number[] {
    const word = entry.word.toLowerCase();
    const ease = this.ease(word);
    const forms = [...new Set([word, ...(this.formsOf.get(word) ?? [])])];
    const together = forms.reduce(
      (sum, form) => sum + 10 ** (this.lexicon.find(form)?.zipf ?? 0),
      1,
    );
    const syllables = entry.readings[0].syllables.length;
    const row = [
      ...hinges(entry.zipf, [2, 2.5, 3, 3.5, 4, 4.5, 5.5]),
      ...hinges(Math.log10(together), [3, 3.5, 4, 4.5, 5.5]),
      ease & 1,
      (ease >> 1) & 1,
      (ease >> 2) & 1,
      ...hinges(word.length, [4, 6, 8, 10]),
      ...hinges(syllables, [1, 2, 3]),
      this.lexicon.picturesOf(entry.word).length > 0 ? 1 : 0,
    ];
    row.push(...this.useOf(word, forms), ...this.kindOf(word), ...this.familyOf(entry));
    for (const end of endings) row.push(word.endsWith(end) ? 1 : 0);
    return row;
  }

  private useOf(word: string, forms: readonly string[]): number[] {
    const own = rowsOf.get(word) ?? new Set<number>();
    const counts = [0, 0, 0, 0, 0];
    const ages: number[] = [];
    for (const [slot, row] of forms.flatMap((form) => uses.get(form) ?? [])) {
      if (own.has(row)) continue;
      counts[slot] = (counts[slot] ?? 0) + 1;
      ages.push(wordbook[row]?.age ?? 9);
    }
    ages.sort((left, right) => left - right);
    const mean = ages.length === 0 ? 14 : ages.reduce((sum, age) => sum + age, 0) / ages.length;
    const young = ages.length === 0 ? 15 : (ages[Math.floor(ages.length / 5)] ?? 15);
    const all = counts.reduce((sum, count) => sum + count, 0);
    return [...counts, all]
      .flatMap((count) => [count > 0 ? 1 : 0, Math.log1p(count)])
      .concat(hinges(mean, [6, 8, 10]), hinges(young, [4, 6, 9]));
  }

  /** Word class, file, depth and neighbours of the sense that is meant most (WordNet). */
  private kindOf(word: string): number[] {
    const senses = sensesOf(word);
    const most = senses.reduce<(typeof senses)[number] | undefined>(
      (best, each) => (best === undefined || each.tags > best.tags ? each : best),
      undefined,
    );
    const file = most?.synset.file ?? -1;
    const files = Array.from({ length: 45 }, (_, number) => (number === file ? 1 : 0));
    const beside = new Set(most?.synset.words);
    for (const up of most?.synset.pointers ?? []) {
      if (up.sign !== '@') continue;
      for (const down of synsetOf(up.target)?.pointers ?? []) {
        if (down.sign === '~')
          for (const name of synsetOf(down.target)?.words ?? []) beside.add(name);
      }
    }
    beside.delete(word);
    const levels = [...beside].slice(0, 60).flatMap((name) => this.known.get(name) ?? []);
    const mean = (value: (each: Known) => number) =>
      levels.reduce((sum, each) => sum + value(each), 0) / Math.max(1, levels.length);
    return [
      ...files,
      file < 0 ? 1 : 0,
      Math.min(12, senses.length),
      most ? Math.min(12, ancestors(most.synset).length) : 0,
      levels.length > 0 ? 1 : 0,
      mean(({ age }) => age - 9),
      mean(({ cefr }) => cefr - 2.5),
      Math.log1p(levels.length),
    ];
  }

  /** The base it is built on, with its level, and how. */
  private familyOf(entry: LexiconEntry): number[] {
    const { kind, parts } = wordParts(entry, this.lexicon);
    const base = parts.find((part) => part.kind === 'base' || part.kind === 'word');
    const name = kind === 'simple' ? undefined : (base?.from ?? base?.text);
    const level = name === undefined ? undefined : this.known.get(name);
    const has = (text: string) =>
      parts.some((part) => /fix$/.test(part.kind) && part.text === text) ? 1 : 0;
    return [
      kind === 'simple' ? 1 : 0,
      kind === 'compound' ? 1 : 0,
      level ? 1 : 0,
      level ? level.age - 9 : 0,
      level ? level.cefr - 2.5 : 0,
      ...affixes.map(has),
    ];
  }
}

/** A value with what it is past each knot: a line that may bend there. */
function hinges(value: number, knots: readonly number[]): number[] {
  return [value, ...knots.map((knot) => Math.max(0, value - knot))];
}

/** A linear model: weights for standardised features, and a constant. */
export interface LinearModel {
  predict(row: readonly number[]): number;
}

const RIDGE = 30;

/** Ridge regression by the normal equations, solved by Cholesky's decomposition (Golub & Van Loan 2013, 4.2). */
export function fitRidge(
  rows: readonly (readonly number[])[],
  targets: readonly number[],
): LinearModel {
  const width = rows[0]?.length ?? 0;
  const means = new Float64Array(width);
  const spreads = new Float64Array(width);
  for (const row of rows)
    row.forEach((value, at) => (means[at] = (means[at] ?? 0) + value / rows.length));
  for (const row of rows) {
    row.forEach((value, at) => {
      spreads[at] = (spreads[at] ?? 0) + (value - (means[at] ?? 0)) ** 2 / rows.length;
    });
  }
  const scale = (row: readonly number[]) =>
    Float64Array.from(row, (value, at) => {
      const spread = Math.sqrt(spreads[at] ?? 0);
      return spread < 1e-9 ? 0 : (value - (means[at] ?? 0)) / spread;
    });
  const constant = targets.reduce((sum, each) => sum + each, 0) / targets.length;
  const matrix = Array.from({ length: width }, () => new Float64Array(width));
  const right = new Float64Array(width);
  rows.forEach((plain, index) => {
    const row = scale(plain);
    const target = (targets[index] ?? 0) - constant;
    for (let one = 0; one < width; one += 1) {
      const value = row[one] ?? 0;
      if (value === 0) continue;
      right[one] = (right[one] ?? 0) + value * target;
      const line = matrix[one] as Float64Array;
      for (let other = 0; other <= one; other += 1)
        line[other] = (line[other] ?? 0) + value * (row[other] ?? 0);
    }
  });
  for (let at = 0; at < width; at += 1)
    (matrix[at] as Float64Array)[at] = (matrix[at]?.[at] ?? 0) + RIDGE;
  const weights = solveCholesky(matrix, right);
  return {
    predict: (row) =>
      scale(row).reduce((sum, value, at) => sum + value * (weights[at] ?? 0), constant),
  };
}

/** Solves a symmetric positive definite system, given its lower triangle. */
export function solveCholesky(lower: Float64Array[], right: Float64Array): Float64Array {
  const size = right.length;
  const at = (row: number, column: number) => lower[row]?.[column] ?? 0;
  for (let row = 0; row < size; row += 1) {
    const line = lower[row] as Float64Array;
    for (let column = 0; column <= row; column += 1) {
      let sum = at(row, column);
      for (let k = 0; k < column; k += 1) sum -= at(row, k) * at(column, k);
      line[column] = row === column ? Math.sqrt(sum) : sum / at(column, column);
    }
  }
  const result = Float64Array.from(right);
  for (let row = 0; row < size; row += 1) {
    for (let k = 0; k < row; k += 1)
      result[row] = (result[row] ?? 0) - at(row, k) * (result[k] ?? 0);
    result[row] = (result[row] ?? 0) / at(row, row);
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    for (let k = row + 1; k < size; k += 1)
      result[row] = (result[row] ?? 0) - at(k, row) * (result[k] ?? 0);
    result[row] = (result[row] ?? 0) / at(row, row);
  }
  return result;
}

export interface Estimate {
  readonly age: number;
  readonly cefr: number;
}

/** A function that estimates a word's level, fitted to the headwords of the lexicon that `known` has. */
export function levelEstimator(
  lexicon: Lexicon,
  ease: (word: string) => number,
  known: ReadonlyMap<string, Known> = knownLevels,
): (entry: LexiconEntry) => Estimate {
  const features = new LevelFeatures(lexicon, ease, known);
  const rows: number[][] = [];
  const ages: number[] = [];
  const cefrs: number[] = [];
  for (const [word, level] of known) {
    const entry = lexicon.find(word);
    if (entry === undefined) continue;
    rows.push(features.of(entry));
    ages.push(level.age);
    cefrs.push(level.cefr);
  }
  const [age, cefr] = [fitRidge(rows, ages), fitRidge(rows, cefrs)];
  return (entry) => {
    const row = features.of(entry);
    return {
      age: Math.min(17, Math.max(2, age.predict(row))),
      cefr: Math.min(4, Math.max(0, Math.round(cefr.predict(row)))),
    };
  };
}
