import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { daysFrom, mondayOf, toCalendar } from './calendar';
import { checkObjective } from './check-objective';
import { materialsOf } from './materials';
import { copyHelps } from './plan';
import { clockAt, planDocument, type PlannedLesson } from './plan-document';

const missing = (objective: string) =>
  checkObjective(objective)
    .filter(({ says }) => says !== '')
    .map(({ part }) => part);

describe('an objective', () => {
  test.each([
    // Common practice in teacher education: who, what can be seen, with what, how well.
    ['Learners spell /ā/ as ai, a–e and ay in 8 of 10 words.', []],
    ['Kestrels write three sentences with because, without help.', []],
    ['All pupils can sort twelve words by their first sound in 5 minutes.', []],
    ['Students read the poem aloud with no more than two slips.', []],
    ['Children underline every verb in a text of 100 words, at least 9 of 10.', []],
    ['Each learner tells a partner two reasons why the gauge broke.', []],
    ['The class understands the passive.', ['verb', 'how well']],
    ['Learners know long a.', ['verb', 'how well']],
    ['Spell words with ai.', ['who', 'how well']],
    ['Learners write.', ['what', 'how well']],
    ['', ['who', 'verb', 'what', 'how well']],
    ['Long a', ['who', 'verb', 'what', 'how well']],
    ['Learners will be able to explain why the wind turns, giving two reasons.', []],
    ['Learners will be familiar with the words of the storm.', ['verb', 'how well']],
  ])('“%s”', (objective, parts) => {
    expect(missing(objective)).toEqual(parts);
  });

  test('names the verb that cannot be seen', () => {
    const [, verb] = checkObjective('Learners understand the passive.');
    expect(verb?.says).toContain('“understand” cannot be seen');
  });
});

const made = (maker: string, words: readonly string[]) =>
  makeExercise({ maker, words, parameters: {}, seed: 1 }, testLexicon(), testMeanings()).task;
const words = ['rain', 'lake', 'day', 'train', 'wave', 'spray'];

describe('materials', () => {
  test('are counted for the class: a sheet each, cards for two, and what cuts them', () => {
    const sort = made('sort-by-spelling', words);
    const found = materialsOf(
      [
        { title: 'Sort', pages: 1, hasKey: true, task: sort },
        { title: 'Questions', pages: 2, hasKey: true, text: 'The wind' },
        { title: 'More', pages: 1, hasKey: false, text: 'The wind' },
      ],
      25,
    );
    expect(found.map(({ name, count }) => [name, count])).toEqual([
      ['Sort', 25],
      ['Questions (2 pages each)', 25],
      ['More', 25],
      [`sets of ${words.length} cards to cut: Sort`, 13],
      ['scissors', undefined],
      ['glue', undefined],
      ['the text “The wind”', undefined],
      ['2 keys', undefined],
    ]);
  });

  test('of a lesson of notes are none', () => {
    expect(materialsOf([{ title: 'Say it', pages: 0, hasKey: false }], 20)).toEqual([]);
  });
});

const lesson: PlannedLesson = {
  title: 'Long a in the storm log',
  className: 'Kestrels',
  objective: 'Learners spell /ā/ in 8 of 10 words.',
  plan: {
    date: '2026-11-30',
    time: '9:15',
    background: 'Six new this term.',
    targets: [
      { id: 't', name: 'Mina', need: 'sees little', help: ['larger'], also: 'sits in front' },
    ],
    reasons: ['model'],
    rationale: 'The log uses these words.',
  },
  standards: ['EN.Y1.SP.10 Spell with ai'],
  materials: ['26 × Sort', 'scissors'],
  stages: [
    { name: 'Get ready', minutes: 5, parts: ['Say rain, hail.'], grouping: 'whole' },
    {
      name: 'Show',
      minutes: 8,
      parts: [],
      teacher: 'Write ai.',
      learners: 'Watch.',
      check: 'Thumbs.',
    },
    { name: 'Together', minutes: 0, parts: [] },
    { name: 'Alone', minutes: 12, parts: ['Sort'], reflection: 'Too fast.' },
  ],
};

