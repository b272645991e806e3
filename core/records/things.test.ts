import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { testLexicon } from '../testing/test-lexicon';
import { readBackup, writeBackup, type Backup } from './backup';
import { partsOf } from './lesson';
import { aboutThings, chosenThings, lessonOfPart, textsOfLesson } from './things';

const demo = fernhillDemo(testLexicon());
const [kestrels] = demo.classes;
const all: Backup = {
  ...demo,
  classes: demo.classes.map((profile) => ({
    ...profile,
    author: 'M. Vane',
    licence: 'CC-BY-SA-4.0',
    people: [{ name: 'Lark', pronoun: 'she' }],
    roster: profile.roster.map((learner) => ({ ...learner, needs: 'larger print' })),
  })),
  lessons: demo.lessons.map((lesson) => ({
    ...lesson,
    slips: ['a slip of Asha'],
    remarks: [{ learner: 'Asha', exercise: 'e', item: 'i', text: 'well heard', met: 'met' }],
    stages: lesson.stages.map((stage) => ({ ...stage, reflection: 'Femi was away' })),
    plan: {
      rationale: 'as always',
      background: 'Femi is new',
      targets: [{ id: 't', name: 'Femi', need: 'pictures', help: [], also: '' }],
    },
  })),
};
const lesson = all.lessons.find((each) => textsOfLesson(each).size > 0);
const none = { lessons: [], lists: [], texts: [] };
const given = (withLearners = false) =>
  chosenThings(all, { ...none, lessons: [lesson?.id ?? ''] }, withLearners);

describe('things that are given on', () => {
  test('a lesson takes its texts and its class along, and nothing else', () => {
    const { lessons, texts, classes } = given();
    expect(lessons.map(({ id }) => id)).toEqual([lesson?.id]);
    expect(new Set(texts.map(({ id }) => id))).toEqual(lesson && textsOfLesson(lesson));
    expect(classes.map(({ id }) => id)).toEqual([lesson?.classId]);
  });

  test('nothing about a learner is in the file unless it is asked for', () => {
    const learners = new Set(all.classes.flatMap(({ roster }) => roster.map(({ name }) => name)));
    const file = writeBackup(given(), '2026-11-28T09:00:00.000Z', aboutThings(given()));
    const text = Object.values(unzipSync(file))
      .map((bytes) => strFromU8(bytes))
      .join('\n');
    for (const gone of ['larger print', 'well heard', 'Femi', 'a slip of', 'pronoun']) {
      expect(text, gone).not.toContain(gone);
    }
    expect(text).toContain('as always');
    const { classes, lessons } = given(true);
    expect(classes[0]?.roster.length).toBeGreaterThan(0);
    expect(learners.has(classes[0]?.roster[0]?.name ?? '')).toBe(true);
    expect(lessons[0]?.remarks).toHaveLength(1);
  });

  test('each thing has its rights written out, and a text its own', () => {
    const { lessons, texts } = given();
    expect(lessons[0]).toMatchObject({ author: 'M. Vane', licence: 'CC-BY-SA-4.0' });
    for (const text of texts) {
      const own = demo.texts.find(({ id }) => id === text.id);
      expect(text.author).toBe(own?.author || 'M. Vane');
    }
    const about = aboutThings(given());
    expect(about).toContain(`${lessons[0]?.title} (lesson)\n  author: M. Vane`);
    expect(about).toContain('licence: CC-BY-SA-4.0');
  });

  test('a list that says something of a lesson’s words goes with it', () => {
    const japanese = all.lessons.find(({ classId }) => classId === 'fernhill-japanese');
    const { lists } = chosenThings(all, { ...none, lessons: [japanese?.id ?? ''] });
    expect(lists.length).toBeGreaterThan(0);
    expect(lists.every(({ classId }) => classId === 'fernhill-japanese')).toBe(true);
  });

  test('it reads back as it was, and says that it is only some things', () => {
    const things = given();
    const read = readBackup(writeBackup(things, '2026-11-28T09:00:00.000Z', aboutThings(things)));
    expect(read.only).toBe('things');
    expect(read.refused).toEqual([]);
    const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
    expect(plain(read.lessons)).toEqual(plain(things.lessons));
    expect(plain(read.texts)).toEqual(plain(things.texts));
    expect(kestrels?.roster.length).toBeGreaterThan(0);
  });
});

describe('one exercise by itself', () => {
  test('is a lesson with it alone, under an id of its own, with the text it is about', () => {
    const part = lesson && partsOf(lesson).find(({ parameters }) => parameters.textId);
    if (!lesson || !part) throw new Error('The demo has a lesson about a text.');
    const alone = lessonOfPart(lesson, part.id);
    expect(partsOf(alone).map(({ id }) => id)).toEqual([part.id]);
    expect(alone.id).not.toBe(lesson.id);
    expect([alone.slips, alone.plan, alone.remarks]).toEqual([undefined, undefined, undefined]);
    const { texts, lessons } = chosenThings(all, {
      ...none,
      parts: [{ lesson: lesson.id, part: part.id }],
    });
    expect(texts.map(({ id }) => id)).toEqual([part.parameters.textId]);
    expect(lessons.map(({ id }) => id)).toEqual([alone.id]);
  });
});
