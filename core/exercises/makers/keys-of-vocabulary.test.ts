import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { ownMaterial } from '../../testing/own-material';
import { allSaid, emojiShows, isSpelled, rimeOf, wordNetOpposites } from '../../testing/witnesses';
import { confusableSentences } from '../../languages/en/sentence-sets/sentence-sets';
import { confusableSets } from '../../languages/en/words/confusables';
import type { ExerciseParameters } from '../making/exercise';
import type { Task } from '../interactions';
import { crossingLetters } from '../interactions/gap/task';
import { checkExercise, makeExercise, markItem, markTask } from '../make-exercise';
import { layOutSheet } from '../../sheets/sheet';

const lexicon = testLexicon();
const meanings = testMeanings();

function made<Interaction extends Task['interaction']>(
  interaction: Interaction,
  maker: string,
  words: readonly string[],
  parameters = {},
  seed = 11,
): Extract<Task, { interaction: Interaction }> {
  const { task } = makeExercise({ maker, words, parameters, seed }, lexicon, meanings);
  if (task.interaction !== interaction) throw new Error(`${maker} makes a ${task.interaction}`);
  return task as Extract<Task, { interaction: Interaction }>;
}

const storm = ['rain', 'cloud', 'snow', 'rainbow', 'snowman', 'umbrella', 'lake', 'snake'];
const pictured = ['snail', 'snake', 'umbrella', 'rainbow', 'train', 'cat', 'sun', 'cloud'];

describe('places on a picture of the teacher’s own', () => {
  const made = (parameters: ExerciseParameters) => {
    const recipe = { maker: 'pinned-picture', words: [], parameters, seed: 3 };
    const exercise = makeExercise(recipe, lexicon, meanings);
    if (exercise.task.interaction !== 'point') throw new Error('It points.');
    return { ...exercise, task: exercise.task };
  };

  test('every place that has a name is asked for, where it was put', () => {
    const { task, short } = made(ownMaterial);
    expect(short).toBeUndefined();
    expect(task.items.map(({ word }) => word)).toEqual([
      'climbing',
      'flag',
      'rain gauge',
      'running',
    ]);
    for (const [index, { x, y }] of ownMaterial.places.entries()) {
      const point = { [`item-${index + 1}`]: [x, y / ownMaterial.picture.ratio] as const };
      const { verdicts } = markItem(task, point);
      expect(verdicts.filter(({ right }) => right)).toHaveLength(1);
      expect(verdicts[index]?.right).toBe(true);
    }
  });

  test('another place is wrong, and is called by its name', () => {
    const { task } = made(ownMaterial);
    const { verdicts } = markItem(task, { 'item-1': [0.7, 0.25 / 1.5] });
    expect(verdicts[0]).toMatchObject({ right: false, given: 'flag', expected: 'climbing' });
  });

  test('its verbs alone are collected, and what is left out is named', () => {
    const { task, notes } = made({ ...ownMaterial, ask: 'verbs' });
    expect([...task.bank].sort()).toEqual(['climbing', 'running']);
    expect(notes.map(({ text }) => text).join(' ')).toContain('flag, rain gauge');
  });

  test('two places of one name are found once, and labelled both', () => {
    const places = [...ownMaterial.places, { x: 0.1, y: 0.9, word: 'Flag' }];
    const found = made({ ...ownMaterial, places, ask: 'ring' });
    expect(found.task.items).toHaveLength(4);
    expect(found.notes.map(({ text }) => text).join(' ')).toContain('Flag names two places');
    expect(made({ ...ownMaterial, places }).task.items).toHaveLength(5);
  });

  test('no places lie over each other, however near the pins', () => {
    const places = [0.5, 0.51, 0.53].map((x, index) => ({ x, y: 0.5, word: `thing ${index}` }));
    expect(made({ ...ownMaterial, places }).notes).toEqual([]);
  });

  test('without a picture, or without a place, there is no sheet', () => {
    expect(made({}).short).toContain('a picture of your own');
    expect(made({ ...ownMaterial, places: [] }).short).toContain('needs');
  });

  test('a map with one place asks for its name, and no box says it', () => {
    const { task, short } = made({ ...ownMaterial, places: ownMaterial.places.slice(0, 1) });
    expect(short).toBeUndefined();
    expect(task.items).toHaveLength(1);
    expect(task.bank).toEqual([]);
  });

  test('covered places show nothing of their names', () => {
    const exercise = made({ ...ownMaterial, ask: 'uncover', bank: false });
    const { pages } = layOutSheet(exercise, kestrels(), '');
    const printed = pages
      .filter(({ part }) => part === 'learner')
      .flatMap(({ marks }) => marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])))
      .join(' ');
    for (const { word } of ownMaterial.places) expect(printed).not.toContain(word);
  });
});

