import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { interactionOf, markTask } from '../exercises/interactions';
import { recipeProblems } from '../exercises/catalogue';
import { makeExercise } from '../exercises/make-exercise';
import { checkWord } from '../reach/check-word';
import { partsOf } from '../records/lesson';
import { openRecord } from '../records/open-record';
import { standardsFromTable } from '../standards/standard';
import { isSpelled, saidAs } from '../testing/witnesses';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf } from '../texts/reading/text-material';
import { exercisesOf, findInLibrary } from './find';
import made from './library.json';
import type { Library } from './library';
import { classAt, libraryLevels } from './library-levels';
import { readLessonSeeds, readListSeeds, readTextSeed, SeedError } from './seeds';
import { LIBRARY_TAG, takeFromLibrary, type Taken } from './take';

const library = made as unknown as Library;
const lexicon = testLexicon();

function taken(id: string, level = libraryLevels[1] ?? 'A2'): Taken {
  let count = 0;
  return takeFromLibrary(id, {
    library,
    class: classAt(level),
    lexicon,
    meanings: testMeanings(),
    newId: () => `new-${(count += 1)}`,
  });
}

describe('the lists of the library', () => {
  test('sixty are by pattern or rule, forty by topic, and none is short', () => {
    const topics = library.lists.filter(({ kind }) => kind === 'topic');
    expect(library.lists.length - topics.length).toBe(60);
    expect(topics).toHaveLength(40);
    for (const { name, words } of library.lists) {
      expect(words.length, name).toBeGreaterThanOrEqual(8);
      expect(new Set(words).size, name).toBe(words.length);
    }
    expect(new Set(library.lists.map(({ id }) => id)).size).toBe(100);
  });

  test.each(library.lists.map((list) => [list.name, list] as const))(
    '%s: each word is known by a class of its level, and is a word of the dictionary',
    (_, { words, level }) => {
      const profile = classAt(level);
      for (const word of words) {
        const entry = lexicon.find(word);
        expect(entry, word).toBeDefined();
        if (entry) expect(checkWord(word, entry, profile).reach, word).toBe('secure');
        // The dictionary of a spell checker (Hunspell, en-US and en-GB) knows it.
        expect(isSpelled(word), word).toBe(true);
      }
    },
  );

  // The CMU Pronouncing Dictionary, beside our own sounds.
  const sounds: readonly (readonly [list: string, sound: RegExp])[] = [
    ['Short a: cat, map', /^AE/],
    ['Short e: bed, net', /^EH/],
    ['Short i: pin, dig', /^IH/],
    ['Short u: sun, bug', /^AH/],
    ['sh: ship, fish', /^SH$/],
    ['Long a: rain, day, gate', /^EY/],
    ['Long e: tree, leaf', /^IY/],
    ['Long i: kite, light, pie', /^AY/],
    ['Long o: boat, snow, bone', /^OW/],
    ['oo as in moon', /^UW/],
    ['oo as in book', /^UH/],
    ['ou and ow: cloud, town', /^AW/],
    ['oi and oy: coin, toy', /^OY/],
    ['ph says f: phone, dolphin', /^F$/],
    ['ea as in bread', /^EH/],
    ['ch says k: school, echo', /^K$/],
  ];
  test.each(sounds)(
    '%s: another dictionary hears the sound in each of its words',
    (name, sound) => {
      const list = library.lists.find((each) => each.name === name);
      expect(list).toBeDefined();
      for (const word of list?.words ?? []) {
        const said = saidAs(word.toLowerCase());
        if (said.length > 0)
          expect(
            said.some((each) => sound.test(each)),
            word,
          ).toBe(true);
      }
    },
  );

  test('what is unfit for a class is in no list', () => {
    const unfit = new Set(
      readFileSync(new URL('../../data/unfit.tsv', import.meta.url), 'utf8')
        .split('\n')
        .map((line) => line.split('\t'))
        .filter(([, from = '']) => Number(from) >= 12)
        .map(([word]) => word),
    );
    const young = library.lists.filter(({ level }) => !['A2', 'B1–B2'].includes(level));
    expect(young.flatMap(({ words }) => words.filter((word) => unfit.has(word)))).toEqual([]);
  });
});

describe('the texts of the library', () => {
  test('there are five of each level, each with its measures', () => {
    expect(library.texts).toHaveLength(30);
    for (const level of libraryLevels) {
      const texts = library.texts.filter((text) => text.level === level);
      expect(texts.length, level).toBe(5);
      for (const { title, words, sentences } of texts) {
        expect(words, title).toBeGreaterThan(50);
        expect(sentences, title).toBeGreaterThan(2);
      }
    }
  });

  test('those of higher levels are longer', () => {
    const mean = (level: string) =>
      library.texts
        .filter((text) => text.level === level)
        .reduce((sum, { words }) => sum + words / 5, 0);
    expect(mean('Grade 1–2')).toBeGreaterThan(mean('beginning reader'));
    expect(mean('Grade 3–4')).toBeGreaterThan(mean('Grade 1–2'));
    expect(mean('Grade 5–6')).toBeGreaterThan(mean('Grade 3–4'));
    expect(mean('B1–B2')).toBeGreaterThan(mean('A2'));
  });
});

