/** Numbers, measures, temperatures, shares, prices, times and days of a month as Russian reads them aloud. */
import type { Random } from '../../kernel/random';
import type { NumberKindName, NumberReader } from '../language-pack';
import { formAfter, MOST, russianCardinals, type CountedNoun, type Gender } from './cardinals';

/** Each unit by its sign, as it is counted; all are masculine. */
const units: Readonly<Record<string, CountedNoun>> = {
  мм: ['миллиметр', 'миллиметра', 'миллиметров'],
  см: ['сантиметр', 'сантиметра', 'сантиметров'],
  м: ['метр', 'метра', 'метров'],
  км: ['километр', 'километра', 'километров'],
  г: ['грамм', 'грамма', 'граммов'],
  кг: ['килограмм', 'килограмма', 'килограммов'],
  мл: ['миллилитр', 'миллилитра', 'миллилитров'],
  л: ['литр', 'литра', 'литров'],
};

const degree: CountedNoun = ['градус', 'градуса', 'градусов'];
const percent: CountedNoun = ['процент', 'процента', 'процентов'];
const rouble: CountedNoun = ['рубль', 'рубля', 'рублей'];
const kopeck: CountedNoun = ['копейка', 'копейки', 'копеек'];
const hour: CountedNoun = ['час', 'часа', 'часов'];
const minute: CountedNoun = ['минута', 'минуты', 'минут'];

const months =
  'января февраля марта апреля мая июня июля августа сентября октября ноября декабря'.split(' ');
const monthDays = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

const days =
  'первое второе третье четвёртое пятое шестое седьмое восьмое девятое десятое одиннадцатое двенадцатое тринадцатое четырнадцатое пятнадцатое шестнадцатое семнадцатое восемнадцатое девятнадцатое двадцатое'.split(
    ' ',
  );

/** The day of a month, a neuter ordinal: двадцать первое. */
function dayInWords(day: number): string {
  if (day <= 20) return days[day - 1] ?? '';
  if (day === 30) return 'тридцатое';
  return `${day > 30 ? 'тридцать' : 'двадцать'} ${days[(day % 10) - 1]}`;
}

/** Wholes and parts of a decimal, as feminine as доля is: две целых семь десятых. */
const wholes: CountedNoun = ['целая', 'целых', 'целых'];
const parts: readonly CountedNoun[] = [
  ['десятая', 'десятых', 'десятых'],
  ['сотая', 'сотых', 'сотых'],
  ['тысячная', 'тысячных', 'тысячных'],
];

type Found = { readonly kind: NumberKindName; readonly readings: readonly string[] };

const both = (heads: readonly string[], tails: readonly string[]) =>
  heads.flatMap((head) => tails.map((tail) => `${head} ${tail}`));

const counted = (value: number, noun: CountedNoun, gender: Gender = 'masculine') =>
  both(russianCardinals(value, gender), [formAfter(value, noun)]);

/** A number with what is counted; after a decimal the noun stands in the genitive singular. */
function quantity(text: string, noun?: CountedNoun): readonly string[] | undefined {
  const [, sign = '', whole = '', decimals] =
    /^([-−–]?)(\d{1,3}(?:[  ]\d{3})+|\d+)(?:[.,](\d{1,3}))?$/u.exec(text) ?? [];
  const value = Number(whole.replace(/[  ]/gu, ''));
  if (whole === '' || value > MOST) return undefined;
  const minus = (readings: readonly string[]) =>
    sign === '' ? readings : readings.map((one) => `минус ${one}`);
  if (decimals === undefined) return minus(noun ? counted(value, noun) : russianCardinals(value));
  const part = parts[decimals.length - 1];
  if (!part) return undefined;
  const said = both(
    counted(value, wholes, 'feminine'),
    counted(Number(decimals), part, 'feminine'),
  );
  return minus(noun ? said.map((one) => `${one} ${noun[1]}`) : said);
}

function price(text: string): readonly string[] | undefined {
  const [, roubles = '', kopecks] = /^(\d+)(?:[.,](\d{2}))?\s?(?:₽|руб\.?|р\.)$/u.exec(text) ?? [];
  if (roubles === '') return undefined;
  const said = counted(Number(roubles), rouble);
  return kopecks === undefined || Number(kopecks) === 0
    ? said
    : both(said, counted(Number(kopecks), kopeck, 'feminine'));
}

