/** One way in for every record, whether from the disk, a backup or undo: upgraded, then validated. */
import { ClassRecord } from './class-record';
import { Lesson } from './lesson';
import { ListRecord } from './list-record';
import { RecordingRecord } from './recording-record';
import { SoundRecord } from './sound-record';
import { StandardsRecord } from './standards-record';
import { TextRecord } from './text-record';
import { upgradeClass, upgradeLesson, upgradeList } from './upgrade';
import { validateAs, type Validated } from './validate';

export interface Records {
  readonly classes: ClassRecord;
  readonly lists: ListRecord;
  readonly lessons: Lesson;
  readonly texts: TextRecord;
  readonly recordings: RecordingRecord;
  readonly standards: StandardsRecord;
  readonly sounds: SoundRecord;
}
export type RecordTable = keyof Records;
export const recordTables = [
  'classes',
  'lists',
  'lessons',
  'texts',
  'recordings',
  'standards',
  'sounds',
] as const;

const shapes = {
  classes: ClassRecord,
  lists: ListRecord,
  lessons: Lesson,
  texts: TextRecord,
  recordings: RecordingRecord,
  standards: StandardsRecord,
  sounds: SoundRecord,
} as const;

const asIs = (stored: object) => stored;
const upgrades: Readonly<Record<RecordTable, (stored: object) => object>> = {
  classes: upgradeClass,
  lists: upgradeList,
  lessons: upgradeLesson,
  texts: asIs,
  recordings: asIs,
  standards: asIs,
  sounds: asIs,
};

/** What a record of the table is called, for a message. */
export const recordNames: Readonly<Record<RecordTable, string>> = {
  classes: 'class',
  lists: 'word list',
  lessons: 'lesson',
  texts: 'text',
  recordings: 'recording',
  standards: 'set of standards',
  sounds: 'recording of a text',
};

/** The record, completed with what an older version did not have; or what is wrong with it. */
export function openRecord<Table extends RecordTable>(
  table: Table,
  stored: unknown,
): Validated<Records[Table]> {
  const isRecord = typeof stored === 'object' && stored !== null && !Array.isArray(stored);
  const value = isRecord ? upgrades[table](stored) : stored;
  return validateAs<Records[Table]>(shapes[table] as never, value);
}
