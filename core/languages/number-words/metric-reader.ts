/**
 * Numbers, measures, temperatures, percentages and prices as a language reads them aloud: its
 * cardinals with its word for the decimal sign and its names of the units.
 */
import type { NumberKindName, NumberReader } from '../language-pack';
import type { Random } from '../../kernel/random';
import {
  calendarKinds,
  isYear,
  readDate,
  readFraction,
  readOrdinal,
  readTime,
  type CalendarAndClock,
  type CalendarKind,
} from './calendar-and-clock';
import { MOST, type Cardinals } from './cardinals';

export interface NumberWords {
  readonly cardinals: Cardinals;
  readonly calendar: CalendarAndClock;
  /** Between the whole and the decimals. */
  readonly comma: string;
  readonly minus: string;
  readonly percent: string;
  /** One and more of each unit by its symbol; all are masculine. */
  readonly units: Readonly<Record<string, readonly [one: string, many: string]>>;
  /** The degree Celsius, one and more. */
  readonly degree: readonly [string, string];
  readonly euro: readonly [string, string];
  readonly cent: readonly [string, string];
  /** Between euros and cents, each with all that is said. */
  readonly and: string;
  /** True where a value takes the plural. */
  readonly isMany: (value: number) => boolean;
  /** How decimals and plurals are read, for a learner. */
  readonly rule: string;
}

export const metricKinds = [
  'whole numbers',
  'decimals',
  'percentages',
  'temperatures',
  'measures',
  'money',
  ...calendarKinds,
] as const satisfies readonly NumberKindName[];

const NUMBER = /^([-−–]?)(\d{1,3}(?:[  ]\d{3})+|\d+)(?:[.,](\d+))?$/u;

interface ReadValue {
  readonly value: number;
  readonly readings: readonly string[];
}

/** Decimals as one number, and digit by digit; noughts in front are said. */
function decimalsOf(digits: string, { cardinals }: NumberWords): string[] {
  const each = [...digits].map((digit) => cardinals(Number(digit))[0]).join(' ');
  const noughts = /^0*/.exec(digits)?.[0].length ?? 0;
  if (digits.length > 3 || noughts === digits.length) return [each];
  const zeros = Array.from({ length: noughts }, () => cardinals(0)[0]);
  const whole = cardinals(Number(digits)).map((words) => [...zeros, words].join(' '));
  return [...new Set([...whole, each])];
}

function valueOf(text: string, words: NumberWords, before?: 'noun'): ReadValue | undefined {
  const [, sign = '', whole = '', decimals] = NUMBER.exec(text) ?? [];
  if (whole === '') return undefined;
  const number = Number(whole.replace(/[  ]/gu, ''));
  if (number > MOST) return undefined;
  const minus = sign === '' ? '' : `${words.minus} `;
  const value = Number(`${number}.${decimals ?? 0}`);
  if (decimals === undefined) {
    return { value, readings: words.cardinals(number, before).map((one) => `${minus}${one}`) };
  }
  const readings = words
    .cardinals(number)
    .flatMap((one) =>
      decimalsOf(decimals, words).map((rest) => `${minus}${one} ${words.comma} ${rest}`),
    );
  return { value, readings };
}

const withNoun = (
  { value, readings }: ReadValue,
  [one, many]: readonly [string, string],
  { isMany }: NumberWords,
) => readings.map((reading) => `${reading} ${isMany(value) ? many : one}`);

/** Prices: 2,50 €, and €2.50 as it is written elsewhere. */
function pricesOf(text: string, words: NumberWords): string[] | undefined {
  const [, before, after] =
    /^(?:€\s?(\d+(?:[.,]\d{2})?)|(\d+(?:[.,]\d{2})?)\s?€)$/u.exec(text) ?? [];
  const amount = before ?? after;
  if (amount === undefined) return undefined;
  const [whole = '', cents = ''] = amount.split(/[.,]/u);
  const euros = Number(whole);
  const parts = words
    .cardinals(euros, 'noun')
    .map((one) => `${one} ${words.isMany(euros) ? words.euro[1] : words.euro[0]}`);
  const small = Number(cents);
  if (cents === '' || small === 0) return parts;
  return parts.flatMap((one) =>
    words.cardinals(small, 'noun').flatMap((rest) => {
      const noun = words.isMany(small) ? words.cent[1] : words.cent[0];
      return [
        `${one} ${rest}`,
        `${one} ${words.and} ${rest}`,
        `${one} ${words.and} ${rest} ${noun}`,
      ];
    }),
  );
}

