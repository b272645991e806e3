/** Makers that take their sentences from the sets, and rules that hold for what is left over. */
import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { confusableSentences, joins, listed } from '../../languages/en/sentence-sets/sentence-sets';
import { keyedItems, type Task } from '../interactions';
import { makeExercise } from '../make-exercise';

const lexicon = testLexicon();
const meanings = testMeanings();
const year4 = completeClass({
  id: 'a',
  name: 'A',
  level: { system: 'uk', value: 'Y4' },
  step: null,
});
const make = (maker: string, words: string[] = [], parameters = {}, seed = 1) =>
  makeExercise({ maker, words, parameters, seed }, lexicon, meanings, year4);

type Of<Kind extends Task['interaction']> = Extract<Task, { interaction: Kind }>;
function taskOf<Kind extends Task['interaction']>(kind: Kind, ...given: Parameters<typeof make>) {
  const { task } = make(...given);
  if (task.interaction !== kind) throw new Error(`${given[0]} is no ${kind}.`);
  return task as Of<Kind>;
}

const plain = (text: string) => text.replaceAll('’', "'");

describe('sentences from the sets', () => {
  test.each([
    ['comparison-forms', 8],
    ['how-much-how-many', 8],
    ['place-and-time', 8],
    ['question-tags', 8],
    ['relative-clauses', 6],
    ['reported-speech', 6],
    ['used-to', 8],
  ])('%s makes %i items of its own, none twice, each with its reason', (maker, count) => {
    for (const seed of [1, 2, 3, 4, 5]) {
      const items = keyedItems(make(maker, [], {}, seed).task);
      expect(items).toHaveLength(count);
      expect(new Set(items.map(({ question }) => question)).size).toBe(count);
      for (const { reason } of items) expect(reason).toMatch(/\p{L}{2}.*\.$/u);
    }
  });

  test('pairs of the teacher’s own stay pairs, whatever the seed', () => {
    const sentences = ['It was cold.', 'We lit a fire.', 'The bell rang.', 'We went home.'];
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const { task } = make('join-sentences', [], { grammar: 'so', sentences }, seed);
      const prompts = keyedItems(task).map(({ question }) => question);
      expect(prompts).toEqual([
        'It was cold. We lit a fire. (so)',
        'The bell rang. We went home. (so)',
      ]);
    }
  });

  test('an odd sentence without a partner is named', () => {
    const { notes } = make('join-sentences', [], {
      sentences: ['It was cold.', 'We went.', 'It fell.'],
    });
    expect(notes.map(({ text }) => text).join(' ')).toContain('“It fell.” has no second sentence');
  });

  test('only pairs that bear the joiner are given', () => {
    for (const joiner of ['because', 'so', 'but', 'although', 'until']) {
      const { task } = make('join-sentences', [], { grammar: joiner, count: 10 }, 2);
      for (const { question } of keyedItems(task)) {
        const row = joins.find(({ first, second }) =>
          plain(question).startsWith(`${first} ${second}`),
        );
        expect(listed(row?.fitting ?? '', ','), question).toContain(joiner);
      }
    }
  });

  test('a contrast is asked only where the sentence settles it', () => {
    const sentences = [
      'We saw the fox yesterday.',
      'I have known Bram since May.',
      'She has seen the fox.', // nothing says when
    ];
    const { task } = make('tense-contrast', [], { sentences });
    expect(
      keyedItems(task)
        .map(({ answer }) => answer)
        .sort(),
    ).toEqual(['have known', 'saw']);
  });

  test('each word of a set is asked before one is asked twice', () => {
    const task = taskOf('choice', 'confusable-words', ['their']);
    const words = task.items.map(({ word }) => word.toLowerCase());
    expect(new Set(words.map(plain))).toEqual(new Set(['there', 'their', "they're"]));
    const sentences = confusableSentences.map(({ sentence }) => sentence.replace('___', '______'));
    for (const { prompt } of task.items) expect(sentences).toContain(plain(prompt));
  });

  test('a fault that cannot be made surely in own sentences is refused with a way on', () => {
    const { notes, task } = make('repair-sentence', [], {
      grammar: 'wrong tense',
      sentences: ['The wind rose.', 'We went home.'],
    });
    expect(keyedItems(task)).toEqual([]);
    expect(notes.map(({ text }) => text).join(' ')).toContain('take your sentences away');
  });
});

