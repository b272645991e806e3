import { describe, expect, test } from 'vitest';
import { DEMO_PREFIX, fernhillDemo } from '../demo/fernhill';
import { validateAs } from '../records/validate';
import { findMaker, makeExercise, wordsOfTask } from '../exercises/make-exercise';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { Lesson, minutesOf, partsOf, stageIds } from '../records/lesson';
import { planLesson } from './plan-lesson';
import { completeList, withMoved, withoutWord, withWord } from '../lists/word-list';
import { ClassRecord } from '../records/class-record';
import { ListRecord } from '../records/list-record';

const lexicon = testLexicon();

function plan(words: string[]) {
  let made = 0;
  const list = completeList({ id: 'list', classId: 'kestrels', name: 'Storm words', words });
  const newId = () => `id-${(made += 1)}`;
  return planLesson({ list, class: kestrels(), lexicon, newId, seed: 1 });
}

describe('a class of another language', () => {
  const french = (details: { word: string; translation: string }[]) => {
    let made = 0;
    const list = completeList({
      id: 'list',
      classId: 'voiles',
      name: 'Le temps',
      words: ['pluie', 'neige', 'vent', 'pain'],
      details: details.map((detail) => ({ definition: '', note: '', starred: false, ...detail })),
    });
    const newId = () => `id-${(made += 1)}`;
    const profile = kestrels({ language: 'fr' });
    return planLesson({ list, class: profile, lexicon, newId, seed: 1 });
  };
  const makersOf = (lesson: Lesson) =>
    partsOf(lesson).flatMap((part) => (part.kind === 'exercise' ? [part.maker] : []));

  test('gets handwriting from bare words, and matching where the list translates them', () => {
    expect(makersOf(french([]))).toEqual(['trace-copy-write']);
    const translated = french([
      { word: 'pluie', translation: 'rain' },
      { word: 'neige', translation: 'snow' },
      { word: 'vent', translation: 'wind' },
    ]);
    expect(makersOf(translated)).toEqual(['match-translation', 'pairs', 'trace-copy-write']);
  });

  test('is never shown the picture of an English word that is spelled alike', () => {
    const recipe = {
      maker: 'pairs',
      words: ['pain', 'main'],
      parameters: { language: 'fr' },
      seed: 1,
    };
    const { task, notes, language } = makeExercise(recipe, lexicon);
    expect(language).toBe('fr');
    expect(task.interaction === 'match' && task.pairs).toEqual([]);
    expect(notes.map(({ word }) => word)).toContain('pain');
  });

  test('is told what an exercise with sounds would need', () => {
    const recipe = {
      maker: 'sound-boxes',
      words: ['pluie'],
      parameters: { language: 'fr' },
      seed: 1,
    };
    expect(makeExercise(recipe, lexicon).short).toMatch(
      /^Sound boxes is made for English so far. Choose a matching exercise, cards or handwriting/,
    );
  });
});

