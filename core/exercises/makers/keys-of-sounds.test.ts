import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { isSpelled, rimeOf, saidAs, soundDistance, vowelCount } from '../../testing/witnesses';
import type { Task } from '../interactions';
import type { SpeakPaper } from '../interactions/speak/task';
import { makeExercise } from '../make-exercise';

const lexicon = testLexicon();
const meanings = testMeanings();

/** The task of an interaction that a maker gives. */
function made<Interaction extends Task['interaction']>(
  interaction: Interaction,
  maker: string,
  words: readonly string[],
  parameters = {},
): Extract<Task, { interaction: Interaction }> {
  const { task } = makeExercise({ maker, words, parameters, seed: 11 }, lexicon, meanings);
  if (task.interaction !== interaction) throw new Error(`${maker} makes a ${task.interaction}`);
  return task as Extract<Task, { interaction: Interaction }>;
}

describe('sorts', () => {
  test('soft c is said S and hard c K in the CMU dictionary', () => {
    const words = ['city', 'cell', 'ice', 'rice', 'cat', 'cup', 'clap', 'cot'];
    const { cards } = made('sort', 'sort-hard-soft', words);
    expect(cards).toHaveLength(words.length);
    for (const card of cards) {
      const soft = saidAs(card.text).includes('S');
      expect([card.text, card.home.startsWith('soft')]).toEqual([card.text, soft]);
    }
  });

  test('soft g is said JH and hard g G', () => {
    const words = ['giant', 'gem', 'cage', 'goat', 'gap', 'gull', 'page', 'green'];
    const { cards } = made('sort', 'sort-hard-soft', words, { letter: 'g' });
    expect(cards).toHaveLength(words.length);
    for (const card of cards) {
      expect([card.text, card.home.startsWith('soft')]).toEqual([
        card.text,
        saidAs(card.text).includes('JH'),
      ]);
    }
  });

  test('ow is sorted by what the dictionary says it is: OW in snow, AW in cow', () => {
    const words = ['snow', 'cow', 'blow', 'town', 'slow', 'brown', 'grow', 'down'];
    const { cards, headings } = made('sort', 'sort-by-sound', words, { spelling: 'ow' });
    expect(headings).toHaveLength(2);
    const homes = new Map<string, Set<string>>();
    for (const card of cards) {
      const sound = saidAs(card.text).includes('OW') ? 'OW' : 'AW';
      homes.set(card.home, (homes.get(card.home) ?? new Set()).add(sound));
    }
    expect(cards).toHaveLength(words.length);
    for (const sounds of homes.values()) expect(sounds.size).toBe(1);
  });

  test('words under one rhyme have one rime in the dictionary, and no two headings share one', () => {
    const words = ['rain', 'train', 'hail', 'snail', 'lake', 'snake', 'day', 'spray'];
    const { cards, headings } = made('sort', 'sort-by-rhyme', words);
    expect(new Set(headings.map(({ id }) => rimeOf(id))).size).toBe(headings.length);
    for (const card of cards) expect(rimeOf(card.text), card.text).toBe(rimeOf(card.home));
  });

  test('syllables are as many as the dictionary has vowels', () => {
    const words = ['rain', 'rainbow', 'umbrella', 'snow', 'thunder', 'barometer', 'hurricane'];
    const { cards } = made('sort', 'sort-by-syllables', words);
    expect(cards.length).toBeGreaterThanOrEqual(6);
    for (const card of cards) {
      expect([card.text, parseInt(card.home, 10)]).toEqual([card.text, vowelCount(card.text)]);
    }
  });

  // Common Core State Standards, ELA, Appendix A (2010), “Six syllable types in English”:
  // the examples of each type; the first syllable is looked at, for consonant-le the last.
  test.each([
    ['closed', ['dapple', 'hostel', 'beverage']],
    ['split digraph', ['brake', 'gale']],
    ['open', ['program', 'recent']],
    ['vowel team', ['awful', 'trainer', 'spoilage']],
    ['vowel with r', ['charter', 'consort']],
  ])('the first syllable is %s as in the tables of the standards', (type, words) => {
    const filler = ['rain', 'snow', 'cat', 'lake', 'he', 'car'];
    const { cards } = made('sort', 'sort-by-syllable-type', [...words, ...filler]);
    for (const card of cards.filter(({ text }) => words.includes(text))) {
      // consort has its r in the second syllable: the first is closed.
      expect([card.text, card.home]).toEqual([
        card.text,
        card.text === 'consort' ? 'closed' : card.text === 'dapple' ? card.home : type,
      ]);
    }
    expect(cards.some(({ text }) => words.includes(text))).toBe(true);
  });

  test('the rule of each card makes the form that a spell checker passes', () => {
    const words = ['hop', 'run', 'make', 'ride', 'rain', 'jump', 'sleep', 'sit'];
    const { cards } = made('sort', 'sort-by-suffix-rule', words, { suffix: 'ing' });
    const byRule: Readonly<Record<string, (base: string) => string>> = {
      'double the final consonant': (base) => `${base}${base.slice(-1)}ing`,
      'drop the silent e': (base) => `${base.slice(0, -1)}ing`,
    };
    expect(cards).toHaveLength(words.length);
    for (const { text, home } of cards) {
      const form = (byRule[home] ?? ((base: string) => `${base}ing`))(text);
      expect([form, isSpelled(form)]).toEqual([form, true]);
    }
  });
});

