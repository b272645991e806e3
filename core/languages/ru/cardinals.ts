/** Russian numbers in words and the form of the noun that they ask for, as school grammars have them, from memory. */

export type Gender = 'masculine' | 'feminine' | 'neuter';

/** A noun as numbers take it: один метр, два метра, пять метров. */
export type CountedNoun = readonly [one: string, few: string, many: string];

export const MOST = 999_999_999;

const units =
  'ноль один два три четыре пять шесть семь восемь девять десять одиннадцать двенадцать тринадцать четырнадцать пятнадцать шестнадцать семнадцать восемнадцать девятнадцать'.split(
    ' ',
  );
const tens =
  '- - двадцать тридцать сорок пятьдесят шестьдесят семьдесят восемьдесят девяносто'.split(' ');
const hundreds = '- сто двести триста четыреста пятьсот шестьсот семьсот восемьсот девятьсот'.split(
  ' ',
);

const ofGender: Readonly<Record<Gender, readonly [one: string, two: string]>> = {
  masculine: ['один', 'два'],
  feminine: ['одна', 'две'],
  neuter: ['одно', 'два'],
};

/** One after 1, 21 …; few after 2 to 4, 22 to 24 …; many after all others, the teens too. */
export function formAfter(value: number, [one, few, many]: CountedNoun): string {
  const last = value % 10;
  const teens = value % 100 >= 11 && value % 100 <= 14;
  if (last === 1 && !teens) return one;
  return last >= 2 && last <= 4 && !teens ? few : many;
}

function belowThousand(value: number, gender: Gender): string[] {
  const rest = value % 100;
  const unit = rest < 20 ? rest : rest % 10;
  const said = unit === 1 || unit === 2 ? ofGender[gender][unit - 1] : units[unit];
  return [
    ...(value >= 100 ? [hundreds[Math.floor(value / 100)] ?? ''] : []),
    ...(rest >= 20 ? [tens[Math.floor(rest / 10)] ?? ''] : []),
    ...(unit > 0 ? [said ?? ''] : []),
  ];
}

const thousand: CountedNoun = ['тысяча', 'тысячи', 'тысяч'];
const million: CountedNoun = ['миллион', 'миллиона', 'миллионов'];

/** In words, all accepted spellings; one and two agree with the gender of what is counted. */
export function russianCardinals(value: number, gender: Gender = 'masculine'): readonly string[] {
  if (value === 0) return ['ноль', 'нуль'];
  const millions = Math.floor(value / 1_000_000);
  const thousands = Math.floor(value / 1000) % 1000;
  const group = (count: number, of: Gender, noun: CountedNoun) =>
    count === 0 ? [] : [...belowThousand(count, of), formAfter(count, noun)];
  const words = [
    ...group(millions, 'masculine', million),
    ...group(thousands, 'feminine', thousand),
    ...belowThousand(value % 1000, gender),
  ].join(' ');
  // A single thousand or million is named without its one as well.
  const short = words.replace(/^(?:одна (?=тысяча)|один (?=миллион))/u, '');
  return [...new Set([short, words])];
}
