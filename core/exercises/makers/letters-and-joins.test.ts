import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { plainRuling } from '../../paper/ruling';
import { layOutSheet } from '../../sheets/sheet';
import { checkExercise, makeExercise } from '../make-exercise';
import type { ExerciseParameters } from '../making/exercise';

const made = (parameters: ExerciseParameters, profile = kestrels()) =>
  makeExercise(
    { maker: 'letters-and-joins', words: [], parameters, seed: 1 },
    testLexicon(),
    testMeanings(),
    profile,
  );

const answers = (parameters: ExerciseParameters) => {
  const { task } = made(parameters);
  return task.interaction === 'write' ? task.items.map(({ answer }) => answer) : [];
};

describe('letters and joins', () => {
  test('the four families hold each small letter once', () => {
    const all = ['round', 'down', 'arch', 'slant'].flatMap((set) => answers({ set }));
    expect([...all].sort().join('')).toBe('abcdefghijklmnopqrstuvwxyz');
  });

  test('figures and capitals are whole, in their order', () => {
    expect(answers({ set: 'numbers' }).join('')).toBe('0123456789');
    expect(answers({ set: 'capitals' }).join('')).toBe('ABCDEFGHIJKLMNOPQRSTUVWXYZ');
  });

  // The four joins and their examples: National Literacy Strategy, England (from memory).
  test.each([
    ['foot-low', ['ai', 'ar', 'un']],
    ['foot-tall', ['ab', 'ul', 'it']],
    ['top-low', ['ou', 'vi', 'wi']],
    ['top-tall', ['ol', 'wh', 'ot']],
  ])('%s has %o', (set, joins) => {
    expect(answers({ set })).toEqual(expect.arrayContaining(joins));
  });

  test('a join from the top leaves o, v, w or r; a tall letter ends a join to a tall one', () => {
    for (const set of ['top-low', 'top-tall']) {
      for (const join of answers({ set })) expect(join).toMatch(/^[ovwr]/);
    }
    for (const set of ['foot-tall', 'top-tall']) {
      for (const join of answers({ set })) expect(join).toMatch(/[bdhklt]$/);
    }
    for (const set of ['foot-low', 'top-low']) {
      for (const join of answers({ set })) expect(join).toMatch(/[aceimnorsuvwxz]$/);
    }
  });

  test('a dot is named only where the hand has one', () => {
    expect(made({ hand: 'print' }).instruction).toContain('Begin at the dot.');
    expect(made({ hand: 'gb-joined' }).instruction).toBe(
      'Look at the letter. Trace it. Then write it on your own.',
    );
    expect(made({ set: 'top-low', hand: 'gb-semi' }).instruction).toContain('Look at the join.');
  });
});

test('set for a left hand: how it sits, and models at the right of the line', () => {
  const left = { ...plainRuling, leftHanded: true };
  const marksOf = (parameters: ExerciseParameters) =>
    layOutSheet(made(parameters), kestrels(), '').pages.flatMap(({ marks }) => marks);
  const marks = marksOf({ ruling: left });
  const texts = marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
  expect(texts.join(' ')).toContain('turn the paper to the right');
  // The first model ends where the line ends.
  const hands = (of: typeof marks) =>
    of.flatMap((mark) => (mark.kind === 'hand' && mark.ink === 'solid' ? [mark.x] : []));
  const right = hands(marksOf({}));
  hands(marks).forEach((x, at) => expect(x).toBeGreaterThan((right[at] ?? 0) + 100));
  expect(texts.length).toBeGreaterThan(marksOf({}).filter(({ kind }) => kind === 'text').length);
});

test('its letters are not checked as words', () => {
  const recipe = { maker: 'letters-and-joins', words: [], parameters: {}, seed: 1 };
  expect(checkExercise(recipe, made({}), kestrels(), testLexicon())).toEqual([]);
});
