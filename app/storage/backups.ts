/** Everything out to a zip and back, and the demo in and out. */
import { refusedNotes, writeBackup, type ReadBackup } from '~core/records/backup';
import { aboutThings, chosenThings, type Chosen } from '~core/records/things';
import { openRecord } from '~core/records/open-record';
import { diff } from '~core/records/patch';
import { newId } from '~/operations/operation';
import { DEMO_PREFIX, type Demo } from '~core/demo/fernhill';
import { database, recordTables, type RecordTable } from './database';
import { change, plain, type Writer } from './change';
import { allOf, listClasses, setFocusClass, setOpenList } from './repository';
import { t } from '~/phrases/t';

/** All that is kept, as the bytes of a zip. */
export async function exportEverything(): Promise<Uint8Array> {
  // As it is stored, so that what is damaged goes along.
  const [classes, lists, lessons, texts, recordings, standards, sounds] = await Promise.all([
    database.classes.toArray(),
    database.lists.toArray(),
    database.lessons.toArray(),
    database.texts.toArray(),
    database.recordings.toArray(),
    database.standards.toArray(),
    database.sounds.toArray(),
  ]);
  return writeBackup(
    { classes, lists, lessons, texts, recordings, standards, sounds },
    new Date().toISOString(),
  );
}

/** Some things as the bytes of a zip, with what they need; `withLearners` lets names and answers go along. */
export async function exportThings(chosen: Chosen, withLearners: boolean): Promise<Uint8Array> {
  const [classes, lists, lessons, texts, sounds, recordings] = await Promise.all([
    listClasses(),
    allOf('lists'),
    allOf('lessons'),
    allOf('texts'),
    allOf('sounds'),
    withLearners ? allOf('recordings') : [],
  ]);
  const things = chosenThings(
    { classes, lists, lessons, texts, recordings, standards: [], sounds },
    chosen,
    withLearners,
  );
  return writeBackup(things, new Date().toISOString(), aboutThings(things));
}

export interface ImportReport {
  readonly added: number;
  /** Records that were here already, the same or not: what is here is kept. */
  readonly kept: number;
  readonly replaced: number;
  /** What could not be taken in, a sentence each. */
  readonly refused: readonly string[];
}

/** What becomes of a record that is here already and is another in the backup. */
export type Choice = 'keep' | 'replace' | 'both';

/** A record that is here and in the backup, and differs. */
export interface Difference {
  readonly table: RecordTable;
  readonly id: string;
  readonly name: string;
  /** Which was changed later; undefined where nothing tells. */
  readonly newer: 'here' | 'backup' | undefined;
}

const nameOf = (record: object) => {
  const { name, title } = record as { name?: unknown; title?: unknown };
  return String(name ?? title ?? '');
};

/** True where both say the same, whatever version wrote them and whatever their revisions are. */
function alike(table: RecordTable, here: object, record: object): boolean {
  const read = openRecord(table, here);
  const bare = (each: object) => plain({ ...each, revision: 0 });
  return diff(bare(read.ok ? read.value : here), bare(record)).length === 0;
}

/** The records of a backup that are here already and differ. */
export async function differences(backup: ReadBackup): Promise<Difference[]> {
  const made = Date.parse(backup.made);
  const found: Difference[] = [];
  for (const table of recordTables) {
    // Things come without the learners of their class: the class that is here stays as it is.
    if (backup.only === 'things' && table === 'classes') continue;
    for (const record of backup[table]) {
      const here = (await database.table(table).get(record.id)) as object | undefined;
      if (here === undefined || alike(table, here, record)) continue;
      const changes = await database.changes
        .where('touched')
        .equals(`${table}/${record.id}`)
        .sortBy('id');
      const last = changes.at(-1)?.at;
      const newer =
        Number.isNaN(made) || last === undefined ? undefined : last > made ? 'here' : 'backup';
      const [name, there] = [nameOf(here), nameOf(record)];
      found.push({
        table,
        id: record.id,
        name: name === there ? name : t('storage.inTheBackup', { name, there }),
        newer,
      });
    }
  }
  return found;
}

/** Names a copy that stands beside what is here. */
const beside = (record: object): object => {
  const { name, title } = record as { name?: string; title?: string };
  const called = (text: string) => t('storage.fromTheBackup', { text: text.slice(0, 60) });
  return {
    ...record,
    id: newId(),
    ...(name === undefined ? {} : { name: called(name) }),
    ...(title === undefined ? {} : { title: called(title) }),
  };
};

/**
 * Takes a backup in: what is not here is added; what is here and differs is kept,
 * replaced, or stands beside, as was chosen by `table/id`. One change, which can be undone.
 */
export async function restore(
  backup: ReadBackup,
  choices: Readonly<Record<string, Choice>> = {},
): Promise<ImportReport> {
  const counts = await change(t('storage.readABackupIn'), async ({ put }) => {
    const count = { added: 0, kept: 0, replaced: 0 };
    for (const table of recordTables) {
      for (const record of backup[table]) {
        const here = (await database.table(table).get(record.id)) as object | undefined;
        const choice = choices[`${table}/${record.id}`] ?? 'keep';
        if (here === undefined || choice === 'replace') {
          if (here === undefined) count.added += 1;
          else count.replaced += 1;
          await put(table, record);
        } else if (choice === 'both') {
          count.added += 1;
          await put(table, beside(record));
        } else count.kept += 1;
      }
    }
    return count;
  });
  return { ...counts, refused: refusedNotes(backup.refused) };
}

/** What came of it, in sentences. */
export function restoreNotes({ added, kept, replaced, refused }: ImportReport): string[] {
  const here = kept === 0 ? '' : t('storage.wereHereAlreadyAndStayed', { kept });
  const over = replaced === 0 ? '' : t('storage.replaced', { replaced });
  return [t('storage.readInThingAdded', { count: added, over, here }), ...refused];
}

/** Adds what is not here yet. */
async function addAll({ put }: Writer, all: Demo) {
  for (const table of recordTables) {
    for (const record of all[table]) {
      if ((await database.table(table).get(record.id)) === undefined) await put(table, record);
    }
  }
}

/** Puts the demo in beside what is here; a demo that is here already is left as it is. */
export async function addDemo(demo: Demo): Promise<void> {
  await change(t('storage.putTheFernhillDemoIn'), (write) => addAll(write, demo));
  const [kestrels] = demo.classes;
  const [list] = demo.lists;
  if (kestrels) await setFocusClass(kestrels.id);
  if (kestrels && list) await setOpenList(kestrels.id, list.id);
}

/** Takes every record of the demo away; what was made for its classes goes too. Undo brings it back. */
export async function removeDemo(): Promise<void> {
  const isDemo = (record: { id: string; classId?: string }) =>
    record.id.startsWith(DEMO_PREFIX) || (record.classId ?? '').startsWith(DEMO_PREFIX);
  await change(t('storage.removedTheFernhillDemo'), async ({ remove }) => {
    for (const table of [...recordTables].reverse()) {
      const all: { id: string; classId?: string }[] = await database.table(table).toArray();
      for (const record of all.filter(isDemo)) await remove(table, record.id);
    }
  });
}

/** Whether any of the demo is here. */
export async function hasDemo(): Promise<boolean> {
  return (await database.classes.filter(({ id }) => id.startsWith(DEMO_PREFIX)).count()) > 0;
}

/** Takes a damaged record away; what is stored goes into the export before. */
export const removeDamaged = (table: RecordTable, id: string) =>
  change(t('storage.removedWhatWasDamaged'), ({ remove }) => remove(table, id));
