/**
 * Everything a teacher has made, as one zip of JSON files (our own documented
 * schema): manifest.json, and for each kind of record classes.json, lists.json,
 * lessons.json, texts.json, recordings.json, standards.json, sounds.json; what is large goes on in lists-2.json and so forth.
 */
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { ClassProfile } from '../classes/class-profile';
import type { WordList } from '../lists/word-list';
import type { ReadingText } from '../texts/reading-text';
import type { Lesson, LessonPart } from './lesson';
import { openRecord, recordNames, recordTables, type RecordTable } from './open-record';
import { makerName, recipeProblems } from '../exercises/catalogue';
import type { SoundRecord } from './sound-record';
import type { StandardsRecord } from './standards-record';
import type { RecordingRecord } from './recording-record';
import { BackupError } from './backup-error';
import { crc32, zipEntries } from './zip-entries';

export const BACKUP_FORMAT = 'wordane-backup';
/**
 * 2 added accents and own sequences to classes, and details to lists; 3 added
 * texts; 4 lets a kind of record go on in a second file; 5 added recordings; 6 added rights, sets of standards, what a
 * learner needs, and files of some things only; 7 added recordings of texts. All are read.
 */
export const BACKUP_VERSION = 7;

/** The version that added a kind of record; older files have none of it. */
const since: Partial<Record<RecordTable, number>> = {
  texts: 3,
  recordings: 5,
  standards: 6,
  sounds: 7,
};

/** A file of the zip is closed when it is this long, in characters: a browser reads no text of more than 512 million. */
const FILE_LENGTH = 32 * 1024 * 1024;
/** All files together, unpacked. */
const LARGEST = 1024 ** 3;
/** Text and pictures are packed to no less than this share; what is packed further is made to fill the memory. */
const LEAST_PACKED = 1 / 300;
/** Files smaller than this unpacked are harmless however they are packed. */
const HARMLESS = 64 * 1024 * 1024;

export interface Backup {
  readonly classes: readonly ClassProfile[];
  readonly lists: readonly WordList[];
  readonly lessons: readonly Lesson[];
  readonly texts: readonly ReadingText[];
  readonly recordings: readonly RecordingRecord[];
  /** Sets of standards that were read in. */
  readonly standards: readonly StandardsRecord[];
  /** Recordings of texts that the teacher brought in. */
  readonly sounds: readonly SoundRecord[];
}

/** A record of a backup that cannot be taken in: which, and why. */
export interface Refused {
  readonly table: RecordTable;
  readonly name: string;
  readonly problem: string;
  /** The exercise of it that was left out, where the rest came in. */
  readonly part?: string;
}

/** What a manifest says of a file that holds some things only. */
const THINGS = 'things';

export interface ReadBackup extends Backup {
  /** Some things only: classes that are here already stay as they are. */
  readonly only?: typeof THINGS;
  /** When it was made, as an ISO 8601 date; empty where it does not say. */
  readonly made: string;
  readonly refused: readonly Refused[];
}

/** The records as the texts of files, none longer than a browser can read. */
function filesOf(records: readonly object[]): string[] {
  const files: string[] = [];
  let open: string[] = [];
  let length = 0;
  const close = () => {
    files.push(`[\n${open.join(',\n')}\n]\n`);
    open = [];
    length = 0;
  };
  for (const record of records) {
    const text = JSON.stringify(record);
    if (open.length > 0 && length + text.length > FILE_LENGTH) close();
    open.push(text);
    length += text.length;
  }
  if (open.length > 0 || files.length === 0) close();
  return files;
}

const fileName = (table: RecordTable, index: number) =>
  index === 0 ? `${table}.json` : `${table}-${index + 1}.json`;

/**
 * The backup as the bytes of a zip.
 *
 * @param made when it was made, as an ISO 8601 date
 * @param about given where these are some things only, to be given on: who made each, as a text
 */
export function writeBackup(backup: Backup, made: string, about?: string): Uint8Array {
  const manifest = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    made,
    ...(about === undefined ? {} : { only: THINGS }),
  };
  const files: Record<string, Uint8Array> = {
    'manifest.json': strToU8(`${JSON.stringify(manifest, null, 2)}\n`),
    ...(about === undefined ? {} : { 'about.txt': strToU8(about) }),
  };
  for (const table of recordTables) {
    filesOf(backup[table]).forEach((text, index) => {
      files[fileName(table, index)] = strToU8(text);
    });
  }
  return zipSync(files);
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

