/** The browser's database: everything a teacher makes, and the history that lets it be undone. */
import Dexie, { type EntityTable } from 'dexie';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Lesson } from '~core/records/lesson';
import { recordTables, type RecordTable } from '~core/records/open-record';
import { diff, type Patch } from '~core/records/patch';
import { upgradeClass, upgradeLesson, upgradeList } from '~core/records/upgrade';
import type { RecordingRecord } from '~core/records/recording-record';
import type { SoundRecord } from '~core/records/sound-record';
import type { StandardsRecord } from '~core/records/standards-record';
import type { ReadingText } from '~core/texts/reading-text';
import type { WordList } from '~core/lists/word-list';
import { t } from '~/phrases/t';

/** What a change did to one record. */
export type ChangedRecord = {
  readonly table: RecordTable;
  readonly id: string;
  /** The record's revision after it. */
  readonly revision: number;
} & (
  | { readonly did: 'made' }
  /** What was there stands here whole, or it could not come back. */
  | { readonly did: 'removed'; readonly record: object }
  | { readonly did: 'changed'; readonly patch: Patch }
);

export interface Change {
  readonly id: number;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** What was done, as a teacher would say it: “Removed rain from Storm words”. */
  readonly label: string;
  readonly records: readonly ChangedRecord[];
  readonly undone: 0 | 1;
  /** The tab that made it; absent in changes of older versions. */
  readonly tab?: string;
  /** The records it touched, as `table/id`, to be found by. */
  readonly touched: readonly string[];
}

export interface Setting {
  readonly key: 'focus-class' | 'exported' | `open-list:${string}`;
  readonly value: string;
}

/** How versions 1 to 3 kept a change: each record whole, before and after. */
interface StoredChange {
  records: unknown;
  touched?: string[];
}
interface WholeRecords {
  readonly table: RecordTable;
  readonly id: string;
  readonly before: object | null;
  readonly after: object | null;
}

/** A change of versions 1 to 3 as it is kept now; `modify` writes what it is given back. */
export function upgradeChange(stored: StoredChange): void {
  const records = (stored.records as readonly WholeRecords[]).map(
    ({ table, id, before, after }): ChangedRecord => {
      const of = { table, id, revision: 0 };
      if (before === null) return { ...of, did: 'made' };
      if (after === null) return { ...of, did: 'removed', record: before };
      return { ...of, did: 'changed', patch: diff(before, after) };
    },
  );
  stored.records = records;
  stored.touched = records.map(({ table, id }) => `${table}/${id}`);
}

export class WordaneDatabase extends Dexie {
  classes!: EntityTable<ClassProfile, 'id'>;
  lists!: EntityTable<WordList, 'id'>;
  lessons!: EntityTable<Lesson, 'id'>;
  texts!: EntityTable<ReadingText, 'id'>;
  recordings!: EntityTable<RecordingRecord, 'id'>;
  standards!: EntityTable<StandardsRecord, 'id'>;
  sounds!: EntityTable<SoundRecord, 'id'>;
  changes!: EntityTable<Change, 'id'>;
  settings!: EntityTable<Setting, 'key'>;

  constructor(name = 'wordane') {
    super(name);
    this.version(1).stores({
      classes: 'id',
      lists: 'id, classId',
      lessons: 'id, classId',
      changes: '++id',
      settings: 'key',
    });
    // Accents, own sequences, and what stands beside the words of a list.
    this.version(2)
      .stores({})
      .upgrade(async (transaction) => {
        await transaction
          .table('classes')
          .toCollection()
          .modify((stored: ClassProfile) => Object.assign(stored, upgradeClass(stored)));
        await transaction
          .table('lists')
          .toCollection()
          .modify((stored: WordList) => Object.assign(stored, upgradeList(stored)));
      });
    this.version(3).stores({ texts: 'id, classId' });
    // Parameters without stand-ins, revisions, and a history of patches in place of whole records.
    this.version(4)
      .stores({ changes: '++id, *touched' })
      .upgrade(async (transaction) => {
        await transaction
          .table('lessons')
          .toCollection()
          .modify((stored: Lesson) => Object.assign(stored, upgradeLesson(stored)));
        await transaction
          .table('changes')
          .toCollection()
          .modify((stored: StoredChange) => upgradeChange(stored));
      });
    this.version(5).stores({ recordings: 'id, classId, lessonId' });
    this.version(6).stores({ standards: 'id' });
    this.version(7).stores({ sounds: 'id, classId, textId' });
  }
}

export const database = new WordaneDatabase();

export { recordTables, type RecordTable };

/** The storage cannot be opened; the message says why and what to do. */
export class StorageError extends Error {
  override readonly name = 'StorageError';
}

/** How long another tab may take to let go of an older version, in milliseconds. */
const PATIENCE = 4_000;

let opening: Promise<void> | undefined;

/**
 * Opens the storage once.
 *
 * @throws StorageError where another tab holds an older version, or the browser keeps nothing
 */
export function opened(): Promise<void> {
  opening ??= open().catch((error: unknown) => {
    opening = undefined;
    throw error;
  });
  return opening;
}

async function open(): Promise<void> {
  let blocked = false;
  const onBlocked = () => {
    blocked = true;
  };
  database.on('blocked', onBlocked);
  const late = new Promise<never>((_, reject) => {
    setTimeout(() => {
      if (!blocked) return;
      reject(new StorageError(t('storage.anotherTabHasAnOlder')));
    }, PATIENCE);
  });
  try {
    await Promise.race([database.open(), late]);
  } catch (error) {
    if (error instanceof StorageError) throw error;
    const name = error instanceof Error ? error.name : '';
    throw new StorageError(
      name === 'VersionError'
        ? t('storage.aNewerWordaneHasBeen')
        : t('storage.thisBrowserLetsWordaneKeep'),
    );
  }
}