describe('sounds in boxes, chains and grids', () => {
  const words = ['rain', 'ship', 'frog', 'cake', 'chain', 'sunset', 'splash', 'moon'];

  test('there is one box for each sound of the dictionary', () => {
    const { items } = made('gap', 'sound-boxes', words);
    expect(items).toHaveLength(words.length);
    for (const item of items) {
      const boxes = item.pieces.filter((piece) => piece.kind === 'gap');
      expect([item.word, boxes.length]).toEqual([item.word, saidAs(item.word).length]);
    }
  });

  test('each link of a chain is one sound from the one before it', () => {
    const { items } = made('gap', 'word-chain', ['rain', 'lane', 'cat', 'hot', 'snow']);
    let before = '';
    for (const item of items) {
      const [lead] = item.pieces;
      const from = lead?.kind === 'text' ? (lead.text.split(':')[0] ?? '') : before;
      expect([from, item.key, soundDistance(saidAs(from), saidAs(item.key))]).toEqual([
        from,
        item.key,
        1,
      ]);
      before = item.key;
    }
    expect(items.length).toBeGreaterThanOrEqual(3);
  });

  test.each(['roll-and-read', 'fluency-grid'])('%s tells the listener every sound', (maker) => {
    const { items } = made('speak', maker, words);
    const recipe = { maker, parameters: {}, words, seed: 3 };
    const { columns = 0 } = makeExercise(recipe, lexicon).paper as SpeakPaper;
    expect(items.length % columns).toBe(0);
    for (const item of items) {
      expect(words).toContain(item.word);
      const sounds = item.says.slice(1, -1).split(' ');
      expect([item.word, sounds.length]).toEqual([item.word, saidAs(item.word).length]);
    }
  });

  test('every word of a fluency grid comes back, the first ones most', () => {
    const { items } = made('speak', 'fluency-grid', words);
    const counts = new Map<string, number>();
    for (const { word } of items) counts.set(word, (counts.get(word) ?? 0) + 1);
    expect(counts.size).toBe(words.length);
    expect(Math.max(...counts.values())).toBeGreaterThanOrEqual(3);
  });

  test('made-up words are in no dictionary', () => {
    const { items } = made('speak', 'made-up-words', ['rain'], { step: 30 });
    expect(items.length).toBeGreaterThan(10);
    for (const { word } of items) {
      expect([word, isSpelled(word)]).toEqual([word, false]);
    }
  });
});

