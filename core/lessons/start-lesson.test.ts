import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { recipeProblems } from '../exercises/catalogue';
import { makeExercise } from '../exercises/make-exercise';
import { Lesson, partsOf, stageIds } from '../records/lesson';
import { validateAs } from '../records/validate';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf, type TextMaterial } from '../texts/reading/text-material';
import { grammarTargets, startKinds, startLesson, type LessonStart } from './start-lesson';

const lexicon = testLexicon();
const meanings = testMeanings();
const [station] = fernhillDemo(lexicon).texts.filter(({ id }) => id.includes('station'));
const text = materialOf(station as NonNullable<typeof station>);

function begun(start: LessonStart): Lesson {
  let made = 0;
  const newId = () => `id-${(made += 1)}`;
  return startLesson({ start, class: kestrels(), lexicon, meanings, newId, seed: 3 });
}

const words = 'rain train snail day play spray lake snake wave gale'.split(' ');
const starts: Record<(typeof startKinds)[number], LessonStart> = {
  blank: { kind: 'blank' },
  words: { kind: 'words', name: 'Storm words', words },
  text: { kind: 'text', id: 'station', text },
  grammar: { kind: 'grammar', target: 'past simple' },
  picture: { kind: 'picture' },
  names: { kind: 'names' },
  writing: { kind: 'writing' },
};

const made = (lesson: Lesson, reading?: TextMaterial) =>
  partsOf(lesson)
    .filter(({ kind }) => kind === 'exercise')
    .map((part) => ({
      part,
      exercise: makeExercise(
        { ...part, ...(part.parameters.textId ? { reading } : {}) },
        lexicon,
        meanings,
        kestrels(),
      ),
    }));

describe('a lesson to begin with', () => {
  test.each(startKinds)('%s: valid as it is stored, with its five stages in order', (kind) => {
    const lesson = begun(starts[kind]);
    expect(lesson.stages.map(({ id }) => id)).toEqual(stageIds);
    expect(lesson.stages.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(45);
    expect(validateAs(Lesson, JSON.parse(JSON.stringify(lesson)))).toMatchObject({ ok: true });
    const ids = partsOf(lesson).map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('words fill recall, together and alone with different exercises, each a sheet', () => {
    const all = made(begun(starts.words));
    expect(all).toHaveLength(3);
    expect(new Set(all.map(({ part }) => part.maker)).size).toBe(3);
    for (const { exercise } of all) expect(exercise.short).toBeUndefined();
  });

  test('a text is asked about before, together and alone', () => {
    const lesson = begun(starts.text);
    const all = made(lesson, text);
    expect(all.length).toBeGreaterThanOrEqual(5);
    for (const { exercise, part } of all) {
      expect([part.maker, exercise.short]).toEqual([part.maker, undefined]);
      expect(part.parameters.textId).toBe('station');
    }
    const show = lesson.stages.find(({ id }) => id === 'show');
    expect(show?.parts[0]?.blocks?.[0]).toMatchObject({ kind: 'reading', textId: 'station' });
  });

  test.each(grammarTargets)('%s: its rule on a card, and practice that can be made', (target) => {
    const lesson = begun({ kind: 'grammar', target });
    const cards = partsOf(lesson).flatMap(({ blocks = [] }) => blocks);
    expect(cards.some(({ topic }) => topic === `grammar:${target}`)).toBe(true);
    const all = made(lesson);
    expect(all.length).toBeGreaterThanOrEqual(1);
    for (const { part, exercise } of all) {
      expect(recipeProblems(part.maker, part.parameters)).toEqual([]);
      expect([part.maker, exercise.short]).toEqual([part.maker, undefined]);
    }
  });

  test('a piece of writing needs no text', () => {
    const [writing] = made(begun(starts.writing));
    expect(writing?.exercise.short).toBeUndefined();
    expect(JSON.stringify(writing?.exercise.task)).toContain('this week');
  });

  test('names are traced by each learner', () => {
    const [names] = made(begun(starts.names));
    expect(names?.part.parameters.ownName).toBe(true);
  });
});
