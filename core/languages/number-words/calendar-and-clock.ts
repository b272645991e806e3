/**
 * Dates, times, years, ordinals and fractions as a language reads them aloud: what each language has
 * of its own, from memory, as its school grammar has it.
 */
import type { Cardinals } from './cardinals';

export const calendarKinds = ['dates', 'times', 'years', 'ordinals', 'fractions'] as const;
export type CalendarKind = (typeof calendarKinds)[number];

export interface CalendarAndClock {
  /** January to December. */
  readonly months: readonly string[];
  /** The sign between day and month, and month and year: de of Spanish; nothing in French. */
  readonly of: string;
  /** The first of a month, all accepted. */
  readonly first: readonly string[];
  /** A day with its article, the preferred first; `day` in words. */
  readonly day: (day: string, number: number) => readonly string[];
  /** A year, all accepted, with what stands before it in a date. */
  readonly year: (year: number) => readonly string[];
  /** A time of the clock, hours 0 to 23. */
  readonly time: (hours: number, minutes: number) => readonly string[];
  /** How a time is written: 7 h 45. */
  readonly written: (hours: number, minutes: number) => string;
  /** 1 to 99; none where it is not known. */
  readonly ordinal: (value: number, feminine: boolean) => readonly string[];
  /** The sign of an ordinal: e, er, re, º, ª. */
  readonly ordinalSign: (value: number) => string;
  /** So many of so many parts, of 2 to 10. */
  readonly fraction: (parts: number, whole: number) => readonly string[];
  /** How each is read, for a learner. */
  readonly rules: Readonly<Record<CalendarKind, string>>;
}

const distinct = (all: readonly string[]) => [...new Set(all)];