/** Dates, times, ordinals, fractions, years: each by its own sign. */
function calendarReadings(
  text: string,
  { calendar, cardinals }: NumberWords,
): { readonly kind: CalendarKind; readonly readings: readonly string[] } | undefined {
  const found: readonly (readonly [CalendarKind, readonly string[] | undefined])[] = [
    ['dates', readDate(text, calendar, cardinals)],
    ['times', readTime(text, calendar)],
    ['ordinals', readOrdinal(text, calendar)],
    ['fractions', readFraction(text, calendar)],
    ['years', isYear(text) ? calendar.year(Number(text)) : undefined],
  ];
  for (const [kind, readings] of found) if (readings) return { kind, readings };
  return undefined;
}

function readingsOf(
  text: string,
  words: NumberWords,
): { readonly kind: NumberKindName; readonly readings: readonly string[] } | undefined {
  const dated = calendarReadings(text, words);
  if (dated) return dated;
  const prices = pricesOf(text, words);
  if (prices) return { kind: 'money', readings: prices };
  const [, percent] = /^(.+?)\s?%$/u.exec(text) ?? [];
  if (percent !== undefined) {
    const found = valueOf(percent, words);
    return (
      found && {
        kind: 'percentages',
        readings: found.readings.map((one) => `${one} ${words.percent}`),
      }
    );
  }
  const [, warm] = /^(.+?)\s?°\s?C?$/u.exec(text) ?? [];
  if (warm !== undefined) {
    const found = valueOf(warm, words, 'noun');
    return found && { kind: 'temperatures', readings: withNoun(found, words.degree, words) };
  }
  const [, measured, symbol = ''] = /^(.+?)\s?(\p{L}+)$/u.exec(text) ?? [];
  const unit = words.units[symbol];
  if (measured !== undefined && unit) {
    const found = valueOf(measured, words, 'noun');
    return found && { kind: 'measures', readings: withNoun(found, unit, words) };
  }
  const plain = valueOf(text, words);
  return (
    plain && { kind: /[.,]/u.test(text) ? 'decimals' : 'whole numbers', readings: plain.readings }
  );
}

const oneOf = <Item>(random: Random, items: readonly Item[]): Item =>
  random.shuffle([...items])[0] as Item;

/** One made up: as a class would measure, pay and count. */
function sampleOf(kind: NumberKindName, random: Random, { units, calendar }: NumberWords): string {
  const whole = (least: number, most: number) =>
    least + Math.floor(random.next() * (most - least + 1));
  const decimal = () => `${whole(0, 40)},${whole(1, 9)}`;
  switch (kind) {
    case 'whole numbers':
      return String(
        oneOf(random, [whole(11, 99), whole(71, 99), whole(100, 999), whole(2100, 9999)]),
      );
    case 'decimals':
      return oneOf(random, [decimal(), `${whole(0, 9)},${String(whole(1, 99)).padStart(2, '0')}`]);
    case 'percentages':
      return `${whole(1, 100)} %`;
    case 'temperatures':
      return `${oneOf(random, [whole(0, 35), -whole(1, 15)])} °C`.replace('-', '−');
    case 'measures':
      return `${oneOf(random, [decimal(), String(whole(1, 900))])} ${oneOf(random, Object.keys(units))}`;
    case 'money':
      return `${whole(1, 99)},${String(whole(1, 19) * 5).padStart(2, '0')} €`;
    case 'dates': {
      const day = whole(1, 28);
      const date = `${day}${day === 1 && calendar.of === ' ' ? calendar.ordinalSign(1) : ''}${calendar.of}${oneOf(random, calendar.months)}`;
      return oneOf(random, [date, `${date}${calendar.of}${whole(1950, 2030)}`]);
    }
    case 'times':
      return calendar.written(whole(1, 12), 5 * whole(0, 11));
    case 'years':
      return String(whole(1750, 2030));
    case 'ordinals': {
      const value = whole(1, 31);
      return `${value}${calendar.ordinalSign(value)}`;
    }
    case 'fractions': {
      const below = whole(2, 10);
      return `${whole(1, below - 1)}/${below}`;
    }
    default:
      return '';
  }
}

/** What a pack knows of numbers. */
export const metricReader = (words: NumberWords): NumberReader => ({
  kinds: metricKinds,
  read(text) {
    const found = readingsOf(text.trim().replace(/\s+/gu, ' '), words);
    if (!found) {
      throw new RangeError(
        `${text} is no number that is known here. Write it like 3,7 mm, 2,50 €, −4 °C, 12 %, 1 250, ${words.calendar.written(7, 45)}, 3/4 or 4${words.calendar.of}${words.calendar.months[6]} 2026; units: ${Object.keys(words.units).join(', ')}.`,
      );
    }
    const { calendar } = words;
    const rule = calendarKinds.find((kind) => kind === found.kind);
    return { ...found, rule: rule ? calendar.rules[rule] : words.rule };
  },
  sample: (kind, random) => sampleOf(kind, random, words),
});
