import { describe, expect, test } from 'vitest';
import { makeExercise } from '../make-exercise';
import type { BuildTask } from '../interactions/build/task';
import { define } from '../../languages/en/words/meanings';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';

const [lexicon, meanings] = [testLexicon(), testMeanings()];

function made(words: readonly string[], parameters: Readonly<Record<string, unknown>> = {}) {
  const exercise = makeExercise(
    { maker: 'relations-map', words: [...words], parameters, seed: 5 },
    lexicon,
    meanings,
  );
  const { task } = exercise;
  if (task.interaction !== 'build') throw new Error('It is a map.');
  return { exercise, task: task as BuildTask };
}

/** What is laid at a place, by its label. */
const laid = ({ places, pieces }: BuildTask) =>
  Object.fromEntries(
    places.map(({ id, label }) => [
      label,
      pieces.filter(({ place }) => place === id).map(({ text }) => text),
    ]),
  );

describe('a map of relations', () => {
  // Opposites of any school dictionary (common practice).
  test('opposites are laid beside their words', () => {
    const words = ['hot', 'early', 'happy', 'north', 'buy'];
    expect(laid(made(words, { relation: 'opposites', shuffle: false }).task)).toMatchObject({
      'the opposite of hot': ['cold'],
      'the opposite of early': ['late'],
      'the opposite of happy': ['sad'],
      'the opposite of north': ['south'],
    });
  });

  test('no piece fits a second place: none is related to another word of the map', () => {
    const words = ['big', 'small', 'happy', 'glad', 'fast', 'quick', 'start', 'begin', 'stop'];
    const { task } = made(words);
    const labels = new Map(task.places.map(({ id, label }) => [id, label]));
    for (const { text, place } of task.pieces) {
      for (const word of words) {
        if (labels.get(place)?.endsWith(` ${word}`)) continue;
        const related = define(word, meanings, lexicon).senses.flatMap(({ near, opposites }) => [
          ...near,
          ...opposites,
        ]);
        expect(related, `${text} at ${labels.get(place)}`).not.toContain(text);
      }
    }
  });

  test('words that the wordbook lacks are named, and left out', () => {
    const { exercise } = made(['disband', 'hot', 'early', 'happy']);
    expect(exercise.notes.map(({ word }) => word)).toContain('disband');
  });

  test('a family of one’s own: each line is a place; what is wrong is said', () => {
    const { exercise, task } = made([], {
      relation: 'own',
      ownRelations: [
        'Vera’s children: Mina, Kofi',
        'Mina’s children: Juno, Kofi',
        'no relation',
        '',
      ],
    });
    expect(laid(task)).toEqual({
      'Vera’s children': ['Mina', 'Kofi'].sort(
        (one, other) =>
          task.pieces.findIndex(({ text }) => text === one) -
          task.pieces.findIndex(({ text }) => text === other),
      ),
      'Mina’s children': ['Juno'],
    });
    const said = exercise.notes.map(({ text }) => text).join(' ');
    expect(said).toMatch(/Kofi would belong to two places/);
    expect(said).toMatch(/“no relation” has no relation: write a name, a colon/);
  });
});
