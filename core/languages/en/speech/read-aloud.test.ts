import { toWords, toWordsOrdinal } from 'number-to-words';
import { describe, expect, test } from 'vitest';
import type { Spelling } from '../../../kernel/spelling';
import { Random } from '../../../kernel/random';
import { cardinals, ordinals } from './cardinals';
import { numberKinds, readAloud } from './read-aloud';

const read = (text: string, variety: Spelling = 'uk') => readAloud(text, variety).readings;

// Readings as handbooks of English teach them: Quirk et al. 1985, 6.63–6.73, Swan, Practical
// English Usage, “numbers”, and the SI Brochure for names of units; all from memory.
describe('the usual reading comes first', () => {
  test.each<[string, Spelling, string]>([
    // Whole numbers
    ['0', 'uk', 'zero'],
    ['310', 'uk', 'three hundred and ten'],
    ['310', 'us', 'three hundred ten'],
    ['5,642', 'uk', 'five thousand six hundred and forty-two'],
    ['5,642', 'us', 'five thousand six hundred forty-two'],
    ['1,005', 'uk', 'one thousand and five'],
    ['100,000', 'uk', 'one hundred thousand'],
    ['3,000,000', 'us', 'three million'],
    ['−12', 'uk', 'minus twelve'],
    ['-12', 'us', 'negative twelve'],
    // Decimals
    ['3.7', 'uk', 'three point seven'],
    ['0.05', 'uk', 'zero point zero five'],
    ['14.62', 'us', 'fourteen point six two'],
    ['.5', 'us', 'point five'],
    // Fractions
    ['1/2', 'uk', 'a half'],
    ['3/4', 'uk', 'three quarters'],
    ['3/4', 'us', 'three fourths'],
    ['2/3', 'uk', 'two thirds'],
    ['1/8', 'uk', 'an eighth'],
    ['2 1/2', 'uk', 'two and a half'],
    ['5¾', 'uk', 'five and three quarters'],
    ['5/12', 'us', 'five twelfths'],
    // Percentages
    ['12%', 'uk', 'twelve per cent'],
    ['12 %', 'us', 'twelve percent'],
    ['0.5%', 'uk', 'zero point five per cent'],
    // Measures
    ['3.7 mm', 'uk', 'three point seven millimetres'],
    ['3.7 mm', 'us', 'three point seven millimeters'],
    ['1 mm', 'uk', 'one millimetre'],
    ['0 m', 'uk', 'zero metres'],
    ['1.0 kg', 'uk', 'one point zero kilograms'],
    ['12 km/h', 'uk', 'twelve kilometres per hour'],
    ['1,013 hPa', 'uk', 'one thousand and thirteen hectopascals'],
    ['25 m²', 'uk', 'twenty-five square metres'],
    ['60 mph', 'us', 'sixty miles per hour'],
    ['6 ft', 'us', 'six feet'],
    ['1 in', 'us', 'one inch'],
    ['5 ft 6 in', 'uk', 'five feet six inches'],
    ['1 h 20 min', 'uk', 'one hour twenty minutes'],
    ['½ km', 'uk', 'half a kilometre'],
    // Units that are written out are read as their symbols are: common practice.
    ['½ cup', 'us', 'half a cup'],
    ['2½ hours', 'uk', 'two and a half hours'],
    ['3/4 hour', 'uk', 'three quarters of an hour'],
    ['12 cm by 8 cm', 'uk', 'twelve centimetres by eight centimetres'],
    ['5 kilometres', 'us', 'five kilometers'],
    ['a 10-year-old girl', 'uk', 'a ten-year-old girl'],
    ['¾ l', 'uk', 'three quarters of a litre'],
    ['1½ h', 'uk', 'one and a half hours'],
    ['3 × 4 m', 'uk', 'three by four metres'],
    ['a 3 m rope', 'uk', 'a three-metre rope'],
    ['an 8 km walk', 'us', 'an eight-kilometer walk'],
    // Temperatures
    ['−4 °C', 'uk', 'minus four degrees Celsius'],
    ['1 °C', 'uk', 'one degree Celsius'],
    ['72 °F', 'us', 'seventy-two degrees Fahrenheit'],
    ['90°', 'uk', 'ninety degrees'],
    // Money
    ['£3.50', 'uk', 'three pounds fifty'],
    ['£1', 'uk', 'one pound'],
    ['50p', 'uk', 'fifty pence'],
    ['1p', 'uk', 'one penny'],
    ['$4.99', 'us', 'four dollars and ninety-nine cents'],
    ['$0.05', 'us', 'five cents'],
    ['€20', 'uk', 'twenty euros'],
    ['¥500', 'us', 'five hundred yen'],
    ['£2.5 million', 'uk', 'two point five million pounds'],
    ['£7.05', 'uk', 'seven pounds five pence'],
    // Dates and years
    ['4 July 2026', 'uk', 'the fourth of July, twenty twenty-six'],
    ['July 4, 2026', 'us', 'July fourth, twenty twenty-six'],
    ['21 March', 'uk', 'the twenty-first of March'],
    ['4/7/2026', 'uk', 'the fourth of July, twenty twenty-six'],
    ['4/7/2026', 'us', 'April seventh, twenty twenty-six'],
    ['2026-07-04', 'us', 'July fourth, twenty twenty-six'],
    ['1998', 'uk', 'nineteen ninety-eight'],
    ['1900', 'uk', 'nineteen hundred'],
    ['1066', 'uk', 'ten sixty-six'],
    ['1905', 'uk', 'nineteen oh five'],
    ['2000', 'uk', 'two thousand'],
    ['2005', 'uk', 'two thousand and five'],
    ['44 BC', 'uk', 'forty-four BC'],
    ['1990s', 'uk', 'the nineteen nineties'],
    // Times
    ['7:00', 'uk', 'seven o’clock'],
    ['7:15', 'uk', 'quarter past seven'],
    ['7:30', 'uk', 'half past seven'],
    ['7:45', 'uk', 'quarter to eight'],
    ['12:55', 'uk', 'five to one'],
    ['7:15', 'us', 'seven fifteen'],
    ['3:07', 'uk', 'seven minutes past three'],
    ['9:05', 'us', 'nine oh five'],
    ['19:30', 'uk', 'nineteen thirty'],
    ['6:30 p.m.', 'us', 'six thirty p.m.'],
    ['00:00', 'uk', 'midnight'],
    // Ordinals
    ['1st', 'uk', 'first'],
    ['12th', 'uk', 'twelfth'],
    ['21st', 'uk', 'twenty-first'],
    ['40th', 'uk', 'fortieth'],
    ['103rd', 'uk', 'one hundred and third'],
    ['100th', 'uk', 'one hundredth'],
    // Ranges and phone numbers
    ['5–10 °C', 'uk', 'five to ten degrees Celsius'],
    ['10–15', 'uk', 'ten to fifteen'],
    ['£5–£10', 'uk', 'five to ten pounds'],
    ['1914–1918', 'uk', 'nineteen fourteen to nineteen eighteen'],
    ['555-0142', 'us', 'five five five, oh one four two'],
    ['01632 960055', 'uk', 'oh one six three two, nine six double oh double five'],
  ])('%s (%s) is %s', (text, variety, words) => {
    expect(read(text, variety)[0]).toBe(words);
  });
});

