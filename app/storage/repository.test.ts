import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from 'vitest';
import { writeBackup } from '~core/exchange/backup';
import { fernhillDemo } from '~core/demo/fernhill';
import { testLexicon } from '~core/testing/test-lexicon';
import { addDemo, exportEverything, hasDemo, importBackup, removeDemo } from './backups';
import { database } from './database';
import {
  addWord,
  changeClass,
  createClass,
  createList,
  createLesson,
  FieldConflict,
  movePart,
  moveWord,
  removeClass,
  removePart,
  removeWord,
  renameList,
  swapWord,
} from './operations';
import { ChangeError, focusClass, lastChange, listsOfClass, openList, undo } from './repository';

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
    expect((await words(list.id))?.sort()).toEqual(['gale', 'hail', 'rain']);
  });

  test('a field that another tab changed is not overwritten in silence', async () => {
    const { list } = await stormList();
    await renameList(list.id, 'Windy words', 'Storm words');
    await expect(renameList(list.id, 'Wet words', 'Storm words')).rejects.toThrow(FieldConflict);
    await expect(renameList(list.id, 'Wet words', 'Storm words')).rejects.toThrow(/Windy words/);
    expect((await database.lists.get(list.id))?.name).toBe('Windy words');
  });

  test('an undo that would lose later work is refused', async () => {
    const { list } = await stormList();
    await addWord(list.id, 'hail');
    const added = await lastChange();
    await addWord(list.id, 'gale');
    await expect(undo(added?.id)).rejects.toThrow(/changed again since/);
    expect(await words(list.id)).toEqual(['rain', 'hail', 'gale']);
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
    await swapWord(id, part.id, 'spray', 'clay');
    await movePart(id, part.id, 'alone', 0, 'it');
    const alone = (await stages()).find((stage) => stage.id === 'alone');
    expect(alone?.parts[0]?.id).toBe(part.id);
    expect(alone?.parts[0]?.words).toContain('clay');
    await removePart(id, part.id, 'it');
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
    expect(await importBackup(bytes)).toEqual({ added: records, kept: 0 });
    expect(await Promise.all([database.classes.toArray(), database.lessons.toArray()])).toEqual(
      before,
    );
    expect(await importBackup(bytes)).toEqual({ added: 0, kept: records });
  });

  test('that is damaged changes nothing', async () => {
    await stormList();
    const bytes = writeBackup(demo, '2026-11-24').slice(0, -40);
    await expect(importBackup(bytes)).rejects.toThrow(/Nothing was changed/);
    expect(await database.classes.count()).toBe(1);
  });
});
