/** Years, dates, times of day and ordinals. */
import type { Spelling } from '../../../kernel/spelling';
import { belowHundred, cardinals, distinct, ordinals, years } from './cardinals';
import { between, plainDigits, type NumberKind } from './number-kind';

/** The months in their order. */
export const months: readonly string[] = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const daysIn = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
const monthNumber = (name: string) =>
  months.findIndex((month) => month.slice(0, 3).toLowerCase() === name.slice(0, 3).toLowerCase());

interface CalendarDay {
  readonly day: number;
  /** 0 for January. */
  readonly month: number;
  readonly year?: number;
}

const MONTH = months.map((month) => `${month}|${month.slice(0, 3)}\\.?`).join('|');
const dayFirst = new RegExp(`^(\\d{1,2})(?:st|nd|rd|th)?(?: of)? (${MONTH})(?:,? (\\d{4}))?$`, 'i');
const monthFirst = new RegExp(`^(${MONTH}) (\\d{1,2})(?:st|nd|rd|th)?(?:,? (\\d{4}))?$`, 'i');

/** The day that is written; 4/7 is the fourth of July, and in the United States April the seventh. */
function dayOf(text: string, variety: Spelling): CalendarDay | undefined {
  const iso = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text);
  const slashed = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$/.exec(text);
  const first = dayFirst.exec(text);
  const second = monthFirst.exec(text);
  const found = iso
    ? { day: Number(iso[3]), month: Number(iso[2]) - 1, year: Number(iso[1]) }
    : slashed
      ? {
          day: Number(slashed[variety === 'us' ? 2 : 1]),
          month: Number(slashed[variety === 'us' ? 1 : 2]) - 1,
          year: Number(slashed[3]),
        }
      : first
        ? {
            day: Number(first[1]),
            month: monthNumber(first[2] ?? ''),
            ...(first[3] ? { year: Number(first[3]) } : {}),
          }
        : second
          ? {
              day: Number(second[2]),
              month: monthNumber(second[1] ?? ''),
              ...(second[3] ? { year: Number(second[3]) } : {}),
            }
          : undefined;
  if (found === undefined) return undefined;
  const most = daysIn[found.month];
  return most !== undefined && found.day >= 1 && found.day <= most ? found : undefined;
}

export const dates: NumberKind = {
  name: 'dates',
  read(text, variety) {
    const found = dayOf(text, variety);
    if (found === undefined) return undefined;
    const month = months[found.month] ?? '';
    const nth = ordinals(found.day, variety)[0] ?? '';
    const number = cardinals(found.day, variety)[0] ?? '';
    const british = [`the ${nth} of ${month}`, `${month} the ${nth}`];
    const american = [`${month} ${nth}`, `${month} ${number}`];
    const days = [
      ...(variety === 'us' ? [...american, ...british] : [...british, ...american]),
      `${nth} of ${month}`,
      `${nth} ${month}`,
    ];
    if (found.year === undefined) return days;
    const said = years(found.year, variety);
    return days.flatMap((day) => said.flatMap((year) => [`${day}, ${year}`, `${day} ${year}`]));
  },
  rule: (_, variety) =>
    variety === 'us'
      ? 'Say the month, then the day as first, second, third; a year goes in two halves.'
      : 'Say “the … of …”, though neither word is written; a year goes in two halves.',
  sample(random, variety) {
    const month = between(random, 0, 11);
    const day = between(random, 1, Math.min(28, daysIn[month] ?? 28));
    const year = random.next() < 0.6 ? between(random, 1900, 2030) : undefined;
    const name = months[month] ?? '';
    if (variety === 'us') return `${name} ${day}${year === undefined ? '' : `, ${year}`}`;
    return `${day} ${name}${year === undefined ? '' : ` ${year}`}`;
  },
};

const era = { BC: 'BC', AD: 'AD', BCE: 'BCE', CE: 'CE' } as const;

export const yearNumbers: NumberKind = {
  name: 'years',
  read(text, variety) {
    const decade = /^(?:the )?(1[1-9]\d|20[1-9])0s$/.exec(text);
    if (decade) {
      const year = Number(`${decade[1] ?? ''}0`);
      const [said = ''] = years(year, variety);
      const many = said.endsWith('hundred')
        ? `${said}s`
        : said.replace(/ty$/, 'ties').replace(/ten$/, 'tens');
      return [`the ${many}`, many];
    }
    const named = /^(?:(AD) )?(\d{1,4})(?: (BC|AD|BCE|CE))?$/.exec(text);
    const letters = named?.[1] ?? named?.[3];
    if (named === null || (letters === undefined && !/^(?:10[1-9]|1[1-9]\d|20\d)\d$/.test(text)))
      return undefined;
    const said = years(Number(named[2]), variety);
    if (letters === undefined) return said;
    const spelled = era[letters as keyof typeof era];
    return said.flatMap((year) => [
      named[1] ? `${spelled} ${year}` : `${year} ${spelled}`,
      named[1] ? `${year} ${spelled}` : `${year} ${[...spelled].join(' ')}`,
    ]);
  },
  rule: (text) =>
    /^200\d$/.test(text)
      ? 'From 2000 to 2009 a year is said as a whole number.'
      : 'A year is said in two halves: nineteen ninety-eight.',
  sample: (random) =>
    String(random.next() < 0.25 ? between(random, 2000, 2009) : between(random, 1066, 2030)),
};

