/** Whole numbers, decimals, fractions and percentages. */
import type { Spelling } from '../../../kernel/spelling';
import { cardinals, distinct, LARGEST, ones, ordinals, years } from './cardinals';
import { between, plainDigits, WHOLE, type NumberKind } from './number-kind';

const sign = String.raw`[−-]?`;
const minus = ['minus', 'negative'];

/** Each reading with each of the words before it. */
const before = (words: readonly string[], readings: readonly string[]) =>
  readings.flatMap((reading) => words.map((word) => `${word} ${reading}`));

/** A number with its sign read first. */
function signed(text: string, readings: readonly string[], variety: Spelling): string[] {
  if (!/^[−-]/.test(text)) return [...readings];
  // Americans say negative in mathematics, and minus of temperatures; both are accepted.
  return distinct(before(variety === 'uk' ? minus : [...minus].reverse(), readings));
}

/** The digits after the point, one by one. */
export function digitByDigit(digits: string, zero: string): string {
  return [...digits].map((digit) => (digit === '0' ? zero : (ones[Number(digit)] ?? ''))).join(' ');
}

/** 3.05 in every reading. */
export function decimals(text: string, variety: Spelling): string[] {
  const [whole = '', part = ''] = plainDigits(text).split('.');
  const zeros = part.includes('0')
    ? variety === 'uk'
      ? ['zero', 'nought', 'oh']
      : ['zero', 'oh', 'nought']
    : ['zero'];
  const heads =
    whole === ''
      ? ['']
      : Number(whole) === 0
        ? ['zero ', 'nought ', '', 'oh ']
        : cardinals(Number(whole), variety).map((one) => `${one} `);
  const all = heads.flatMap((head) =>
    zeros.map((zero) => `${head}point ${digitByDigit(part, zero)}`),
  );
  const half = part === '5' && whole !== '' && Number(whole) > 0;
  return distinct([
    ...all,
    ...(half ? cardinals(Number(whole), variety).map((one) => `${one} and a half`) : []),
  ]);
}

/** Any number without a unit, its sign aside: whole or decimal. */
export function numberReadings(text: string, variety: Spelling): string[] | undefined {
  const plain = plainDigits(text);
  if (/^\d*\.\d+$/.test(plain)) return decimals(plain, variety);
  if (!/^\d+$/.test(plain) || Number(plain) > LARGEST) return undefined;
  return cardinals(Number(plain), variety);
}

const whole = new RegExp(`^${sign}(?:${WHOLE})$`, 'u');

export const wholeNumbers: NumberKind = {
  name: 'whole numbers',
  read(text, variety) {
    if (!whole.test(text)) return undefined;
    const digits = text.replace(/^[−-]/, '');
    if (/^0\d/.test(digits)) return undefined;
    const read = numberReadings(digits, variety);
    if (read === undefined) return undefined;
    // Four digits without a comma may be a year as well.
    const year = /^(?:1[1-9]|20)\d\d$/.test(digits) ? years(Number(digits), variety) : [];
    return distinct([...signed(text, read, variety), ...(digits === text ? year : [])]);
  },
  rule: (_, variety) =>
    variety === 'uk'
      ? 'Say “and” before the tens and ones: three hundred and five.'
      : 'Say the hundreds, then the rest: three hundred five.',
  sample(random) {
    const digits = between(random, 2, 6);
    const number = between(random, 10 ** (digits - 1), 10 ** digits - 1);
    return number.toLocaleString('en');
  },
};

const decimal = new RegExp(`^${sign}(?:${WHOLE})?\\.\\d+$`, 'u');

export const decimalNumbers: NumberKind = {
  name: 'decimals',
  read: (text, variety) =>
    decimal.test(text)
      ? signed(text, decimals(text.replace(/^[−-]/, ''), variety), variety)
      : undefined,
  rule: () => 'Say “point”, then every digit after it one by one.',
  sample: (random) =>
    `${between(random, 0, 40)}.${'0'.repeat(between(random, 0, 1))}${between(random, 1, 99)}`,
};

