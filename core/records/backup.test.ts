import { strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { testLexicon } from '../testing/test-lexicon';
import { completeList } from '../lists/word-list';
import { BackupError } from './backup-error';
import { readBackup, refusedNotes, writeBackup } from './backup';
import type { RecordTable } from './open-record';
import { Random } from '../kernel/random';
import { crc32, zipEntries } from './zip-entries';

const demo = fernhillDemo(testLexicon());
const written = () => writeBackup(demo, '2026-11-24T09:00:00.000Z');
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

test('what is written is read back the same', () => {
  expect(plain(readBackup(written()))).toEqual({
    ...(plain(demo) as typeof demo),
    made: '2026-11-24T09:00:00.000Z',
    refused: [],
  });
});

test('a zip of JSON that any program can open', () => {
  expect(Object.keys(unzipSync(written())).sort()).toEqual([
    'classes.json',
    'lessons.json',
    'lists.json',
    'manifest.json',
    'recordings.json',
    'sounds.json',
    'standards.json',
    'texts.json',
  ]);
});

const changed = (name: string, content: string | undefined) => {
  const others = Object.entries(unzipSync(written())).filter(([file]) => file !== name);
  const files = content === undefined ? others : [...others, [name, strToU8(content)]];
  return zipSync(Object.fromEntries(files));
};

describe('a file that is not ours or not whole is refused with a reason', () => {
  test.each<[string, () => Uint8Array, RegExp]>([
    ['text', () => strToU8('hello'), /not a zip file/],
    ['half a zip', () => written().slice(0, 300), /not a zip file/],
    ['a foreign zip', () => zipSync({ 'a.txt': strToU8('a') }), /no manifest\.json/],
    ['another format', () => changed('manifest.json', '{"format":"other"}'), /not made by Wordane/],
    ['an empty manifest', () => changed('manifest.json', 'null'), /not made by Wordane/],
    [
      'a newer version',
      () => changed('manifest.json', '{"format":"wordane-backup","version":99}'),
      /newer Wordane/,
    ],
    ['no lists', () => changed('lists.json', undefined), /no lists\.json/],
    ['broken JSON', () => changed('classes.json', '[{'), /classes\.json .* damaged/],
    ['not a list', () => changed('classes.json', '{}'), /should be a list/],
  ])('%s', (_, file, reason) => {
    expect(() => readBackup(file())).toThrow(BackupError);
    expect(() => readBackup(file())).toThrow(reason);
    expect(() => readBackup(file())).toThrow(/Nothing was changed/);
  });
});

describe('a record that is not valid is refused by name, and the rest is kept', () => {
  const [kestrels] = demo.classes;
  const [text] = demo.texts;
  const [lesson] = demo.lessons;
  test.each<[string, RecordTable, object, RegExp]>([
    ['a class without a name', 'classes', { ...kestrels, name: '' }, /Give the class a name/],
    ['a class whose level is a list', 'classes', { ...kestrels, level: ['uk', 'Y2'] }, /level/],
    ['a class without a level', 'classes', { ...kestrels, level: undefined }, /level/],
    ['a class whose accent is none', 'classes', { ...kestrels, accent: null }, /accent/],
    ['an id with a slash', 'classes', { ...kestrels, id: 'a/b' }, /id/],
    ['an id with half a sign', 'classes', { ...kestrels, id: 'a\ud83d' }, /id/],
    ['a field that is not ours', 'classes', { ...kestrels, script: 'x' }, /script/],
    ['marks that are no list', 'texts', { ...text, annotations: { 0: {} } }, /annotations/],
    ['a text without a body', 'texts', { ...text, body: 7 }, /body/],
    ['a lesson whose stages are none', 'lessons', { ...lesson, stages: 'five' }, /stages/],
    ['no record at all', 'lists', [1], /whole entry|object/],
  ])('%s', (_, table, record, reason) => {
    const whole: unknown[] = (plain(demo) as Record<RecordTable, unknown[]>)[table];
    const bytes = changed(`${table}.json`, JSON.stringify([...whole, record]));
    const read = readBackup(bytes);
    expect(read[table]).toHaveLength(whole.length);
    expect(read.refused).toHaveLength(1);
    const [note] = refusedNotes(read.refused);
    expect(note).toMatch(reason);
    expect(note).toMatch(/was left out/);
  });
});

test('what is large goes on in a second file, and comes back in its order', () => {
  const picture = `data:image/png;base64,${'A'.repeat(399_000)}`;
  const details = Array.from({ length: 60 }, (_, index) => ({ word: `word${index}`, picture }));
  const lists = [1, 2, 3].map((number) =>
    completeList({ id: `list-${number}`, classId: 'a', name: `Pictures ${number}`, details }),
  );
  const bytes = writeBackup(
    { classes: [], lessons: [], texts: [], recordings: [], standards: [], sounds: [], lists },
    '2026-11-26',
  );
  const names = Object.keys(unzipSync(bytes)).filter((name) => name.startsWith('lists'));
  expect(names).toEqual(['lists.json', 'lists-2.json', 'lists-3.json']);
  const read = readBackup(bytes);
  expect(read.refused).toEqual([]);
  expect(read.lists.map(({ id }) => id)).toEqual(['list-1', 'list-2', 'list-3']);
  expect(read.lists[2]?.details[59]?.picture).toBe(picture);
});

test('a file made to fill the memory is refused', () => {
  const bomb = zipSync({ 'manifest.json': strToU8(' '.repeat(80_000_000)) }, { level: 9 });
  expect(bomb.byteLength).toBeLessThan(200_000);
  expect(() => readBackup(bomb)).toThrow(/not a zip file that Wordane can open/);
});

test('an altered byte is noticed: the file of the zip is named, or what comes in is the same', () => {
  const whole = written();
  const before = JSON.stringify(plain(readBackup(whole)));
  const random = new Random(11);
  let named = 0;
  for (let round = 0; round < 60; round += 1) {
    const altered = whole.slice();
    const at = Math.floor(random.next() * altered.length);
    altered[at] = (altered[at] ?? 0) ^ (1 << Math.floor(random.next() * 8));
    try {
      // Bytes that say nothing of the content (a date, a comment) may differ.
      expect(JSON.stringify(plain(readBackup(altered)))).toBe(before);
    } catch (error) {
      expect(error).toBeInstanceOf(BackupError);
      expect((error as Error).message).toMatch(/Nothing was changed/);
      if (/\.json in the file was altered/.test((error as Error).message)) named += 1;
    }
  }
  expect(named).toBeGreaterThan(40);
});

test('an exercise that cannot be made is left out by name, and its lesson comes in', () => {
  const [lesson] = demo.lessons;
  if (!lesson) throw new Error('no lesson');
  const broken = {
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part, at) =>
        part.kind !== 'exercise'
          ? part
          : at === 0
            ? { ...part, maker: 'sort-by-magic' }
            : { ...part, parameters: { count: 'many' } },
      ),
    })),
  };
  const exercises = lesson.stages
    .flatMap(({ parts }) => parts)
    .filter(({ kind }) => kind === 'exercise');
  const read = readBackup(
    writeBackup(
      {
        classes: [],
        lists: [],
        texts: [],
        recordings: [],
        standards: [],
        sounds: [],
        lessons: [broken],
      },
      '',
    ),
  );
  expect(read.lessons).toHaveLength(1);
  expect(
    read.lessons[0]?.stages.flatMap(({ parts }) => parts).some(({ kind }) => kind === 'exercise'),
  ).toBe(false);
  expect(read.refused).toHaveLength(exercises.length);
  expect(refusedNotes(read.refused).join(' ')).toMatch(
    /In the lesson “.*” the exercise “sort-by-magic” was left out/,
  );
});

// The check value of CRC-32 (ISO 3309), as in the catalogue of parametrised CRC algorithms.
test('the checksum is CRC-32', () => {
  expect(crc32(strToU8('123456789'))).toBe(0xcbf43926);
});

test('every file of a zip is listed with its size', () => {
  const zip = zipSync({ 'a.json': strToU8('[1]'), 'b/c.txt': strToU8('hail') });
  expect(zipEntries(zip)).toMatchObject([
    { name: 'a.json', size: 3 },
    { name: 'b/c.txt', size: 4 },
  ]);
  expect(zipEntries(zip.slice(0, -1))).toBeUndefined();
});
