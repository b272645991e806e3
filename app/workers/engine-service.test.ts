import { expect, test } from 'vitest';
import { kestrels, testLexicon } from '~core/testing/test-lexicon';
import { checkWord } from '~core/reach/check-word';
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

test('a word box takes words of a topic that the class can read', () => {
  const profile = kestrels();
  const words = engine.topicWords('weather', profile, false, 12);
  expect(words.length).toBeGreaterThanOrEqual(5);
  const lexicon = testLexicon();
  for (const word of words) {
    expect(lexicon.topicsOf(word)).toContain('weather');
    expect(checkWord(word, lexicon.find(word), profile).reach).toBe('secure');
  }
  for (const word of engine.topicWords('animals', profile, true, 8)) {
    expect(lexicon.picturesOf(word).length).toBeGreaterThan(0);
  }
  expect(engine.topicWords('no such topic', profile, false, 5)).toEqual([]);
});

test('an exercise with too little comes with others that the same words make, one with enough does not', () => {
  const short = engine.parts.build(
    { maker: 'sort-by-spelling', words: ['rain', 'day'], parameters: {}, seed: 1 },
    contextOf(kestrels()),
  );
  if ('broken' in short) throw new Error(short.broken);
  expect(short.exercise.short).toMatch(/needs 4 words/);
  expect(short.sheet.pages).toEqual([]);
  expect(short.others.length).toBeGreaterThan(0);
  expect(short.suggestions.length).toBeGreaterThan(0);
  const enough = engine.parts.build(recipe, contextOf(kestrels()));
  if ('broken' in enough) throw new Error(enough.broken);
  expect(enough.others).toEqual([]);
  expect(enough.sheet.pages.length).toBeGreaterThan(0);
});