const words_ = (layout: Parameters<typeof planDocument>[1]) =>
  JSON.stringify(planDocument(lesson, layout));

describe('a plan on paper', () => {
  test.each(['table', 'stages'] as const)('as %s says everything that was planned', (layout) => {
    const whole = words_(layout);
    for (const said of [
      'Long a in the storm log',
      'Kestrels',
      '30 November 2026',
      '25 minutes',
      '8 of 10 words',
      'EN.Y1.SP.10',
      'Six new this term.',
      'Mina (sees little): larger print, sits in front',
      '26 × Sort',
      'whole class',
      'Write ai.',
      'Watch.',
      'Thumbs.',
      'I show one item whole',
      'The log uses these words.',
      'Too fast.',
    ]) {
      expect(whole).toContain(said);
    }
  });

  test('a run sheet has the hour of each stage, what to do and look for, and nothing of why', () => {
    const [table] = planDocument(lesson, 'run').filter((node) => node.kind === 'table');
    const rows = table?.kind === 'table' ? table.rows : [];
    expect(rows.map(([time]) => time)).toEqual(['Time', '09:15', '09:20', '09:28']);
    const whole = words_('run');
    expect(whole).not.toContain('I show one item whole');
    expect(whole).not.toContain('Six new');
  });

  test('the hour goes past midnight as a clock does', () => {
    expect(clockAt('23:50', 15)).toBe('00:05');
    expect(clockAt(undefined, 15)).toBe('15 min');
  });
});

test('what is done for a learner is done to her copy', () => {
  expect(
    copyHelps([
      { id: '1', name: ' Mina ', need: '', help: ['larger', 'fewer'], also: '' },
      { id: '2', name: 'Omar', need: '', help: [], also: 'a partner' },
    ]),
  ).toEqual({ Mina: { largePrint: true, version: 'support' } });
});

describe('a calendar', () => {
  const calendar = toCalendar(
    [
      {
        id: 'a',
        title: 'Wind; rain, and a long title that goes on and on until the line is too long',
        className: 'Kestrels',
        date: '2026-11-30',
        time: '9:15',
        minutes: 40,
        objective: 'Learners spell.\nThen they read.',
      },
      {
        id: 'b',
        title: 'No time',
        className: 'Kestrels',
        date: '2026-12-31',
        minutes: 40,
        objective: '',
      },
      { id: 'c', title: 'No day', className: 'Kestrels', date: '', minutes: 40, objective: '' },
    ],
    Date.parse('2026-11-27T08:00:00Z'),
  );

  test('is as RFC 5545 asks: lines end in CRLF, hold 75 octets, texts are escaped', () => {
    expect(calendar.startsWith('BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:')).toBe(true);
    expect(calendar.endsWith('END:VCALENDAR\r\n')).toBe(true);
    for (const line of calendar.split('\r\n')) {
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    }
    const unfolded = calendar.replace(/\r\n /g, '');
    expect(unfolded).toContain('SUMMARY:Kestrels: Wind\\; rain\\, and a long title');
    expect(unfolded).toContain('DESCRIPTION:Learners spell.\\nThen they read.');
  });

  test('has the hours of a lesson, a whole day for one without, and none for one without a day', () => {
    expect(calendar).toContain('DTSTART:20261130T091500\r\nDTEND:20261130T095500');
    expect(calendar).toContain('DTSTART;VALUE=DATE:20261231\r\nDTEND;VALUE=DATE:20270101');
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(2);
  });

  test('a week begins on Monday', () => {
    // ISO 8601: 27 November 2026 is a Friday.
    expect(mondayOf('2026-11-27')).toBe('2026-11-23');
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
    expect(mondayOf('2026-11-23')).toBe('2026-11-23');
    expect(daysFrom('2026-12-28')).toEqual([
      '2026-12-28',
      '2026-12-29',
      '2026-12-30',
      '2026-12-31',
      '2027-01-01',
    ]);
  });
});
