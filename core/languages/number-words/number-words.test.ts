import { describe, expect, test } from 'vitest';
import { Random } from '../../kernel/random';
import { packOf } from '../registry/registry';
import {
  frenchCardinals,
  italianCardinals,
  portugueseCardinals,
  spanishCardinals,
  type Cardinals,
} from './cardinals';

/** Numbers as school grammars write them, from memory; the preferred first. */
const tables: readonly (readonly [string, Cardinals, Readonly<Record<number, string>>])[] = [
  [
    'French',
    frenchCardinals,
    {
      0: 'zéro',
      16: 'seize',
      21: 'vingt et un',
      22: 'vingt-deux',
      61: 'soixante et un',
      70: 'soixante-dix',
      71: 'soixante et onze',
      77: 'soixante-dix-sept',
      80: 'quatre-vingts',
      81: 'quatre-vingt-un',
      91: 'quatre-vingt-onze',
      99: 'quatre-vingt-dix-neuf',
      100: 'cent',
      101: 'cent un',
      200: 'deux cents',
      201: 'deux cent un',
      280: 'deux cent quatre-vingts',
      999: 'neuf cent quatre-vingt-dix-neuf',
      1000: 'mille',
      1001: 'mille un',
      2000: 'deux mille',
      80_000: 'quatre-vingt mille',
      200_000: 'deux cent mille',
      1_000_000: 'un million',
      80_000_000: 'quatre-vingts millions',
      3_400_021: 'trois millions quatre cent mille vingt et un',
    },
  ],
  [
    'Spanish',
    spanishCardinals,
    {
      0: 'cero',
      15: 'quince',
      16: 'dieciséis',
      21: 'veintiuno',
      22: 'veintidós',
      31: 'treinta y uno',
      100: 'cien',
      101: 'ciento uno',
      199: 'ciento noventa y nueve',
      500: 'quinientos',
      555: 'quinientos cincuenta y cinco',
      700: 'setecientos',
      900: 'novecientos',
      1000: 'mil',
      1999: 'mil novecientos noventa y nueve',
      2026: 'dos mil veintiséis',
      21_000: 'veintiún mil',
      31_000: 'treinta y un mil',
      100_000: 'cien mil',
      1_000_000: 'un millón',
      2_500_000: 'dos millones quinientos mil',
    },
  ],
  [
    'Italian',
    italianCardinals,
    {
      0: 'zero',
      17: 'diciassette',
      21: 'ventuno',
      23: 'ventitré',
      28: 'ventotto',
      33: 'trentatré',
      48: 'quarantotto',
      100: 'cento',
      101: 'centouno',
      108: 'centotto',
      180: 'centottanta',
      200: 'duecento',
      1000: 'mille',
      1001: 'milleuno',
      2000: 'duemila',
      2026: 'duemilaventisei',
      3333: 'tremilatrecentotrentatré',
      100_000: 'centomila',
      1_000_000: 'un milione',
      2_000_000: 'due milioni',
    },
  ],
  [
    'Portuguese',
    portugueseCardinals,
    {
      0: 'zero',
      14: 'catorze',
      16: 'dezesseis',
      21: 'vinte e um',
      99: 'noventa e nove',
      100: 'cem',
      101: 'cento e um',
      123: 'cento e vinte e três',
      200: 'duzentos',
      500: 'quinhentos',
      1000: 'mil',
      1001: 'mil e um',
      1200: 'mil e duzentos',
      1234: 'mil duzentos e trinta e quatro',
      2026: 'dois mil e vinte e seis',
      100_000: 'cem mil',
      1_000_000: 'um milhão',
      2_000_000: 'dois milhões',
    },
  ],
];

