import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { makeExercise } from '../exercises/make-exercise';
import type { Exercise } from '../exercises/making/exercise';
import { fitsBest } from '../exercises/fits-best';
import { partsOf } from '../records/lesson';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf, type TextMaterial } from '../texts/reading/text-material';
import type { ClassProfile } from '../classes/class-profile';
import { layOutBooklet, layOutLesson, type LessonPiece } from './lay-out-lesson';
import { layOutSheet, type Sheet } from './sheet';

const lexicon = testLexicon();
const meanings = testMeanings();
const demo = fernhillDemo(lexicon);
const texts = new Map<string, TextMaterial>(demo.texts.map((text) => [text.id, materialOf(text)]));

interface MadeLesson {
  readonly title: string;
  readonly profile: ClassProfile;
  readonly exercises: readonly Exercise[];
}

/** The lessons of the demo, and lessons of four exercises generated from forty lists. */
const ofDemo: MadeLesson[] = demo.lessons.map((lesson) => {
  const profile = demo.classes.find(({ id }) => id === lesson.classId) as ClassProfile;
  return {
    title: lesson.title,
    profile,
    exercises: partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map((part) =>
        makeExercise(
          { ...part, reading: texts.get(part.parameters.textId ?? '') },
          lexicon,
          meanings,
          profile,
        ),
      )
      .filter(({ short }) => short === undefined),
  };
});

const lists = [
  'rain train snail day play spray lake snake wave gale',
  'cat mat hat map tap sun bus cup mud bug',
  'night light bright high sky fly lie tie kite time',
  'city cent ice face cat cup cot mice cage giant',
];
const levels = [
  { system: 'uk', value: 'Y1' },
  { system: 'uk', value: 'Y2' },
  { system: 'uk', value: 'Y4' },
  { system: 'us', value: 'G5' },
  { system: 'cefr', value: 'A2' },
] as const;
const generated: MadeLesson[] = lists.flatMap((list, row) =>
  levels.flatMap((level) =>
    (['a4', 'letter'] as const).map((paper) => {
      const profile = kestrels({ level, paper });
      const words = list.split(' ');
      const recipe = { words, parameters: {} };
      const makers = fitsBest({ recipe, profile }, lexicon, undefined, 6).slice(
        row % 2,
        4 + (row % 2),
      );
      return {
        title: `List ${row + 1}`,
        profile,
        exercises: makers.map(({ maker }) =>
          makeExercise({ ...recipe, maker, seed: row + 1 }, lexicon, meanings, profile),
        ),
      };
    }),
  ),
);

const pagesOf = (sheets: readonly Sheet[]) =>
  sheets.reduce((sum, { pages }) => sum + pages.length, 0);

const pieces = ({ exercises }: MadeLesson): LessonPiece[] =>
  exercises.map((exercise) => ({ exercise }));

const separate = ({ exercises, profile }: MadeLesson) =>
  exercises.map((exercise) => layOutSheet(exercise, profile, '', undefined, { asIs: true }));

const together = (lesson: MadeLesson) =>
  layOutLesson(lesson.title, pieces(lesson), lesson.profile, '');

/** A sheet whose page is full, or whose type, lines and pictures have come to the limits of the age. */
const isFull = ({ room, pages }: Sheet) =>
  room === undefined || room.growth >= 0.79 || room.fill >= 0.75 || pages.length > 1;

describe('forty lessons and the demo', () => {
  test('there are forty, and each holds four exercises', () => {
    expect(generated).toHaveLength(40);
    expect(generated.every(({ exercises }) => exercises.length === 4)).toBe(true);
  });

  test('of the sheets, nine in ten are full or at the limits of their age', () => {
    const sheets = [...ofDemo, ...generated].flatMap(({ exercises, profile }) =>
      exercises.map((exercise) => layOutSheet(exercise, profile, '', ['learner'])),
    );
    const full = sheets.filter(isFull).length;
    expect(full / sheets.length).toBeGreaterThanOrEqual(0.9);
  });

  test('no page of a key is empty, and what has no key has none', () => {
    const sheets = [...ofDemo, ...generated].flatMap(({ exercises, profile }) =>
      exercises.map((exercise) => layOutSheet(exercise, profile, '', ['key'])),
    );
    for (const { title, pages } of sheets) {
      for (const { marks } of pages) {
        const texts = marks.filter(({ kind }) => kind === 'text').length;
        expect([title, texts > 2 || marks.length > 8]).toEqual([title, true]);
      }
    }
  });

  test('exercises that share pages take two fifths fewer', () => {
    const lessons = [...ofDemo, ...generated];
    const before = lessons.reduce((sum, lesson) => sum + pagesOf(separate(lesson)), 0);
    const after = lessons.reduce((sum, lesson) => sum + pagesOf(together(lesson)), 0);
    expect(after / before).toBeLessThanOrEqual(0.6);
  });

  test('every exercise stands in its lesson, numbered, with its key', () => {
    for (const lesson of ofDemo) {
      const sheets = together(lesson);
      const printed = (part: 'learner' | 'key') =>
        sheets
          .flatMap(({ pages }) => pages.filter((page) => page.part === part))
          .flatMap(({ marks }) =>
            marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
          )
          .join(' ');
      for (const { title, task, paper } of lesson.exercises) {
        // Cards and boards are cut out: no title stands over them.
        const isCutOut = 'cards' in task && task.cards === 'backs';
        if (isCutOut || (paper && 'boards' in paper)) continue;
        expect(printed('learner').replace(/\s+/g, '')).toContain(title.replace(/\s+/g, ''));
      }
      expect(sheets.flatMap(({ problems }) => problems)).toEqual([]);
    }
  });

  test('a text that several exercises ask about is printed once', () => {
    const reading = materialOf(demo.texts[0] as (typeof demo.texts)[number]);
    const profile = kestrels();
    const exercises = ['find-it', 'true-false-not-said', 'short-answers'].map((maker) =>
      makeExercise(
        { maker, words: [], parameters: { printText: true }, seed: 1, reading },
        lexicon,
        meanings,
        profile,
      ),
    );
    const sheets = layOutLesson(
      'Read',
      exercises.map((exercise) => ({ exercise })),
      profile,
      '',
    );
    const titles = sheets
      .flatMap(({ pages }) => pages.flatMap(({ marks }) => marks))
      .filter((mark) => mark.kind === 'text' && mark.text === reading.title);
    expect(titles).toHaveLength(1);
  });

  test('a booklet holds every page at half size, then the keys', () => {
    const [lesson] = ofDemo as [MadeLesson];
    const sheets = layOutBooklet(lesson.title, () => pieces(lesson), lesson.profile, '');
    expect(sheets[0]?.paper).toBe('a4-landscape');
    expect(sheets.slice(1).every(({ pages }) => pages.every(({ part }) => part === 'key'))).toBe(
      true,
    );
    expect(sheets.flatMap(({ problems }) => problems)).toEqual([]);
  });
});
