import { describe, expect, test } from 'vitest';
import { filled, isFilled, slotsOf } from '../../kernel/sentence-frame';
import { testLexicon } from '../../testing/test-lexicon';
import { markTask } from '../interactions';
import { makeExercise } from '../make-exercise';

const make = (words: string, frames: string[], more: object = {}) => {
  const recipe = {
    maker: 'sentence-frames',
    words: words.split(' '),
    parameters: { frames, ...more },
    seed: 1,
  };
  const { task, notes } = makeExercise(recipe, testLexicon());
  if (task.interaction !== 'write') throw new Error(task.interaction);
  const said = notes.map(({ text }) => text);
  return { task, items: task.items, notes: said };
};
const offers = ({ items }: ReturnType<typeof make>, item: number, slot: number) =>
  slotsOf(items[item]?.frame ?? [])[slot]?.map(({ word }) => word);

describe('frames of the teacher', () => {
  test('a slot offers what fits it: words of its kind, or what she writes', () => {
    const made = make('umbrella kite cold windy rain', [
      'I see an {thing}.',
      'I see a {thing}.',
      'The {thing} is {what like} in the {garden | rain}.',
    ]);
    // “an” takes what begins with a vowel as it is said: one such word is too few for a slot.
    expect(made.notes[0]).toMatch(/“I see an \{thing\}\.” has a slot for thing/);
    expect(offers(made, 0, 0)).toEqual(['kite', 'rain']);
    expect(offers(made, 1, 0)).toEqual(['umbrella', 'kite', 'rain']);
    expect(offers(made, 1, 1)).toEqual(['cold', 'windy', 'big', 'good', 'little']);
    expect(offers(made, 1, 2)).toEqual(['garden', 'rain']);
  });

  test('a, an: by the sound, not by the letter', () => {
    const made = make('hour uniform owl cloud', ['I want an {thing}.', 'I want a {thing}.']);
    expect(offers(made, 0, 0)).toEqual(['hour', 'owl']);
    expect(offers(made, 1, 0)).toEqual(['uniform', 'cloud']);
  });

  test.each([
    ['It rains.', /has no slot/],
    ['It is {wet}.', /one word only/],
    ['They {where | } it.', /one word only/],
  ])('“%s” is left out, and says why', (line, why) => {
    const made = make('kite rain', [line, 'The {thing} falls.']);
    expect(made.items).toHaveLength(1);
    expect(made.notes[0]).toMatch(why);
  });

  test('a small word is none of the things that can be seen', () => {
    expect(offers(make('they storm because kite', ['I can see the {thing}.']), 0, 0)).toEqual([
      'storm',
      'kite',
    ]);
  });

  test('words that no slot offers are named', () => {
    expect(make('kite rain cold', ['The {thing} falls.']).notes).toEqual(['No slot offers cold.']);
  });

  test('any filling is right, and nothing else; an own frame is not needed', () => {
    const { task, items } = make('kite rain cold', []);
    expect(items.map(({ prompt }) => prompt)).toEqual([
      'I can see the ____.',
      'I like the ____ ____.',
    ]);
    const [first, second] = items;
    const response = {
      [first?.id ?? '']: 'I can see the rain.',
      [second?.id ?? '']: 'I like the cold ____.',
    };
    expect(markTask(task, response)).toMatchObject({ score: 1, outOf: 2 });
  });

  test('pictures stand in the slots, or in none', () => {
    const with_ = make('kite rain', ['The {thing} falls.']);
    expect(slotsOf(with_.items[0]?.frame ?? [])[0]?.every(({ picture }) => picture)).toBe(true);
    const without = make('kite rain', ['The {thing} falls.'], { pictures: 'without' });
    expect(JSON.stringify(without.task)).not.toContain('"picture"');
  });

  test('each sentence of a frame is one of its fillings', () => {
    const { items } = make('kite rain cold wet puddle', ['{The | A} {thing} is {what like}.']);
    const frame = items[0]?.frame ?? [];
    const [articles = [], things = [], like = []] = slotsOf(frame);
    for (const article of articles) {
      for (const thing of things) {
        for (const how of like) {
          const text = filled(frame, [article.word, thing.word, how.word]);
          expect(isFilled(frame, text)).toBe(true);
        }
      }
    }
  });
});
