import { describe, expect, test } from 'vitest';
import { Random } from '../../kernel/random';
import { formAfter, russianCardinals } from './cardinals';
import { russianNumbers } from './numbers';

const read = (text: string) => russianNumbers.read(text, 'uk');

// Numbers and the forms they ask for as Russian school grammars have them, from memory.
describe('numbers in words', () => {
  test.each([
    [0, 'ноль'],
    [11, 'одиннадцать'],
    [14, 'четырнадцать'],
    [19, 'девятнадцать'],
    [21, 'двадцать один'],
    [40, 'сорок'],
    [90, 'девяносто'],
    [100, 'сто'],
    [212, 'двести двенадцать'],
    [500, 'пятьсот'],
    [999, 'девятьсот девяносто девять'],
    [1000, 'тысяча'],
    [2002, 'две тысячи два'],
    [5000, 'пять тысяч'],
    [21_000, 'двадцать одна тысяча'],
    [1_000_000, 'миллион'],
    [3_400_021, 'три миллиона четыреста тысяч двадцать один'],
  ])('%i is %s', (value, words) => expect(russianCardinals(value)[0]).toBe(words));

  test('one and two agree', () => {
    expect(russianCardinals(1, 'feminine')).toEqual(['одна']);
    expect(russianCardinals(22, 'feminine')).toEqual(['двадцать две']);
    expect(russianCardinals(1, 'neuter')).toEqual(['одно']);
    expect(russianCardinals(12, 'feminine')).toEqual(['двенадцать']);
  });

  test('no two below ten thousand are said alike', () => {
    const said = new Set<string>();
    for (let value = 0; value < 10_000; value += 1) {
      for (const words of russianCardinals(value)) {
        expect(said.has(words), words).toBe(false);
        said.add(words);
      }
    }
  });

  test('the noun after a number agrees with the plural rules of the CLDR', () => {
    const rules = new Intl.PluralRules('ru');
    const forms = { one: 'час', few: 'часа', many: 'часов' } as Readonly<Record<string, string>>;
    for (let value = 0; value < 2000; value += 1)
      expect(formAfter(value, ['час', 'часа', 'часов'])).toBe(forms[rules.select(value)]);
  });
});

describe('read aloud', () => {
  test.each([
    ['3,7 мм', 'measures', 'три целых семь десятых миллиметра'],
    ['1,1 км', 'measures', 'одна целая одна десятая километра'],
    ['21 м', 'measures', 'двадцать один метр'],
    ['12 кг', 'measures', 'двенадцать килограммов'],
    ['−4 °C', 'temperatures', 'минус четыре градуса'],
    ['0 °C', 'temperatures', 'ноль градусов'],
    ['12 %', 'percentages', 'двенадцать процентов'],
    ['2,5 %', 'percentages', 'две целых пять десятых процента'],
    ['0,05', 'decimals', 'ноль целых пять сотых'],
    ['1 250', 'whole numbers', 'тысяча двести пятьдесят'],
    ['101 ₽', 'money', 'сто один рубль'],
    ['2,50 ₽', 'money', 'два рубля пятьдесят копеек'],
    ['3,01 ₽', 'money', 'три рубля одна копейка'],
    ['7:45', 'times', 'семь часов сорок пять минут'],
    ['21:02', 'times', 'двадцать один час две минуты'],
    ['4 июля', 'dates', 'четвёртое июля'],
    ['23 февраля', 'dates', 'двадцать третье февраля'],
    ['31 декабря', 'dates', 'тридцать первое декабря'],
    ['30 мая', 'dates', 'тридцатое мая'],
  ])('%s', (text, kind, reading) => {
    const found = read(text);
    expect([found.kind, found.readings[0]]).toEqual([kind, reading]);
  });

  test.each(['семь', '4 parsec', '31 июня', '24:60', '1,2345', '4 °F'])('%s is none', (text) => {
    expect(() => read(text)).toThrow(/Write it like 3,7 мм.*units: мм, см/);
  });

  test('what is made up can be read, as the kind it is', () => {
    const random = new Random(7);
    for (const kind of russianNumbers.kinds ?? []) {
      for (let turn = 0; turn < 60; turn += 1) {
        const text = russianNumbers.sample(kind, random, 'uk');
        const found = read(text);
        expect([text, found.kind]).toEqual([text, kind]);
        expect(found.readings.join()).not.toMatch(/undefined|-/);
      }
    }
  });
});
