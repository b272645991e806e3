/** Numbers with what is counted: いっぽん, さんぼん. The sounds change where they meet; some are irregular. */

export interface Counter {
  readonly written: string;
  readonly reading: string;
  /** What it counts, in English. */
  readonly counts: string;
  /** Number, or 何, to its readings, the preferred first. */
  readonly irregular: Readonly<Record<string, readonly string[]>>;
}

/** From one to ten, and how many. */
export const countedNumbers = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '何'] as const;
export type CountedNumber = (typeof countedNumbers)[number];

const numbers: Readonly<Record<CountedNumber, string>> = {
  '1': 'いち',
  '2': 'に',
  '3': 'さん',
  '4': 'よん',
  '5': 'ご',
  '6': 'ろく',
  '7': 'なな',
  '8': 'はち',
  '9': 'きゅう',
  '10': 'じゅう',
  何: 'なん',
};

/** Numbers whose end is cut short before these first sounds (school grammars, from memory). */
const cutShort: Readonly<Partial<Record<CountedNumber, string>>> = {
  '1': 'かきくけこさしすせそたちつてとはひふへほ',
  '6': 'かきくけこはひふへほ',
  '8': 'かきくけこさしすせそたちつてとはひふへほ',
  '10': 'かきくけこさしすせそたちつてとはひふへほ',
};

/** は to ぱ after a cut, は to ば after さん. */
const hardened: Readonly<Record<string, string>> = {
  は: 'ぱ',
  ひ: 'ぴ',
  ふ: 'ぷ',
  へ: 'ぺ',
  ほ: 'ぽ',
};
const voiced: Readonly<Record<string, string>> = {
  は: 'ば',
  ひ: 'び',
  ふ: 'ぶ',
  へ: 'べ',
  ほ: 'ぼ',
};

/** Cut short: いっ, ろっ, はっ; じゅっ and じっ are both said. */
const short = (number: string) =>
  number === 'じゅう' ? ['じゅっ', 'じっ'] : [`${number.slice(0, -1)}っ`];

/** Every reading of a number with a counter, the preferred first. */
export function countedAs({ reading, irregular }: Counter, number: CountedNumber): string[] {
  const given = irregular[number];
  if (given) return [...given];
  const [first = '', rest] = [reading[0], reading.slice(1)];
  const plain = numbers[number];
  if (cutShort[number]?.includes(first)) {
    const cut = short(plain).map((each) => `${each}${hardened[first] ?? first}${rest}`);
    // はちほん is said beside はっぽん.
    return number === '8' ? [...cut, `${plain}${reading}`] : cut;
  }
  if (number === '3' && voiced[first]) return [`${plain}${voiced[first]}${rest}`];
  return [`${plain}${reading}`];
}

/** A row of the table of counters. */
export type CounterRow = readonly [
  written: string,
  reading: string,
  kind: string,
  counts: string,
  irregular?: string,
];

export const countersOf = (rows: readonly CounterRow[]): ReadonlyMap<string, Counter> =>
  new Map(
    rows
      .filter(([, , kind]) => kind === 'counter')
      .map(([written, reading, , counts, irregular = '-']) => [
        written,
        {
          written,
          reading,
          counts,
          irregular: Object.fromEntries(
            (irregular === '-' ? [] : irregular.split(' ')).map((each) => {
              const [number = '', readings = ''] = each.split('=');
              return [number, readings.split('/')];
            }),
          ),
        },
      ]),
  );
