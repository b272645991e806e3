import { describe, expect, test } from 'vitest';
import { Random } from '../../kernel/random';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { crossWords } from '../interactions/gap/crossing-words';
import { define } from '../../languages/en/words/meanings';
import type { BuildTask } from '../interactions/build/task';
import type { ChoiceTask } from '../interactions/choice/task';
import type { MatchTask } from '../interactions/match/task';
import type { SortTask } from '../interactions/sort/task';
import { makeExercise, markTask } from '../make-exercise';

const lexicon = testLexicon();
const meanings = testMeanings();
const make = (maker: string, words: string, parameters = {}, profile = kestrels()) =>
  makeExercise({ maker, words: words.split(' '), parameters, seed: 3 }, lexicon, meanings, profile);
const homes = (task: unknown) => {
  const { cards } = task as SortTask;
  return Object.fromEntries(cards.map(({ text, home }) => [text, home]));
};

describe('words that cross', () => {
  test.each([
    'dog pig hen cow fox bee ant owl rat cat',
    'rain sun fog ice snow wind hail mist sky hot',
    'red big run hop sit leg arm bed cup pan',
    'hat map jam van tap fan bag can man mat',
    'box fox log top pot dog hop mop cot rod',
    'jump frog plum drum flag crab nest hand milk belt',
    'ship fish chop rich thin moth shed chin dish path',
  ])('of ten short words eight or more find their place: %s', (list) => {
    for (const seed of [1, 2, 3]) {
      const { words, left, rows, columns } = crossWords(list.split(' '), new Random(seed));
      expect(words.length).toBeGreaterThanOrEqual(8);
      expect([...words.map(({ word }) => word), ...left].sort()).toEqual(list.split(' ').sort());
      // Read back from the squares: every run of two letters or more is one of the words.
      const squares = new Map<string, string>();
      for (const { word, row, column, down } of words) {
        [...word].forEach((letter, at) => {
          const key = `${row + (down ? at : 0)},${column + (down ? 0 : at)}`;
          expect(squares.get(key) ?? letter).toBe(letter);
          squares.set(key, letter);
        });
      }
      const lines = [
        ...Array.from({ length: rows }, (_, row) =>
          Array.from({ length: columns }, (__, column) => squares.get(`${row},${column}`) ?? ' '),
        ),
        ...Array.from({ length: columns }, (_, column) =>
          Array.from({ length: rows }, (__, row) => squares.get(`${row},${column}`) ?? ' '),
        ),
      ];
      const runs = lines.flatMap((line) =>
        line
          .join('')
          .split(' ')
          .filter((run) => run.length > 1),
      );
      expect(runs.sort()).toEqual(words.map(({ word }) => word).sort());
    }
  });

  test('a word that finds no place is said not to, and nothing else is', () => {
    const { notes } = make('crossword', 'dog pig hen cow fox bee ant owl rat cat');
    for (const { text } of notes) expect(text).toMatch(/found no place where it crosses|clue/);
  });
});

describe('compound words', () => {
  const list = 'rainbow raincoat snowman snowball football playground sunset sunflower bedroom';

  test('what is not its two words written together is left out and named', () => {
    const { task, notes } = make('compound-words', `${list} holiday`) as unknown as {
      task: MatchTask;
      notes: readonly { word?: string; text: string }[];
    };
    expect(task.pairs.map(({ word }) => word)).not.toContain('holiday');
    expect(notes.map(({ word }) => word)).toEqual(['holiday']);
  });

  test('a half may serve twice, and each way to join them is right', () => {
    const { task, notes } = make('compound-words', list) as unknown as {
      task: MatchTask;
      notes: readonly { text: string }[];
    };
    expect(notes).toEqual([]);
    expect(task.pairs).toHaveLength(9);
    const rain = task.pairs.filter(({ left }) => left.text === 'rain');
    expect(rain).toHaveLength(2);
    const key = Object.fromEntries(task.pairs.map(({ id, partner }) => [id, partner]));
    const swapped = {
      ...key,
      [rain[0]?.id ?? '']: rain[1]?.partner ?? '',
      [rain[1]?.id ?? '']: rain[0]?.partner ?? '',
    };
    expect(markTask(task, swapped).score).toBe(9);
  });

  test('two halves that make a word nobody asked for do not stand together', () => {
    // Fireman and snowball give fireball.
    const { task, notes } = make(
      'compound-words',
      'fireman snowball sunset rainbow',
    ) as unknown as {
      task: MatchTask;
      notes: readonly { text: string }[];
    };
    expect(task.pairs).toHaveLength(3);
    expect(notes[0]?.text).toMatch(/also make (fireball|snowman)/);
  });
});

