/** Anything written in digits, as it is read aloud: every accepted reading, the preferred first. */
import type { NumberReader } from '../../language-pack';
import type { Spelling } from '../../../kernel/spelling';
import { distinct } from './cardinals';
import { dates, ordinalNumbers, times, yearNumbers } from './dates-and-times';
import { measures, temperatures } from './measures';
import { money } from './money';
import type { NumberKind } from './number-kind';
import { phoneNumbers, ranges } from './phone-and-range';
import { decimalNumbers, fractionNumbers, percentages, wholeNumbers } from './plain-numbers';
import { unitSymbols, withSymbols } from './units';

/** All kinds, in the order in which a text is tried: the narrower before the wider. */
export const numberKinds: readonly NumberKind[] = [
  dates,
  times,
  yearNumbers,
  ordinalNumbers,
  money,
  percentages,
  temperatures,
  fractionNumbers,
  phoneNumbers,
  ranges,
  measures,
  decimalNumbers,
  wholeNumbers,
];

/**
 * What is written and all the ways to say it.
 *
 * @throws RangeError where it is no number that is known, with what would be
 */
export function readAloud(text: string, variety: Spelling): ReturnType<NumberReader['read']> {
  const plain = withSymbols(
    text.trim().replace(/\s+/g, ' ').replace(/[⁰]/g, '°').replaceAll('º', '°'),
  );
  for (const kind of numberKinds) {
    const readings = kind.read(plain, variety);
    if (readings && readings.length > 0)
      return { kind: kind.name, readings: distinct(readings), rule: kind.rule(plain, variety) };
  }
  throw new RangeError(
    `${text} is no number that is known. Write it like 3.7 mm, £2.50, 4 July 2026, 7:45, 21st, 3/4, 12%, 5–10 km or 01632 960123; units: ${unitSymbols.join(', ')}.`,
  );
}

/** What the English pack knows of numbers. */
export const englishNumbers: NumberReader = {
  read: readAloud,
  sample: (name, random, variety) =>
    numberKinds.find((kind) => kind.name === name)?.sample(random, variety) ?? '',
};

/** The usual reading alone. @throws RangeError where it is no number that is known */
export const measureWords = (text: string, variety: Spelling = 'uk'): string =>
  readAloud(text, variety).readings[0] ?? '';