describe('what is said as well is accepted', () => {
  test.each<[string, Spelling, readonly string[]]>([
    ['1,500', 'uk', ['fifteen hundred', 'a thousand five hundred', 'one thousand five hundred']],
    ['0.5', 'uk', ['nought point five', 'point five', 'zero point five']],
    ['2.05', 'uk', ['two point oh five', 'two point nought five']],
    ['0.5 km', 'uk', ['half a kilometre', 'zero point five kilometres']],
    ['1.5 kg', 'uk', ['one and a half kilograms', 'one point five kilos']],
    [
      '−4 °C',
      'us',
      ['four degrees below zero', 'negative four degrees Celsius', 'minus four degrees'],
    ],
    ['−1 °C', 'uk', ['minus one degree Celsius', 'minus one degrees Celsius']],
    ['£3.50', 'uk', ['three pounds and fifty pence', 'three fifty', 'three pounds fifty pence']],
    ['4 July', 'uk', ['July the fourth', 'July fourth']],
    ['July 4', 'us', ['the fourth of July']],
    ['2026', 'uk', ['two thousand and twenty-six']],
    ['2005', 'us', ['twenty oh five', 'two thousand five']],
    ['7:45', 'us', ['quarter to eight', 'quarter of eight', 'seven forty-five']],
    ['12:00', 'uk', ['noon', 'midday', 'twelve o’clock', 'twelve']],
    ['19:30', 'uk', ['half past seven', 'half past seven in the evening']],
    ['5 ft 6 in', 'us', ['five foot six', 'five feet six']],
    ['1/4', 'us', ['a quarter', 'one fourth', 'a fourth', 'one quarter']],
    ['0208 555', 'uk', ['zero two zero eight, five five five', 'oh two oh eight, triple five']],
    ['3 m × 4 m', 'uk', ['three metres by four metres', 'three by four metres']],
    ['10–15 km', 'uk', ['from ten to fifteen kilometres', 'between ten and fifteen kilometres']],
  ])('%s (%s)', (text, variety, also) => {
    expect(read(text, variety)).toEqual(expect.arrayContaining([...also]));
  });

  test('what no one says is not', () => {
    expect(read('1 mm')).not.toContain('one millimetres');
    expect(read('0.5 mm')).not.toContain('zero point five millimetre');
    expect(read('3.14')).not.toContain('three point fourteen');
    expect(read('a 3 m rope')).not.toContain('a three metres rope');
    expect(read('£3.05')).not.toContain('three pounds five');
    expect(read('7:30')).not.toContain('half seven o’clock');
    expect(read('1998')).not.toContain('nineteen and ninety-eight');
  });
});

