import { describe, expect, test } from 'vitest';
import type { Lesson } from '~core/records/lesson';
import { openRecord } from '~core/records/open-record';
import { lessonOperations } from './lesson-operations';

const lesson = (): Lesson => ({
  id: 'storm',
  classId: 'kestrels',
  title: 'Storm log',
  objective: '',
  stages: (['get-ready', 'show', 'together', 'alone', 'look-back'] as const).map((id) => ({
    id,
    minutes: 5,
    parts: [],
  })),
});

/** What an operation makes of a lesson, as it would be kept. */
function after(present: Lesson, intent: string, input: object): Lesson {
  const { step } = lessonOperations[intent] as {
    step: (lesson: Lesson, input: object) => Lesson;
  };
  const read = openRecord('lessons', step(present, input));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return JSON.parse(JSON.stringify(read.value)) as Lesson;
}

const on = { learner: 'Mina', exercise: 'e1', item: 'i1' };

describe('what is said of an open answer', () => {
  test('a word and a mark stand together, for that learner and item alone', () => {
    const said = after(lesson(), 'remark', { ...on, text: 'A strong first line.' });
    const marked = after(said, 'remark-met', { ...on, met: 'met' });
    const other = after(marked, 'remark', { ...on, item: 'i2', text: 'Add an end mark.' });
    expect(other.remarks).toEqual([
      { ...on, text: 'A strong first line.', met: 'met' },
      { ...on, item: 'i2', text: 'Add an end mark.', met: '' },
    ]);
  });

  test('what says nothing any more goes, and leaves no empty list', () => {
    const said = after(lesson(), 'remark-met', { ...on, met: 'again' });
    expect('remarks' in after(said, 'remark-met', { ...on, met: '' })).toBe(false);
  });
});
