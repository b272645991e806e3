/** Everything out to a zip and back, and the demo in and out. */
import { readBackup, refusedNotes, writeBackup, type Backup } from '~core/records/backup';
import { DEMO_PREFIX, type Demo } from '~core/demo/fernhill';
import { database, recordTables, type RecordTable } from './database';
import { change, type Writer } from './change';
import { setFocusClass, setOpenList } from './repository';

/** All that is kept, as the bytes of a zip. */
export async function exportEverything(): Promise<Uint8Array> {
  // As it is stored, so that what is damaged goes along.
  const [classes, lists, lessons, texts] = await Promise.all([
    database.classes.toArray(),
    database.lists.toArray(),
    database.lessons.toArray(),
    database.texts.toArray(),
  ]);
  return writeBackup({ classes, lists, lessons, texts }, new Date().toISOString());
}

export interface ImportReport {
  readonly added: number;
  /** Records that were here already, the same or not: what is here is kept. */
  readonly kept: number;
  /** What could not be taken in, a sentence each. */
  readonly refused: readonly string[];
}

/** Adds what is not here yet; counts what was added and what was here. */
async function addAll({ put }: Writer, all: Backup | Demo) {
  let added = 0;
  let kept = 0;
  for (const table of recordTables) {
    for (const record of all[table]) {
      if ((await database.table(table).get(record.id)) !== undefined) kept += 1;
      else {
        await put(table, record);
        added += 1;
      }
    }
  }
  return { added, kept };
}

/**
 * Reads a backup in beside what is here. A record that is here already stays as it is.
 *
 * @throws BackupError where the file cannot be read; then nothing is changed
 */
export async function importBackup(bytes: Uint8Array): Promise<ImportReport> {
  const backup = readBackup(bytes);
  const counts = await change('Read a backup in', (write) => addAll(write, backup));
  return { ...counts, refused: refusedNotes(backup.refused) };
}

/** Puts the demo in beside what is here; a demo that is here already is left as it is. */
export async function addDemo(demo: Demo): Promise<void> {
  await change('Put the Fernhill demo in', (write) => addAll(write, demo));
  const [kestrels] = demo.classes;
  const [list] = demo.lists;
  if (kestrels) await setFocusClass(kestrels.id);
  if (kestrels && list) await setOpenList(kestrels.id, list.id);
}

/** Takes every record of the demo away; what was made for its classes goes too. Undo brings it back. */
export async function removeDemo(): Promise<void> {
  const isDemo = (record: { id: string; classId?: string }) =>
    record.id.startsWith(DEMO_PREFIX) || (record.classId ?? '').startsWith(DEMO_PREFIX);
  await change('Removed the Fernhill demo', async ({ remove }) => {
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
  change(`Removed what was damaged`, ({ remove }) => remove(table, id));
