import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { beforeEach, describe, expect, test } from 'vitest';
import { fernhillDemo } from '~core/demo/fernhill';
import { testLexicon } from '~core/testing/test-lexicon';
import { answer, FULL_DISK } from '~/routes/action-answer';
import { change, lastChange, undo } from './change';
import { database, WordaneDatabase } from './database';
import { perform } from './perform';
import { allOf, DamagedRecord, damagedRecords, record } from './repository';
import { room } from './room';

const demo = fernhillDemo(testLexicon());
const plain = <Value>(value: Value): Value => JSON.parse(JSON.stringify(value)) as Value;

/** The stores of each version, as they were. */
const stores: Readonly<Record<number, Record<string, string>>> = {
  1: {
    classes: 'id',
    lists: 'id, classId',
    lessons: 'id, classId',
    changes: '++id',
    settings: 'key',
  },
  2: {},
  3: { texts: 'id, classId' },
};

/** A desk as a version left it, with what is put in; then opened by this version. */
async function from(version: number, fill: (old: Dexie) => Promise<void>) {
  const name = `wordane-of-${version}-${Math.random()}`;
  const old = new Dexie(name);
  for (let each = 1; each <= version; each += 1) old.version(each).stores(stores[each] ?? {});
  await old.open();
  await fill(old);
  old.close();
  const now = new WordaneDatabase(name);
  await now.open();
  return now;
}

const [profile] = plain(demo.classes);
const [list] = plain(demo.lists);
const [lesson] = plain(demo.lessons);

describe('a desk of every version opens in this one', () => {
  test('1: a class gets its accent and sequence, a list its details', async () => {
    const now = await from(1, async (old) => {
      const { accent: _a, sequence: _s, hiddenWords: _h, ...before } = profile ?? ({} as never);
      await old.table('classes').put(before);
      const { details: _d, groupBy: _g, ...bare } = list ?? ({} as never);
      await old.table('lists').put(bare);
    });
    expect(await now.classes.toCollection().first()).toMatchObject({
      accent: 'american',
      sequence: null,
      hiddenWords: [],
    });
    expect(await now.lists.toCollection().first()).toMatchObject({ details: [], groupBy: 'none' });
    now.close();
  });

  test('2: its lists and lessons are kept as they are, and texts have their place', async () => {
    const now = await from(2, async (old) => {
      await old.table('lists').put(list);
      await old.table('lessons').put(lesson);
    });
    expect(await now.lists.toArray()).toEqual([list]);
    expect(await now.texts.count()).toBe(0);
    now.close();
  });

  test('3: stand-ins leave the parameters, and whole records in the history become patches', async () => {
    const part = { id: 'p', kind: 'exercise', text: '', maker: 'find-it', words: [], seed: 1 };
    const parameters = { textId: 't', section: -1, count: 0 };
    const stages = lesson?.stages.map((stage, index) =>
      index ? stage : { ...stage, parts: [{ ...part, parameters }] },
    );
    const now = await from(3, async (old) => {
      await old.table('lessons').put({ ...lesson, stages });
      await old.table('changes').bulkAdd([
        {
          at: 1,
          label: 'Made',
          undone: 0,
          records: [{ table: 'lists', id: 'a', before: null, after: list }],
        },
        {
          ...{ at: 2, label: 'Renamed', undone: 0 },
          records: [{ table: 'lists', id: 'a', before: list, after: { ...list, name: 'Gale' } }],
        },
        {
          at: 3,
          label: 'Removed',
          undone: 0,
          records: [{ table: 'lists', id: 'a', before: list, after: null }],
        },
      ]);
    });
    const stored = await now.lessons.toCollection().first();
    expect(stored?.stages[0]?.parts[0]?.parameters).toEqual({ textId: 't' });
    const changes = await now.changes.toArray();
    expect(changes.map(({ records }) => records[0]?.did)).toEqual(['made', 'changed', 'removed']);
    expect(changes.every(({ touched }) => touched[0] === 'lists/a')).toBe(true);
    now.close();
  });
});

describe('what is damaged on the disk', () => {
  beforeEach(async () => {
    await Promise.all(database.tables.map((table) => table.clear()));
    await database.classes.put(profile as never);
    await database.lists.bulkPut([
      list as never,
      { ...list, id: 'broken', words: 'rain' } as never,
    ]);
  });

  test('is told by name, and takes nothing else with it', async () => {
    expect((await allOf('lists')).map(({ id }) => id)).toEqual([list?.id]);
    expect(await damagedRecords()).toMatchObject([{ table: 'lists', id: 'broken' }]);
    await expect(record('lists', 'broken')).rejects.toThrow(DamagedRecord);
    await expect(record('lists', 'broken')).rejects.toThrow(/Everything else is as it was/);
  });

  test('cannot be written on, and says where it can be removed', async () => {
    const done = await answer(() => perform('lists', 'broken', { intent: 'add', word: 'hail' }));
    expect(done).toMatchObject({ ok: false, message: expect.stringContaining('Shelf') as unknown });
  });

  test('an undo that would put it back says why not', async () => {
    await database.changes.add({
      ...{ at: 1, label: 'Removed the list Old', undone: 0 as const, touched: ['lists/old'] },
      records: [
        { table: 'lists', id: 'old', revision: 1, did: 'removed', record: { id: 'old', words: 7 } },
      ],
    });
    await expect(undo((await lastChange())?.id)).rejects.toThrow(/does not fit this version/);
    expect(await database.lists.get('old')).toBeUndefined();
  });
});

describe('a full disk', () => {
  test('becomes a message, whatever was being done', async () => {
    const full = Object.assign(new Error('no room'), { name: 'QuotaExceededError' });
    expect(await answer(() => Promise.reject(full))).toEqual({
      full: true,
      ok: false,
      message: FULL_DISK,
    });
  });

  test('leaves what was there, because a change is whole or not at all', async () => {
    await Promise.all(database.tables.map((table) => table.clear()));
    await database.lists.put(list as never);
    const work = change('Two things', async ({ put }) => {
      await put('lists', { ...list, name: 'Gale' });
      throw Object.assign(new Error('no room'), { name: 'QuotaExceededError' });
    });
    expect((await answer(() => work)).ok).toBe(false);
    expect((await database.lists.get(list?.id ?? ''))?.name).toBe(list?.name);
    expect(await database.changes.count()).toBe(0);
  });
});

test('an export is recalled when much was made and none was taken for two weeks', async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
  const day = 24 * 60 * 60 * 1000;
  const now = 100 * day;
  expect((await room(now)).exportDue).toBe(false);
  await database.changes.add({
    at: now - 20 * day,
    label: 'x',
    records: [],
    undone: 0,
    touched: [],
  });
  expect((await room(now)).exportDue).toBe(true);
  await database.settings.put({ key: 'exported', value: String(now - 3 * day) });
  expect(await room(now)).toMatchObject({ exportDue: false, exported: now - 3 * day });
  await database.settings.put({ key: 'exported', value: String(now - 15 * day) });
  expect((await room(now)).exportDue).toBe(true);
});
