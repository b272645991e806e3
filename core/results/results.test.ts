import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { learnerCopy, markTask, type Task } from '../exercises/interactions';
import { catalogue } from '../exercises/catalogue';
import { diagnose } from '../practice/diagnose';
import { forLearner } from '../practice/for-learner';
import { printOf, readSlip, writeSlip, type Slip } from '../practice/slip';
import { simulate, type SimulatedLearner } from '../practice/simulated-learner';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { nextPractice } from './next-practice';
import { correlation, resultsOf, type GivenLesson } from './results-of';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = ['hop', 'run', 'stop', 'make', 'hope', 'bake', 'rain', 'jump', 'swim', 'dig'];
const made = (maker: string, parameters = {}) =>
  makeExercise({ maker, words, parameters, seed: 3 }, lexicon, meanings);
const ing = made('build-ing');
const lesson: GivenLesson = {
  id: 'storm',
  title: 'Storm log',
  exercises: [{ id: 'ing', title: ing.title, task: ing.task }],
};

/** A class of 26: each has the habits that the test puts in. */
const roster: SimulatedLearner[] = Array.from({ length: 26 }, (_, index) => ({
  name: `Learner ${index + 1}`,
  skill: index % 5 === 0 ? 0.6 : 1,
  habits: index < 8 ? ['does not double the consonant'] : index < 12 ? ['keeps the silent e'] : [],
}));

const slipOf = (learner: SimulatedLearner, task: Task, at = 1): Slip => ({
  learner: learner.name,
  lesson: lesson.id,
  answers: [
    { exercise: 'ing', response: simulate(task, learner, 1), print: printOf(learnerCopy(task)) },
  ],
  at,
});

const throughCodes = (slips: readonly Slip[]): Slip[] =>
  slips.map((slip) => {
    const read = readSlip(writeSlip(slip));
    if ('error' in read) throw new Error(read.error);
    return read;
  });

describe('26 slips of simulated learners', () => {
  const results = resultsOf(
    throughCodes(roster.map((learner) => slipOf(learner, ing.task))),
    lesson,
  );

  test('say who makes which error, as it was put in', () => {
    const whoMakes = (error: string) =>
      results.learners
        .filter(({ errors }) => errors.some((each) => each.error === error))
        .map(({ learner }) => learner)
        .sort();
    const withHabit = (habit: string) =>
      roster
        .filter(({ habits }) => habits.includes(habit as never))
        .map(({ name }) => name)
        .sort();
    expect(whoMakes('does not double the consonant')).toEqual(
      withHabit('does not double the consonant'),
    );
    expect(whoMakes('keeps the silent e')).toEqual(withHabit('keeps the silent e'));
    expect(results.problems).toEqual([]);
  });

  test('count each item: who had it right, and which wrong answers were given', () => {
    const running = results.items.find(({ expected }) => expected === 'running');
    expect(running?.answered).toBe(26);
    expect(running?.wrong[0]).toMatchObject({
      given: 'runing',
      count: 8,
      error: 'does not double the consonant',
    });
    for (const { right, answered, wrong, difficulty } of results.items) {
      expect(right + wrong.reduce((sum, { count }) => sum + count, 0)).toBe(answered);
      expect(difficulty).toBe(right / answered);
    }
  });

  test('say what each should practise next, and who needs nothing', () => {
    const next = nextPractice(results, 'Learner 2');
    expect(next.says).toMatch(
      /^Learner 2 \d times: does not double the consonant\. After one short vowel/,
    );
    expect(next.exercises[0]?.words).toEqual(
      expect.arrayContaining(['hopping', 'running', 'stopping']),
    );
    expect(nextPractice(results, 'Learner 14').says).toMatch(/everything right/);
    expect(nextPractice(results, 'Nobody').says).toBe('Nothing has come back from Nobody yet.');
  });
});