describe('nothing vanishes in silence', () => {
  const many =
    'lake rain snail gate boat coat snow window bee leaf rainbow snowman sunshine horse'.split(' ');

  test('words without room are named', () => {
    const { notes } = make('fluency-grid', many);
    expect(notes.map(({ text }) => text).join(' ')).toMatch(
      /\d+ of 14 words are used\. Left for a second sheet: /,
    );
  });

  test('every word of a grid stands there twice or more', () => {
    for (const seed of [1, 2, 3, 4, 5, 6, 7, 8]) {
      const counts = new Map<string, number>();
      for (const { word } of taskOf('speak', 'fluency-grid', many, {}, seed).items) {
        counts.set(word, (counts.get(word) ?? 0) + 1);
      }
      for (const [word, count] of counts) expect(count, word).toBeGreaterThanOrEqual(2);
    }
  });

  test('words that all fit are not spoken of', () => {
    expect(make('sentence-gaps', ['bridge', 'candle', 'ladder', 'mirror']).notes).toEqual([]);
  });
});

describe('something to choose from', () => {
  test.each([
    [
      ['rain', 'snail', 'train', 'paint'],
      ['a–e', 'ai', 'ay'],
    ],
    [
      ['boat', 'coat', 'road'],
      ['o–e', 'oa', 'ow'],
    ],
    [
      ['feet', 'tree', 'bee'],
      ['ea', 'ee', 'y'],
    ],
  ])('one spelling gets two neighbours: %s', (words, bank) => {
    expect(taskOf('gap', 'missing-grapheme', words).bank).toEqual(bank);
  });

  test('short words of several vowels have the vowel left out, and are read aloud', () => {
    const { notes, task } = make('missing-grapheme', ['map', 'hen', 'pig', 'fox', 'sun']);
    expect(task.interaction === 'gap' && [...task.bank].sort()).toEqual(['a', 'e', 'i', 'o', 'u']);
    expect(notes[0]?.text).toContain('aloud');
  });

  test('the odd one is odd by one thing alone', () => {
    const words =
      'apple bread cheese milk carrot shirt sock hat glove boot bus train car bike cat mat'.split(
        ' ',
      );
    const { items } = taskOf('choice', 'odd-one-out', words);
    expect(items.length).toBeGreaterThanOrEqual(5);
    for (const { options } of items) {
      const others = options.filter(({ right }) => !right).map(({ text }) => text);
      const odd = options.find(({ right }) => right)?.text ?? '';
      // No other starts with a letter that the odd one shares with the rest.
      const starts = [...others, odd].map((text) => text.charAt(0));
      const alone = starts.filter(
        (letter) => starts.indexOf(letter) === starts.lastIndexOf(letter),
      );
      expect(alone.length === 1 && alone[0] !== odd.charAt(0)).toBe(false);
    }
  });
});

describe('a speaker whose name does not tell he or she', () => {
  const sentences = ['“I am cold,” said Quill.', '“I have found it,” said Mina.'];
  const report = (people?: { name: string; pronoun: 'he' | 'she' | 'they' }[]) =>
    makeExercise(
      { maker: 'reported-speech', words: [], parameters: { sentences }, seed: 1 },
      lexicon,
      meanings,
      people ? { ...year4, people } : year4,
    );
  const keyOf = (exercise: ReturnType<typeof report>) =>
    keyedItems(exercise.task).find(({ question }) => question.includes('Quill'));

  test('is asked about, and until then each pronoun is right', () => {
    const exercise = report();
    const asks = exercise.notes.filter(({ choices }) => choices !== undefined);
    expect(asks).toHaveLength(1);
    expect(asks[0]?.choices?.map(({ person }) => person)).toEqual([
      { name: 'Quill', pronoun: 'he' },
      { name: 'Quill', pronoun: 'she' },
      { name: 'Quill', pronoun: 'they' },
    ]);
    const key = keyOf(exercise);
    const right = [key?.answer, ...(key?.accepted ?? [])].join(' | ');
    for (const pronoun of ['he was', 'she was', 'they were']) expect(right).toContain(pronoun);
  });

  test.each([
    ['she', 'Quill said that she was cold.'],
    ['he', 'Quill said that he was cold.'],
    ['they', 'Quill said that they were cold.'],
  ] as const)('is %s once the teacher has said so, and is not asked again', (pronoun, key) => {
    const exercise = report([{ name: 'Quill', pronoun }]);
    expect(exercise.notes.filter(({ choices }) => choices !== undefined)).toEqual([]);
    expect(keyOf(exercise)?.answer).toBe(key);
  });
});

