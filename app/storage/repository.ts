/**
 * Reading and changing what is kept. Every change reads, changes and writes in
 * one transaction, so that two tabs build on each other's work, is validated
 * before it is stored, and is remembered so that it can be undone.
 */
import { ClassProfile } from '~core/classes/class-profile';
import { validateAs } from '~core/exchange/validate';
import { Lesson } from '~core/lessons/lesson';
import { ReadingText } from '~core/texts/reading-text';
import { WordList } from '~core/lists/word-list';
import {
  database,
  recordTables,
  type Change,
  type ChangedRecord,
  type RecordTable,
} from './database';

interface Records {
  classes: ClassProfile;
  lists: WordList;
  lessons: Lesson;
  texts: ReadingText;
}

const shapes = {
  classes: ClassProfile,
  lists: WordList,
  lessons: Lesson,
  texts: ReadingText,
} as const;

/** How many changes can be undone. */
const HISTORY_LENGTH = 200;
/** How many where long texts are changed, and from how many characters a text is long. */
const LARGE_HISTORY = 20;
const LARGE = 100_000;
const sizeOf = (text: object | null) => ((text ?? {}) as { body?: string }).body?.length ?? 0;

/** A change that cannot be made; the message says why, in words for the teacher. */
export class ChangeError extends Error {
  override readonly name = 'ChangeError';
}

/** One record to write (or, with `null`, to remove). The function gets what is stored now. */
export interface Edit<Table extends RecordTable = RecordTable> {
  readonly table: Table;
  readonly id: string;
  readonly edit: (stored: Records[Table] | undefined) => Records[Table] | null;
}

/** An edit with the type of its table kept. */
export function edit<Table extends RecordTable>(
  table: Table,
  id: string,
  change: (stored: Records[Table] | undefined) => Records[Table] | null,
): Edit {
  // The union of tables cannot be narrowed through a generic parameter; the pair above is checked.
  return { table, id, edit: change as Edit['edit'] };
}

/** Edits a record that must be there. */
export function editPresent<Table extends RecordTable>(
  table: Table,
  id: string,
  change: (stored: Records[Table]) => Records[Table] | null,
): Edit {
  return edit(table, id, (stored) => {
    if (stored === undefined) {
      throw new ChangeError('This was removed in another tab. Undo there, or make it again.');
    }
    return change(stored);
  });
}

const plain = (value: unknown): object => JSON.parse(JSON.stringify(value)) as object;
const sameRecord = (left: unknown, right: unknown) =>
  JSON.stringify(left ?? null) === JSON.stringify(right ?? null);

/** Carries out edits as one change with one label. Nothing is written where nothing differs. */
export async function change(label: string, edits: readonly Edit[]): Promise<void> {
  await database.transaction('rw', [...recordTables, 'changes'], async () => {
    const records: ChangedRecord[] = [];
    for (const each of edits) {
      const table = database.table(each.table);
      const before = (await table.get(each.id)) as Records[RecordTable] | undefined;
      const after = each.edit(before as never);
      if (sameRecord(before, after)) continue;
      if (after === null) {
        await table.delete(each.id);
      } else {
        const checked = validateAs<object>(shapes[each.table], plain(after));
        if (!checked.ok) {
          throw new ChangeError(checked.problems[0]?.text ?? 'This cannot be saved as it is.');
        }
        await table.put(plain(after));
      }
      records.push({
        table: each.table,
        id: each.id,
        before: before === undefined ? null : plain(before),
        after: after === null ? null : plain(after),
      });
    }
    if (records.length === 0) return;
    const id = await database.changes.add({ at: Date.now(), label, records, undone: 0 });
    // A long text stands in each of its changes: fewer of those are kept.
    const large = records.some(({ table, after }) => table === 'texts' && sizeOf(after) > LARGE);
    await database.changes
      .where('id')
      .belowOrEqual(id - (large ? LARGE_HISTORY : HISTORY_LENGTH))
      .delete();
  });
}

/** The latest change that can be undone, or undefined. */
export async function lastChange(): Promise<Change | undefined> {
  return database.changes
    .reverse()
    .filter((each) => each.undone === 0)
    .first();
}

/**
 * Undoes the latest change, or the one with the id.
 *
 * @throws ChangeError where a record was changed again since
 */
export async function undo(id?: number): Promise<Change | undefined> {
  return database.transaction('rw', [...recordTables, 'changes'], async () => {
    const latest = id === undefined ? await lastChange() : await database.changes.get(id);
    if (latest === undefined || latest.undone === 1) return undefined;
    for (const record of latest.records) {
      const stored: unknown = await database.table(record.table).get(record.id);
      if (!sameRecord(stored, record.after)) {
        throw new ChangeError(
          `“${latest.label}” cannot be undone any more, because it was changed again since.`,
        );
      }
    }
    for (const record of [...latest.records].reverse()) {
      const table = database.table(record.table);
      if (record.before === null) await table.delete(record.id);
      else await table.put(record.before);
    }
    await database.changes.update(latest.id, { undone: 1 });
    return latest;
  });
}

/** All classes, by name. */
export async function listClasses(): Promise<ClassProfile[]> {
  const classes = await database.classes.toArray();
  return classes.sort((left, right) => left.name.localeCompare(right.name));
}

/** The class in focus: the chosen one, else the first, else undefined. */
export async function focusClass(): Promise<ClassProfile | undefined> {
  const chosen = await database.settings.get('focus-class');
  const found = chosen ? await database.classes.get(chosen.value) : undefined;
  return found ?? (await listClasses())[0];
}

export async function setFocusClass(id: string): Promise<void> {
  await database.settings.put({ key: 'focus-class', value: id });
}

/**
 * Brings the class of what is opened into focus, as its ruler and menus ask for.
 * True where another class was in focus until now.
 */
export async function focusOn(classId: string): Promise<boolean> {
  if ((await focusClass())?.id === classId) return false;
  await setFocusClass(classId);
  return true;
}

/** The lists of a class, by name. */
export async function listsOfClass(classId: string): Promise<WordList[]> {
  const lists = await database.lists.where('classId').equals(classId).toArray();
  return lists.sort((left, right) => left.name.localeCompare(right.name));
}

/** The list that is open for a class: the chosen one, else the first. */
export async function openList(classId: string): Promise<WordList | undefined> {
  const chosen = await database.settings.get(`open-list:${classId}`);
  const lists = await listsOfClass(classId);
  return lists.find((list) => list.id === chosen?.value) ?? lists[0];
}

export async function setOpenList(classId: string, listId: string): Promise<void> {
  await database.settings.put({ key: `open-list:${classId}`, value: listId });
}

export async function lessonsOfClass(classId: string): Promise<Lesson[]> {
  const lessons = await database.lessons.where('classId').equals(classId).toArray();
  return lessons.sort((left, right) => left.title.localeCompare(right.title));
}

export async function textsOfClass(classId: string): Promise<ReadingText[]> {
  const texts = await database.texts.where('classId').equals(classId).toArray();
  return texts.sort((left, right) => left.title.localeCompare(right.title));
}

/** A new id for a record. */
export function newId(): string {
  return crypto.randomUUID();
}
