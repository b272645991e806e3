/** Dates, days and times that a text names, with where they stand on a line of time. */
import type { Span } from '../../kernel/span';
import { months } from '../../languages/en/speech/dates-and-times';

/** Years, the days of a week, or the hours of a day: only what lies on one scale can be put in order. */
export type TimeScale = 'years' | 'months' | 'week' | 'day';

export interface NamedTime extends Span {
  /** As the text writes it. */
  readonly text: string;
  readonly scale: TimeScale;
  /** Later is larger, on its own scale. */
  readonly at: number;
}

const days = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const parts: Readonly<Record<string, number>> = {
  dawn: 5,
  sunrise: 6,
  'the morning': 9,
  noon: 12,
  midday: 12,
  'the afternoon': 15,
  'the evening': 19,
  sunset: 20,
  'the night': 23,
  midnight: 24,
};
/** The season’s middle, as a part of the year, in the north. */
const seasons: Readonly<Record<string, number>> = {
  spring: 0.3,
  summer: 0.55,
  autumn: 0.8,
  fall: 0.8,
  winter: 0.97,
};
const hours = 'one two three four five six seven eight nine ten eleven twelve'.split(' ');

const MONTH = `(?:${months.join('|')})`;
const DAY = '\\d{1,2}(?:st|nd|rd|th)?';
const YEAR = '(?:1[0-9]|20)\\d{2}';

const yearOf = (year: string, month = '', day = '') =>
  Number(year) + Math.max(0, months.indexOf(month)) / 12 + (parseInt(day, 10) || 0) / 372;

interface Pattern {
  readonly pattern: RegExp;
  readonly read: (groups: Readonly<Record<string, string>>) => Pick<NamedTime, 'scale' | 'at'>;
}

/** The fullest first: a date is not read as the year in it, nor a span of years as its first. */
const patterns: readonly Pattern[] = [
  {
    pattern: new RegExp(`(?<=\\b(?:from|between) )(?<y>${YEAR}) (?:to|until|and) ${YEAR}\\b`, 'gi'),
    read: ({ y = '' }) => ({ scale: 'years', at: Number(y) }),
  },
  {
    pattern: new RegExp(`\\b(?<y>${YEAR})(?:, ${YEAR})*,? (?:and|or) ${YEAR}\\b`, 'g'),
    read: ({ y = '' }) => ({ scale: 'years', at: Number(y) }),
  },
  {
    pattern: new RegExp(`\\b(?<d>${DAY}) (?:of )?(?<m>${MONTH}),? (?<y>${YEAR})\\b`, 'g'),
    read: ({ y = '', m, d }) => ({ scale: 'years', at: yearOf(y, m, d) }),
  },
  {
    pattern: new RegExp(`\\b(?<m>${MONTH}) (?<d>${DAY}),? (?<y>${YEAR})\\b`, 'g'),
    read: ({ y = '', m, d }) => ({ scale: 'years', at: yearOf(y, m, d) }),
  },
  {
    pattern: new RegExp(`\\b(?<m>${MONTH}),? (?:of )?(?<y>${YEAR})\\b`, 'g'),
    read: ({ y = '', m }) => ({ scale: 'years', at: yearOf(y, m) }),
  },
  {
    pattern: new RegExp(
      `\\b(?:the )?(?<s>${Object.keys(seasons).join('|')})(?: of)? (?<y>${YEAR})\\b`,
      'gi',
    ),
    read: ({ y = '', s = '' }) => ({
      scale: 'years',
      at: Number(y) + (seasons[s.toLowerCase()] ?? 0),
    }),
  },
  {
    pattern: new RegExp(`\\b(?:the )?(?<y>${YEAR.slice(0, -5)}\\d)0s\\b`, 'g'),
    read: ({ y = '' }) => ({ scale: 'years', at: Number(`${y}0`) }),
  },
  {
    pattern: new RegExp(
      `(?<=\\b(?:in|since|by|until|from|of|during|around|about|before|after|year|early|late) )(?<y>${YEAR})\\b(?! (?:mm|cm|m|km|g|kg|people|children|metres|meters|times)\\b)`,
      'gi',
    ),
    read: ({ y = '' }) => ({ scale: 'years', at: Number(y) }),
  },
  {
    pattern: new RegExp(`\\b(?<d>${DAY}) (?:of )?(?<m>${MONTH})\\b`, 'g'),
    read: ({ m, d }) => ({ scale: 'months', at: yearOf('0', m, d) }),
  },
  {
    pattern: new RegExp(`\\b(?<m>${MONTH}) (?<d>${DAY})\\b`, 'g'),
    read: ({ m, d }) => ({ scale: 'months', at: yearOf('0', m, d) }),
  },
  {
    pattern: new RegExp(
      `(?<=\\b(?:[Ii]n|[Bb]y|[Uu]ntil|[Ss]ince|[Dd]uring|of|early|late) )(?<m>${MONTH})\\b`,
      'g',
    ),
    read: ({ m }) => ({ scale: 'months', at: yearOf('0', m) }),
  },
  {
    pattern: new RegExp(`\\b(?<day>${days.join('|')})\\b(?!s)`, 'g'),
    read: ({ day = '' }) => ({ scale: 'week', at: days.indexOf(day) }),
  },
  {
    pattern: /\b(?<h>\d{1,2})[.:](?<min>\d{2})(?: ?(?<half>am|pm|a\.m\.|p\.m\.))?(?!\d)/gi,
    read: ({ h, min, half = '' }) => ({
      scale: 'day',
      at: (Number(h) % (half === '' ? 24 : 12)) + (/^p/i.test(half) ? 12 : 0) + Number(min) / 60,
    }),
  },
  {
    pattern: new RegExp(
      `(?<=\\bat )(?<h>${hours.join('|')}|\\d{1,2}) (?:o['’]clock|am|(?<half>pm))(?<part> in the (?:morning|afternoon|evening)| at night)?`,
      'gi',
    ),
    read: ({ h = '', part = '', half = '' }) => {
      const hour = hours.indexOf(h.toLowerCase()) + 1 || Number(h);
      return {
        scale: 'day',
        at: hour + (/afternoon|evening|night|pm/i.test(`${part}${half}`) && hour < 12 ? 12 : 0),
      };
    },
  },
  {
    pattern:
      /\b(?:at|in|before|after|by) (?<part>dawn|sunrise|noon|midday|sunset|midnight|the morning|the afternoon|the evening|the night)\b/gi,
    read: ({ part = '' }) => ({ scale: 'day', at: parts[part.toLowerCase()] ?? 0 }),
  },
];

/** All times that a text names, in the order of the text; none within another. */
export function timesIn(text: string): NamedTime[] {
  const found: NamedTime[] = [];
  for (const { pattern, read } of patterns) {
    for (const match of text.matchAll(pattern)) {
      const start = match.index;
      const end = start + match[0].length;
      if (found.some((each) => start < each.end && each.start < end)) continue;
      found.push({ start, end, text: match[0], ...read(match.groups ?? {}) });
    }
  }
  return found.sort((one, other) => one.start - other.start);
}