describe.each(tables)('%s', (_, cardinals, table) => {
  test.each(Object.entries(table))('%s is %s', (value, words) => {
    expect(cardinals(Number(value))[0]).toBe(words);
  });

  test('no two numbers below ten thousand are said alike', () => {
    const said = new Map<string, number>();
    for (let value = 0; value < 10_000; value += 1) {
      for (const words of cardinals(value)) {
        expect([words, said.get(words) ?? value]).toEqual([words, value]);
        said.set(words, value);
      }
    }
  });
});

test('other accepted spellings', () => {
  expect(frenchCardinals(1221)).toContain('mille-deux-cent-vingt-et-un');
  expect(italianCardinals(180)).toContain('centoottanta');
  expect(portugueseCardinals(17)).toEqual(['dezessete', 'dezassete']);
  expect(spanishCardinals(21, 'noun')).toEqual(['veintiún']);
  expect(italianCardinals(1, 'noun')).toEqual(['un']);
});

describe('measures, temperatures, shares, prices', () => {
  const read = (language: string, text: string) => packOf(language).numbers?.read(text, 'uk');

  // The plural of French begins at two; of the others only one is singular (school grammars, from memory).
  test.each([
    ['fr', '3,7 mm', 'measures', 'trois virgule sept millimètres'],
    ['fr', '1,5 km', 'measures', 'un virgule cinq kilomètre'],
    ['fr', '0 °C', 'temperatures', 'zéro degré'],
    ['fr', '−4 °C', 'temperatures', 'moins quatre degrés'],
    ['fr', '80 %', 'percentages', 'quatre-vingts pour cent'],
    ['fr', '2,50 €', 'money', 'deux euros cinquante'],
    ['fr', '1 250', 'whole numbers', 'mille deux cent cinquante'],
    ['fr', '3,05', 'decimals', 'trois virgule zéro cinq'],
    ['es', '3,7 mm', 'measures', 'tres coma siete milímetros'],
    ['es', '21 °C', 'temperatures', 'veintiún grados'],
    ['es', '1 l', 'measures', 'un litro'],
    ['es', '0 °C', 'temperatures', 'cero grados'],
    ['es', '12 %', 'percentages', 'doce por ciento'],
    ['it', '1 km', 'measures', 'un chilometro'],
    ['it', '3,7 mm', 'measures', 'tre virgola sette millimetri'],
    ['it', '28 °C', 'temperatures', 'ventotto gradi'],
    ['it', '2,50 €', 'money', 'due euro cinquanta'],
    ['pt', '3,7 mm', 'measures', 'três vírgula sete milímetros'],
    ['pt', '16 °C', 'temperatures', 'dezesseis graus'],
    ['pt', '2,50 €', 'money', 'dois euros cinquenta'],
  ])('%s %s', (language, text, kind, reading) => {
    const found = read(language, text);
    expect([found?.kind, found?.readings[0]]).toEqual([kind, reading]);
  });

  test('decimals are read as one number and digit by digit', () => {
    expect(read('fr', '3,14')?.readings).toEqual([
      'trois virgule quatorze',
      'trois virgule un quatre',
    ]);
    expect(read('es', '2,05 m')?.readings).toEqual(['dos coma cero cinco metros']);
  });

  test('what is no number is refused with what would be', () => {
    expect(() => read('fr', 'trois')).toThrow(/Write it like 3,7 mm.*units: mm, cm/);
    expect(() => read('it', '4 parsec')).toThrow(RangeError);
  });

  test.each(['fr', 'es', 'it', 'pt'])(
    '%s: what is made up can be read, as the kind it is',
    (language) => {
      const reader = packOf(language).numbers;
      const random = new Random(7);
      for (const kind of reader?.kinds ?? []) {
        for (let turn = 0; turn < 60; turn += 1) {
          const text = reader?.sample(kind, random, 'uk') ?? '';
          const found = reader?.read(text, 'uk');
          expect([text, found?.kind]).toEqual([text, kind]);
          expect(found?.readings.every((one) => one.trim() !== '' && !/undefined/.test(one))).toBe(
            true,
          );
        }
      }
    },
  );
});