describe('the lessons of the library', () => {
  const table = readFileSync(
    new URL('../../data/standards/standards.tsv', import.meta.url),
    'utf8',
  );
  const codes = new Set(standardsFromTable(table).standards.map(({ code }) => code));

  test('they are over all groups of exercises, and name lists, texts and standards that there are', () => {
    expect(library.lessons.length).toBeGreaterThanOrEqual(20);
    for (const { title, lists, text, standards } of library.lessons) {
      for (const list of lists) {
        expect(
          library.lists.map(({ name }) => name),
          title,
        ).toContain(list);
      }
      if (text !== undefined) {
        expect(
          library.texts.map((each) => each.title),
          title,
        ).toContain(text);
      }
      expect(standards.length, title).toBeGreaterThan(0);
      for (const code of standards) expect(codes.has(code), `${title}: ${code}`).toBe(true);
    }
  });

  test.each(library.lessons.map((lesson) => [lesson.title, lesson] as const))(
    '%s: every exercise can be made, and its key has full marks',
    (_, lesson) => {
      const { lessons, texts } = taken(lesson.id, lesson.level);
      const parts = lessons.flatMap(partsOf).filter(({ kind }) => kind === 'exercise');
      expect(parts.length).toBe(exercisesOf(lesson).length);
      expect(parts.length).toBeGreaterThan(1);
      for (const part of parts) {
        expect(recipeProblems(part.maker, part.parameters), part.maker).toEqual([]);
        const [text] = texts;
        const reading = text && part.parameters.textId ? { reading: materialOf(text) } : {};
        const exercise = makeExercise(
          { ...part, ...reading },
          lexicon,
          testMeanings(),
          classAt(lesson.level),
        );
        expect(exercise.short, part.maker).toBeUndefined();
        const { task } = exercise;
        // What is written freely has no key.
        if (part.maker === 'writing-task') continue;
        const { score, outOf } = markTask(task, interactionOf(task).keyOf(task));
        expect(score, part.maker).toBe(outOf);
      }
    },
  );
});

describe('taking from the library', () => {
  test('all that a lesson needs comes with it, as valid records in their own folder', () => {
    const lesson = library.lessons.find(({ title }) => title.startsWith('What happened'));
    const { lists, texts, lessons } = taken(lesson?.id ?? '', 'A2');
    expect([lists.length, texts.length, lessons.length]).toEqual([0, 1, 1]);
    expect(lists).toEqual([]);
    const opened = <Table extends 'texts' | 'lessons'>(table: Table, record: unknown) => {
      const read = openRecord(table, JSON.parse(JSON.stringify(record)));
      if (!read.ok) throw new Error(JSON.stringify(read.problems));
      return read.value;
    };
    const text = opened('texts', texts[0]);
    expect(text).toMatchObject({ tags: [LIBRARY_TAG], licence: 'GPL-3.0-or-later' });
    const kept = opened('lessons', lessons[0]);
    expect(kept).toMatchObject({ tags: [LIBRARY_TAG], plan: { standards: ['cefr:A2.GR.01'] } });
    const about = lessons.flatMap(partsOf).flatMap(({ parameters: { textId } }) => textId ?? []);
    expect(new Set(about)).toEqual(new Set([texts[0]?.id]));
  });

  test('a list keeps its words in their order; what is not there gives nothing', () => {
    const [list] = library.lists;
    expect(taken(list?.id ?? '').lists[0]?.words).toEqual(list?.words);
    expect(taken('list-of-nothing')).toEqual({ lists: [], texts: [], lessons: [] });
  });
});

describe('finding in the library', () => {
  test('names come first, then what is inside; kind and level narrow it', () => {
    expect(findInLibrary(library, { words: 'sea' })[0]?.title).toMatch(/sea/i);
    const inside = findInLibrary(library, { words: 'lighthouse' });
    for (const thing of findInLibrary(library, { words: 'whale', kind: 'list' })) {
      expect(thing.kind).toBe('list');
    }
    expect(inside.length).toBeLessThan(30);
    expect(findInLibrary(library, { level: 'A2', kind: 'text' })).toHaveLength(5);
    expect(findInLibrary(library, { words: 'RF.1.3' }).map(({ kind }) => kind)).toContain('lesson');
  });
});

describe('seeds that cannot be read', () => {
  test('a level, a query or a stage that is not there is refused with its line', () => {
    const head = 'name\tkind\tlevel\tquery\twithout\n';
    expect(() => readListSeeds(`${head}Short\tpattern\tGrade 9\t{}\t`)).toThrow(/line 2: Grade 9/);
    expect(() => readListSeeds(`${head}Short\tpattern\tA2\t{\t`)).toThrow(SeedError);
    expect(() => readListSeeds(`${head}\tpattern\tA2\t{}\t`)).toThrow(/no name/);
    expect(() => readTextSeed('A text without a title')).toThrow(SeedError);
    expect(() => readLessonSeeds('head\nA title\tA2\t\t\t\t\tone')).toThrow(/1 stages/);
  });
});