test('numbers and ordinals are those of a general-purpose library (number-to-words)', () => {
  const random = new Random(31);
  const plain = (words: string) => words.replaceAll(',', '');
  for (let tries = 0; tries < 3000; tries += 1) {
    const number = Math.floor(random.next() * 10 ** (1 + (tries % 9)));
    expect(cardinals(number, 'us')[0]).toBe(plain(toWords(number)));
    if (number > 0) expect(ordinals(number, 'us')[0]).toBe(plain(toWordsOrdinal(number)));
  }
});

describe.each(numberKinds.map((kind) => [kind.name, kind] as const))('%s', (name, kind) => {
  test('what is made up is known as its own kind, and every reading is words alone', () => {
    const random = new Random(7);
    for (const variety of ['uk', 'us'] as const) {
      for (let tries = 0; tries < 150; tries += 1) {
        const sample = kind.sample(random, variety);
        const { kind: found, readings, rule } = readAloud(sample, variety);
        expect([sample, found]).toEqual([sample, name]);
        expect(new Set(readings).size).toBe(readings.length);
        for (const reading of readings) {
          expect(reading).toMatch(/^[A-Za-z][A-Za-z’ .,-]*[A-Za-z.]$/);
          expect(reading).not.toMatch(/ {2}|undefined/);
        }
        expect(rule).toMatch(/^[A-Z].*\.$/);
      }
    }
  });
});

test.each([
  '',
  'rain',
  '3 bananas per',
  '31/31/2026',
  '25:99',
  '3//4',
  '1/0',
  '12:3',
  '£',
  '1,0,0 m',
])('%j is no number: the message says how to write one', (text) => {
  expect(() => readAloud(text, 'uk')).toThrow(/is no number that is known. Write it like 3.7 mm/);
});
