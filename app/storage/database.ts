/** The browser's database: everything a teacher makes, and the history that lets it be undone. */
import Dexie, { type EntityTable } from 'dexie';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Lesson } from '~core/lessons/lesson';
import { upgradeClass, upgradeList } from '~core/exchange/upgrade';
import type { ReadingText } from '~core/texts/reading-text';
import type { WordList } from '~core/lists/word-list';

/** A record before and after a change; null where it was not there. */
export interface ChangedRecord {
  readonly table: RecordTable;
  readonly id: string;
  readonly before: object | null;
  readonly after: object | null;
}

export interface Change {
  readonly id: number;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** What was done, as a teacher would say it: “Removed rain from Storm words”. */
  readonly label: string;
  readonly records: readonly ChangedRecord[];
  readonly undone: 0 | 1;
}

export interface Setting {
  readonly key: 'focus-class' | `open-list:${string}`;
  readonly value: string;
}

export class WordaneDatabase extends Dexie {
  classes!: EntityTable<ClassProfile, 'id'>;
  lists!: EntityTable<WordList, 'id'>;
  lessons!: EntityTable<Lesson, 'id'>;
  texts!: EntityTable<ReadingText, 'id'>;
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
  }
}

export const recordTables = ['classes', 'lists', 'lessons', 'texts'] as const;
export type RecordTable = (typeof recordTables)[number];

export const database = new WordaneDatabase();