const clock = /^(\d{1,2})[:.](\d\d) ?(a\.?m\.?|p\.?m\.?)?$/i;

/** The hour as it is said before or after: twelve for 0. */
const hourName = (hour: number) => belowHundred(hour % 12 === 0 ? 12 : hour % 12);

/** Past and to: half past seven, ten to eight. */
function inWords(hour: number, minute: number, variety: Spelling): string[] {
  const here = hourName(hour);
  const next = hourName(hour + 1);
  const after = variety === 'us' ? ['after', 'past'] : ['past'];
  const before = variety === 'us' ? ['to', 'of', 'before', 'till'] : ['to'];
  if (minute === 0) return [`${here} o’clock`];
  if (minute === 30) return [`half past ${here}`];
  const past = minute < 30;
  const count = past ? minute : 60 - minute;
  const words = past ? after : before;
  const target = past ? here : next;
  const amounts =
    count === 15
      ? ['quarter', 'a quarter']
      : count % 5 === 0
        ? [belowHundred(count), `${belowHundred(count)} minutes`]
        : [`${belowHundred(count)} ${count === 1 ? 'minute' : 'minutes'}`];
  return amounts.flatMap((amount) => words.map((word) => `${amount} ${word} ${target}`));
}

/** Hour and minutes one after the other: seven thirty, seven oh five. */
function inDigits(hour: number, minute: number): string[] {
  const heads = hour === 0 ? ['zero', 'oh', 'twelve'] : [belowHundred(hour), hourName(hour)];
  return heads.flatMap((head) =>
    minute === 0
      ? hour > 12 || hour === 0
        ? [`${head} hundred`, `${head} hundred hours`]
        : []
      : minute < 10
        ? [`${head} oh ${belowHundred(minute)}`, `${head} zero ${belowHundred(minute)}`]
        : [`${head} ${belowHundred(minute)}`],
  );
}

/** Which part of the day an hour of the 24 belongs to. */
const partOfDay = (hour: number) =>
  hour < 12
    ? 'in the morning'
    : hour < 18
      ? 'in the afternoon'
      : hour < 22
        ? 'in the evening'
        : 'at night';

export const times: NumberKind = {
  name: 'times',
  read(text, variety) {
    const [, hours = '', minutes = '', half] = clock.exec(text) ?? [];
    const hour = Number(hours);
    const minute = Number(minutes);
    if (hours === '' || hour > 23 || minute > 59) return undefined;
    if (half !== undefined && (hour === 0 || hour > 12)) return undefined;
    // 7.30 alone is a decimal; 7.30 p.m. is a time.
    if (half === undefined && text.includes('.')) return undefined;
    const words = inWords(hour, minute, variety);
    const digits = inDigits(hour, minute);
    const plain = minute === 0 && hour > 0 && hour < 13 ? [belowHundred(hour)] : [];
    if (half !== undefined) {
      const letters = /^a/i.test(half) ? ['a.m.', 'am', 'a m'] : ['p.m.', 'pm', 'p m'];
      const of24 = (hour % 12) + (/^p/i.test(half) ? 12 : 0);
      const spoken = [...digits, ...plain];
      return distinct([
        ...letters.slice(0, 1).flatMap((each) => spoken.map((one) => `${one} ${each}`)),
        ...words.map((one) => `${one} ${partOfDay(of24)}`),
        ...letters.flatMap((each) => [...spoken, ...words].map((one) => `${one} ${each}`)),
      ]);
    }
    const special =
      hour === 12 && minute === 0
        ? ['noon', 'midday', 'twelve noon']
        : hour === 0 && minute === 0
          ? ['midnight']
          : [];
    const late = hour > 12 ? words.map((one) => `${one} ${partOfDay(hour)}`) : [];
    const ordered =
      hour === 0 && minute === 0
        ? [...special, ...words, ...digits]
        : hour > 12
          ? [...digits.slice(0, 1), ...words, ...digits, ...late]
          : variety === 'us'
            ? minute === 0
              ? [...words, ...plain, ...special]
              : [...digits, ...words]
            : [...words, ...digits, ...plain, ...special];
    return distinct(ordered);
  },
  rule: (text) =>
    /[:.]00/.test(text)
      ? 'A full hour is o’clock.'
      : /[:.]30/.test(text)
        ? 'Half an hour after is half past.'
        : 'Up to the half hour say past; after it say to the next hour. Or say the hour, then the minutes.',
  sample: (random) =>
    `${between(random, 1, 12)}:${String(random.next() < 0.7 ? between(random, 0, 11) * 5 : between(random, 1, 59)).padStart(2, '0')}`,
};

export const ordinalNumbers: NumberKind = {
  name: 'ordinals',
  read(text, variety) {
    const match = /^([\d,]+)(st|nd|rd|th)$/.exec(text);
    if (match === null) return undefined;
    const number = Number(plainDigits(match[1] ?? ''));
    return ordinals(number, variety);
  },
  rule: () => 'Only the last word changes: twenty-first, thirty-second.',
  sample(random) {
    const number = random.next() < 0.8 ? between(random, 1, 40) : between(random, 41, 130);
    const rest = number % 100;
    const letters =
      rest > 10 && rest < 14
        ? 'th'
        : (({ 1: 'st', 2: 'nd', 3: 'rd' } as const)[(number % 10) as 1] ?? 'th');
    return `${number}${letters}`;
  },
};
