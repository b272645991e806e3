import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { recipeProblems } from '../exercises/catalogue';
import { interactionOf, type Task } from '../exercises/interactions';
import { makeExercise } from '../exercises/make-exercise';
import { completeList } from '../lists/word-list';
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
  words: {
    kind: 'words',
    list: completeList({ id: 'l', classId: 'c', name: 'Storm words', words }),
  },
  text: { kind: 'text', id: 'station', text },
  grammar: { kind: 'grammar', target: 'past simple' },
  picture: { kind: 'picture' },
  names: { kind: 'names' },
  writing: { kind: 'writing' },
};

/** What is asked, without the answers. */
const itemsOf = (task: Task) =>
  interactionOf(task)
    .keyedItems(task)
    .map(({ question }) => question);

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
    expect(all).toHaveLength(4);
    expect(new Set(all.map(({ part }) => part.maker)).size).toBe(4);
    for (const { exercise } of all) expect(exercise.short).toBeUndefined();
  });

  test('words that share a sound have its rule to look at, a model, and a can-do strip at the end', () => {
    const lesson = begun(starts.words);
    const at = (stage: string) => lesson.stages.find(({ id }) => id === stage)?.parts ?? [];
    expect(at('show')[0]?.blocks?.[0]).toMatchObject({ kind: 'rule', topic: 'sound:EY' });
    const [together] = made(lesson).filter(({ part }) => at('together').includes(part));
    expect(at('show').at(-1)?.text).toContain(`item 1 of “${together?.exercise.title ?? ''}”`);
    expect(together?.part.maker).toBe('missing-grapheme');
    expect(at('alone').map(({ layout }) => layout?.finish)).toEqual([undefined, 'can-do']);
    expect(lesson.objective).toBe('Learners spell /ā/ as a–e, ai and ay in words they can read.');
  });

  test.each([
    ['bat', 'bed', 'big', 'bus', 'bell'],
    ['goat', 'boat', 'snow', 'home', 'toe'],
    ['because', 'friend', 'beautiful', 'people'],
    ['rain'],
    ['qwzx', 'vvvv'],
  ])('a list that begins with %s makes a lesson that is stored', (...given) => {
    const list = completeList({ id: 'l', classId: 'c', name: 'Mine', words: given });
    const lesson = begun({ kind: 'words', list });
    expect(validateAs(Lesson, JSON.parse(JSON.stringify(lesson)))).toMatchObject({ ok: true });
    for (const { exercise } of made(lesson)) expect(exercise.short).toBeUndefined();
  });

  test('words that share no sound are practised together too', () => {
    const given = ['table', 'bottle', 'handle', 'people', 'trouble', 'middle', 'simple'];
    const list = completeList({ id: 'l', classId: 'c', name: 'Mine', words: given });
    const { stages } = begun({ kind: 'words', list });
    for (const stage of ['get-ready', 'together', 'alone']) {
      const parts = stages.find(({ id }) => id === stage)?.parts ?? [];
      expect([stage, parts.some(({ kind }) => kind === 'exercise')]).toEqual([stage, true]);
    }
  });

  test('words of another language make a lesson without sounds', () => {
    const list = completeList({
      id: 'l',
      classId: 'c',
      name: 'Météo',
      words: ['pluie', 'neige', 'vent', 'pain'],
    });
    let ids = 0;
    const lesson = startLesson({
      start: { kind: 'words', list },
      class: kestrels({ language: 'fr' }),
      lexicon,
      meanings,
      newId: () => `id-${(ids += 1)}`,
      seed: 3,
    });
    expect(partsOf(lesson).flatMap(({ blocks = [] }) => blocks)).toEqual([]);
    expect(partsOf(lesson).some(({ kind }) => kind === 'exercise')).toBe(true);
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

  test('no two exercises of a lesson ask the same', () => {
    for (const lesson of [begun(starts.text), begun(starts.grammar), begun(starts.words)]) {
      const asked = made(lesson, text).map(({ exercise }) =>
        JSON.stringify(itemsOf(exercise.task)),
      );
      expect(new Set(asked).size).toBe(asked.length);
    }
  });

  test.each(['text', 'grammar', 'words'] as const)(
    '%s: ends with what a learner can do',
    (kind) => {
      const exercises = partsOf(begun(starts[kind])).filter((part) => part.kind === 'exercise');
      expect(exercises.map(({ layout }) => layout?.finish).indexOf('can-do')).toBe(
        exercises.length - 1,
      );
    },
  );

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
