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
    const made = make('umbrella kite tent cold windy rain', [
      'I see an {thing}.',
      'I see a {thing}.',
      'The {thing} is {what like} in the {garden | rain}.',
    ]);
    // “an” takes what begins with a vowel as it is said: one such word is too few for a slot.
    expect(made.notes[0]).toMatch(/“I see an \{thing\}\.” has a slot for thing/);
    // Rain is not counted: nobody sees a rain.
    expect(offers(made, 0, 0)).toEqual(['kite', 'tent']);
    expect(offers(made, 1, 0)).toEqual(['umbrella', 'kite', 'tent', 'rain']);
    expect(offers(made, 1, 1)).toEqual(['cold', 'windy']);
    expect(offers(made, 1, 2)).toEqual(['garden', 'rain']);
  });

  test('a, an: by the sound, not by the letter', () => {
    const made = make('hour uniform owl cloud', ['I want an {thing}.', 'I want a {thing}.']);
    expect(offers(made, 0, 0)).toEqual(['hour', 'owl']);
    expect(offers(made, 1, 0)).toEqual(['uniform', 'cloud']);
  });

  test.each([
    ['{who} has a kite.', ['he', 'she']],
    ['{who} have a kite.', ['I', 'we', 'you', 'they']],
    ['{who} was wet.', ['I', 'he', 'she']],
    ['{who} were wet.', ['we', 'you', 'they']],
    ['{who} wants a kite.', ['he', 'she']],
    ['{who} want a kite.', ['I', 'we', 'you', 'they']],
    ['{who} like it.', ['I', 'we', 'you', 'they']],
    ['{who} put it away.', ['I', 'we', 'you', 'he', 'she', 'they']],
    ['{who} walked home.', ['I', 'we', 'you', 'he', 'she', 'they']],
    ['{who} can swim.', ['I', 'we', 'you', 'he', 'she', 'they']],
    ['{who} saw it.', ['I', 'we', 'you', 'he', 'she', 'they']],
  ])('“%s”: %o', (line, who) => {
    expect(offers(make('kite tent rain', [line]), 0, 0)).toEqual(who);
  });

  test.each([
    ['It rains.', /has no slot/],
    ['It is {wet}.', /one word only/],
    ['They {where | } it.', /one word only/],
  ])('“%s” is left out, and says why', (line, why) => {
    const made = make('kite tent', [line, 'The {thing} falls.']);
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
    const { task, items } = make('kite rain cold wet', []);
    expect(items.map(({ prompt }) => prompt)).toEqual([
      'I can see the ____.',
      'We saw the ____ ____.',
    ]);
    const [first, second] = items;
    const response = {
      [first?.id ?? '']: 'I can see the rain.',
      [second?.id ?? '']: 'We saw the cold ____.',
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