describe('what is not counted is said', () => {
  const [first = roster[0] as SimulatedLearner] = roster;
  const slip = slipOf(first, ing.task);

  test('another lesson, an exercise that is gone, one that was changed since, a stranger', () => {
    const other = resultsOf([{ ...slip, lesson: 'another' }], lesson);
    expect(other.learners).toEqual([]);
    expect(other.problems[0]).toMatch(/is of another lesson/);
    const gone = resultsOf([slip], { ...lesson, exercises: [] });
    expect(gone.problems[0]).toMatch(/not in the lesson any more/);
    const shuffled = makeExercise({ maker: 'build-ing', words, parameters: {}, seed: 9 }, lexicon);
    const changed = resultsOf([slip], {
      ...lesson,
      exercises: [{ id: 'ing', title: 'Add -ing', task: shuffled.task }],
    });
    expect(changed.problems[0]).toMatch(/^“Add -ing” was changed after Learner 1 had it/);
    expect(changed.learners[0]?.outOf).toBe(0);
    const stranger = resultsOf([slip], { ...lesson, learners: ['Mina'] });
    expect(stranger.problems[0]).toMatch(/not on the list/);
  });

  test('the same slip twice counts once; of two the later counts', () => {
    expect(resultsOf([slip, slip], lesson).problems[0]).toMatch(/same slip twice/);
    const empty = { ...slip, at: 9, answers: [{ exercise: 'ing', response: {} }] };
    for (const slips of [
      [slip, empty],
      [empty, slip],
    ]) {
      const { learners, problems } = resultsOf(slips, lesson);
      expect(problems[0]).toMatch(/The later one counts/);
      expect(learners[0]?.score).toBe(0);
    }
  });

  test('a response of another shape is no answer, and never a fault', () => {
    for (const response of [null, 7, 'x', [], { 'item-1': null }, { 'item-1': { a: 1 } }]) {
      const { learners } = resultsOf(
        [{ learner: 'Mina', lesson: 'storm', answers: [{ exercise: 'ing', response }] }],
        lesson,
      );
      expect(learners[0]?.score).toBe(0);
    }
  });
});

test('an item at which most give one wrong answer is said to mislead', () => {
  const slips = Array.from({ length: 12 }, (_, index) => ({
    learner: `Learner ${index}`,
    lesson: 'storm',
    answers: [{ exercise: 'ing', response: { 'item-1': [index < 9 ? 'hopeing' : 'hoping'] } }],
  }));
  const { items } = resultsOf(slips, lesson);
  expect(items[0]?.note).toBe('This item misleads: 9 of 12 gave “hopeing”.');
});

test('the correlation is that of the textbook', () => {
  // Anscombe, F. J. (1973), Graphs in statistical analysis, The American Statistician 27: r = 0.816.
  const x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
  const y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];
  expect(correlation(x, y)).toBeCloseTo(0.816, 3);
  expect(correlation([1, 1], [2, 3])).toBeUndefined();
});

describe.each(catalogue.filter(({ needsText }) => !needsText).map(({ id }) => id))('%s', (id) => {
  const exercise = made(id, {
    beside: Object.fromEntries(words.map((word) => [word, { translation: `<${word}>` }])),
  });

  test('a simulated learner of full skill has all right, one of none has not, and nothing is a fault', () => {
    const { task } = exercise;
    const size = markTask(task, {}).verdicts.length;
    if (exercise.short !== undefined) return expect(exercise.short).not.toBe('');
    expect(size).toBeGreaterThan(0);
    const of = (skill: number) =>
      markTask(task, simulate(task, { name: 'Mina', skill, habits: [] }, 2));
    const all = of(1);
    const free = task.interaction === 'write' && task.items.some(({ open }) => open);
    if (!free) expect(all.score).toBe(all.outOf);
    expect(of(0).score).toBeLessThan(Math.max(1, all.outOf));
    for (const found of diagnose(task, simulate(task, { name: 'Mina', skill: 0, habits: [] }, 2))) {
      expect(found.error).not.toBe('');
    }
  });

  test('what a learner gets has no answer, reason or setting in it', () => {
    const copy = forLearner(exercise) as unknown as Record<string, unknown>;
    expect(Object.keys(copy).sort()).toEqual(
      ['instruction', 'language', 'task', 'title', ...(exercise.reading ? ['reading'] : [])].sort(),
    );
    expect(copy['task']).toEqual(learnerCopy(exercise.task));
  });
});