test('a table of a continuous tense warns of a verb of state, and of no other', () => {
  const notes = (verb: string, grammar: string) =>
    make('forms-table', [verb], { grammar })
      .notes.map(({ text }) => text)
      .join(' ');
  // Swan, Practical English Usage, “progressive tenses: non-progressive verbs” (from memory).
  for (const verb of ['know', 'want', 'belong', 'understand'])
    expect(notes(verb, 'present continuous')).toMatch(/is a verb of state/);
  for (const verb of ['run', 'write', 'wait'])
    expect(notes(verb, 'present continuous')).not.toMatch(/verb of state/);
  expect(notes('know', 'present simple')).not.toMatch(/verb of state/);
});

test('picture prompt: every word of the teacher’s is in the box, what is pictured in a line', () => {
  const given = ['boat', 'lamp', 'frog', 'snow', 'rocket'];
  const task = taskOf('write', 'picture-prompt', given);
  expect(task.bank?.map(({ word }) => word)).toEqual(expect.arrayContaining(given));
  const lines = task.items.map(({ prompt, answer }) => `${prompt} ${answer}`.toLowerCase());
  const pictured = given.filter((word) => testLexicon().picturesOf(word).length > 0);
  expect(pictured.length).toBeGreaterThanOrEqual(3);
  for (const word of pictured) {
    expect([word, lines.some((line) => line.includes(word))]).toEqual([word, true]);
  }
  // A paragraph with a model has one that passes its own checks.
  for (const item of task.items) {
    if (!item.checks) continue;
    expect(
      item.answer.split(/[.!?]/).filter((part) => part.trim() !== '').length,
    ).toBeGreaterThanOrEqual(3);
  }
});

test('picture prompt: what is no thing in a picture begins no sentence', () => {
  const given = ['moon', 'too', 'soon', 'cool', 'zoo', 'get', 'smooth', 'tooth'];
  const task = taskOf('write', 'picture-prompt', given);
  const prompts = task.items.map(({ prompt }) => prompt).join(' ');
  expect(prompts).not.toMatch(/The (?:too|soon|cool|get|smooth) /);
  expect(prompts).toMatch(/moon|tooth/);
  expect(task.bank?.map(({ word }) => word)).toEqual(expect.arrayContaining(given));
  for (const { prompt, picture } of task.items.filter((item) => item.prompt.includes('____'))) {
    expect([prompt, picture !== undefined]).toEqual([prompt, true]);
  }
});

test('picture prompt: no sheet of words that none of them can be pictured', () => {
  const words = ['helpless', 'worthless', 'endless', 'careless'];
  const exercise = makeExercise(
    { maker: 'picture-prompt', words, parameters: {}, seed: 3 },
    testLexicon(),
    testMeanings(),
  );
  expect(exercise.short).toBeDefined();
});

describe('a word that looks as if it belonged is never the odd one', () => {
  const words = 'storm north farm bird forest island cloud giraffe happily stopped right'.split(
    ' ',
  );

  test('the or of forest, beside r-controlled vowels', () => {
    for (let seed = 1; seed <= 60; seed += 1) {
      const { task } = makeExercise(
        { maker: 'odd-one-out', words, parameters: {}, seed },
        testLexicon(),
        testMeanings(),
      );
      if (task.interaction !== 'choice') throw new Error('no choice');
      for (const { word, reason } of task.items) {
        if (reason.includes('r-controlled')) expect(word).not.toMatch(/[aeiou]r/);
        if (reason.includes('doubled')) expect(word).not.toMatch(/([^aeiou])\1/);
      }
    }
  });
});
