import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { numberKindNames } from '../../languages/language-pack';
import { testLexicon } from '../../testing/test-lexicon';
import type { WriteTask } from '../interactions/write/task';
import { makeExercise, markTask } from '../make-exercise';

const lexicon = testLexicon();
const british = completeClass({
  id: 'a',
  name: 'A',
  level: { system: 'uk', value: 'Y5' },
  step: null,
});
const american = completeClass({
  id: 'b',
  name: 'B',
  level: { system: 'us', value: 'G5' },
  step: null,
  spelling: 'us',
});
const make = (parameters = {}, profile = british, seed = 1) =>
  makeExercise(
    { maker: 'number-readings', words: [], parameters, seed },
    lexicon,
    undefined,
    profile,
  );

describe.each([...numberKindNames])('%s', (grammar) => {
  test('each is another, and its key, without hyphens too, is right', () => {
    for (const profile of [british, american]) {
      for (const seed of [1, 2, 3]) {
        const { task, short } = make({ grammar }, profile, seed) as {
          task: WriteTask;
          short?: string;
        };
        expect(short).toBeUndefined();
        expect(new Set(task.items.map(({ prompt }) => prompt)).size).toBe(task.items.length);
        expect(task.items.length).toBeGreaterThanOrEqual(6);
        const key = Object.fromEntries(task.items.map(({ id, answer }) => [id, answer]));
        const plain = Object.fromEntries(
          task.items.map(({ id, answer }) => [id, answer.replaceAll('-', ' ')]),
        );
        for (const response of [key, plain]) {
          expect(markTask(task, response).score).toBe(task.items.length);
        }
        for (const { reason } of task.items) expect(reason).toMatch(/\.$/);
      }
    }
  });
});

test('the class’s variety comes first, the other is accepted', () => {
  const sentences = ['3/4', '310 m', '12%'];
  const answers = (profile: typeof british) =>
    (make({ sentences }, profile).task as WriteTask).items.map(({ answer }) => answer);
  expect(answers(british)).toEqual([
    'three quarters',
    'three hundred and ten metres',
    'twelve per cent',
  ]);
  expect(answers(american)).toEqual([
    'three fourths',
    'three hundred ten meters',
    'twelve percent',
  ]);
  const { task } = make({ sentences }, american) as { task: WriteTask };
  const [first] = task.items;
  expect(markTask(task, { [first?.id ?? '']: 'three quarters' }).score).toBe(1);
});

test('lines that are no numbers are named, and the rest is asked', () => {
  const { task, notes } = make({ sentences: ['7:45', 'soon', '£3.50', 'a 5 km walk'] }) as {
    task: WriteTask;
    notes: readonly { text: string }[];
  };
  expect(task.items.map(({ prompt }) => prompt)).toEqual(['7:45', '£3.50', 'a 5 km walk']);
  expect(notes.map(({ text }) => text).join(' ')).toMatch(/soon is no number that is known/);
});