const glyphs: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

interface Fraction {
  readonly whole: number;
  readonly over: number;
  readonly under: number;
}

/** 2½, 2 1/2, 3/4. */
export function fractionOf(text: string): Fraction | undefined {
  const plain = text
    .replace(/\s*([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])$/, (_, glyph: string) => ` ${glyphs[glyph] ?? ''}`)
    .trim();
  const match = /^(?:(\d{1,3}) +)?(\d{1,3})[/⁄](\d{1,3})$/.exec(plain);
  if (match === null) return undefined;
  const [over, under] = [Number(match[2]), Number(match[3])];
  return under === 0 ? undefined : { whole: Number(match[1] ?? 0), over, under };
}

/** The part alone: a half, three quarters, two fifths. */
function partReadings({ over, under }: Fraction, variety: Spelling): string[] {
  const names =
    under === 2
      ? ['half']
      : under === 4
        ? variety === 'uk'
          ? ['quarter', 'fourth']
          : ['fourth', 'quarter']
        : under === 1
          ? []
          : ordinals(under, variety).filter((name) => !name.startsWith('a '));
  const many = (name: string) => (name === 'half' ? 'halves' : `${name}s`);
  const counts = cardinals(over, variety);
  const said = names.flatMap((name) =>
    over === 1
      ? [`${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name}`, `one ${name}`, `one-${name}`]
      : counts.flatMap((count) => [`${count} ${many(name)}`, `${count}-${many(name)}`]),
  );
  const plain = cardinals(under, variety)[0] ?? '';
  return [
    ...said,
    ...(over === 1 && under === 2 ? ['half'] : []),
    ...counts.map((count) => `${count} over ${plain}`),
  ];
}

/** A fraction or a mixed number. */
export function fractions(found: Fraction, variety: Spelling): string[] {
  const parts = partReadings(found, variety);
  if (found.whole === 0) return distinct(parts);
  return distinct(
    cardinals(found.whole, variety).flatMap((head) =>
      parts.filter((part) => part !== 'half').map((part) => `${head} and ${part}`),
    ),
  );
}

export const fractionNumbers: NumberKind = {
  name: 'fractions',
  read(text, variety) {
    const found = fractionOf(text.replace(/^[−-]/, ''));
    return found && signed(text, fractions(found, variety), variety);
  },
  rule: () => 'Say how many, then the name of the part: three quarters, two fifths.',
  sample(random) {
    const under = [2, 3, 4, 5, 6, 8, 10, 12][between(random, 0, 7)] ?? 4;
    const over = between(random, 1, under - 1);
    // 2/4 is a half: only what is in lowest terms is asked.
    const parts = (upper: number, lower: number): number =>
      lower === 0 ? upper : parts(lower, upper % lower);
    const common = parts(over, under);
    const head = random.next() < 0.35 ? `${between(random, 1, 9)} ` : '';
    return `${head}${over / common}/${under / common}`;
  },
};

const percentage = new RegExp(`^(${sign})((?:${WHOLE})?(?:\\.\\d+)?) ?%$`, 'u');

export const percentages: NumberKind = {
  name: 'percentages',
  read(text, variety) {
    const match = percentage.exec(text);
    const read = match?.[2] ? numberReadings(match[2], variety) : undefined;
    return (
      read &&
      signed(
        text,
        read.flatMap((one) =>
          variety === 'uk'
            ? [`${one} per cent`, `${one} percent`]
            : [`${one} percent`, `${one} per cent`],
        ),
        variety,
      )
    );
  },
  rule: () => 'Say the number, then “per cent”; it never takes an s.',
  sample: (random) =>
    random.next() < 0.3
      ? `${between(random, 1, 30)}.${between(random, 1, 9)}%`
      : `${between(random, 1, 100)}%`,
};
