/** Two sentences word by word: what stands in both, what stands for another, what is missing or too many. */

export interface WordStep {
  /** A word of the sentence as it should be; absent where one was added. */
  readonly expected?: string;
  /** A word of the sentence as it was given; absent where one is missing. */
  readonly given?: string;
  readonly same: boolean;
}

/** Case, marks and the shape of an apostrophe do not make another word. */
const bare = (word: string) =>
  word
    .toLocaleLowerCase()
    .replaceAll('’', "'")
    .replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '');

const wordsOf = (text: string) =>
  text
    .trim()
    .split(/\s+/)
    .filter((word) => bare(word) !== '');

/**
 * The fewest changes that make one of the other: the edit distance of Levenshtein (1966) over words,
 * a word for another before one too many and one missing.
 */
export function alignWords(expected: string, given: string): WordStep[] {
  const [right, wrote] = [wordsOf(expected), wordsOf(given)];
  const equal = (row: number, column: number) =>
    bare(right[row] ?? '') === bare(wrote[column] ?? '');
  // costs[row][column]: changes between the rests from there on.
  const costs = Array.from({ length: right.length + 1 }, () =>
    new Array<number>(wrote.length + 1).fill(0),
  );
  const cost = (row: number, column: number) => costs[row]?.[column] ?? Infinity;
  for (let row = right.length; row >= 0; row -= 1) {
    for (let column = wrote.length; column >= 0; column -= 1) {
      if (row === right.length && column === wrote.length) continue;
      (costs[row] as number[])[column] = Math.min(
        cost(row + 1, column) + 1,
        cost(row, column + 1) + 1,
        row < right.length && column < wrote.length
          ? cost(row + 1, column + 1) + (equal(row, column) ? 0 : 1)
          : Infinity,
      );
    }
  }
  const steps: WordStep[] = [];
  let [row, column] = [0, 0];
  while (row < right.length || column < wrote.length) {
    const [word, other] = [right[row], wrote[column]];
    const now = cost(row, column);
    if (word !== undefined && other !== undefined) {
      const same = equal(row, column);
      if (now === cost(row + 1, column + 1) + (same ? 0 : 1)) {
        steps.push({ expected: word, given: other, same });
        row += 1;
        column += 1;
        continue;
      }
    }
    if (word !== undefined && now === cost(row + 1, column) + 1) {
      steps.push({ expected: word, same: false });
      row += 1;
    } else {
      steps.push({ ...(other === undefined ? {} : { given: other }), same: false });
      column += 1;
    }
  }
  return steps;
}

const listed = (words: readonly string[]) => words.map((word) => `“${word}”`).join(', ');

/** What was heard for what, in a line; empty where all words are there and no other. */
export function heardFor(expected: string, given: string): string {
  const steps = alignWords(expected, given).map((step) => ({
    ...step,
    expected: step.expected && bare(step.expected),
    given: step.given && bare(step.given),
  }));
  const other = steps.filter((step) => !step.same && step.expected && step.given);
  const missing = steps.flatMap((step) => (step.given ? [] : (step.expected ?? [])));
  const added = steps.flatMap((step) => (step.expected ? [] : (step.given ?? [])));
  return [
    ...other.map((step) => `“${step.given}” for “${step.expected}”`),
    ...(missing.length > 0 ? [`left out: ${listed(missing)}`] : []),
    ...(added.length > 0 ? [`added: ${listed(added)}`] : []),
  ].join('; ');
}
