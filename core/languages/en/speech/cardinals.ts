/**
 * Every way in which a whole number, an ordinal or a year is read aloud, the
 * preferred one first. British English puts “and” before tens and units,
 * American English mostly does not; both are accepted in both (Quirk et al.
 * 1985, 6.63–6.66, from memory).
 */
import type { Spelling } from '../../../kernel/spelling';

export const ones =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const powers = [
  [1e9, 'billion'],
  [1e6, 'million'],
  [1e3, 'thousand'],
] as const;

/** Largest number that is read as a whole. */
export const LARGEST = 999_999_999_999;

/** Each reading once, the first place kept. */
export const distinct = (readings: readonly string[]) => [...new Set(readings)];

/** 0 to 99: twenty-one. */
export function belowHundred(number: number): string {
  if (number < 20) return ones[number] ?? '';
  const ten = tens[Math.floor(number / 10)] ?? '';
  return number % 10 === 0 ? ten : `${ten}-${ones[number % 10] ?? ''}`;
}

function belowThousand(number: number, and: boolean): string {
  const rest = number % 100;
  if (number < 100) return belowHundred(number);
  const hundreds = `${ones[Math.floor(number / 100)] ?? ''} hundred`;
  return rest === 0 ? hundreds : `${hundreds}${and ? ' and' : ''} ${belowHundred(rest)}`;
}

function spelledOut(number: number, and: boolean): string {
  const parts: string[] = [];
  let rest = number;
  for (const [size, name] of powers) {
    if (rest < size) continue;
    parts.push(`${belowThousand(Math.floor(rest / size), and)} ${name}`);
    rest %= size;
  }
  if (rest > 0 || parts.length === 0) {
    parts.push(
      parts.length > 0 && rest < 100 && and
        ? `and ${belowHundred(rest)}`
        : belowThousand(rest, and),
    );
  }
  return parts.join(' ');
}

/** Both with and without “and”, in the order of the variety. */
const withAndWithout = (number: number, variety: Spelling) =>
  (variety === 'uk' ? [true, false] : [false, true]).map((and) => spelledOut(number, and));

/** Whole number to its readings. @param number 0 to 999,999,999,999 */
export function cardinals(number: number, variety: Spelling): string[] {
  if (number === 0) return ['zero', 'nought'];
  const plain = withAndWithout(number, variety);
  const rest = number % 100;
  const hundreds = Math.floor(number / 100);
  const inHundreds =
    number > 1000 && number < 10_000 && hundreds % 10 !== 0 && (rest === 0 || number < 2000)
      ? [
          `${belowHundred(hundreds)} hundred`,
          ...(rest === 0 ? [] : [`${belowHundred(hundreds)} hundred and`]),
        ].map((head) => (rest === 0 ? head : `${head} ${belowHundred(rest)}`))
      : [];
  return distinct([
    ...plain,
    ...plain.map((one) => one.replace(/^one (?=hundred|thousand|million|billion)/, 'a ')),
    ...inHundreds,
  ]);
}

const irregularOrdinals: Readonly<Record<string, string>> = {
  one: 'first',
  two: 'second',
  three: 'third',
  five: 'fifth',
  eight: 'eighth',
  nine: 'ninth',
  twelve: 'twelfth',
};

/** The last word as an ordinal: twenty-first, one hundred and fourth. */
export const asOrdinal = (cardinal: string) =>
  cardinal.replace(/[a-z]+$/, (last) =>
    irregularOrdinals[last] !== undefined
      ? irregularOrdinals[last]
      : last.endsWith('y')
        ? `${last.slice(0, -1)}ieth`
        : `${last}th`,
  );

/** Whole number to its ordinal’s readings: 21 is twenty-first. */
export const ordinals = (number: number, variety: Spelling) =>
  distinct(
    cardinals(number, variety).flatMap((one) => [
      asOrdinal(one),
      ...(/^one (hundred|thousand|million)$/.test(one) ? [asOrdinal(one.slice(4))] : []),
    ]),
  );

/** A year: in pairs from 1010 on, 2000 to 2009 as a whole number (common practice). */
export function years(year: number, variety: Spelling): string[] {
  const whole = withAndWithout(year, variety);
  const [century, rest] = [Math.floor(year / 100), year % 100];
  if (year % 1000 === 0) return [...whole, ...whole.map((one) => `the year ${one}`)];
  const pair = rest < 10 ? `oh ${belowHundred(rest)}` : belowHundred(rest);
  const paired =
    century === 0
      ? []
      : rest === 0
        ? [`${belowHundred(century)} hundred`]
        : [`${belowHundred(century)} ${pair}`];
  const long =
    century > 10 && rest !== 0 && century % 10 !== 0
      ? [`${belowHundred(century)} hundred and ${belowHundred(rest)}`]
      : [];
  return distinct(
    year > 2000 && year < 2010 ? [...whole, ...paired] : [...paired, ...whole, ...long],
  );
}