/** A lesson without the exercises that this Wordane cannot make; each is named. */
function withoutBadParts(lesson: Lesson, refused: Refused[]): Lesson {
  const isBad = (part: LessonPart) => {
    if (part.kind !== 'exercise') return false;
    const [problem] = recipeProblems(part.maker, part.parameters);
    if (problem === undefined) return false;
    refused.push({
      table: 'lessons',
      name: lesson.title,
      part: makerName(part.maker),
      problem,
    });
    return true;
  };
  const stages = lesson.stages.map((stage) => {
    const parts = stage.parts.filter((part) => !isBad(part));
    return parts.length === stage.parts.length ? stage : { ...stage, parts };
  });
  return stages.every((stage, at) => stage === lesson.stages[at]) ? lesson : { ...lesson, stages };
}

/** The records of a kind that are valid; what is not is told by its name, and the rest is kept. */
function readRecords(files: Record<string, Uint8Array>, table: RecordTable, refused: Refused[]) {
  const good: object[] = [];
  for (let index = 0; index === 0 || fileName(table, index) in files; index += 1) {
    const name = fileName(table, index);
    const records = readJson(files, name);
    if (!Array.isArray(records)) {
      throw new BackupError(`${name} should be a list and is not. Nothing was changed.`);
    }
    for (const record of records as unknown[]) {
      const read = openRecord(table, record);
      if (read.ok) {
        good.push(
          table === 'lessons' ? withoutBadParts(read.value as Lesson, refused) : read.value,
        );
        continue;
      }
      const [first] = read.problems;
      const { name: own, title, id } = (record ?? {}) as Record<string, unknown>;
      const called = [own, title, id].find((each) => typeof each === 'string' && each !== '');
      refused.push({
        table,
        name: typeof called === 'string' ? called.slice(0, 80) : 'without a name',
        problem: `${first?.field || 'whole entry'}: ${first?.text ?? ''}`,
      });
    }
  }
  return good;
}

/** What was refused, in a sentence for each. */
export const refusedNotes = (refused: readonly Refused[]) =>
  refused.map(({ table, name, part, problem }) =>
    part === undefined
      ? `The ${recordNames[table]} “${name}” was left out, because it is not valid (${problem}).`
      : `In the lesson “${name}” the exercise “${part}” was left out (${problem}).`,
  );

const NO_ZIP =
  'This is not a zip file that Wordane can open. Choose the file that “Export everything” saved. Nothing was changed.';

/** The JSON files of the zip, each compared with its checksum. */
function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  const entries = zipEntries(bytes);
  if (entries === undefined) throw new BackupError(NO_ZIP);
  const wanted = entries.filter(({ name }) => name.endsWith('.json'));
  const unpacked = entries.reduce((sum, { size }) => sum + size, 0);
  if (unpacked > LARGEST) throw new BackupError(NO_ZIP);
  return Object.fromEntries(
    wanted.map(({ name, crc, size }) => {
      let content: Uint8Array | undefined;
      try {
        content = unzipSync(bytes, {
          filter: (file) => {
            if (file.name !== name) return false;
            // What the list says of the file must hold for the file.
            if (file.originalSize !== size) throw new BackupError(NO_ZIP);
            const bomb = size > HARMLESS && file.size < size * LEAST_PACKED;
            if (bomb) throw new BackupError(NO_ZIP);
            return true;
          },
        })[name];
      } catch (error) {
        if (error instanceof BackupError) throw error;
      }
      if (content === undefined || crc32(content) !== crc) {
        throw new BackupError(
          `${name} in the file was altered or damaged after it was saved. Choose another backup. Nothing was changed.`,
        );
      }
      return [name, content];
    }),
  );
}

/**
 * Reads a backup. A record that is not valid is refused by name, and the rest is kept.
 *
 * @throws BackupError where the file is not a zip, not ours, newer than this program, or damaged
 */
export function readBackup(bytes: Uint8Array): ReadBackup {
  const files = unpack(bytes);
  const manifest = readJson(files, 'manifest.json') as {
    format?: unknown;
    version?: unknown;
    made?: unknown;
    only?: unknown;
  } | null;
  if (manifest?.format !== BACKUP_FORMAT) {
    throw new BackupError('This zip was not made by Wordane. Nothing was changed.');
  }
  if (typeof manifest.version !== 'number' || manifest.version > BACKUP_VERSION) {
    throw new BackupError(
      'This backup was made by a newer Wordane. Update this one, then read it again. Nothing was changed.',
    );
  }
  const refused: Refused[] = [];
  const { version } = manifest;
  const read = Object.fromEntries(
    recordTables.map((table) => [
      table,
      version < (since[table] ?? 0) ? [] : readRecords(files, table, refused),
    ]),
  ) as unknown as Backup;
  return {
    ...read,
    ...(manifest.only === THINGS ? { only: THINGS } : {}),
    made: typeof manifest.made === 'string' ? manifest.made : '',
    refused,
  };
}