describe('pictures show what the key says', () => {
  test.each(['pairs', 'two-sided-cards', 'match-picture'])('%s', (maker) => {
    const { pairs, rights } = made('match', maker, pictured, { partner: 'picture' });
    expect(pairs).toHaveLength(pictured.length);
    for (const pair of pairs) {
      const name = rights.find(({ id }) => id === pair.partner)?.picture ?? '';
      expect([pair.word, name, emojiShows(name, pair.word)]).toEqual([pair.word, name, true]);
    }
  });

  test.each(['find-in-picture', 'labelled-picture'])('%s', (maker) => {
    const { scene, items } = made('point', maker, pictured);
    expect(items).toHaveLength(pictured.length);
    for (const item of items) {
      const name = scene.things.find(({ id }) => id === item.thing)?.picture ?? '';
      expect([item.word, name, emojiShows(name, item.word)]).toEqual([item.word, name, true]);
    }
  });

  test('nothing else in the picture could be named by a listed word', () => {
    for (let seed = 0; seed < 40; seed += 1) {
      const { scene, items } = made('point', 'find-in-picture', pictured, {}, seed);
      const asked = new Set(items.map(({ thing }) => thing));
      for (const thing of scene.things.filter(({ id }) => !asked.has(id))) {
        for (const word of pictured) expect(lexicon.picturesOf(word)).not.toContain(thing.picture);
      }
    }
  });

  test('picture-to-word: the right word names the picture, no wrong one does', () => {
    const { items } = made('choice', 'picture-to-word', pictured);
    for (const item of items) {
      for (const option of item.options) {
        expect([option.text, emojiShows(item.picture ?? '', option.text)]).toEqual([
          option.text,
          option.right,
        ]);
      }
    }
  });

  test('picture-writing asks for the word that names the picture', () => {
    for (const item of made('write', 'picture-writing', pictured).items) {
      expect(emojiShows(item.picture ?? '', item.answer)).toBe(true);
    }
  });
});

