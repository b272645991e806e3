import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from 'vitest';
import { readBackup, writeBackup } from '~core/records/backup';
import { fernhillDemo } from '~core/demo/fernhill';
import { testLexicon } from '~core/testing/test-lexicon';
import { addDemo, differences, exportEverything, hasDemo, removeDemo, restore } from './backups';
import { database } from './database';
import { lastChange, undo } from './change';
import { EditConflict } from './edit-conflict';
import { perform } from './perform';
import { focusClass, listsOfClass, openList } from './repository';
import { createClass, createLesson, createList, removeClass } from './whole-records';
import { ChangeError } from '~/operations/operation';

const onList =
  (intent: string) =>
  (id: string, fields: object = {}) =>
    perform('lists', id, { intent, ...fields });
const addWord = (id: string, word: string) => onList('add')(id, { word });
const removeWord = (id: string, word: string) => onList('remove')(id, { word });
const moveWord = (id: string, word: string, to: number) => onList('move')(id, { word, to });
const renameList = onList('rename');
const changeClass = (id: string, fields: object) =>
  perform('classes', id, { intent: 'change', fields });
const onLesson = (id: string, intent: string, fields: object) =>
  perform('lessons', id, { intent, ...fields });

const demo = fernhillDemo(testLexicon());
const records = Object.values(demo).reduce((sum, list: readonly object[]) => sum + list.length, 0);

beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

async function stormList() {
  const profile = await createClass({ name: 'Kestrels' });
  const list = await createList(profile.id, 'Storm words', ['rain']);
  return { profile, list };
}
const words = async (id: string) => (await database.lists.get(id))?.words;

describe('changes', () => {
  test('are kept, and undone one by one', async () => {
    const { list } = await stormList();
    await addWord(list.id, 'hail');
    await addWord(list.id, 'gale');
    await moveWord(list.id, 'gale', 0);
    await removeWord(list.id, 'hail');
    expect(await words(list.id)).toEqual(['gale', 'rain']);
    expect((await lastChange())?.label).toBe('Removed hail');
    await undo();
    expect(await words(list.id)).toEqual(['gale', 'rain', 'hail']);
    await undo();
    await undo();
    expect(await words(list.id)).toEqual(['rain', 'hail']);
  });

  test('two tabs that add at once both keep their word', async () => {
    const { list } = await stormList();
    await Promise.all([addWord(list.id, 'hail'), addWord(list.id, 'gale')]);
    expect([...((await words(list.id)) ?? [])].sort()).toEqual(['gale', 'hail', 'rain']);
  });

  test('a field that another tab changed is not overwritten in silence', async () => {
    const { list } = await stormList();
    const { revision } = (await database.lists.get(list.id)) ?? {};
    await renameList(list.id, { name: 'Windy words', revision });
    const late = renameList(list.id, { name: 'Wet words', revision });
    await expect(late).rejects.toThrow(EditConflict);
    await expect(late).rejects.toMatchObject({
      conflict: { mine: 'Wet words', theirs: 'Windy words', both: 'Windy words / Wet words' },
    });
    expect((await database.lists.get(list.id))?.name).toBe('Windy words');
    // With the revision that the refusal carries, mine is saved over theirs.
    await renameList(list.id, { name: 'Wet words', revision: (revision ?? 0) + 1 });
    expect((await database.lists.get(list.id))?.name).toBe('Wet words');
  });

  test('edits of an older version keep what another tab did elsewhere in the record', async () => {
    const { list } = await stormList();
    const { revision } = (await database.lists.get(list.id)) ?? {};
    await addWord(list.id, 'hail');
    await renameList(list.id, { name: 'Windy words', revision });
    await onList('detail')(list.id, { word: 'rain', fields: { note: 'wet' }, revision });
    expect(await database.lists.get(list.id)).toMatchObject({
      name: 'Windy words',
      words: ['rain', 'hail'],
      details: [{ word: 'rain', note: 'wet' }],
    });
  });

  test('undo takes back its own change and leaves later work; the same thing changed again is refused', async () => {
    const { list } = await stormList();
    await addWord(list.id, 'hail');
    const added = await lastChange();
    await addWord(list.id, 'gale');
    await undo(added?.id);
    expect(await words(list.id)).toEqual(['rain', 'gale']);
    await renameList(list.id, { name: 'Windy words' });
    const renamed = await lastChange();
    await addWord(list.id, 'mist');
    await renameList(list.id, { name: 'Wet words' });
    await expect(undo(renamed?.id)).rejects.toThrow(/changed again since/);
    expect((await database.lists.get(list.id))?.name).toBe('Wet words');
  });

  test('an intent that is misspelled or another record’s, and fields that are none, are refused', async () => {
    const { list, profile } = await stormList();
    const before = await database.lists.get(list.id);
    for (const intent of ['ad', 'parameters', 'constructor', '__proto__', '']) {
      await expect(perform('lists', list.id, { intent })).rejects.toThrow(/does not know how/);
    }
    await expect(onList('add')(list.id, { words: 'rain' })).rejects.toThrow(ChangeError);
    await expect(onList('move')(list.id, { word: 'rain', to: '1' })).rejects.toThrow(ChangeError);
    await expect(
      perform('classes', profile.id, { intent: 'change', fields: { nmae: 'x' } }),
    ).rejects.toMatchObject({ problems: [{ field: 'nmae' }] });
    expect(await database.lists.get(list.id)).toEqual(before);
  });

  test('typing that goes on is one change', async () => {
    const { list } = await stormList();
    const first = await database.changes.count();
    await perform('lists', list.id, { intent: 'detail', word: 'rain', fields: { note: 'we' } });
    await perform('lists', list.id, { intent: 'detail', word: 'rain', fields: { note: 'wet' } });
    await perform('lists', list.id, {
      intent: 'detail',
      word: 'rain',
      fields: { note: 'wet day' },
    });
    expect(await database.changes.count()).toBe(first + 2);
    await undo();
    const note = (await database.lists.get(list.id))?.details[0]?.note;
    expect(note).toBe('we');
  });

  test('what is not valid is refused in words, and nothing is written', async () => {
    const { profile } = await stormList();
    await expect(changeClass(profile.id, { name: '' })).rejects.toThrow(/Give the class a name/);
    await expect(createClass({ name: '' })).rejects.toThrow(ChangeError);
    expect((await database.classes.get(profile.id))?.name).toBe('Kestrels');
    expect(await database.classes.count()).toBe(1);
  });

  test('a change to a record that was removed says so', async () => {
    await expect(addWord('gone', 'rain')).rejects.toThrow(/removed in another tab/);
  });

  test('a change that changes nothing leaves no trace', async () => {
    const { list } = await stormList();
    const before = await database.changes.count();
    await addWord(list.id, 'RAIN');
    expect(await database.changes.count()).toBe(before);
  });

  test('a class goes with its lists and comes back with them', async () => {
    const { profile, list } = await stormList();
    await removeClass(profile.id);
    expect(await database.lists.count()).toBe(0);
    expect(await focusClass()).toBeUndefined();
    await undo();
    expect((await focusClass())?.name).toBe('Kestrels');
    expect((await openList(profile.id))?.id).toBe(list.id);
  });
});

