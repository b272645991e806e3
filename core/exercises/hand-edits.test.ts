import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { editableTexts, withHandEdit } from './hand-edits';
import { interactionOf } from './interactions';
import { makeExercise, markTask } from './make-exercise';
import { makers } from './makers';
import type { ExerciseParameters } from './making/exercise';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'cloud', 'rainbow'];
const make = (maker: string, parameters: ExerciseParameters = {}, seed = 4) =>
  makeExercise({ maker, words, parameters, seed }, lexicon, meanings);

describe('a text changed by hand', () => {
  const edits = withHandEdit([], 'rain', 'rain + ing = ', 'to rain + ing = ');

  test('stands in the exercise, and still does after another shuffle', () => {
    for (const seed of [4, 5, 6]) {
      const { task, notes } = make('build-ing', { edits }, seed);
      const item = task.interaction === 'gap' && task.items.find(({ word }) => word === 'rain');
      expect(item && item.pieces[0]).toEqual({ kind: 'text', text: 'to rain + ing = ' });
      expect(notes.some(({ text }) => text.includes('no place'))).toBe(false);
    }
  });

  test('says so when its item is gone, and comes back with it', () => {
    const recipe = {
      maker: 'build-ing',
      words: ['train', 'snake'],
      parameters: { edits },
      seed: 1,
    };
    const { notes } = makeExercise(recipe, lexicon, meanings);
    expect(notes.find(({ word }) => word === 'rain')?.text).toMatch(
      /^Your change “to rain \+ ing = ” for rain has no place/,
    );
  });

  test('changed again it keeps what the maker wrote; put back it is gone', () => {
    const twice = withHandEdit(edits, 'rain', 'to rain + ing = ', 'it rains: ');
    expect(twice).toEqual([{ word: 'rain', from: 'rain + ing = ', to: 'it rains: ' }]);
    expect(withHandEdit(twice, 'rain', 'it rains: ', 'rain + ing = ')).toEqual([]);
  });

  test('an answer is changed in the bank too, and the key is marked by it', () => {
    const gap = make('sentence-gaps');
    const from = gap.task.interaction === 'gap' ? (gap.task.items[0]?.word ?? '') : '';
    const { task } = make('sentence-gaps', { edits: [{ word: from, from, to: 'drizzle' }] });
    if (task.interaction !== 'gap') throw new Error('no gaps');
    expect(task.bank).toContain('drizzle');
    expect(task.bank).not.toContain(from);
    const key = interactionOf(task).keyOf(task);
    expect(markTask(task, key).score).toBe(task.items.length);
  });

  test('a change that makes two answers right is found by the exercise’s own check', () => {
    const { task } = make('picture-to-word');
    if (task.interaction !== 'choice') throw new Error('no choice');
    const [item] = task.items;
    const right = item?.options.find((option) => option.right)?.text ?? '';
    const wrong = item?.options.find((option) => !option.right)?.text ?? '';
    const edited = make('picture-to-word', {
      edits: [{ word: item?.word ?? '', from: wrong, to: right }],
    });
    expect(edited.notes.map(({ text }) => text).join(' ')).toContain('offers one answer twice');
  });
});

test.each(makers.map(({ id }) => [id]))('every text of %s can be changed and put back', (id) => {
  const { task } = make(id);
  for (const { word, text } of editableTexts(task).slice(0, 6)) {
    const edits = withHandEdit([], word, text, `${text} (changed)`);
    const { task: changed } = make(id, { edits });
    const shown = editableTexts(changed, edits).find((each) => each.was === text);
    expect([id, word, text, shown?.text]).toEqual([id, word, text, `${text} (changed)`]);
  }
});
