/**
 * Everything a teacher has made, as one zip of JSON files (our own documented
 * schema): manifest.json, classes.json, lists.json, lessons.json, texts.json.
 */
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { ClassProfile } from '../classes/class-profile';
import { Lesson } from '../lessons/lesson';
import { ReadingText } from '../texts/reading-text';
import { WordList } from '../lists/word-list';
import { upgradeClass, upgradeList } from './upgrade';
import { validateAs } from './validate';

export const BACKUP_FORMAT = 'wordane-backup';
/** 2 added accents and own sequences to classes, and details to lists; 3 added texts; all are read. */
export const BACKUP_VERSION = 3;
/** A backup is text; one larger than this when unpacked is not ours. */
const LARGEST_FILE = 64 * 1024 * 1024;

export interface Backup {
  readonly classes: readonly ClassProfile[];
  readonly lists: readonly WordList[];
  readonly lessons: readonly Lesson[];
  readonly texts: readonly ReadingText[];
}

/** A file that cannot be read back; the message says why, in words for the teacher. */
export class BackupError extends Error {
  override readonly name = 'BackupError';
}

/**
 * The backup as the bytes of a zip.
 *
 * @param made when it was made, as an ISO 8601 date
 */
export function writeBackup(backup: Backup, made: string): Uint8Array {
  const manifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, made };
  const json = (value: unknown) => strToU8(`${JSON.stringify(value, null, 2)}\n`);
  return zipSync({
    'manifest.json': json(manifest),
    'classes.json': json(backup.classes),
    'lists.json': json(backup.lists),
    'lessons.json': json(backup.lessons),
    'texts.json': json(backup.texts),
  });
}

function readJson(files: Record<string, Uint8Array>, name: string): unknown {
  const bytes = files[name];
  if (bytes === undefined) {
    throw new BackupError(
      `The file has no ${name}, so it is not a whole Wordane backup. Nothing was changed.`,
    );
  }
  try {
    return JSON.parse(strFromU8(bytes));
  } catch {
    throw new BackupError(
      `${name} in the file is damaged and cannot be read. Nothing was changed.`,
    );
  }
}

const isRecord = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** Reads records; what an older version did not have yet is completed, what is wrong is told. */
function readRecords<Shape extends object>(
  files: Record<string, Uint8Array>,
  name: keyof Backup,
  shape: new () => Shape,
  upgrade: (record: object) => object = (record) => record,
): Shape[] {
  const records = readJson(files, `${name}.json`);
  if (!Array.isArray(records)) {
    throw new BackupError(`${name}.json should be a list and is not. Nothing was changed.`);
  }
  return records.map((record: unknown, index) => {
    const checked = validateAs(shape, isRecord(record) ? upgrade(record) : record);
    if (checked.ok) return checked.value;
    const first = checked.problems[0];
    throw new BackupError(
      `Entry ${index + 1} of ${name}.json is not valid (${first?.field || 'whole entry'}: ${first?.text ?? ''}). Nothing was changed.`,
    );
  });
}

/**
 * Reads a backup, all of it or nothing.
 *
 * @throws BackupError where the file is not a zip, not ours, newer than this program, or damaged
 */
export function readBackup(bytes: Uint8Array): Backup {
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: (file) => {
        if (file.originalSize > LARGEST_FILE) throw new BackupError('');
        return file.name.endsWith('.json');
      },
    });
  } catch {
    throw new BackupError(
      'This is not a zip file that Wordane can open. Choose the file that “Export everything” saved. Nothing was changed.',
    );
  }
  const manifest = readJson(files, 'manifest.json') as {
    format?: unknown;
    version?: unknown;
  } | null;
  if (manifest?.format !== BACKUP_FORMAT) {
    throw new BackupError('This zip was not made by Wordane. Nothing was changed.');
  }
  if (typeof manifest.version !== 'number' || manifest.version > BACKUP_VERSION) {
    throw new BackupError(
      'This backup was made by a newer Wordane. Update this one, then read it again. Nothing was changed.',
    );
  }
  return {
    classes: readRecords(files, 'classes', ClassProfile, upgradeClass),
    lists: readRecords(files, 'lists', WordList, upgradeList),
    lessons: readRecords(files, 'lessons', Lesson),
    texts: manifest.version < 3 ? [] : readRecords(files, 'texts', ReadingText),
  };
}