describe('meanings', () => {
  test('every definition is in words that a spell checker knows, and does not give the word', () => {
    const { pairs, rights } = made('match', 'match-meaning', storm);
    expect(pairs.length).toBeGreaterThanOrEqual(5);
    for (const pair of pairs) {
      const text = rights.find(({ id }) => id === pair.partner)?.text ?? '';
      const words = text.toLowerCase().match(/[a-z']+/g) ?? [];
      expect(words).not.toContain(pair.word);
      for (const word of words) expect([word, isSpelled(word)]).toEqual([word, true]);
    }
  });

  test('each wrong meaning belongs to another word, and says which', () => {
    const { items } = made('choice', 'choose-meaning', storm);
    expect(items.length).toBeGreaterThanOrEqual(5);
    for (const item of items) {
      for (const option of item.options.filter(({ right }) => !right)) {
        expect(option.feedback).toMatch(/^That is /);
        expect(option.feedback).not.toBe(`That is ${item.word}.`);
      }
    }
  });

  test('translations are those of the list; a word without one is named', () => {
    const beside = { rain: { translation: 'pluie' }, snow: { translation: 'neige' } };
    const recipe = {
      maker: 'match-translation',
      words: ['rain', 'snow', 'wind'],
      parameters: { beside },
      seed: 1,
    };
    const { task, notes } = makeExercise(recipe, lexicon, meanings);
    const pairs = task.interaction === 'match' ? task.pairs : [];
    const rights = task.interaction === 'match' ? task.rights : [];
    const partnerOf = (id: string) => rights.find((side) => side.id === id)?.text;
    expect(pairs.map(({ word, partner }) => [word, partnerOf(partner)]).sort()).toEqual([
      ['rain', 'pluie'],
      ['snow', 'neige'],
    ]);
    expect(notes.find((note) => note.word === 'wind')?.text).toContain('write it beside the word');
  });

  test('opposites are antonyms of WordNet', () => {
    // WordNet pairs big with little, large with small, quiet with noisy; that these are opposites too is common knowledge.
    const opposites = new Set([...wordNetOpposites(), 'big small', 'quiet loud', 'happy sad']);
    const adjectives = ['hot', 'wet', 'big', 'happy', 'early', 'dark', 'strong', 'quiet'];
    const { pairs, rights } = made('match', 'synonyms-opposites', adjectives);
    const against = pairs.filter((pair) => pair.reason.includes('opposite'));
    expect(against.length).toBeGreaterThanOrEqual(4);
    for (const pair of against) {
      const other = rights.find(({ id }) => id === pair.partner)?.text ?? '';
      expect([pair.word, other, opposites.has(`${pair.word} ${other}`)]).toEqual([
        pair.word,
        other,
        true,
      ]);
    }
  });

  test('a sentence with its answer put back is one a spell checker passes', () => {
    const { items, bank } = made('gap', 'sentence-gaps', storm);
    expect(items.length).toBeGreaterThanOrEqual(5);
    for (const item of items) {
      expect(item.key.toLowerCase()).toContain(item.word);
      expect(bank).toContain(item.word);
      for (const word of item.key.match(/[A-Za-z']+/g) ?? []) {
        expect([word, isSpelled(word)]).toEqual([word, true]);
      }
    }
  });

  test('where two words would fit a sentence and no hint is given, both are named', () => {
    const recipe = {
      maker: 'sentence-gaps',
      words: ['rain', 'snow', 'hail'],
      parameters: {
        hints: false,
        sentences: ['The rain fell all day.', 'The snow lay deep.', 'We heard hail.'],
      },
      seed: 1,
    };
    const { notes } = makeExercise(recipe, lexicon, meanings);
    expect(notes.find((note) => note.word === 'rain')?.text).toMatch(
      /(snow|hail) may fit the gap for rain as well/,
    );
  });

  test('a writing bank’s models keep their own checks', () => {
    const { items, bank } = made('write', 'writing-bank', storm);
    expect(bank?.length).toBeGreaterThanOrEqual(items.length);
    for (const item of items) {
      expect(item.answer).toMatch(/^[A-Z].*[.!?]$/);
      expect(item.answer.toLowerCase()).toContain(item.word);
    }
  });
});

describe('groups', () => {
  test.each([
    // Silent letters and hard c that a word bank does not name, from teachers' lists (common practice).
    [
      'knee thumb wrist comb island tongue castle calm sun',
      'silent letter',
      /island|tongue|castle|calm/,
    ],
    ['catch crawl climb cat kick rocket bicycle sun', 'hard c', /kick|rocket|bicycle/],
    ['shop chip thin ring knee wrist bell sun', 'consonant digraph', /knee|wrist|bell/],
    ['gate goat bag jam giraffe page sun', 'hard g', /giraffe|page/],
  ])('of %s none that could have a %s is odd by it', (words, name, never) => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const { items } = made('choice', 'odd-one-out', words.split(' '), {}, seed);
      for (const { word, reason } of items) {
        if (reason.includes(name)) expect(word).not.toMatch(never);
      }
    }
  });

  test('a word with both sounds of a letter is a model of neither', () => {
    const { items } = made(
      'choice',
      'odd-one-out',
      'bicycle cat cot climb catch sun pen bed mud'.split(' '),
    );
    const hard = items.filter(({ reason }) => reason.includes('hard c'));
    for (const { options } of hard)
      expect(options.map(({ text }) => text)).not.toContain('bicycle');
    expect(items.length).toBeGreaterThan(0);
  });

  test('the odd one out of a rhyme is the only one that does not rhyme', () => {
    const words = ['rain', 'train', 'chain', 'day', 'lake', 'snake', 'cake', 'hot'];
    for (let seed = 0; seed < 20; seed += 1) {
      const { items } = made('choice', 'odd-one-out', words, {}, seed);
      for (const item of items.filter(({ reason }) => reason.includes('rhyme'))) {
        const rimes = item.options.filter(({ right }) => !right).map(({ text }) => rimeOf(text));
        expect(new Set(rimes).size).toBe(1);
        const odd = item.options.find(({ right }) => right);
        expect(rimeOf(odd?.text ?? '')).not.toBe(rimes[0]);
      }
    }
  });

  test('topics hold what everybody puts there', () => {
    // Common knowledge; weather words and animals are never one another.
    const topics = { weather: ['rain', 'snow', 'cloud', 'fog'], animals: ['cat', 'snake', 'goat'] };
    const { cards } = made('sort', 'sort-by-topic', Object.values(topics).flat());
    for (const [topic, words] of Object.entries(topics)) {
      for (const word of words) {
        expect(cards.find(({ text }) => text === word)?.home, word).toBe(topic);
      }
    }
  });

  test('what rhymes on a word map rhymes in the dictionary; its family shares its letters', () => {
    const { pieces, centre } = made('build', 'word-map', ['rain']);
    const rhymes = pieces.filter(({ place }) => place === 'rhymes');
    expect(rhymes.length).toBeGreaterThan(0);
    for (const { text } of rhymes) expect([text, rimeOf(text)]).toEqual([text, rimeOf(centre)]);
    for (const { text } of pieces.filter(({ place }) => place === 'family')) {
      expect(text.startsWith(centre)).toBe(true);
    }
  });
});

describe('puzzles', () => {
  test('every run of letters in a crossword is one of its words', () => {
    for (let seed = 0; seed < 25; seed += 1) {
      const task = made('gap', 'crossword', storm, {}, seed);
      const { crossing } = task;
      if (crossing === undefined) throw new Error('There is no grid.');
      const squares = crossingLetters(task, crossing);
      const at = (row: number, column: number) => squares.get(`${row} ${column}`)?.[0] ?? ' ';
      const rows = Array.from({ length: crossing.rows }, (_, row) =>
        Array.from({ length: crossing.columns }, (__, column) => at(row, column)).join(''),
      );
      const columns = Array.from({ length: crossing.columns }, (_, column) =>
        Array.from({ length: crossing.rows }, (__, row) => at(row, column)).join(''),
      );
      const runs = [...rows, ...columns]
        .flatMap((line) => line.split(/ +/))
        .filter((run) => run.length > 1);
      expect(runs.sort()).toEqual(task.items.map((item) => item.key).sort());
    }
  });

  /** How often a word stands in the lines of a grid, read both ways; an independent way to look. */
  function countIn(rows: readonly string[], word: string): number {
    const size = rows.length;
    const lines: string[] = [...rows];
    for (let column = 0; column < size; column += 1) {
      lines.push(rows.map((row) => row[column] ?? '').join(''));
    }
    for (let shift = 1 - size; shift < size; shift += 1) {
      let down = '';
      let up = '';
      for (let row = 0; row < size; row += 1) {
        down += rows[row]?.[row + shift] ?? '';
        up += rows[size - 1 - row]?.[row + shift] ?? '';
      }
      lines.push(down, up);
    }
    const back = [...word].reverse().join('');
    const ways = back === word ? [word] : [word, back];
    return ways
      .map((way) =>
        lines.reduce((sum, line) => {
          let found = 0;
          for (let at = line.indexOf(way); at >= 0; at = line.indexOf(way, at + 1)) found += 1;
          return sum + found;
        }, 0),
      )
      .reduce((sum, count) => sum + count, 0);
  }

  test.each(['core', 'stretch'])('each word stands once in a word search (%s)', (version) => {
    for (let seed = 0; seed < 25; seed += 1) {
      const task = made('spot', 'word-search', storm, { version }, seed);
      const rows = task.text.split('\n');
      expect(new Set(rows.map((row) => row.length))).toEqual(new Set([rows.length]));
      expect(task.items.length).toBeGreaterThanOrEqual(6);
      for (const { find } of task.items) expect([find, countIn(rows, find)]).toEqual([find, 1]);
    }
  });
});

describe('often confused words', () => {
  test('homophones of the table are said alike in the CMU dictionary', () => {
    // National Curriculum in England, English Appendix 1 (2013), year 2 and years 3–4: homophones.
    const homophones = [
      ['sea', 'see'],
      ['blew', 'blue'],
      ['bare', 'bear'],
      ['sun', 'son'],
      ['night', 'knight'],
      ['plain', 'plane'],
      ['meat', 'meet'],
      ['piece', 'peace'],
      ['great', 'grate'],
      ['main', 'mane'],
      ['heel', 'heal'],
      ['knot', 'not'],
    ] as const;
    for (const [left, right] of homophones) {
      expect(allSaid(left).some((said) => allSaid(right).includes(said))).toBe(true);
      const set = confusableSets.find(({ words }) => words.some(({ word }) => word === left));
      expect(set?.words.map(({ word }) => word)).toContain(right);
    }
  });

  test('the right word in the sentence is the one the sentence was written for', () => {
    const { items } = made('choice', 'confusable-words', ['weather', 'hear', 'to']);
    for (const item of items) {
      const right = item.options.find((option) => option.right)?.text ?? '';
      expect(right.toLowerCase()).toBe(item.word.toLowerCase());
      // The sentences are those of data/sentences/confusables.tsv, each with its set.
      const plain = item.prompt.replace('______', '___').replaceAll('’', "'");
      const row = confusableSentences.find(
        ({ sentence }) =>
          sentence.replaceAll('’', "'").replace(/["“”‘]/g, '') === plain.replace(/["“”‘]/g, ''),
      );
      expect(row?.right.toLowerCase(), item.prompt).toBe(item.word.toLowerCase());
      expect(item.options.map(({ text }) => text.toLowerCase()).sort()).toEqual(
        row?.words.map((word) => word.toLowerCase()).sort(),
      );
    }
  });

  test('a teacher’s own set comes before ours', () => {
    const own = {
      words: [
        { word: 'hail', meaning: 'ice that falls', sentence: 'The ___ beat on the roof.' },
        { word: 'hale', meaning: 'well and strong', sentence: 'She is ___ and happy.' },
      ],
      tell: 'hail has ai, as rain has.',
      britishOnly: false,
    };
    const { items } = made('choice', 'confusable-words', ['hail'], { sets: [own] });
    expect(items.map((item) => item.word).sort()).toEqual(['hail', 'hale']);
    expect(items[0]?.reason).toContain('hail has ai, as rain has.');
  });

  test('every set tells how to tell its words apart, and the class of each', () => {
    for (const { words, tell } of confusableSets) {
      expect(tell, words[0]?.word).toMatch(/^.{15,}\.$/);
      for (const { word, wordClass } of words) expect(wordClass, word).toBeDefined();
    }
  });
});

describe('what the teacher has written herself', () => {
  const make = (maker: string, parameters: ExerciseParameters) =>
    makeExercise({ maker, words: [], parameters, seed: 2 }, lexicon);

  test('a question has its right answer among the others, in an order of chance', () => {
    const { task, notes } = make('own-choices', {
      questions: ['Which wind is warm? | south | north | east', ' ', 'Who? | Asha | asha', 'Why?'],
    });
    if (task.interaction !== 'choice') throw new Error('no choice');
    const [item] = task.items;
    expect(task.items).toHaveLength(1);
    expect(item?.options.filter(({ right }) => right).map(({ text }) => text)).toEqual(['south']);
    expect(item?.options.map(({ text }) => text).sort()).toEqual(['east', 'north', 'south']);
    expect(notes.map(({ text }) => text)).toEqual([
      '“Who? | Asha | asha” has one answer twice. It was left out.',
      '“Why?” needs the right answer and a wrong one, each after a |. It was left out.',
    ]);
  });

  test('a gap takes each of its answers, and the box holds the first of each', () => {
    const { task, notes } = make('own-gaps', {
      sentencesWithGaps: [
        'The ___ turns. | vane / weathervane',
        '___ fell, and the ___ froze. | Snow | pond',
        'No gap here. | snow',
        'One ___ here. | a | b',
      ],
    });
    if (task.interaction !== 'gap') throw new Error('no gap');
    expect(markTask(task, { 'item-1': ['Weathervane'], 'item-2': ['snow', 'pond'] }).score).toBe(2);
    expect(markTask(task, { 'item-1': ['hen'], 'item-2': ['snow', ''] }).score).toBe(0);
    expect([...task.bank].sort()).toEqual(['Snow', 'pond', 'vane']);
    expect(notes.map(({ text }) => text).join(' ')).toMatch(/has no gap.*has 1 gap and 2 answers/);
  });

  test('what is read in it is checked against the class, word by word', () => {
    const recipe = {
      maker: 'own-choices',
      words: [],
      parameters: { questions: ['Which barometer is right? | the old one | the other'] },
      seed: 1,
    };
    const exercise = makeExercise(recipe, lexicon);
    const checks = checkExercise(recipe, exercise, kestrels(), lexicon);
    expect(checks.find(({ word }) => word === 'barometer')?.reach).toBe('beyond');
    expect(checks.map(({ word }) => word)).not.toContain('Which barometer is right?');
  });
});