describe('sorts with tricky words', () => {
  test('endings: what no rule makes has a heading of its own', () => {
    expect(
      homes(
        make('sort-by-suffix-rule', 'fox city day leaf mouse child dish', { suffix: 's' }).task,
      ),
    ).toEqual({
      fox: 'add -es',
      dish: 'add -es',
      city: 'y becomes i',
      day: 'keep the y',
      leaf: 'f becomes ves',
      mouse: 'tricky: learn it',
      child: 'tricky: learn it',
    });
  });

  test('endings: nothing that changes nothing has two headings, and more happy is no second rule', () => {
    const ing = homes(make('sort-by-suffix-rule', 'rain jump carry play hop hope').task);
    expect([ing['rain'], ing['jump'], ing['carry'], ing['play']]).toEqual(
      Array.from({ length: 4 }, () => 'just add'),
    );
    const er = homes(make('sort-by-suffix-rule', 'happy funny big tall', { suffix: 'er' }).task);
    expect(er['happy']).toBe('y becomes i');
  });

  test('hard and soft: get, girl and give are named as exceptions', () => {
    const { task } = make('sort-hard-soft', 'get gem girl giant gate gym give');
    const { cards } = task as SortTask;
    const reason = (word: string) => cards.find(({ text }) => text === word)?.reason;
    expect(reason('girl')).toBe('In girl the g says /g/, though i follows: an exception to learn.');
    expect(reason('gate')).toMatch(/it stands not before e, i or y/);
    expect(reason('gem')).toMatch(/it stands before e, i or y/);
  });

  test('syllables: what people say in two ways is no claim', () => {
    const found = homes(
      make('sort-by-syllables', 'cat rabbit elephant family fire every banana').task,
    );
    expect(found).toEqual({
      cat: '1 syllable',
      rabbit: '2 syllables',
      elephant: '3 syllables',
      banana: '3 syllables',
      family: 'tricky: two ways to say it',
      fire: 'tricky: two ways to say it',
      every: 'tricky: two ways to say it',
    });
  });
});

describe('mixed review', () => {
  const list = 'rain hail drain snail train lake snake cloud snow gate ladder basket';

  test('asks each word once, in three ways, and never with a near word beside it', () => {
    const { task } = make('mixed-review', list) as { task: ChoiceTask };
    expect(task.items.map(({ word }) => word).sort()).toEqual(list.split(' ').sort());
    const pictured = task.items.filter(({ picture }) => picture !== undefined);
    const named = task.items.filter(({ prompt, word }) => prompt === word);
    const meant = task.items.filter(({ prompt, word }) => prompt !== '' && prompt !== word);
    for (const way of [pictured, named, meant]) expect(way.length).toBeGreaterThanOrEqual(2);
    for (const { options, word } of meant) {
      expect(options).toHaveLength(3);
      const [sense] = define(word, meanings, lexicon).senses;
      for (const { text, right } of options) {
        if (!right) expect(sense?.near).not.toContain(text);
        expect(list.split(' ')).toContain(text);
      }
    }
  });

  test('a word that has nothing to be told from is named', () => {
    const { notes } = make('mixed-review', `${list} zog`);
    expect(notes.map(({ word }) => word)).toContain('zog');
  });
});

test('word wheel: what is no word on paper is none to the ear either', () => {
  // Wip is heard as whip, cip as sip, gim as gym, crane and rain share their rime.
  const lists = ['ship chip dip', 'cake make lake', 'rain train chain', 'bed red fed', 'gym him'];
  for (const list of lists) {
    for (let seed = 1; seed <= 20; seed += 1) {
      const { task } = makeExercise(
        { maker: 'onset-rime-wheel', words: list.split(' '), parameters: {}, seed },
        lexicon,
        meanings,
        kestrels(),
      ) as { task: BuildTask };
      for (const { text, place } of task.pieces) {
        if (place === 'word') continue;
        expect(lexicon.find(`${text}${task.centre}`)).toBeUndefined();
        expect([
          `${text}${task.centre}`,
          /^(?:wip|cip|cim|gim|sain|cail)$/.test(`${text}${task.centre}`),
        ]).toEqual([`${text}${task.centre}`, false]);
      }
    }
  }
});
