import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from 'vitest';
import { partsOf, type LessonPart } from '~core/records/lesson';
import { database } from './database';
import { lastChange, undo } from './change';
import { perform } from './perform';
import { textsOfClass } from './repository';
import { addToLesson, copyText, createClass, createText, removeClass } from './whole-records';

const on =
  (intent: string) =>
  (id: string, fields: object = {}) =>
    perform('texts', id, { intent, ...fields });
const setBody = (id: string, body: string, revision?: number) =>
  on('body')(id, { body, ...(revision === undefined ? {} : { revision }) });
const setFact = (id: string, fact: string, value: string) => on('fact')(id, { fact, value });
const setGloss = (id: string, word: string, text: string) => on('gloss')(id, { word, text });
const setBoxed = (id: string, word: string, boxed: boolean) => on('boxed')(id, { word, boxed });
const setAccepted = (id: string, word: string, accepted: boolean) =>
  on('accepted')(id, { word, accepted });
const addMark = (id: string, mark: object, name: string) => on('mark')(id, { mark, name });
const setMark = (id: string, mark: string, fields: object) =>
  on('set-mark')(id, { id: mark, fields });
const setReleased = (id: string, released: number | null) => on('released')(id, { released });
const setOriginal = on('original');

beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

async function stored() {
  const profile = await createClass({ name: 'Harriers' });
  const text = await createText({
    classId: profile.id,
    title: 'Log',
    body: 'It rained.\n\nThe gauge broke.',
  });
  const read = async () => {
    const found = await database.texts.get(text.id);
    if (!found) throw new Error('The text is gone.');
    return found;
  };
  return { profile, id: text.id, read };
}

describe('a text', () => {
  test('is completed, kept with its original, and undone change by change', async () => {
    const { id, read } = await stored();
    const before = await read();
    expect(before).toMatchObject({
      kind: 'prose',
      language: 'en',
      original: before.body,
      released: null,
    });
    await setBody(id, 'It rained all day.\n\nThe gauge broke.');
    await setFact(id, 'author', 'Asha');
    expect(await read()).toMatchObject({ author: 'Asha', original: before.body });
    await undo();
    await undo();
    expect(await read()).toEqual({ ...before, revision: 5 });
  });

  test('its marks move with it', async () => {
    const { id, read } = await stored();
    const { body } = await read();
    const start = body.indexOf('gauge');
    await addMark(id, { start, end: start + 5, kind: 'method', about: 'symbol' }, 'a symbol');
    await setBody(id, `Monday. ${body}`);
    const [mark] = (await read()).annotations;
    expect(mark && (await read()).body.slice(mark.start, mark.end)).toBe('gauge');
    await setMark(id, mark?.id ?? '', { effect: 'It stands for care.' });
    expect((await read()).annotations[0]?.effect).toBe('It stands for care.');
  });

  test('two tabs that write in other places of one text both keep what they wrote', async () => {
    const { id, read } = await stored();
    const { body, revision } = await read();
    const start = body.indexOf('gauge');
    await addMark(id, { start, end: start + 5, kind: 'method', about: 'symbol' }, 'a symbol');
    await setBody(id, body.replace('It rained', 'It rained hard'), revision);
    await setBody(id, body.replace('broke', 'broke at noon'), revision);
    const after = await read();
    expect(after.body).toBe('It rained hard.\n\nThe gauge broke at noon.');
    const [mark] = after.annotations;
    expect(mark && after.body.slice(mark.start, mark.end)).toBe('gauge');
  });

  test('two tabs that rewrite the same sentence are both shown', async () => {
    const { id, read } = await stored();
    const { body, revision } = await read();
    await setBody(id, body.replace('It rained.', 'It snowed.'), revision);
    const late = setBody(id, body.replace('It rained.', 'It hailed.'), revision);
    await expect(late).rejects.toMatchObject({
      conflict: {
        mine: expect.stringContaining('hailed'),
        theirs: expect.stringContaining('snowed'),
      },
    });
    expect((await read()).body).toContain('snowed');
  });

  test('two edits in one save leave the marks between them where they were', async () => {
    const { id, read } = await stored();
    const { body } = await read();
    const start = body.indexOf('The gauge');
    await addMark(id, { start, end: start + 9, kind: 'note', text: 'Which?' }, 'a note');
    await setBody(id, body.replace('It rained', 'Then it poured').replace('broke', 'fell over'));
    const after = await read();
    const [mark] = after.annotations;
    expect(mark && after.body.slice(mark.start, mark.end)).toBe('The gauge');
  });

  test('glosses, word box and accepted words are kept by the word and taken back', async () => {
    const { id, read } = await stored();
    await setGloss(id, 'gauge', 'a tool');
    await setGloss(id, 'Gauge', 'a tool that measures');
    await setBoxed(id, 'Gauge', true);
    await setAccepted(id, 'rained', true);
    expect(await read()).toMatchObject({
      glosses: [{ word: 'Gauge', text: 'a tool that measures' }],
      boxed: ['gauge'],
      accepted: ['rained'],
    });
    await setGloss(id, 'gauge', '');
    await setBoxed(id, 'gauge', false);
    expect(await read()).toMatchObject({ glosses: [], boxed: [] });
  });

  test('what is not valid is refused with a reason, and nothing is changed', async () => {
    const { id, read } = await stored();
    await expect(setFact(id, 'title', '')).rejects.toThrow('Give the text a title.');
    await expect(setBody(id, 'x'.repeat(1_000_001))).rejects.toThrow(/1,000,000/);
    expect((await read()).title).toBe('Log');
  });

  test('a long text keeps fewer changes, so that the browser’s room lasts', async () => {
    const { id } = await stored();
    for (let count = 0; count < 25; count += 1) {
      const body = `${'rain '.repeat(30_000)}${count}`;
      await setBody(id, body);
    }
    expect(await database.changes.count()).toBeLessThanOrEqual(21);
  });

  test('sections are given one by one, and the original can be set anew', async () => {
    const { id, read } = await stored();
    await setReleased(id, 1);
    expect((await lastChange())?.label).toBe('Gave the class 1 of the sections');
    const { body } = await read();
    await setBody(id, `${body} The end.`);
    await setOriginal(id);
    expect((await read()).original).toBe((await read()).body);
  });
});

describe('a text and what is around it', () => {
  const part = (id: string, textId: string): LessonPart => ({
    id,
    kind: 'exercise',
    text: '',
    maker: 'find-it',
    words: [],
    parameters: { textId },
    seed: 1,
  });

  test('its exercises go into one lesson about it', async () => {
    const { id } = await stored();
    const first = await addToLesson(id, part('one', id), 'Find it');
    const second = await addToLesson(id, part('two', id), 'Find it');
    expect(second).toBe(first);
    const lesson = await database.lessons.get(first);
    expect(lesson && partsOf(lesson).map((each) => each.id)).toEqual(['one', 'two']);
    expect(lesson?.title).toBe('Reading: Log');
  });

  test('a copy goes to another class; a removed class takes its texts along, and undo brings them back', async () => {
    const { profile, id } = await stored();
    const other = await createClass({ name: 'Newcomers' });
    await copyText(id, other.id, other.name);
    expect((await textsOfClass(other.id)).map(({ title }) => title)).toEqual(['Log']);
    await removeClass(profile.id);
    expect(await textsOfClass(profile.id)).toEqual([]);
    expect(await textsOfClass(other.id)).toHaveLength(1);
    await undo();
    expect(await textsOfClass(profile.id)).toHaveLength(1);
  });
});