describe('a lesson', () => {
  test('its parts are moved, swapped in and removed', async () => {
    await addDemo(demo);
    const [lesson] = demo.lessons;
    if (!lesson) throw new Error('no lesson');
    const id = lesson.id;
    const stages = async () => (await database.lessons.get(id))?.stages ?? [];
    const together = lesson.stages.find((stage) => stage.id === 'together');
    const part = together?.parts[0];
    if (!part) throw new Error('no part');
    await onLesson(id, 'swap', { part: part.id, from: 'spray', to: 'clay' });
    await onLesson(id, 'move-part', { part: part.id, stage: 'alone', index: 0, name: 'it' });
    const alone = (await stages()).find((stage) => stage.id === 'alone');
    expect(alone?.parts[0]?.id).toBe(part.id);
    expect(alone?.parts[0]?.words).toContain('clay');
    await onLesson(id, 'remove-part', { part: part.id, name: 'it' });
    expect((await stages()).flatMap((stage) => stage.parts.map((each) => each.id))).not.toContain(
      part.id,
    );
    await undo();
    await undo();
    await undo();
    expect(await stages()).toEqual(JSON.parse(JSON.stringify(lesson.stages)));
    await createLesson({ ...lesson, id: 'copy' });
    expect(await database.lessons.count()).toBe(demo.lessons.length + 1);
  });
});

describe('the demo', () => {
  test('goes in beside what is here, never over it, and out again', async () => {
    await createClass({ name: 'Mine' });
    await addDemo(demo);
    await changeClass('fernhill-kestrels', { name: 'My Kestrels' });
    await addDemo(demo);
    expect((await database.classes.get('fernhill-kestrels'))?.name).toBe('My Kestrels');
    expect(await database.classes.count()).toBe(demo.classes.length + 1);
    expect((await listsOfClass('fernhill-kestrels')).length).toBe(1);
    await removeDemo();
    expect(await hasDemo()).toBe(false);
    expect((await database.classes.toArray()).map((profile) => profile.name)).toEqual(['Mine']);
    await undo();
    expect(await hasDemo()).toBe(true);
  });
});

