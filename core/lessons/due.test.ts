import { describe, expect, test } from 'vitest';
import { writeSlip } from '../practice/slip';
import type { Lesson, LessonPart } from '../records/lesson';
import { dueOf } from './due';

const part = (id: string, maker: string): LessonPart => ({
  id,
  kind: 'exercise',
  text: '',
  maker,
  words: [],
  parameters: {},
  seed: 1,
});
const lesson = (more: Partial<Lesson> = {}): Lesson => ({
  id: 'storm',
  classId: 'kestrels',
  title: 'Storm words',
  objective: '',
  stages: [
    {
      id: 'alone',
      minutes: 10,
      parts: [part('gaps', 'missing-grapheme'), part('log', 'writing-task')],
    },
  ],
  ...more,
});
const slip = (learner: string, exercise: string, response: unknown) =>
  writeSlip({ learner, lesson: 'storm', answers: [{ exercise, response }] });
const given = (day: string, more = {}) => ({
  id: 'file',
  day,
  parts: ['gaps'],
  marks: true,
  returned: true,
  names: true,
  heard: false,
  speaks: 'en',
  ...more,
});
const learners = ['Mina', 'Ivo', 'Bram', 'Ada', 'Tom'];
/** A Wednesday. */
const today = '2026-11-25';
const says = (lessons: readonly Lesson[], names: readonly string[] = learners) =>
  dueOf(lessons, names, today).map((each) => each.says);

test('nothing is due of a lesson that has exercises and was given to nobody', () => {
  expect(says([lesson({ plan: { date: today } })])).toEqual([]);
});

describe('to be made', () => {
  const empty = (date: string) => lesson({ stages: [], plan: { date } });
  test.each([
    [today, 1],
    ['2026-11-27', 1],
    ['2026-11-28', 0],
    ['2026-11-24', 0],
    ['', 0],
  ])('a lesson of %s without an exercise: %i', (date, count) => {
    expect(says([empty(date)])).toHaveLength(count);
  });
});

describe('to be read', () => {
  const written = slip('Mina', 'log', { 'item-1': 'The wind was strong.' });

  test('what has no key and no remark yet, by learner', () => {
    expect(says([lesson({ slips: [written] })])).toEqual(['Not read yet: Mina']);
  });

  test('not what is marked by its key, nor what was left empty', () => {
    const slips = [
      slip('Mina', 'gaps', { 'item-1': 'ai' }),
      slip('Ivo', 'log', { 'item-1': '  ' }),
      slip('Bram', 'log', {}),
    ];
    expect(says([lesson({ slips })])).toEqual([]);
  });

  test('not what has its remark', () => {
    const remark = { learner: 'Mina', exercise: 'log', item: 'item-1', text: '', met: 'met' };
    expect(says([lesson({ slips: [written], remarks: [remark as never] })])).toEqual([]);
  });

  test('for four weeks after the day of the lesson', () => {
    const of = (date: string) => says([lesson({ slips: [written], plan: { date } })]);
    expect(of('2026-10-28')).toHaveLength(1);
    expect(of('2026-10-27')).toEqual([]);
  });

  test('many learners are counted, not named', () => {
    const slips = learners.map((learner) => slip(learner, 'log', { 'item-1': 'Rain.' }));
    expect(says([lesson({ slips })])).toEqual(['Not read yet: 5 learners']);
  });

  test('a slip that cannot be read takes nothing with it', () => {
    expect(says([lesson({ slips: ['W1-BROKEN', written] })])).toEqual(['Not read yet: Mina']);
  });
});

describe('at home', () => {
  test('who has not handed in, and all of them', () => {
    const slips = ['Mina', 'Ivo', 'Bram'].map((name) => slip(name, 'gaps', { 'item-1': 'ai' }));
    const takeHomes = [given('2026-11-20')];
    expect(says([lesson({ takeHomes, slips })])).toEqual(['Not back from home: Ada and Tom']);
    expect(says([lesson({ takeHomes })])).toEqual([
      'The file given home has not come back from anybody',
    ]);
  });

  test('what is handed in of another exercise is not the file', () => {
    const slips = [slip('Mina', 'log', {}), slip('Ivo', 'gaps', {})];
    const due = says([lesson({ takeHomes: [given('2026-11-20')], slips })], ['Mina', 'Ivo']);
    expect(due).toEqual(['Not back from home: Mina']);
  });

  test('nothing is waited for that marks itself and returns nothing, or after four weeks', () => {
    expect(says([lesson({ takeHomes: [given('2026-11-20', { returned: false })] })])).toEqual([]);
    expect(says([lesson({ takeHomes: [given('2026-10-28')] })])).toHaveLength(1);
    expect(says([lesson({ takeHomes: [given('2026-10-27')] })])).toEqual([]);
  });

  test('a class without names: only whether anything came', () => {
    const takeHomes = [given('2026-11-20')];
    expect(says([lesson({ takeHomes })], [])).toEqual(['The file given home has not come back']);
    expect(says([lesson({ takeHomes, slips: [slip('Eve', 'gaps', {})] })], [])).toEqual([]);
  });
});

test('what has its day comes first, then what is to be read, then what is at home', () => {
  const lessons = [
    lesson({ takeHomes: [given('2026-11-20')] }),
    lesson({ slips: [slip('Mina', 'log', { 'item-1': 'Hail.' })] }),
    lesson({ stages: [], plan: { date: today } }),
  ];
  expect(dueOf(lessons, learners, today).map(({ kind }) => kind)).toEqual(['make', 'read', 'home']);
});
