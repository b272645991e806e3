/** Everything out to a zip and back, and the demo in and out. */
import { readBackup, writeBackup, type Backup } from '~core/exchange/backup';
import { DEMO_PREFIX, type Demo } from '~core/demo/fernhill';
import { database, type RecordTable } from './database';
import { change, edit, setFocusClass, setOpenList } from './repository';

/** All that is kept, as the bytes of a zip. */
export async function exportEverything(): Promise<Uint8Array> {
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
}

function allEdits(backup: Backup | Demo, keep: (present: boolean) => void) {
  const add = <Kind extends RecordTable>(table: Kind, records: readonly { id: string }[]) =>
    records.map((record) =>
      edit(table, record.id, (stored) => {
        keep(stored !== undefined);
        return stored ?? (record as never);
      }),
    );
  return [
    ...add('classes', backup.classes),
    ...add('lists', backup.lists),
    ...add('lessons', backup.lessons),
    ...add('texts', backup.texts),
  ];
}

/**
 * Reads a backup in beside what is here. A record that is here already stays as it is.
 *
 * @throws BackupError where the file cannot be read; then nothing is changed
 */
export async function importBackup(bytes: Uint8Array): Promise<ImportReport> {
  const backup = readBackup(bytes);
  let added = 0;
  let kept = 0;
  const edits = allEdits(backup, (present) => (present ? (kept += 1) : (added += 1)));
  await change('Read a backup in', edits);
  return { added, kept };
}

/** Puts the demo in beside what is here; a demo that is here already is left as it is. */
export async function addDemo(demo: Demo): Promise<void> {
  await change(
    'Put the Fernhill demo in',
    allEdits(demo, () => undefined),
  );
  const [kestrels] = demo.classes;
  const [list] = demo.lists;
  if (kestrels) await setFocusClass(kestrels.id);
  if (kestrels && list) await setOpenList(kestrels.id, list.id);
}

/** Takes every record of the demo away; what was made for its classes goes too. Undo brings it back. */
export async function removeDemo(): Promise<void> {
  const isDemo = (record: { id: string; classId?: string }) =>
    record.id.startsWith(DEMO_PREFIX) || (record.classId ?? '').startsWith(DEMO_PREFIX);
  const [classes, lists, lessons, texts] = await Promise.all([
    database.classes.filter(isDemo).toArray(),
    database.lists.filter(isDemo).toArray(),
    database.lessons.filter(isDemo).toArray(),
    database.texts.filter(isDemo).toArray(),
  ]);
  await change('Removed the Fernhill demo', [
    ...texts.map(({ id }) => edit('texts', id, () => null)),
    ...lessons.map(({ id }) => edit('lessons', id, () => null)),
    ...lists.map(({ id }) => edit('lists', id, () => null)),
    ...classes.map(({ id }) => edit('classes', id, () => null)),
  ]);
}

/** Whether any of the demo is here. */
export async function hasDemo(): Promise<boolean> {
  return (await database.classes.filter(({ id }) => id.startsWith(DEMO_PREFIX)).count()) > 0;
}