const DAYS = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** 4 juillet 2026, el 4 de julio, 4/7/2026: the day, the month, the year. */
function dateIn(text: string, { months }: CalendarAndClock) {
  const [, day = '', name, number, year] =
    /^(?:\p{L}{1,2}['’ ]\s?)?(\d{1,2}|1er|1º)(?:\s(?:de\s)?(\p{L}{3,})|\/(\d{1,2}))(?:(?:\s(?:de\s|del\s)?|\/)(\d{4}))?$/iu.exec(
      text,
    ) ?? [];
  // 3/4 is a fraction, or a date of which nobody knows the order.
  if (day === '' || (number !== undefined && year === undefined)) return undefined;
  const month =
    number === undefined ? months.indexOf(name?.toLowerCase() ?? '') : Number(number) - 1;
  const at = Number.parseInt(day, 10);
  if (at < 1 || at > (DAYS[month] ?? 0)) return undefined;
  return {
    day: at,
    month: months[month] ?? '',
    year: year === undefined ? undefined : Number(year),
  };
}

/** All readings of a date; none where the text is none. */
export function readDate(text: string, words: CalendarAndClock, cardinals: Cardinals) {
  const date = dateIn(text, words);
  if (!date) return undefined;
  const days = date.day === 1 ? words.first : cardinals(date.day);
  return distinct(
    days
      .flatMap((day) => words.day(day, date.day))
      .map((day) => `${day}${words.of}${date.month}`)
      .flatMap((day) =>
        date.year === undefined
          ? [day]
          : words.year(date.year).map((year) => `${day}${words.of}${year}`),
      ),
  );
}

/** All readings of a time: 7:45, 7 h 45, 7h. */
export function readTime(text: string, words: CalendarAndClock) {
  const [, hours = '', sign, minutes = '0'] =
    /^(\d{1,2})\s?([:h])\s?(\d{2})?(?:\s?h)?$/u.exec(text) ?? [];
  if (hours === '' || (sign !== 'h' && !/\d{2}(?:\s?h)?$/u.test(text))) return undefined;
  if (Number(hours) > 24 || Number(minutes) > 59) return undefined;
  return distinct(words.time(Number(hours) % 24, Number(minutes)));
}

/** All readings of an ordinal: 21e, 1er, 3.º, 4ª. */
export function readOrdinal(text: string, words: CalendarAndClock) {
  const [, figures, sign = ''] = /^(\d{1,2})\.?(er|re|ère|e|ème|º|ª)$/u.exec(text) ?? [];
  if (figures === undefined) return undefined;
  const feminine = /^(re|ère|ª)$/u.test(sign);
  const readings = words.ordinal(Number(figures), feminine);
  return readings.length === 0 ? undefined : distinct(readings);
}

const glyphs: Readonly<Record<string, readonly [number, number]>> = {
  '½': [1, 2],
  '⅓': [1, 3],
  '⅔': [2, 3],
  '¼': [1, 4],
  '¾': [3, 4],
  '⅕': [1, 5],
  '⅖': [2, 5],
  '⅗': [3, 5],
  '⅘': [4, 5],
};

/** All readings of a fraction below one: 3/4, ¾. */
export function readFraction(text: string, words: CalendarAndClock) {
  const [, above, below] = /^(\d{1,2})\/(\d{1,2})$/u.exec(text) ?? [];
  const [parts, whole] = glyphs[text] ?? [Number(above), Number(below)];
  if (!(parts >= 1 && parts < whole && whole <= 10)) return undefined;
  return distinct(words.fraction(parts, whole));
}

/** A year of four figures that history or a calendar has. */
export const isYear = (text: string) => /^(?:1[1-9]|20)\d\d$/u.test(text);

const names = (list: string) => list.split(' ');

/** Two for one, and feminine where hours ask it: une, vingt et une. */
const frenchFeminine = (words: string) => words.replace(/\bun$/u, 'une');

/** The ending -ième on a cardinal. */
function frenchOrdinal(cardinal: string): string {
  if (cardinal.endsWith('neuf')) return cardinal.replace(/neuf$/u, 'neuvième');
  if (cardinal.endsWith('cinq')) return `${cardinal}uième`;
  return `${cardinal.replace(/e$/u, '').replace(/vingts$/u, 'vingt')}ième`;
}

const frenchParts = ['', '', 'demi', 'tiers', 'quart'];

export const frenchCalendar = (cardinals: Cardinals): CalendarAndClock => ({
  months: names(
    'janvier février mars avril mai juin juillet août septembre octobre novembre décembre',
  ),
  of: ' ',
  first: ['premier'],
  day: (day) => [`le ${day}`, day],
  year: (year) => [
    ...cardinals(year),
    // Dix-neuf cent quatre-vingt-cinq stands beside mille neuf cent …
    ...(year < 2000 && year % 1000 >= 100
      ? cardinals(Math.floor(year / 100)).flatMap((hundreds) =>
          year % 100 === 0
            ? [`${hundreds} cents`]
            : cardinals(year % 100).map((rest) => `${hundreds} cent ${rest}`),
        )
      : []),
  ],
  time(hours, minutes) {
    const word = (value: number) => frenchFeminine(cardinals(value)[0] ?? '');
    const hour = (value: number) => `${word(value)} heure${value < 2 ? '' : 's'}`;
    const called = (value: number): string[] =>
      value === 0 ? ['minuit'] : value === 12 ? ['midi'] : [hour(value > 12 ? value - 12 : value)];
    const exact = `${hour(hours)}${minutes === 0 ? '' : ` ${word(minutes)}`}`;
    const after = (rest: string) => called(hours).map((one) => `${one} ${rest}`);
    const before = (rest: string) => called((hours + 1) % 24).map((one) => `${one} moins ${rest}`);
    const half = hours % 12 === 0 ? 'et demi' : 'et demie';
    const daily =
      minutes === 0
        ? called(hours)
        : minutes === 15
          ? after('et quart')
          : minutes === 30
            ? [...after(half), ...after('et demie')]
            : minutes === 45
              ? before('le quart')
              : minutes > 30
                ? before(word(60 - minutes))
                : after(word(minutes));
    return [exact, ...daily];
  },
  written: (hours, minutes) =>
    minutes === 0 ? `${hours} h` : `${hours} h ${String(minutes).padStart(2, '0')}`,
  ordinal: (value, feminine) =>
    value === 0
      ? []
      : value === 1
        ? [feminine ? 'première' : 'premier']
        : [
            ...cardinals(value).map(frenchOrdinal),
            ...(value === 2 ? [feminine ? 'seconde' : 'second'] : []),
          ],
  ordinalSign: (value) => (value === 1 ? 'er' : 'e'),
  fraction(parts, whole) {
    const part = frenchParts[whole] ?? frenchOrdinal(cardinals(whole)[0] ?? '');
    const many = parts > 1 && !part.endsWith('s') ? `${part}s` : part;
    return cardinals(parts).map((count) => `${count} ${many}`);
  },
  rules: {
    dates: 'Only the first of a month is an ordinal: le premier juillet, le deux juillet.',
    times:
      'Heure is feminine: une heure, vingt et une heures. Et quart, et demie and moins le quart go with the twelve hours of a clock.',
    years: 'A year is read as a number; from 1100 to 1999 by hundreds, too.',
    ordinals: 'The number and -ième; cinq takes a u, neuf changes its f to v.',
    fractions: 'Demi, tiers and quart have names of their own; from five on it is the ordinal.',
  },
});

const spanishOrdinals = names(
  'primero segundo tercero cuarto quinto sexto séptimo octavo noveno décimo undécimo duodécimo',
);
const spanishTens = names(
  'décimo vigésimo trigésimo cuadragésimo quincuagésimo sexagésimo septuagésimo octogésimo nonagésimo',
);
const spanishParts = names('- - medio tercio cuarto quinto sexto séptimo octavo noveno décimo');

export const spanishCalendar = (cardinals: Cardinals): CalendarAndClock => ({
  months: names(
    'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre',
  ),
  of: ' de ',
  first: ['uno', 'primero'],
  day: (day) => [`el ${day}`, day],
  year: (year) => cardinals(year),
  time(hours, minutes) {
    const word = (value: number) => cardinals(value)[0] ?? '';
    const hour = (value: number) => {
      const words = word(value).replace(/uno$/u, 'una');
      return value === 1 ? `la ${words}` : `las ${words}`;
    };
    const twelve = (value: number) => hour(value % 12 === 0 ? 12 : value % 12);
    const said = (rest: string) => [hour(hours), twelve(hours)].map((one) => `${one}${rest}`);
    if (minutes === 0) return [...said(''), ...said(' en punto')];
    const after =
      minutes === 15
        ? ['cuarto', word(15)]
        : minutes === 30
          ? ['media', word(30)]
          : [word(minutes)];
    const toNext = minutes === 45 ? ['cuarto', word(15)] : [word(60 - minutes)];
    return [
      ...after.flatMap((rest) => said(` y ${rest}`)),
      ...said(` ${word(minutes)}`),
      ...(minutes > 30 ? toNext.map((rest) => `${twelve(hours + 1)} menos ${rest}`) : []),
    ];
  },
  written: (hours, minutes) => `${hours}:${String(minutes).padStart(2, '0')}`,
  ordinal(value, feminine) {
    if (value < 1 || value > 99) return [];
    const unit = value % 10;
    const whole =
      value <= 12
        ? [spanishOrdinals[value - 1] ?? '']
        : value < 20
          ? [`decimo${spanishOrdinals[unit - 1]}`]
          : [
              `${spanishTens[Math.floor(value / 10) - 1]}${unit === 0 ? '' : ` ${spanishOrdinals[unit - 1]}`}`,
            ];
    const apart = value > 12 && value < 20 ? [`décimo ${spanishOrdinals[unit - 1]}`] : [];
    const all = [...whole, ...apart];
    return feminine
      ? all.map((one) => one.replace(/o\b/gu, 'a').replace(/^decima/u, 'decimo'))
      : all;
  },
  ordinalSign: () => '.º',
  fraction(parts, whole) {
    const part = spanishParts[whole] ?? '';
    return cardinals(parts, 'noun').map((count) => `${count} ${part}${parts > 1 ? 's' : ''}`);
  },
  rules: {
    dates: 'The day is a plain number; de stands before month and year.',
    times:
      'La una, las dos: hours are feminine. Minutes follow with y, or with menos before the next hour.',
    years: 'A year is read as a number.',
    ordinals: 'From twenty on an ordinal is two words, and both agree: vigésima primera.',
    fractions: 'Medio and tercio have names of their own; from four on it is the ordinal.',
  },
});

const italianOrdinals = names('primo secondo terzo quarto quinto sesto settimo ottavo nono decimo');

/** From eleven on: the cardinal without its last vowel and -esimo; -tré and -sei keep theirs. */
function italianOrdinal(value: number, cardinal: string): string {
  if (value <= 10) return italianOrdinals[value - 1] ?? '';
  if (value % 10 === 3) return `${cardinal.replace(/tré$/u, 'tre')}esimo`;
  if (value % 10 === 6 && value !== 16) return `${cardinal}esimo`;
  return `${cardinal.slice(0, -1)}esimo`;
}

export const italianCalendar = (cardinals: Cardinals): CalendarAndClock => ({
  months: names(
    'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre',
  ),
  of: ' ',
  first: ['primo'],
  // L’otto and l’undici begin with a vowel.
  day: (day, number) => [number === 8 || number === 11 ? `l’${day}` : `il ${day}`, day],
  year: (year) => cardinals(year),
  time(hours, minutes) {
    const word = (value: number) => cardinals(value)[0] ?? '';
    const hour = (value: number) => (value === 1 ? 'l’una' : `le ${word(value)}`);
    const twelve = (value: number) => hour(value % 12 === 0 ? 12 : value % 12);
    const named = hours === 0 ? ['mezzanotte'] : hours === 12 ? ['mezzogiorno'] : [];
    const said = (rest: string) =>
      [...[hour(hours), twelve(hours)], ...named].map((one) => `${one}${rest}`);
    if (minutes === 0) return said('');
    const after =
      minutes === 15
        ? [word(15), 'un quarto']
        : minutes === 30
          ? ['mezza', 'mezzo', word(30)]
          : minutes === 45
            ? [word(45), 'tre quarti']
            : [word(minutes)];
    const toNext = minutes === 45 ? ['un quarto', word(15)] : [word(60 - minutes)];
    return [
      ...after.flatMap((rest) => said(` e ${rest}`)),
      ...(minutes > 30 ? toNext.map((rest) => `${twelve(hours + 1)} meno ${rest}`) : []),
    ];
  },
  written: (hours, minutes) => `${hours}:${String(minutes).padStart(2, '0')}`,
  ordinal(value, feminine) {
    if (value < 1 || value > 99) return [];
    const one = italianOrdinal(value, cardinals(value)[0] ?? '');
    return [feminine ? one.replace(/o$/u, 'a') : one];
  },
  ordinalSign: () => 'º',
  fraction(parts, whole) {
    const part = whole === 2 ? 'mezzo' : (italianOrdinals[whole - 1] ?? '');
    return [
      `${parts === 1 ? 'un' : (cardinals(parts)[0] ?? '')} ${parts > 1 ? part.replace(/o$/u, 'i') : part}`,
    ];
  },
  rules: {
    dates: 'Only the first of a month is an ordinal: il primo luglio, il due luglio.',
    times: 'Le due, le tre, but l’una. Minutes follow with e, or with meno before the next hour.',
    years: 'A year is one word, as any number is.',
    ordinals: 'From eleven on the number loses its last vowel before -esimo; tre and sei keep it.',
    fractions: 'Mezzo has a name of its own; from three on it is the ordinal.',
  },
});

const portugueseOrdinals = names(
  'primeiro segundo terceiro quarto quinto sexto sétimo oitavo nono',
);
const portugueseTens = names(
  'décimo vigésimo trigésimo quadragésimo quinquagésimo sexagésimo septuagésimo octogésimo nonagésimo',
);
const portugueseParts = names('- - meio terço quarto quinto sexto sétimo oitavo nono décimo');

export const portugueseCalendar = (cardinals: Cardinals): CalendarAndClock => ({
  months: names(
    'janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro',
  ),
  of: ' de ',
  first: ['primeiro', 'um'],
  day: (day) => [day, `dia ${day}`],
  year: (year) => cardinals(year),
  time(hours, minutes) {
    const word = (value: number) => cardinals(value)[0] ?? '';
    const feminine = (value: number) =>
      word(value)
        .replace(/\bum$/u, 'uma')
        .replace(/\bdois$/u, 'duas');
    const counted = (value: number) => `${feminine(value)} hora${value < 2 ? '' : 's'}`;
    const named = hours === 0 ? ['meia-noite'] : hours === 12 ? ['meio-dia'] : [];
    const short = (value: number) => feminine(value % 12 === 0 ? 12 : value % 12);
    if (minutes === 0)
      return [counted(hours), counted(hours % 12 === 0 ? 12 : hours % 12), ...named];
    const bases = [feminine(hours), short(hours), ...named];
    const minute = `${word(minutes)} minuto${minutes === 1 ? '' : 's'}`;
    const next = (hours + 1) % 24;
    const to = next === 0 ? ['a meia-noite'] : next === 12 ? ['o meio-dia'] : [];
    const article = next % 12 === 1 ? 'a' : 'as';
    const rest = word(60 - minutes);
    return [
      `${feminine(hours)} e ${word(minutes)}`,
      ...bases.flatMap((one) => (minutes === 30 ? [`${one} e meia`] : [])),
      ...bases.map((one) => `${one} e ${word(minutes)}`),
      `${counted(hours)} e ${word(minutes)}`,
      `${counted(hours)} e ${minute}`,
      ...(minutes === 15 ? bases.map((one) => `${one} e um quarto`) : []),
      ...(minutes > 30
        ? [`${article} ${short(next)}`, ...to].flatMap((one) => [
            `${rest} para ${one}`,
            `${one.replace(/^(?:as?|o) /u, '')} menos ${minutes === 45 ? 'um quarto' : rest}`,
          ])
        : []),
    ];
  },
  written: (hours, minutes) =>
    minutes === 0 ? `${hours}h` : `${hours}h${String(minutes).padStart(2, '0')}`,
  ordinal(value, feminine) {
    if (value < 1 || value > 99) return [];
    const ten = portugueseTens[Math.floor(value / 10) - 1];
    const unit = portugueseOrdinals[(value % 10) - 1];
    const one = [ten, unit].filter((part) => part !== undefined).join(' ');
    return [feminine ? one.replace(/o\b/gu, 'a') : one];
  },
  ordinalSign: () => 'º',
  fraction(parts, whole) {
    const part = portugueseParts[whole] ?? '';
    return [
      `${cardinals(parts)[0] ?? ''} ${part}${parts > 1 ? 's' : ''}`,
      ...(whole === 2 ? ['meio', 'a metade'] : []),
    ];
  },
  rules: {
    dates: 'The first of a month is an ordinal; de stands before month and year.',
    times:
      'Hours are feminine: uma hora, duas horas. Minutes follow with e; before the next hour they come first, with para.',
    years: 'A year is read as a number.',
    ordinals: 'Each part is an ordinal, and agrees: vigésima primeira.',
    fractions: 'Meio and terço have names of their own; from four on it is the ordinal.',
  },
});
