/** Telephone numbers, digit by digit; and ranges, from one number to another. */
import type { Spelling } from '../../../kernel/spelling';
import { distinct, ones } from './cardinals';
import { dates, times, yearNumbers } from './dates-and-times';
import { measures } from './measures';
import { money } from './money';
import { between, type NumberKind } from './number-kind';
import { decimalNumbers, percentages, wholeNumbers } from './plain-numbers';

/** A group of digits: one by one, and in Britain two of a kind as “double”. */
function groupReading(digits: string, zero: string, doubles: boolean): string {
  const runs = doubles ? (digits.match(/(\d)\1{0,2}/g) ?? []) : [...digits];
  return runs
    .map((run) => {
      const digit = run[0] === '0' ? zero : (ones[Number(run[0])] ?? '');
      return run.length === 3 ? `triple ${digit}` : run.length === 2 ? `double ${digit}` : digit;
    })
    .join(' ');
}

const phone = /^\+?\(?\d{2,5}\)?(?:[ -]\(?\d{2,6}\)?){1,4}$|^0\d{6,11}$/;

export const phoneNumbers: NumberKind = {
  name: 'phone numbers',
  read(text, variety) {
    if (!phone.test(text) || text.replace(/\D/g, '').length < 6) return undefined;
    const plus = text.startsWith('+') ? 'plus ' : '';
    const groups = text.replace(/[+()]/g, '').split(/[ -]/);
    const forms = (variety === 'uk' ? [true, false] : [false, true]).flatMap((doubles) =>
      ['oh', 'zero', 'nought'].map((zero) =>
        groups.map((group) => groupReading(group, zero, doubles)),
      ),
    );
    return distinct([
      ...forms.map((form) => `${plus}${form.join(', ')}`),
      ...forms.map((form) => `${plus}${form.join(' ')}`),
    ]);
  },
  rule: (_, variety) =>
    variety === 'uk'
      ? 'Say every digit; 0 is “oh” or “zero”, and two the same are “double”.'
      : 'Say every digit; 0 is “oh” or “zero”.',
  // Numbers that no one has: Ofcom keeps 01632 960xxx, the North American plan 555-0100 to 555-0199 (common practice).
  sample: (random, variety) =>
    variety === 'us'
      ? `555-01${String(between(random, 0, 99)).padStart(2, '0')}`
      : `01632 960${String(between(random, 0, 999)).padStart(3, '0')}`,
};

const range = /^(.+?) ?[–—] ?(.+)$|^(\d+)-(\d+)( ?\D*)$/u;

/** Readings of an end of a range, without its unit where the other end carries it. */
const endKinds = [
  dates,
  times,
  percentages,
  money,
  measures,
  decimalNumbers,
  yearNumbers,
  wholeNumbers,
];
const MOST_OF_AN_END = 6;

function endReadings(text: string, variety: Spelling): string[] {
  for (const { read } of endKinds) {
    const found = read(text, variety);
    if (found) return found.slice(0, MOST_OF_AN_END);
  }
  return [];
}

export const ranges: NumberKind = {
  name: 'ranges',
  read(text, variety) {
    const match = range.exec(text);
    if (match === null) return undefined;
    const from = match[1] ?? match[3] ?? '';
    const to = match[2] ?? `${match[4] ?? ''}${match[5] ?? ''}`;
    const unit = /^[−-]?[\d,.]+( ?[^\d\s].*)$/u.exec(to)?.[1] ?? '';
    const sign = /^[£$€]/.exec(from)?.[0] ?? '';
    const left = endReadings(from, variety);
    const right = endReadings(sign !== '' && /^\d/.test(to) ? `${sign}${to}` : to, variety);
    // 5–10 °C: the unit is said once, at the end; £5–£10 may be said once or twice.
    const shared = sign !== '' ? endReadings(from.slice(1), variety) : [];
    const full =
      unit !== '' && /^[−-]?[\d,.]+$/.test(from) ? endReadings(`${from}${unit}`, variety) : [];
    const heads = [...shared, ...left, ...full];
    if (heads.length === 0 || right.length === 0) return undefined;
    const joined = (word: string, before = '') =>
      heads.flatMap((head) => right.map((tail) => `${before}${head} ${word} ${tail}`));
    return distinct([...joined('to'), ...joined('to', 'from '), ...joined('and', 'between ')]);
  },
  rule: () => 'The dash between two numbers is said “to”.',
  sample(random) {
    const from = between(random, 2, 60);
    const to = from + between(random, 1, 30);
    const unit = ['', ' °C', ' km', ' mm', '%', ' min'][between(random, 0, 5)] ?? '';
    return `${from}–${to}${unit}`;
  },
};