function time(text: string): readonly string[] | undefined {
  const [, hours, minutes] = /^(\d{1,2}):(\d{2})$/u.exec(text) ?? [];
  if (hours === undefined || Number(hours) > 24 || Number(minutes) > 59) return undefined;
  const said = counted(Number(hours), hour);
  if (Number(minutes) === 0) {
    return [...said, ...both(said, ['ровно']), ...(Number(hours) === 1 ? ['час'] : [])];
  }
  return both(said, counted(Number(minutes), minute, 'feminine'));
}

function date(text: string): readonly string[] | undefined {
  const [, day, month = ''] = /^(\d{1,2}) (\p{L}+)$/u.exec(text) ?? [];
  const most = monthDays[months.indexOf(month.toLowerCase())] ?? 0;
  if (day === undefined || Number(day) < 1 || Number(day) > most) return undefined;
  return [`${dayInWords(Number(day))} ${month.toLowerCase()}`];
}

function readingsOf(text: string): Found | undefined {
  const [, share] = /^(.+?)\s?%$/u.exec(text) ?? [];
  const [, warm] = /^(.+?)\s?°\s?[CС]?$/u.exec(text) ?? [];
  const [, measured = '', sign = ''] = /^(.+?)\s?(\p{L}+)$/u.exec(text) ?? [];
  const tried: readonly (readonly [NumberKindName, readonly string[] | undefined])[] = [
    ['dates', date(text)],
    ['times', time(text)],
    ['money', price(text)],
    ['percentages', share === undefined ? undefined : quantity(share, percent)],
    ['temperatures', warm === undefined ? undefined : quantity(warm, degree)],
    ['measures', units[sign] ? quantity(measured, units[sign]) : undefined],
    [/[.,]/u.test(text) ? 'decimals' : 'whole numbers', quantity(text)],
  ];
  for (const [kind, readings] of tried) if (readings) return { kind, readings };
  return undefined;
}

const rules: Partial<Record<NumberKindName, string>> = {
  dates: 'The day is a neuter ordinal (число is meant), the month stands in the genitive.',
  decimals: 'Wholes and parts are feminine: одна целая, две десятых.',
};

const RULE =
  'After 1 the noun stands in the nominative singular, after 2 to 4 in the genitive singular, after 5 and more and the teens in the genitive plural; after a decimal in the genitive singular.';

function sampleOf(kind: NumberKindName, random: Random): string {
  const whole = (least: number, most: number) =>
    least + Math.floor(random.next() * (most - least + 1));
  const oneOf = <Item>(items: readonly Item[]): Item => random.shuffle([...items])[0] as Item;
  switch (kind) {
    case 'whole numbers':
      return String(oneOf([whole(11, 99), whole(100, 999), whole(1000, 9999)]));
    case 'decimals':
      return `${whole(0, 30)},${whole(1, 9)}`;
    case 'percentages':
      return `${whole(1, 100)} %`;
    case 'temperatures':
      return `${oneOf([whole(0, 35), -whole(1, 30)])} °C`.replace('-', '−');
    case 'measures':
      return `${oneOf([`${whole(0, 30)},${whole(1, 9)}`, String(whole(1, 900))])} ${oneOf(Object.keys(units))}`;
    case 'money':
      return oneOf([
        `${whole(1, 999)} ₽`,
        `${whole(1, 99)},${String(whole(1, 99)).padStart(2, '0')} ₽`,
      ]);
    case 'dates':
      return `${whole(1, 28)} ${oneOf(months)}`;
    case 'times':
      return `${whole(1, 23)}:${String(5 * whole(0, 11)).padStart(2, '0')}`;
    default:
      return '';
  }
}

/** What the Russian pack knows of numbers. */
export const russianNumbers: NumberReader = {
  kinds: [
    'whole numbers',
    'decimals',
    'percentages',
    'temperatures',
    'measures',
    'money',
    'dates',
    'times',
  ],
  read(text) {
    const found = readingsOf(text.trim().replace(/\s+/gu, ' '));
    if (!found) {
      throw new RangeError(
        `${text} is no number that is known here. Write it like 3,7 мм, 250 ₽, −4 °C, 12 %, 1 250, 7:45 or 4 июля; units: ${Object.keys(units).join(', ')}.`,
      );
    }
    return { ...found, rule: rules[found.kind] ?? RULE };
  },
  sample: sampleOf,
};
