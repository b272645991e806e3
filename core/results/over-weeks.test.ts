import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { learnerCopy } from '../exercises/interactions';
import { phrases } from '../practice/phrases';
import { simulate } from '../practice/simulated-learner';
import { printOf, type Slip } from '../practice/slip';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { resultsByTarget, targetsOf } from './by-target';
import { familyPage } from './family-page';
import { familyPhrases } from './family-phrases';
import { overTime } from './over-time';
import { resultsOf, type GivenExercise } from './results-of';

const words = ['rain', 'lake', 'day', 'train', 'wave', 'spray', 'hail', 'gale'];
const exerciseOf = (maker: string, seed: number, given = words): GivenExercise => {
  const { title, task } = makeExercise(
    { maker, words: given, parameters: {}, seed },
    testLexicon(),
    testMeanings(),
  );
  return { id: `${maker} ${seed}`, title, task };
};

const slip = (
  learner: string,
  lesson: string,
  { id, task }: GivenExercise,
  habits: Parameters<typeof simulate>[1]['habits'],
  at: number,
): Slip => ({
  learner,
  lesson,
  answers: [
    {
      exercise: id,
      response: simulate(task, { name: learner, skill: 1, habits }, 4),
      print: printOf(learnerCopy(task)),
    },
  ],
  at,
});

const ingWords = ['make', 'bake', 'hop', 'run', 'rain', 'shine'];

describe('what items practise', () => {
  test('missing letters are a spelling, an ending is a rule, a card belongs to its heading', () => {
    const { task } = exerciseOf('missing-grapheme', 1);
    if (task.interaction !== 'gap') throw new Error('no gaps');
    const rain = task.items.find(({ word }) => word === 'rain');
    const lake = task.items.find(({ word }) => word === 'lake');
    expect(targetsOf(task, rain?.id ?? '')[0]).toEqual({ kind: 'spelling', name: 'ai' });
    expect(targetsOf(task, lake?.id ?? '')[0]).toEqual({ kind: 'spelling', name: 'a–e' });
    const ing = exerciseOf('build-ing', 1, ingWords).task;
    const first = ing.interaction === 'gap' ? ing.items[0] : undefined;
    expect(targetsOf(ing, first?.id ?? '')[0]?.kind).toBe('rule');
    const sort = exerciseOf('sort-by-spelling', 1).task;
    if (sort.interaction !== 'sort') throw new Error('no sort');
    const card = sort.cards.find(({ text }) => text === 'spray');
    expect(targetsOf(sort, card?.id ?? '')).toContainEqual({ kind: 'kind', name: 'ay' });
  });

  test('a spelling that one learner has wrong is named with her', () => {
    const exercise = exerciseOf('missing-grapheme', 1);
    const { task } = exercise;
    const key = simulate(task, { name: 'Omar', skill: 1, habits: [] }, 1) as Record<
      string,
      string[]
    >;
    const rains =
      task.interaction === 'gap' ? task.items.filter(({ key: whole }) => whole.includes('ai')) : [];
    const wrong = Object.fromEntries(
      Object.entries(key).map(([id, given]) => [
        id,
        rains.some((item) => item.id === id) ? ['ay'] : given,
      ]),
    );
    const print = printOf(learnerCopy(task));
    const of = (learner: string, response: unknown): Slip => ({
      learner,
      lesson: 'l',
      answers: [{ exercise: exercise.id, response, print }],
    });
    const results = resultsOf([of('Omar', key), of('Mina', wrong)], {
      id: 'l',
      title: '',
      exercises: [exercise],
    });
    const targets = resultsByTarget(results, [exercise]);
    // The weakest comes first.
    expect(targets[0]).toMatchObject({ kind: 'spelling', name: 'ai', learners: ['Mina'] });
    expect(targets[0]?.right).toBe((targets[0]?.answered ?? 0) / 2);
    expect(targets.find(({ name }) => name === 'a–e')?.learners).toEqual([]);
  });
});

describe('a class over its lessons', () => {
  const exercise = exerciseOf('build-ing', 1, ingWords);
  const of = (lesson: string, at: number, habits: Parameters<typeof slip>[3]) => ({
    lesson,
    title: lesson,
    at,
    results: resultsOf(
      [slip('Mina', lesson, exercise, habits, at), slip('Omar', lesson, exercise, [], at)],
      { id: lesson, title: lesson, exercises: [exercise] },
    ),
  });
  const time = overTime([
    of('third', 300, []),
    of('first', 100, ['keeps the silent e']),
    of('second', 200, ['keeps the silent e']),
    {
      lesson: 'none',
      title: 'none',
      at: 0,
      results: resultsOf([], { id: 'none', title: '', exercises: [] }),
    },
  ]);

  test('lessons stand in the order in which they came back; one with nothing is left out', () => {
    expect(time.steps.map(({ lesson }) => lesson)).toEqual(['first', 'second', 'third']);
    expect(time.steps[2]?.share).toBe(1);
    expect(time.steps[0]?.share).toBeLessThan(1);
  });

  test('an error that comes again is named as one that stays, and only of who makes it', () => {
    const [mina, omar] = time.learners;
    expect(mina?.learner).toBe('Mina');
    expect(mina?.lasting[0]).toMatchObject({ error: 'keeps the silent e', lessons: 2 });
    expect(omar?.lasting).toEqual([]);
    expect(omar?.steps.every(({ share }) => share === 1)).toBe(true);
  });
});

describe('a page for a family', () => {
  test('names a word once: wrong in one place, it is to be practised', () => {
    const exercise = exerciseOf('build-ing', 1, ingWords);
    const results = resultsOf([slip('Mina', 'l', exercise, ['keeps the silent e'], 1)], {
      id: 'l',
      title: '',
      exercises: [exercise],
    });
    const [mina] = results.learners;
    if (!mina) throw new Error('no result');
    const page = familyPage(mina, [exercise]);
    expect(page.practise).toEqual(expect.arrayContaining(['make', 'bake', 'shine']));
    expect(page.right).not.toEqual(expect.arrayContaining(['make']));
    expect(page.right).toContain('rain');
    expect(page.errors.map(({ rule }) => rule).join(' ')).toContain('silent e');
  });

  test('speaks every language that the buttons speak, and leaves nothing in English', () => {
    expect(Object.keys(familyPhrases).sort()).toEqual(Object.keys(phrases).sort());
    const { en, ...others } = familyPhrases;
    for (const [tag, own] of Object.entries(others)) {
      const same = Object.entries(own).filter(([name, text]) => en?.[name as never] === text);
      expect([tag, same]).toEqual([tag, []]);
    }
  });
});