describe('a planned lesson', () => {
  const lesson = plan(['rain', 'train', 'day', 'play', 'gale', 'make']);

  test('has the five stages, an objective and forty minutes', () => {
    expect(lesson.stages.map((stage) => stage.id)).toEqual(stageIds);
    expect(lesson.objective).toBe('Learners spell /ā/ as ai, ay and a–e in words they can read.');
    expect(minutesOf(lesson)).toBe(40);
  });

  test('its exercises hold enough words that their makers can key', () => {
    const exercises = partsOf(lesson).filter((part) => part.kind === 'exercise');
    expect(exercises.map((part) => part.maker)).toEqual([
      'missing-grapheme',
      'sort-by-spelling',
      'sound-boxes',
    ]);
    for (const part of exercises) {
      const made = makeExercise(part, lexicon);
      expect([...wordsOfTask(made.task)].sort()).toEqual([...part.words].sort());
      expect(part.words.length).toBeGreaterThanOrEqual(findMaker(part.maker).fewestWords);
    }
  });

  test('is valid as it is stored', () => {
    const checked = validateAs(Lesson, JSON.parse(JSON.stringify(lesson)));
    expect(checked).toMatchObject({ ok: true });
  });

  test('words that share no sound still make a lesson', () => {
    const other = plan(['cat', 'moon', 'tree']);
    expect(other.objective).toBe('Learners read and spell the words of this list.');
    expect(partsOf(other).some((part) => part.kind === 'note')).toBe(true);
  });

  test('only words that have the sound are said to share it', () => {
    const [said] = partsOf(plan(['look', 'rain', 'train', 'day', 'play', 'gale', 'snow']));
    expect(said?.text).toContain('Say rain, train and day slowly.');
  });

  test('of one spelling is said that it is the one', () => {
    const texts = partsOf(plan(['bus', 'sun', 'cup', 'duck'])).map(({ text }) => text);
    expect(texts).toContain('Write u. It spells /ŭ/ here. Underline it in three of the words.');
  });

  test('a list of another language that shares a sound is sorted and filled in by it', () => {
    const profile = kestrels({ language: 'fr', step: null });
    let made = 0;
    const planned = planLesson({
      list: completeList({
        id: 'in',
        classId: profile.id,
        name: 'Nasales',
        words: ['le lapin', 'le pain', 'plein', 'la main', 'le jardin', 'la pluie'],
      }),
      class: profile,
      lexicon,
      newId: () => `id-${(made += 1)}`,
      seed: 4,
    });
    expect(planned.objective).toBe('Learners spell [ɛ̃] as in, ain and ein in words they can read.');
    const exercises = partsOf(planned).filter(({ kind }) => kind === 'exercise');
    expect(exercises.map(({ maker }) => maker)).toEqual([
      'spellings-of-a-sound',
      'missing-letters',
    ]);
    for (const part of exercises) {
      const recipe = { ...part, parameters: { ...part.parameters, language: 'fr' } };
      expect(wordsOfTask(makeExercise(recipe, lexicon).task)).toHaveLength(5);
    }
    expect(partsOf(planned)[0]?.text).toMatch(/Say le lapin, le pain and plein slowly/);
  });

  test('one spelling gives no sort', () => {
    const makers = partsOf(plan(['rain', 'train', 'paint', 'mail'])).map((part) => part.maker);
    expect(makers).not.toContain('sort-by-spelling');
  });
});

describe('a word list', () => {
  const list = completeList({ id: 'a', classId: 'b', name: 'Storm', words: ['rain', 'hail'] });

  test('keeps a word once, in any capitals', () => {
    expect(withWord(list, 'Rain')).toBe(list);
    expect(withWord(list, 'gale').words).toEqual(['rain', 'hail', 'gale']);
  });

  test('loses and moves words without changing the list it came from', () => {
    expect(withoutWord(list, 'RAIN').words).toEqual(['hail']);
    expect(withMoved(list, 0, 1).words).toEqual(['hail', 'rain']);
    expect(withMoved(list, 9, 0)).toBe(list);
    expect(list.words).toEqual(['rain', 'hail']);
  });
});

describe('the demo', () => {
  const demo = fernhillDemo(lexicon);

  test('is valid, the same each time, and every record can be known as the demo’s', () => {
    expect(fernhillDemo(lexicon)).toEqual(demo);
    for (const [shape, records] of [
      [ClassRecord, demo.classes],
      [ListRecord, demo.lists],
      [Lesson, demo.lessons],
    ] as const) {
      for (const record of records) {
        expect(record.id.startsWith(DEMO_PREFIX)).toBe(true);
        const plain: unknown = JSON.parse(JSON.stringify(record));
        expect(validateAs(shape as typeof Lesson, plain)).toMatchObject({ ok: true });
      }
    }
  });

  test('has a list, three exercises and a word past the class’s reach', () => {
    const [lesson] = demo.lessons;
    const exercises = lesson ? partsOf(lesson).filter((part) => part.kind === 'exercise') : [];
    expect(exercises.map((part) => part.maker)).toContain('build-ing');
    expect(exercises).toHaveLength(3);
    expect(demo.classes[0]?.roster).toHaveLength(26);
  });
});