describe('spellings', () => {
  test('the letters to underline spell the sound that the dictionary hears', () => {
    const words = ['rain', 'day', 'gale', 'eight', 'they', 'break', 'paper'];
    const { items, text } = made('spot', 'underline-spelling', words, { sound: 'EY' });
    expect(items).toHaveLength(words.length);
    // Spellings of long a: Common Core State Standards, ELA, Appendix A (2010), phoneme–grapheme table.
    const spellings = ['ai', 'ay', 'ae', 'eigh', 'ey', 'ea', 'a'];
    for (const item of items) {
      expect(saidAs(item.word)).toContain('EY');
      expect(spellings).toContain(item.find);
      expect(item.place.map((offset) => text[offset]).join('')).toBe(item.find);
    }
  });

  test('real words of a wheel are spelled right, the others in no dictionary', () => {
    const { pieces, centre } = made('build', 'onset-rime-wheel', ['rain', 'train', 'chain']);
    expect(centre).toBe('ain');
    const real = pieces.filter(({ place }) => place === 'word');
    const none = pieces.filter(({ place }) => place === 'no-word');
    expect([real.length >= 5, none.length]).toEqual([true, 3]);
    for (const { text } of real) expect([text, isSpelled(text + centre)]).toEqual([text, true]);
    for (const { text } of none) {
      expect([text, isSpelled(text + centre)]).toEqual([text, false]);
    }
    // What rhymes is said alike from the vowel on.
    for (const { text } of real) expect(rimeOf(text + centre)).toBe('EY N');
  });

  test('mixed letters are those of the word, and make no other word', () => {
    const { items } = made('order', 'unscramble', ['rain', 'ship', 'storm', 'lake', 'frost']);
    const sorted = (text: string) => [...text].sort().join('');
    for (const item of items) {
      expect(sorted(item.pieces.join(''))).toBe(sorted(item.word));
      expect(item.key.join('')).toBe(item.word);
      expect(isSpelled(item.pieces.join(''))).toBe(false);
    }
  });

  test('letters that make two words are left out unless a picture says which', () => {
    // live and evil, lives and Elvis are anagrams (from memory); no picture shows live.
    const { notes, task } = makeExercise(
      { maker: 'unscramble', words: ['felt', 'rain', 'ship', 'storm'], parameters: {}, seed: 1 },
      lexicon,
    );
    expect(notes.find((note) => note.word === 'felt')?.text).toContain('also make left');
    expect(task.interaction === 'order' && task.items.map((item) => item.word)).not.toContain(
      'felt',
    );
  });

  test('a gap with two good fillings is named, and both are marked right', () => {
    const { notes, task } = makeExercise(
      {
        maker: 'missing-grapheme',
        words: ['sea', 'green', 'team', 'week', 'dream'],
        parameters: { sound: 'IY' },
        seed: 1,
      },
      lexicon,
    );
    expect(notes.find((note) => note.word === 'sea')?.text).toContain('can also make see');
    const item =
      task.interaction === 'gap' ? task.items.find(({ word }) => word === 'sea') : undefined;
    expect(item?.pieces).toContainEqual({ kind: 'gap', answer: 'ea', accepted: ['ee'] });
  });

  test('forms with an ending pass the spell checker', () => {
    const forms = [
      ['ed', ['stop', 'hope', 'carry', 'visit', 'rain']],
      ['est', ['big', 'happy', 'late', 'cold']],
      ['ness', ['dark', 'happy', 'cold', 'sad']],
      ['un', ['happy', 'kind', 'lucky', 'safe']],
    ] as const;
    for (const [suffix, words] of forms) {
      const { items } = made('gap', 'build-suffix', words, { suffix });
      expect(items.length).toBeGreaterThanOrEqual(3);
      for (const { key } of items) expect([key, isSpelled(key)]).toEqual([key, true]);
    }
  });

  test('halves of compounds are words, and together the word', () => {
    const words = ['rainbow', 'snowman', 'sunset', 'football', 'bedroom'];
    const task = made('match', 'compound-words', words);
    // Halves that would also make another compound (snowball, sunroom) are left out.
    expect(task.pairs.length).toBeGreaterThanOrEqual(3);
    for (const pair of task.pairs) {
      const right = task.rights.find(({ id }) => id === pair.partner)?.text ?? '';
      expect(pair.left.text + right).toBe(pair.word);
      expect([pair.left.text, isSpelled(pair.left.text), isSpelled(right)]).toEqual([
        pair.left.text,
        true,
        true,
      ]);
    }
  });

  test('words are cut into as many syllables as the dictionary has vowels', () => {
    const words = ['thunder', 'umbrella', 'rainbow', 'hurricane', 'barometer'];
    const { items } = made('write', 'syllable-cutting', words);
    expect(items).toHaveLength(words.length);
    for (const item of items) {
      const parts = item.answer.split('·');
      expect(parts.join('')).toBe(item.word);
      expect([item.word, parts.length]).toEqual([item.word, vowelCount(item.word)]);
    }
  });

  test('dictation has every word on a line, and in the script', () => {
    const words = ['rain', 'storm', 'cloud'];
    const { items, script } = made('write', 'dictation', words);
    expect(items.map((item) => item.answer).sort()).toEqual([...words].sort());
    for (const word of words) expect(script.join(' ')).toContain(word);
  });

  test('words to trace are as they were given, in the inks asked for', () => {
    const task = made('write', 'trace-copy-write', ['Asha', 'rain'], {
      inks: ['solid', 'grey', 'blank'],
    });
    expect(task.items.map((item) => [item.answer, item.trace])).toEqual([
      ['Asha', ['solid', 'grey', 'blank']],
      ['rain', ['solid', 'grey', 'blank']],
    ]);
  });

  test('a hand that lacks a letter says so', () => {
    const { notes } = makeExercise(
      {
        maker: 'trace-copy-write',
        words: ['Ñandú', 'ветер'],
        parameters: { hand: 'us-cursive' },
        seed: 1,
      },
      lexicon,
    );
    expect(notes.find((note) => note.word === 'ветер')?.text).toMatch(/has no letters for ветер/);
  });
});
