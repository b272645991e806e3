import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import type { MatchTask } from '../exercises/interactions/match/task';
import { Random } from '../kernel/random';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { spokenOf } from './spoken';
import { answersOf, cardsOf, choicesFor, isTyped, PAIRS_AT_ONCE, tilesOf } from './cards';

const pairs: readonly (readonly [string, string])[] = [
  ['la pluie', 'rain'],
  ['le vent', 'wind'],
  ['la neige', 'snow'],
  ['le nuage', 'cloud'],
  ['le brouillard', 'fog / mist'],
  ['l’orage', '(thunder)storm'],
  ['la grêle', 'hail'],
  ['le ciel', 'sky'],
];
const task: MatchTask = {
  interaction: 'match',
  cards: 'backs',
  pairs: pairs.map(([front], at) => ({
    id: `${at}`,
    word: front,
    left: { id: `l${at}`, text: front },
    partner: `r${at}`,
    reason: '',
  })),
  rights: pairs.map(([, back], at) => ({ id: `r${at}`, text: back })),
};

describe('sides in languages of their own', () => {
  const across = makeExercise(
    {
      maker: 'two-sided-cards',
      words: ['rain', 'lake', 'storm'],
      parameters: {
        front: 'en',
        back: 'es',
        beside: {
          rain: { translation: 'la lluvia' },
          lake: { translation: 'el lago' },
          storm: { translation: 'la tormenta' },
        },
      },
      seed: 4,
    },
    testLexicon(),
  ).task as MatchTask;

  test('each side says its language', () => {
    for (const { front, back } of cardsOf(across)) {
      expect([front.language, back.language]).toEqual(['en', 'es']);
    }
  });

  test('a meaning of the word bank is no Spanish', () => {
    const { task: cards } = makeExercise(
      {
        maker: 'two-sided-cards',
        words: ['rain', 'lake', 'storm'],
        parameters: { partner: 'meaning', back: 'es' },
        seed: 4,
      },
      testLexicon(),
      testMeanings(),
    );
    expect(cardsOf(cards as MatchTask).map(({ back }) => back.language)).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });

  test('both sides are heard, each in its own', () => {
    const spoken = Object.values(spokenOf(across));
    expect(spoken).toContainEqual({ text: 'rain', language: 'en' });
    expect(spoken).toContainEqual({ text: 'la lluvia', language: 'es' });
    expect(spoken).toHaveLength(6);
  });

  test('nothing is said of languages where none were chosen', () => {
    expect(cardsOf(task)[0]?.front).not.toHaveProperty('language');
    expect(Object.keys(spokenOf(task))).toEqual(pairs.map((_, at) => `${at}`));
  });
});

describe('cards', () => {
  test('either side can be the one that is asked', () => {
    expect(cardsOf(task)[0]?.front.text).toBe('la pluie');
    expect(cardsOf(task, true)[0]?.front.text).toBe('rain');
  });

  test('four are chosen from, all different, the right one among them', () => {
    const cards = cardsOf(task);
    for (const [seed, card] of cards.entries()) {
      const options = choicesFor(card, cards, new Random(seed));
      expect(options).toHaveLength(4);
      expect(new Set(options.map(({ text }) => text)).size).toBe(4);
      expect(options).toContain(card.back);
    }
  });

  test('a card of the same front is never offered as wrong', () => {
    const [first] = cardsOf(task);
    if (!first) throw new Error('There is no card.');
    const twin = { ...first, id: 'twin', back: { id: 'x', text: 'rainfall' } };
    for (let seed = 0; seed < 40; seed += 1) {
      const options = choicesFor(first, [...cardsOf(task), twin], new Random(seed));
      expect(options.map(({ text }) => text)).not.toContain('rainfall');
    }
  });

  test.each([
    ['fog', 'fog / mist', true],
    ['Mist.', 'fog / mist', true],
    ['storm', '(thunder)storm', true],
    ['thunderstorm', '(thunder)storm', true],
    ['it’s', "it's", true],
    ['  le   vent ', 'le vent', true],
    ['fogg', 'fog / mist', false],
    ['', 'rain', false],
  ])('“%s” for “%s”: %s', (typed, text, right) => {
    expect(isTyped(typed, { id: 'x', text })).toBe(right);
  });

  test('an accent is part of a word', () => {
    expect(answersOf('été').has('ete')).toBe(false);
    // The same letters in another normal form (Unicode Standard Annex 15) are the same word.
    expect(isTyped('e\u0301te\u0301', { id: 'x', text: 'été' })).toBe(true);
  });

  test('both sides of six pairs lie on the table', () => {
    const tiles = tilesOf(cardsOf(task), new Random(3));
    expect(tiles).toHaveLength(PAIRS_AT_ONCE * 2);
    const counts = new Map<string, number>();
    for (const { card } of tiles) counts.set(card, (counts.get(card) ?? 0) + 1);
    expect([...counts.values()].every((count) => count === 2)).toBe(true);
  });
});
