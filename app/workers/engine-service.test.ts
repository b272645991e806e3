import { expect, test } from 'vitest';
import { kestrels, testLexicon } from '~core/testing/test-lexicon';
import { Engine } from './engine-service';

const engine = new Engine(testLexicon());
const contextOf = (profile: ReturnType<typeof kestrels>, footer = '') => ({
  profile,
  footer,
  beside: {},
});
const recipe = { maker: 'made-up-words', words: ['neighbour'], parameters: {}, seed: 2 };

test('made-up words keep to the step of the class, and move with it', () => {
  for (const step of [14, 30]) {
    const built = engine.parts.build(recipe, contextOf(kestrels({ step })));
    if ('broken' in built) throw new Error(built.broken);
    const { exercise } = built;
    expect(exercise.parameters['step']).toBe(step);
    const { task } = exercise;
    const words = task.interaction === 'speak' ? task.items.map((item) => item.word) : [];
    expect(words.length).toBeGreaterThan(10);
    // gn, kn and wr are taught at step 43.
    for (const word of words) expect(word).not.toMatch(/^(gn|kn|wr)/);
  }
});

test('the same exercise for the same class is not made twice', () => {
  const profile = kestrels();
  expect(engine.parts.build(recipe, contextOf(profile, 'a'))).toBe(
    engine.parts.build(recipe, contextOf(profile, 'a')),
  );
  expect(engine.parts.build(recipe, contextOf(profile, 'a'))).not.toBe(
    engine.parts.build(recipe, contextOf(profile, 'b')),
  );
});
