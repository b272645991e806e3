/** Numbers with units: alone, before a noun, in pairs, and below zero. */
import type { Spelling } from '../../../kernel/spelling';
import { distinct } from './cardinals';
import { unitNames, unitSymbols } from './units';
import { between, plainDigits, WHOLE, type NumberKind } from './number-kind';
import { fractionOf, fractions, numberReadings } from './plain-numbers';

const escaped = (text: string) => text.replace(/[/.]/g, String.raw`\$&`);
const UNIT = [...unitSymbols]
  .filter((symbol) => symbol !== '%')
  .sort((left, right) => right.length - left.length)
  .map(escaped)
  .join('|');
const AMOUNT = String.raw`(?:${WHOLE})?(?:\.\d+)?(?: ?[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]| ?\d+[/⁄]\d+)?`;

/** The readings of an amount, and whether it is exactly one. */
function amountReadings(amount: string, variety: Spelling): string[] | undefined {
  const fraction = fractionOf(amount);
  return fraction ? fractions(fraction, variety) : numberReadings(amount, variety);
}

/** ½ km: half a kilometre. */
function partOfUnit(amount: string, symbol: string, variety: Spelling): string[] {
  const decimal = plainDigits(amount).replace(/^\./, '0.');
  const found =
    fractionOf(amount) ?? (decimal === '0.5' ? { whole: 0, over: 1, under: 2 } : undefined);
  if (found === undefined || found.whole > 0) return [];
  return unitNames(symbol, true, variety).flatMap((name) => {
    const one = `${/^[aeiou]|^hour/.test(name) ? 'an' : 'a'} ${name}`;
    if (found.over === 1 && found.under === 2)
      return [`half ${one}`, `a half ${name}`, `one half ${name}`];
    return fractions(found, variety)
      .filter((part) => !part.includes(' over '))
      .map((part) => `${part} of ${one}`);
  });
}

/** A measure without its sign. */
function measured(amount: string, symbol: string, variety: Spelling): string[] | undefined {
  const numbers = amountReadings(amount, variety);
  if (numbers === undefined) return undefined;
  const one = plainDigits(amount) === '1';
  const names = unitNames(symbol, one, variety);
  const whole = names.flatMap((name) => numbers.map((number) => `${number} ${name}`));
  const part = partOfUnit(amount, symbol, variety);
  const fraction = fractionOf(amount);
  if (fraction && fraction.whole === 0) return distinct(part);
  return distinct([...whole, ...part]);
}

const alone = new RegExp(`^([−-]?)(${AMOUNT}) ?(${UNIT})$`, 'u');
const pair = new RegExp(`^(${AMOUNT}) ?(${UNIT})[, ]+(${AMOUNT}) ?(${UNIT})$`, 'u');
const across = new RegExp(`^(${AMOUNT}) ?(${UNIT})? ?(?:[×x]|by) ?(${AMOUNT}) ?(${UNIT})$`, 'u');

/** −4 °C: minus four degrees Celsius, four degrees below zero. */
function belowZero(readings: readonly string[], symbol: string): string[] {
  const degrees = symbol.startsWith('°');
  return [
    ...readings.map((one) => `minus ${one}`),
    ...readings.map((one) => `negative ${one}`),
    ...(degrees ? readings.map((one) => `${one} below zero`) : []),
  ];
}

function readAlone(text: string, variety: Spelling): string[] | undefined {
  const [, minus, amount = '', symbol = ''] = alone.exec(text) ?? [];
  if (amount === '') return undefined;
  const read = measured(amount, symbol, variety);
  if (read === undefined || minus === '') return read;
  // Minus one degree, and as often minus one degrees.
  return belowZero(
    plainDigits(amount) === '1'
      ? [...read, ...unitNames(symbol, false, variety).map((name) => `one ${name}`)]
      : read,
    symbol,
  );
}

/** 5 ft 6 in, 1 h 20 min. */
function readPair(text: string, variety: Spelling): string[] | undefined {
  const [, first = '', firstUnit = '', second = '', secondUnit = ''] = pair.exec(text) ?? [];
  if (first === '' || second === '') return undefined;
  const left = measured(first, firstUnit, variety);
  const right = measured(second, secondUnit, variety);
  if (!left || !right) return undefined;
  const all = left.flatMap((one) => right.flatMap((two) => [`${one} ${two}`, `${one} and ${two}`]));
  const bare = amountReadings(second, variety) ?? [];
  const short =
    firstUnit === 'ft' || firstUnit === 'st' || firstUnit === 'lb'
      ? left.flatMap((one) => bare.map((two) => `${one} ${two}`))
      : [];
  const foot =
    firstUnit === 'ft' ? [...all, ...short].map((one) => one.replace(' feet', ' foot')) : [];
  return distinct([...all, ...short, ...foot]);
}

