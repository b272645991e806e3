import { describe, expect, test } from 'vitest';
import { deflateSync, strToU8 } from 'fflate';
import { makeExercise } from '../exercises/make-exercise';
import { interactionOf, markTask } from '../exercises/interactions';
import { usualBehaviour } from '../kernel/behaviour';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { forLearner } from './for-learner';
import { toSigns } from './group-code';
import { fitsAddress, fromFragment, MOST_IN_CODE, toFragment } from './in-address';
import { crc32 } from './slip';
import type { TakeHome } from './take-home';
import { TooLong, unpacked } from './unpacked';

const words = ['hop', 'run', 'make', 'rain', 'swim', 'bake'];

function homeOf(maker: string): TakeHome {
  const exercise = makeExercise(
    { maker, words, parameters: {}, seed: 1 },
    testLexicon(),
    testMeanings(),
  );
  return {
    version: 1,
    title: 'Storm words',
    className: 'Kestrels',
    lesson: 'storm',
    made: 'x',
    behaviour: usualBehaviour,
    returned: true,
    learners: ['Mina'],
    exercises: [{ id: 'one', print: 'p', exercise: forLearner(exercise, true) }],
    pictures: {},
  };
}

/** A fragment with any content and a right check. */
function forged(content: unknown): string {
  const packed = deflateSync(strToU8(JSON.stringify(content)));
  const sum = crc32(packed);
  const bytes = new Uint8Array([
    sum >>> 24,
    (sum >>> 16) & 255,
    (sum >>> 8) & 255,
    sum & 255,
    ...packed,
  ]);
  return `W1.${toSigns(bytes)}`;
}

describe('an exercise in an address', () => {
  test('comes out whole, and its key has every mark', () => {
    const home = homeOf('build-ing');
    const read = fromFragment(`#${toFragment(home)}`);
    if ('error' in read) throw new Error(read.error);
    expect(read.title).toBe('Storm words');
    const [one] = read.exercises;
    expect(one?.exercise).toEqual(home.exercises[0]?.exercise);
    const task = one?.exercise.task;
    if (!task) throw new Error('no task');
    expect(markTask(task, interactionOf(task).keyOf(task)).score).toBe(markTask(task, {}).outOf);
  });

  test('six items of an ending fit a code that a phone reads, in signs of the alphanumeric mode', () => {
    const fragment = toFragment(homeOf('build-ing'));
    expect(fragment.length).toBeLessThanOrEqual(MOST_IN_CODE);
    // ISO/IEC 18004, 7.3.4: figures, capitals, space and $ % * + - . / :
    expect(fragment).toMatch(/^[0-9A-Z $%*+\-./:]+$/);
  });

  test('an exercise with pictures does not fit', () => {
    expect(fitsAddress(homeOf('build-ing'))).toBe(true);
    expect(fitsAddress(homeOf('picture-to-word'))).toBe(false);
  });

  test.each([
    ['nothing', ''],
    ['another fragment', '#top'],
    ['a cut one', toFragment(homeOf('build-ing')).slice(0, -9)],
    [
      'a changed one',
      toFragment(homeOf('build-ing'))
        .replace(/.$/, (sign) => (sign === '0' ? '2' : '0'))
        .replace('W1.A', 'W1.B'),
    ],
    ['one without exercises', forged({ title: 'x', exercises: [] })],
    [
      'an interaction that is none',
      forged({
        exercises: [
          {
            id: 'a',
            print: 'b',
            exercise: {
              title: '',
              instruction: '',
              language: 'en',
              task: { interaction: 'constructor' },
            },
          },
        ],
      }),
    ],
    [
      'a picture from another host',
      forged({
        exercises: [
          {
            id: 'a',
            print: 'b',
            exercise: {
              title: '',
              instruction: '',
              language: 'en',
              task: {
                interaction: 'choice',
                items: [{ picture: 'https://example.org/x.png', options: [] }],
              },
            },
          },
        ],
      }),
    ],
  ])('of %s nothing is opened, and it is said', (_, fragment) => {
    const read = fromFragment(fragment);
    expect('error' in read && read.error.length > 10).toBe(true);
  });

  test('what unpacks to too much is refused before it fills the memory', () => {
    const bomb = deflateSync(new Uint8Array(5_000_000));
    expect(() => unpacked(bomb, 100_000)).toThrow(TooLong);
  });

  test('a behaviour that is not fit is as usual', () => {
    const home = { ...homeOf('build-ing'), behaviour: { feedback: 'loud' } };
    const read = fromFragment(toFragment(home as never));
    if ('error' in read) throw new Error(read.error);
    expect(read.behaviour).toEqual(usualBehaviour);
  });
});
