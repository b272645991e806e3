import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '~core/demo/fernhill';
import type { WordList } from '~core/lists/word-list';
import { partsOf } from '~core/records/lesson';
import type { ListRecord } from '~core/records/list-record';
import type { TextRecord } from '~core/records/text-record';
import { countOnShelf, findOnShelf } from '~core/search/find-on-shelf';
import { testLexicon } from '~core/testing/test-lexicon';
import { classOf, lessonThings, listThings, textThing, usersOfTexts } from './shelf-things';

const demo = fernhillDemo(testLexicon());
const of = classOf(demo.classes);
const users = usersOfTexts(demo.lessons);
const things = [
  ...demo.lessons.flatMap((lesson) => lessonThings(lesson, of(lesson))),
  ...demo.lists.flatMap((list) => listThings(list as ListRecord & WordList, of(list))),
  ...demo.texts.map((text) => textThing(text as TextRecord, of(text), users.get(text.id) ?? [])),
];

describe('the demo on the shelf', () => {
  test('every lesson, list and text stands on it, and every exercise and sheet by itself', () => {
    const counts = countOnShelf(things, {});
    const parts = demo.lessons.flatMap(partsOf).filter(({ kind }) => kind !== 'note');
    expect(counts.lessons).toBe(demo.lessons.length);
    expect(counts.lists).toBe(demo.lists.length);
    expect(counts.texts).toBe(demo.texts.length);
    expect((counts.exercises ?? 0) + (counts.cards ?? 0) + (counts.sheets ?? 0)).toBe(parts.length);
  });

  test('each thing has a key of its own, and a record that is there', () => {
    const keys = things.map(({ kind, id }) => `${kind} ${id}`);
    expect(new Set(keys).size).toBe(keys.length);
    const records = new Set([...demo.lessons, ...demo.lists, ...demo.texts].map(({ id }) => id));
    for (const { record } of things) expect(records.has(record.id)).toBe(true);
  });

  test('what is shown of what is inside is what a teacher wrote, not what names it in the storage', () => {
    for (const { content } of things) expect(content).not.toMatch(/fernhill-\d/);
  });

  test('an exercise is found by one of its words, with the lesson it is in', () => {
    const found = findOnShelf(things, { words: 'flake', kind: 'exercises' });
    expect(found.map(({ thing }) => [thing.title, thing.of])).toContainEqual([
      'Build with -ing',
      'Long a in the storm log',
    ]);
    // Of the lessons that have the word, and of no other.
    expect([...new Set(found.map(({ thing }) => thing.of))]).toEqual(['Long a in the storm log']);
  });

  test('a text says which lessons use it', () => {
    const used = things.filter(({ kind, usedIn = [] }) => kind === 'texts' && usedIn.length > 0);
    expect(used.length).toBeGreaterThan(0);
    for (const { usedIn = [] } of used) {
      for (const title of usedIn) {
        expect(demo.lessons.map((lesson) => lesson.title)).toContain(title);
      }
    }
  });
});

describe('what is in a lesson', () => {
  const [lesson] = demo.lessons;
  if (!lesson) throw new Error('The demo has lessons.');
  const [first] = partsOf(lesson).filter(({ kind }) => kind === 'exercise');

  test('a plan is there where something is planned', () => {
    const planned = lessonThings({ ...lesson, plan: { rationale: 'They hear it first.' } });
    expect(planned.filter(({ kind }) => kind === 'plans').map(({ content }) => content)).toEqual([
      expect.stringContaining('They hear it first.'),
    ]);
  });

  test('a file that was given home, with what was in it, on its day', () => {
    const home = {
      id: 'h1',
      day: '2026-11-28',
      parts: [first?.id ?? ''],
      marks: true,
      returned: true,
      names: true,
      heard: false,
      speaks: 'en',
    };
    const given = lessonThings({ ...lesson, takeHomes: [home] }).filter(
      ({ kind }) => kind === 'take-homes',
    );
    expect(given.map(({ date }) => date)).toEqual(['2026-11-28']);
    expect(given[0]?.content).not.toBe('');
  });

  test('a picture of the teacher’s own is found by itself; its letters are nowhere searched', () => {
    const address = `data:image/png;base64,${'A'.repeat(60)}`;
    const withPicture = lessonThings({
      ...lesson,
      stages: lesson.stages.map((stage) => ({
        ...stage,
        parts: stage.parts.map((part) =>
          part.id === first?.id
            ? { ...part, parameters: { ...part.parameters, scene: { picture: address, ratio: 1 } } }
            : part,
        ),
      })),
    });
    const pictures = withPicture.filter(({ kind }) => kind === 'pictures');
    expect(pictures.map(({ preview }) => preview)).toEqual([{ kind: 'picture', address }]);
    expect(findOnShelf(withPicture, { words: 'AAAAAA' })).toEqual([]);
  });
});