/** 3 m × 4 m. */
function readAcross(text: string, variety: Spelling): string[] | undefined {
  const [, first = '', firstUnit, second = '', unit = ''] = across.exec(text) ?? [];
  if (first === '' || second === '') return undefined;
  const right = measured(second, unit, variety) ?? [];
  const left = measured(first, firstUnit ?? unit, variety) ?? [];
  const bare = numberReadings(first, variety) ?? [];
  const withUnits = left.flatMap((one) => right.map((two) => `${one} by ${two}`));
  const without = bare.flatMap((one) => right.map((two) => `${one} by ${two}`));
  return distinct(firstUnit ? [...withUnits, ...without] : [...without, ...withUnits]);
}

const beforeNoun = new RegExp(
  `^(?:(an?|the|this|that) )?(${AMOUNT})[ -]?(${UNIT})([ -])([a-z][a-z -]+)$`,
  'iu',
);

/** A 3 m rope: before its noun a measure is joined by hyphens and has no plural. */
function readBeforeNoun(text: string, variety: Spelling): string[] | undefined {
  const [, article, amount = '', symbol = '', space = ' ', noun = ''] = beforeNoun.exec(text) ?? [];
  // Ten-year-old: old belongs to the measure.
  const before = space === '-' && noun.startsWith('old') ? '-' : ' ';
  const numbers = amount === '' ? undefined : amountReadings(amount, variety);
  if (numbers === undefined) return undefined;
  const readings = unitNames(symbol, true, variety).flatMap((name) =>
    numbers.flatMap((number) => {
      const joined = `${number.replaceAll(' ', '-')}-${name.replaceAll(' ', '-')}`;
      return [
        `${joined}${before}${noun}`,
        `${number} ${name} ${noun}`,
        `${number}-${name} ${noun}`,
      ];
    }),
  );
  if (article === undefined) return distinct(readings);
  return distinct(
    readings.map((one) =>
      /^an?$/i.test(article)
        ? `${/^(?:eight|eleven|hour)/.test(one) ? 'an' : 'a'} ${one.replace(/^a[ -]/, 'one ')}`
        : `${article} ${one}`,
    ),
  );
}

/** Units of the sample, with what is usual to measure in them. */
const usual: readonly (readonly [
  symbol: string,
  least: number,
  most: number,
  decimals?: boolean,
])[] = [
  ['mm', 1, 40, true],
  ['cm', 2, 180, true],
  ['m', 2, 900, true],
  ['km', 1, 40, true],
  ['g', 5, 950],
  ['kg', 1, 60, true],
  ['ml', 50, 900],
  ['l', 1, 20, true],
  ['km/h', 5, 110],
  ['m/s', 2, 30, true],
  ['hPa', 970, 1035],
  ['min', 2, 55],
  ['h', 1, 12],
];

export const measures: NumberKind = {
  name: 'measures',
  read: (text, variety) =>
    readAlone(text, variety) ??
    readPair(text, variety) ??
    readAcross(text, variety) ??
    readBeforeNoun(text, variety),
  rule: (text) =>
    beforeNoun.test(text) && !alone.test(text)
      ? 'Before its noun a measure has hyphens and no s: a three-metre rope.'
      : /^[−-]?1 ?[^\d./⁄]/.test(text)
        ? 'Exactly one: the unit is singular.'
        : /[½¼¾⁄]|\d\/\d/.test(text)
          ? 'A part of one: half a kilometre, a quarter of an hour; more than one is plural.'
          : text.includes('.')
            ? 'Digits after the point are read one by one; the unit is plural.'
            : 'More than one, or none: the unit is plural.',
  sample(random) {
    const [symbol, least, most, withDecimals] = usual[
      between(random, 0, usual.length - 1)
    ] as (typeof usual)[number];
    if (random.next() < 0.15) return `1 ${symbol}`;
    const number = between(random, least, most).toLocaleString('en');
    return withDecimals && random.next() < 0.5
      ? `${number}.${between(random, 1, 9)} ${symbol}`
      : `${number} ${symbol}`;
  },
};

export const temperatures: NumberKind = {
  name: 'temperatures',
  read: (text, variety) => (/°[CF]?$/.test(text) ? readAlone(text, variety) : undefined),
  rule: (text) =>
    /^[−-]/.test(text)
      ? 'Below zero, say “minus”.'
      : /^1 ?°/.test(text)
        ? 'Exactly one: one degree.'
        : 'Say the number, then degrees.',
  sample: (random, variety) =>
    variety === 'us'
      ? `${between(random, 5, 98)} °F`
      : `${random.next() < 0.4 ? '−' : ''}${between(random, 1, 29)} °C`,
};
