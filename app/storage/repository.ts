/** Reading what is kept. Whatever comes from the disk is upgraded and validated on the way. */
import type { ClassProfile } from '~core/classes/class-profile';
import type { WordList } from '~core/lists/word-list';
import type { Lesson } from '~core/records/lesson';
import { openRecord, recordNames, type Records, type RecordTable } from '~core/records/open-record';
import type { ReadingText } from '~core/texts/reading-text';
import { database, recordTables } from './database';
import { setTabFocus, tabFocus } from './tab-focus';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** A record that cannot be opened, with why, and with what is stored so that it can be taken out. */
export interface Damaged {
  readonly table: RecordTable;
  readonly id: string;
  readonly name: string;
  readonly problem: string;
}

/** Thrown where a page needs a record that is damaged. */
export class DamagedRecord extends Error {
  override readonly name = 'DamagedRecord';

  constructor(readonly damaged: Damaged) {
    super(
      t('storage.thisIsDamagedAndCannot', {
        recordNames: coreName(recordNames[damaged.table]),
        problem: damaged.problem,
      }),
    );
  }
}

/** Opened records by their revision: what has not changed is not validated again. */
const revisions = new Map<string, { revision: number; record: object }>();

function open<Table extends RecordTable>(table: Table, stored: object): Records[Table] | Damaged {
  const { id, revision } = stored as { id: string; revision?: number };
  const key = `${table}/${id}`;
  const before = revisions.get(key);
  if (revision !== undefined && before?.revision === revision)
    return before.record as Records[Table];
  const read = openRecord(table, stored);
  if (!read.ok) {
    const [first] = read.problems;
    const { name, title } = stored as { name?: unknown; title?: unknown };
    return {
      table,
      id: String(id),
      name: String(name ?? title ?? id),
      problem: first
        ? `${first.field || t('storage.theRecord')}: ${first.text}`
        : t('storage.noRecord'),
    };
  }
  if (revision !== undefined) revisions.set(key, { revision, record: read.value });
  return read.value;
}

const isDamaged = (read: object): read is Damaged => 'problem' in read && 'table' in read;

/** One record, opened; undefined where it is not there. @throws DamagedRecord */
export async function record<Table extends RecordTable>(
  table: Table,
  id: string,
): Promise<Records[Table] | undefined> {
  const stored = (await database.table(table).get(id)) as object | undefined;
  if (stored === undefined) return undefined;
  const read = open(table, stored);
  if (isDamaged(read)) throw new DamagedRecord(read);
  return read;
}

const opened = <Table extends RecordTable>(table: Table, stored: readonly object[]) =>
  stored.flatMap((each) => {
    const read = open(table, each);
    return isDamaged(read) ? [] : [read];
  });

async function ofClass<
  Table extends Exclude<RecordTable, 'classes' | 'recordings' | 'standards' | 'sounds'>,
>(table: Table, classId: string): Promise<Records[Table][]> {
  const stored: object[] = await database.table(table).where('classId').equals(classId).toArray();
  // What was put away is found on the shelf alone.
  return (opened(table, stored) as Records[Table][]).filter(({ putAway }) => putAway === undefined);
}

/** Everything of a table that can be opened. */
export async function allOf<Table extends RecordTable>(table: Table): Promise<Records[Table][]> {
  const stored: object[] = await database.table(table).toArray();
  return opened(table, stored) as Records[Table][];
}

/** Everything that cannot be opened. */
export async function damagedRecords(): Promise<Damaged[]> {
  const found = await Promise.all(
    recordTables.map(async (table) => {
      const stored: object[] = await database.table(table).toArray();
      return stored.map((each) => open(table, each)).filter(isDamaged);
    }),
  );
  return found.flat();
}

/** All classes, by name. */
export async function listClasses(): Promise<ClassProfile[]> {
  return (await allOf('classes')).sort((left, right) => left.name.localeCompare(right.name));
}

/** The class in focus: the one of this tab, else the one chosen last, else the first, else undefined. */
export async function focusClass(): Promise<ClassProfile | undefined> {
  const [chosen, classes] = await Promise.all([
    database.settings.get('focus-class'),
    listClasses(),
  ]);
  const own = tabFocus();
  const focus =
    classes.find(({ id }) => id === own) ??
    classes.find(({ id }) => id === chosen?.value) ??
    classes[0];
  // From now on this tab keeps it, whatever is opened in another.
  if (focus && own !== focus.id) setTabFocus(focus.id);
  return focus;
}

export async function setFocusClass(id: string): Promise<void> {
  setTabFocus(id);
  await database.settings.put({ key: 'focus-class', value: id });
}

/**
 * Brings the class of what is opened into focus, as its ruler and menus ask for.
 * True where another class was in focus until now. A full disk does not close the page.
 */
export async function focusOn(classId: string): Promise<boolean> {
  if ((await focusClass())?.id === classId) return false;
  return setFocusClass(classId).then(
    () => true,
    () => false,
  );
}

/** The lists of a class, by name. */
export async function listsOfClass(classId: string): Promise<WordList[]> {
  return (await ofClass('lists', classId)).sort((left, right) =>
    left.name.localeCompare(right.name),
  );
}

/** The list that is open for a class: the chosen one, else the first. */
export async function openList(classId: string): Promise<WordList | undefined> {
  const chosen = await database.settings.get(`open-list:${classId}`);
  const lists = await listsOfClass(classId);
  return lists.find((list) => list.id === chosen?.value) ?? lists[0];
}

/** Which list is open is remembered where there is room to. */
export async function setOpenList(classId: string, listId: string): Promise<void> {
  await database.settings
    .put({ key: `open-list:${classId}`, value: listId })
    .catch(() => undefined);
}

export async function lessonsOfClass(classId: string): Promise<Lesson[]> {
  return (await ofClass('lessons', classId)).sort((left, right) =>
    left.title.localeCompare(right.title),
  );
}

export async function textsOfClass(classId: string): Promise<ReadingText[]> {
  return (await ofClass('texts', classId)).sort((left, right) =>
    left.title.localeCompare(right.title),
  );
}
