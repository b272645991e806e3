import { strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { testLexicon } from '../testing/test-lexicon';
import { BackupError, readBackup, writeBackup } from './backup';

const demo = fernhillDemo(testLexicon());
const written = () => writeBackup(demo, '2026-11-24T09:00:00.000Z');
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

test('what is written is read back the same', () => {
  expect(plain(readBackup(written()))).toEqual(plain(demo));
});

test('a zip of JSON that any program can open', () => {
  expect(Object.keys(unzipSync(written())).sort()).toEqual([
    'classes.json',
    'lessons.json',
    'lists.json',
    'manifest.json',
    'texts.json',
  ]);
});

describe('a file that is not ours or not whole is refused with a reason', () => {
  const changed = (name: string, content: string | undefined) => {
    const others = Object.entries(unzipSync(written())).filter(([file]) => file !== name);
    const files = content === undefined ? others : [...others, [name, strToU8(content)]];
    return zipSync(Object.fromEntries(files));
  };
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
    ['a class without a name', () => changed('classes.json', '[{"id":"x"}]'), /Entry 1 of classes/],
    [
      'a field that is not ours',
      () => changed('lists.json', '[{"id":"a","classId":"b","name":"c","words":[],"script":"x"}]'),
      /script/,
    ],
  ])('%s', (_, file, reason) => {
    expect(() => readBackup(file())).toThrow(BackupError);
    expect(() => readBackup(file())).toThrow(reason);
    expect(() => readBackup(file())).toThrow(/Nothing was changed/);
  });
});
