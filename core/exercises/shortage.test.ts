import { describe, expect, test } from 'vitest';
import { layOutSheet } from '../sheets/sheet';
import { layOutBlocks } from '../sheets/lay-out-blocks';
import { completeMaterial } from '../texts/reading/text-material';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { findMaker, makeExercise, type ExerciseRecipe } from './make-exercise';
import { makers } from './makers';
import { otherMakers } from './other-makers';
import { recipeFor } from './recipe-for';

const lexicon = testLexicon();
const meanings = testMeanings();
const make = (recipe: Omit<ExerciseRecipe, 'seed'>) =>
  makeExercise({ ...recipe, seed: 4 }, lexicon, meanings, kestrels());
const text = (body: string) => completeMaterial({ title: 'The station', body });

/** Material that a teacher might bring, most of it too little for most makers. */
const poor: readonly Pick<ExerciseRecipe, 'words' | 'reading'>[] = [
  { words: [] },
  { words: ['rain'] },
  { words: ['rain', 'train', 'snail'] },
  { words: ['zog', 'blarf', 'quibbet', 'snoff', 'wump'] },
  { words: ['of', 'the', 'and', 'because', 'if', 'to', 'at'] },
  { words: ['rain', 'train', 'snail', 'wait', 'paint', 'mail'] },
  { words: [], reading: text('Rain.') },
  { words: [], reading: text('Milk\nBread\nEggs\nTea') },
  { words: [], reading: text('Bram closed the gate.') },
];

describe.each(makers.map(({ id }) => [id]))('%s', (id) => {
  test('is a sheet with something on it, or says what is missing and has no page', () => {
    for (const material of poor) {
      const exercise = make({ maker: id, parameters: {}, ...material });
      const sheet = layOutSheet(exercise, kestrels(), '');
      if (exercise.short !== undefined) {
        expect(exercise.short).toMatch(/\.$/);
        expect(exercise.short).toMatch(/^[A-Z]/);
        expect(sheet.pages).toEqual([]);
        continue;
      }
      expect(sheet.pages.length).toBeGreaterThan(0);
      const { task } = exercise;
      if (task.interaction === 'sort') {
        expect(task.headings.length).toBeGreaterThanOrEqual(2);
        for (const { id: heading } of task.headings) {
          expect(task.cards.map(({ home }) => home)).toContain(heading);
        }
      }
    }
  });
});

describe('too little', () => {
  test.each([
    ['sort-by-spelling', ['rain', 'day'], /needs 4 words or more .*; 2 of these can be used\./],
    ['match-picture', [], /is made from 3 words or more .* and has none yet/],
    ['match-picture', ['of', 'because', 'the', 'if'], /; none of these can be used/],
    [
      'sort-by-spelling',
      ['rain', 'train', 'snail', 'paint', 'mail'],
      /Every word belongs under ai, and a sort needs two headings/,
    ],
  ])('%s of %j says what', (maker, words, said) => {
    expect(make({ maker, words, parameters: {} }).short).toMatch(said);
  });

  test('own sentences that cannot be used are named as the reason', () => {
    const parameters = { sentences: ['What a day!', 'Oh no!'] };
    const { short } = make({ maker: 'same-meaning', words: [], parameters });
    expect(short).toMatch(/your sentences/);
    expect(short).toMatch(/take them away and Wordane brings its own|Write more of them/);
  });

  test('a block of a sheet leaves it out by name, and the rest stays', () => {
    const exercise = make({ maker: 'match-picture', words: ['of'], parameters: {} });
    const { problems, pages } = layOutBlocks(
      {
        title: 'Mine',
        layout: {},
        pictureOf: () => undefined,
        blocks: [
          { block: { id: 'a', kind: 'heading', text: 'Weather' } },
          { block: { id: 'b', kind: 'exercise', part: 'p' }, exercise },
        ],
      },
      kestrels(),
      '',
    );
    expect(problems).toEqual([expect.stringMatching(/is left out: .* needs 3 words or more/)]);
    const printed = pages.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
    );
    expect(printed).toContain('Weather');
    expect(printed).not.toContain(exercise.title);
  });
});

describe('another exercise of the same material', () => {
  const recipe = {
    maker: 'sort-by-spelling',
    words: ['rain', 'train', 'snail', 'paint', 'mail'],
    parameters: { sound: 'EY', language: 'en' },
    seed: 4,
  };

  test('each one offered makes a sheet of these words', () => {
    const offered = otherMakers(recipe, lexicon, meanings, kestrels());
    expect(offered.length).toBeGreaterThanOrEqual(3);
    for (const maker of offered) {
      const made = makeExercise(recipeFor(maker, recipe), lexicon, meanings, kestrels());
      expect(made.short).toBeUndefined();
      expect(findMaker(maker).needsText).not.toBe(true);
    }
  });

  test('of a text, exercises of that text', () => {
    const reading = text(
      'Bram closed the gate at noon. The rain filled the gauge. Tilde read the mark aloud. ' +
        'Then she wrote it in the log. Bram carried the flag up the hill because the wind was strong.',
    );
    const about = { maker: 'quotation-chart', words: [], parameters: { textId: 't' }, seed: 1 };
    const offered = otherMakers({ ...about, reading }, lexicon, meanings, kestrels());
    expect(offered.length).toBeGreaterThan(0);
    for (const maker of offered) expect(findMaker(maker).needsText).toBe(true);
    expect(recipeFor(offered[0] ?? '', about).parameters).toEqual({ textId: 't' });
  });

  test('what was chosen about the exercise does not go with it', () => {
    expect(recipeFor('word-search', recipe)).toEqual({
      maker: 'word-search',
      words: recipe.words,
      parameters: { language: 'en' },
      seed: 4,
    });
  });
});