describe('a backup', () => {
  test('brings everything to an empty browser', async () => {
    await addDemo(demo);
    const before = await Promise.all([database.classes.toArray(), database.lessons.toArray()]);
    const bytes = await exportEverything();
    await Promise.all(database.tables.map((table) => table.clear()));
    expect(await restore(readBackup(bytes))).toEqual({
      added: records,
      kept: 0,
      replaced: 0,
      refused: [],
    });
    expect(await Promise.all([database.classes.toArray(), database.lessons.toArray()])).toEqual(
      before,
    );
    expect(await restore(readBackup(bytes))).toEqual({
      added: 0,
      kept: records,
      replaced: 0,
      refused: [],
    });
  });

  test('that is damaged changes nothing', async () => {
    await stormList();
    const bytes = writeBackup(demo, '2026-11-24').slice(0, -40);
    expect(() => readBackup(bytes)).toThrow(/Nothing was changed/);
    expect(await database.classes.count()).toBe(1);
  });

  test('where something differs it is kept, replaced, or stands beside, as chosen', async () => {
    const { list } = await stormList();
    const bytes = await exportEverything();
    expect(await differences(readBackup(bytes))).toEqual([]);
    await addWord(list.id, 'hail');
    const backup = readBackup(bytes);
    expect(await differences(backup)).toEqual([
      { table: 'lists', id: list.id, name: 'Storm words', newer: 'here' },
    ]);
    expect(await restore(backup)).toMatchObject({ added: 0, kept: 2, replaced: 0 });
    expect(await words(list.id)).toEqual(['rain', 'hail']);
    // A roll-back, which can itself be taken back.
    await restore(backup, { [`lists/${list.id}`]: 'replace' });
    expect(await words(list.id)).toEqual(['rain']);
    await undo();
    expect(await words(list.id)).toEqual(['rain', 'hail']);
    await restore(backup, { [`lists/${list.id}`]: 'both' });
    expect(await words(list.id)).toEqual(['rain', 'hail']);
    const lists = await database.lists.toArray();
    expect(lists.map(({ name }) => name).sort()).toEqual([
      'Storm words',
      'Storm words (from the backup)',
    ]);
  });

  test('says which is newer by when it was made', async () => {
    const { list } = await stormList();
    const backup = readBackup(await exportEverything());
    await renameList(list.id, { name: 'Windy words' });
    const later = { ...backup, made: new Date(Date.now() + 60_000).toISOString() };
    expect((await differences(later))[0]?.newer).toBe('backup');
    expect((await differences({ ...backup, made: '' }))[0]?.newer).toBeUndefined();
  });
});

describe('what an exercise with too little asks for', () => {
  const partOf = (maker: string, words: string[], parameters = {}) => ({
    id: 'part-1',
    kind: 'exercise',
    text: '',
    maker,
    words,
    parameters,
    seed: 1,
  });
  async function lessonWith(part: object) {
    const profile = await createClass({ name: 'Kestrels' });
    const list = await createList(profile.id, 'Storm words', ['rain']);
    const planned = fernhillDemo(testLexicon()).lessons[0];
    if (planned === undefined) throw new Error('the demo has no lesson');
    const id = 'lesson-of-test';
    await createLesson({ ...planned, id, classId: profile.id });
    await onLesson(id, 'add-part', { stage: 'alone', part, name: 'an exercise' });
    return { id, profile, list };
  }
  const stored = async (id: string) =>
    (await database.lessons.get(id))?.stages
      .flatMap(({ parts }) => parts)
      .find((each) => each.id === 'part-1');

  test('words are added in one step, each once, and one undo takes them away', async () => {
    const { id } = await lessonWith(partOf('word-search', ['rain']));
    await onLesson(id, 'add-words', { part: 'part-1', words: ['hail', 'rain', 'snow'] });
    expect((await stored(id))?.words).toEqual(['rain', 'hail', 'snow']);
    expect((await lastChange())?.label).toBe('Added hail, rain and snow');
    await undo();
    expect((await stored(id))?.words).toEqual(['rain']);
  });

  test('another maker keeps the words and what was chosen about them, and undo brings the first back', async () => {
    const { id } = await lessonWith(
      partOf('sort-by-spelling', ['rain', 'day'], { sound: 'EY', language: 'en', title: 'Mine' }),
    );
    await onLesson(id, 'change-maker', {
      part: 'part-1',
      maker: 'word-search',
      name: 'Word search',
    });
    expect(await stored(id)).toMatchObject({
      maker: 'word-search',
      words: ['rain', 'day'],
      parameters: { language: 'en' },
    });
    expect((await stored(id))?.parameters).not.toHaveProperty('sound');
    await undo();
    expect((await stored(id))?.maker).toBe('sort-by-spelling');
  });
});

test('who is he or she is kept for the class, once for each name', async () => {
  const profile = await createClass({ name: 'Kestrels' });
  const called = (name: string, pronoun: string) =>
    perform('classes', profile.id, { intent: 'called', name, pronoun });
  await called('Quill', 'he');
  await called('Wick', 'they');
  await called('Quill', 'she');
  expect((await database.classes.get(profile.id))?.people).toEqual([
    { name: 'Wick', pronoun: 'they' },
    { name: 'Quill', pronoun: 'she' },
  ]);
  await expect(called('Quill', 'it')).rejects.toThrow();
  await undo();
  expect((await database.classes.get(profile.id))?.people).toContainEqual({
    name: 'Quill',
    pronoun: 'he',
  });
});
