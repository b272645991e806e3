/**
 * The one door for change: everything that is written is read, changed, validated
 * and written in one transaction, counted by its record's revision, and remembered
 * as a patch, so that it can be undone and other tabs hear of it.
 */
import type { Table } from 'dexie';
import { openRecord, recordNames, type Records } from '~core/records/open-record';
import { applyPatch, diff, invert, PatchConflict } from '~core/records/patch';
import type { FieldProblem } from '~core/records/validate';
import { ChangeError } from '~/operations/operation';
import {
  database,
  recordTables,
  type Change,
  type ChangedRecord,
  type RecordTable,
  type Setting,
} from './database';
import { openTabs, thisTab } from './tabs';
import { tellOthers } from './watch';
import { setTabFocus } from './tab-focus';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** How many changes can be undone, and how many characters of history are kept beside that. */
const HISTORY_LENGTH = 200;
const HISTORY_SIZE = 20_000_000;

/** What was to be saved is not valid; each problem stands at its field. */
export class InvalidChange extends ChangeError {
  override readonly name = 'InvalidChange';

  constructor(readonly problems: readonly FieldProblem[]) {
    super(problems[0]?.text ?? t('storage.thisCannotBeSavedAs'));
  }
}

type Plain<Kind extends RecordTable> = Records[Kind];

/** A record as plain data: no class instances, no fields that are undefined. */
export const plain = <Value>(value: Value): Value => JSON.parse(JSON.stringify(value)) as Value;

/** Half of a sign that takes two units cannot be written to a file: it is left out. */
const whole = (text: string) =>
  text.replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, '');

const tableOf = (table: RecordTable): Table<object, string> =>
  database.table(table) as unknown as Table<object, string>;

/** What a change may do. Everything is seen as it is at that moment, in every tab. */
export interface Writer {
  /** @throws ChangeError where the record is not there, or is damaged */
  readonly get: <Kind extends RecordTable>(table: Kind, id: string) => Promise<Plain<Kind>>;
  readonly find: <Kind extends RecordTable>(
    table: Kind,
    id: string,
  ) => Promise<Plain<Kind> | undefined>;
  readonly ofClass: <Kind extends Exclude<RecordTable, 'classes'>>(
    table: Kind,
    classId: string,
  ) => Promise<Plain<Kind>[]>;
  /** @throws InvalidChange */
  readonly put: <Kind extends RecordTable>(table: Kind, record: object) => Promise<void>;
  readonly remove: (table: RecordTable, id: string) => Promise<void>;
  readonly remember: (key: Setting['key'], value: string) => Promise<void>;
}

const revisionOf = (record: object | undefined) =>
  (record as { revision?: number } | undefined)?.revision ?? 0;

/** The record of an answer that must be there. */
function opened<Kind extends RecordTable>(table: Kind, stored: object): Plain<Kind> {
  const read = openRecord(table, stored);
  if (read.ok) return read.value;
  throw new ChangeError(
    t('storage.thisIsDamagedExportEverything', {
      recordNames: String(coreName(recordNames[table])),
      field: String(read.problems[0]?.field),
      text: String(read.problems[0]?.text),
    }),
  );
}

function writer(did: ChangedRecord[]): Writer {
  const find = async <Kind extends RecordTable>(table: Kind, id: string) => {
    const stored = await tableOf(table).get(id);
    return stored === undefined ? undefined : opened(table, stored);
  };
  return {
    find,
    get: async (table, id) => {
      const found = await find(table, id);
      if (found !== undefined) return found;
      throw new ChangeError(t('storage.thisWasRemovedInAnother'));
    },
    ofClass: async (table, classId) => {
      const stored = await tableOf(table).where('classId').equals(classId).toArray();
      return stored.map((each) => opened(table, each));
    },
    put: async (table, given) => {
      const after = JSON.parse(JSON.stringify(given), (_, value: unknown) =>
        typeof value === 'string' ? whole(value) : value,
      ) as { id: string };
      const before = await tableOf(table).get(after.id);
      const patch = before ? diff({ ...before, revision: 0 }, { ...after, revision: 0 }) : [];
      if (before && patch.length === 0) return;
      const revision = revisionOf(before) + 1;
      const record = { ...after, revision };
      const checked = openRecord(table, record);
      if (!checked.ok) throw new InvalidChange(checked.problems);
      await tableOf(table).put(record);
      const of = { table, id: after.id, revision };
      did.push(before ? { ...of, did: 'changed', patch } : { ...of, did: 'made' });
    },
    remove: async (table, id) => {
      const record = await tableOf(table).get(id);
      if (record === undefined) return;
      await tableOf(table).delete(id);
      did.push({ table, id, revision: revisionOf(record), did: 'removed', record });
    },
    remember: async (key, value) => {
      if (key === 'focus-class') setTabFocus(value);
      await database.settings.put({ key, value });
    },
  };
}

const allTables = [...recordTables, 'changes', 'settings'];

/**
 * Does something as one change that can be undone as one.
 *
 * @param label what undo calls it; a function where it is known only afterwards
 */
export function change<Answer>(
  label: string | (() => string),
  work: (write: Writer) => Promise<Answer>,
): Promise<Answer> {
  const did: ChangedRecord[] = [];
  return database
    .transaction('rw', allTables, async () => {
      const answer = await work(writer(did));
      if (did.length > 0) await remember(typeof label === 'string' ? label : label(), did);
      return answer;
    })
    .then((answer) => {
      if (did.length > 0) {
        // What is done now stands in the way of what was undone before.
        undoneHere = [];
        tellOthers();
      }
      return answer;
    });
}

/** The change this tab made last: what is typed on joins it, so that undo takes it back as one. */
let own: number | undefined;
/** Milliseconds within which the same change to the same place is one. */
const ONE_CHANGE = 10_000;

const placesOf = (record: ChangedRecord | undefined) =>
  record?.did === 'changed'
    ? record.patch.map(({ at, kind }) => (kind === 'members' ? '' : JSON.stringify(at)))
    : [''];

/** True where a change only goes on with the one before. */
function goesOn(before: Change | undefined, label: string, records: readonly ChangedRecord[]) {
  const [first] = before?.records ?? [];
  const [next] = records;
  return (
    before !== undefined &&
    before.id === own &&
    before.undone === 0 &&
    before.label === label &&
    Date.now() - before.at < ONE_CHANGE &&
    before.records.length === 1 &&
    records.length === 1 &&
    first?.table === next?.table &&
    first?.id === next?.id &&
    !placesOf(next).includes('') &&
    placesOf(first).join() === placesOf(next).join()
  );
}

/** Two patches of one record, one after the other, as one. */
async function joined(first: ChangedRecord, next: ChangedRecord): Promise<ChangedRecord> {
  if (first.did !== 'changed' || next.did !== 'changed') return next;
  const after = (await tableOf(next.table).get(next.id)) ?? {};
  const before = applyPatch(applyPatch(after, invert(next.patch)), invert(first.patch));
  return { ...next, patch: diff({ ...before, revision: 0 }, { ...after, revision: 0 }) };
}

async function remember(label: string, records: readonly ChangedRecord[]): Promise<void> {
  const before = await database.changes.orderBy('id').last();
  const [first] = before?.records ?? [];
  const [next] = records;
  if (before && first && next && goesOn(before, label, records)) {
    await database.changes.update(before.id, {
      records: [await joined(first, next)],
      at: Date.now(),
    });
    return;
  }
  own = await database.changes.add({
    at: Date.now(),
    label,
    records,
    undone: 0,
    tab: thisTab(),
    touched: records.map(({ table, id }) => `${table}/${id}`),
  });
  const ids = await database.changes.toCollection().primaryKeys();
  const over = ids.length - HISTORY_LENGTH;
  if (over > 0) await database.changes.bulkDelete(ids.slice(0, over));
  if (JSON.stringify(records).length > HISTORY_SIZE / HISTORY_LENGTH) await trimHistory();
}

/** Large changes take the room of many small ones. */
async function trimHistory(): Promise<void> {
  let size = 0;
  const spent: number[] = [];
  await database.changes.reverse().each((each) => {
    size += JSON.stringify(each.records).length;
    if (size > HISTORY_SIZE && spent.push(each.id) < 0) return;
  });
  // The latest change can always be taken back.
  await database.changes.bulkDelete(spent.slice(spent.length === 1 ? 1 : 0));
}

/**
 * The latest change that this tab can undo: its own, or one of a tab that is
 * closed by now. What another open tab did is for that tab to undo.
 */
export async function lastChange(): Promise<Change | undefined> {
  const others = await openTabs();
  others.delete(thisTab());
  return database.changes
    .reverse()
    .filter(({ undone, tab }) => undone === 0 && (tab === undefined || !others.has(tab)))
    .first();
}

/** Changes that are looked through for what was worked on last. */
const LOOKED_THROUGH = 200;

/** When each record was changed last, by `table/id`, in milliseconds since 1970; the latest of them only. */
export async function lastTouched(): Promise<ReadonlyMap<string, number>> {
  const latest = await database.changes.reverse().limit(LOOKED_THROUGH).toArray();
  const found = new Map<string, number>();
  for (const { at, touched, undone } of latest) {
    if (undone === 1) continue;
    for (const place of touched) if (!found.has(place)) found.set(place, at);
  }
  return found;
}

/** What was undone in this tab since its last change, the latest last, with the records that undoing took away. */
interface Undone {
  readonly change: Change;
  readonly made: ReadonlyMap<string, object>;
}
let undoneHere: Undone[] = [];

/** The change that can be done again. */
export const nextRedo = (): { readonly label: string } | undefined => undoneHere.at(-1)?.change;

/**
 * Does again what was undone last, as a change of its own.
 *
 * @throws ChangeError where the same was changed otherwise since
 */
export async function redo(): Promise<void> {
  const last = undoneHere.at(-1);
  if (last === undefined) return;
  const others = undoneHere.slice(0, -1);
  const { label, records } = last.change;
  const changedSince = new ChangeError(t('storage.cannotBeDoneAgainBecause', { label }));
  await change(label, async (write) => {
    for (const record of records) {
      if (record.did === 'made') await write.put(record.table, last.made.get(record.id) ?? {});
      else if (record.did === 'removed') await write.remove(record.table, record.id);
      else {
        const stored = await write.find(record.table, record.id);
        if (stored === undefined) throw changedSince;
        try {
          await write.put(record.table, applyPatch(stored, record.patch));
        } catch (error) {
          throw error instanceof PatchConflict ? changedSince : error;
        }
      }
    }
  });
  undoneHere = others;
}

/** What was undone last in this tab, with how many undoings there were: another count is news. */
let lastUndone: { readonly label: string; readonly count: number } | undefined;
export const whatWasUndone = () => lastUndone;

/**
 * Undoes the latest change, or the one with the id. Other fields of its records
 * may have changed since.
 *
 * @throws ChangeError where the same was changed again since, or what comes back is not valid any more
 */
export async function undo(id?: number): Promise<Change | undefined> {
  // Other tabs are asked outside: a transaction waits for nothing but the storage.
  const wanted = id ?? (await lastChange())?.id;
  if (wanted === undefined) return undefined;
  const made = new Map<string, object>();
  const undone = await database.transaction('rw', allTables, async () => {
    const latest = await database.changes.get(wanted);
    if (latest === undefined || latest.undone === 1) return undefined;
    const changedSince = new ChangeError(
      t('storage.cannotBeUndoneAnyMore', { label: latest.label }),
    );
    for (const record of [...latest.records].reverse()) {
      const table = tableOf(record.table);
      const stored = await table.get(record.id);
      if (record.did === 'made') {
        if (stored) made.set(record.id, stored);
        if (stored && revisionOf(stored) !== record.revision) throw changedSince;
        await table.delete(record.id);
        continue;
      }
      if (record.did === 'removed' ? stored !== undefined : stored === undefined) {
        throw changedSince;
      }
      try {
        const back =
          record.did === 'removed' ? record.record : applyPatch(stored, invert(record.patch));
        const revision = Math.max(revisionOf(stored), record.revision) + 1;
        const read = openRecord(record.table, { ...back, revision });
        if (!read.ok) {
          throw new ChangeError(
            t('storage.cannotBeUndoneWhatWas', {
              label: latest.label,
              text: read.problems[0]?.text ?? '',
            }),
          );
        }
        await table.put(plain(read.value));
      } catch (error) {
        throw error instanceof PatchConflict ? changedSince : error;
      }
    }
    await database.changes.update(latest.id, { undone: 1 });
    return latest;
  });
  if (undone) {
    undoneHere.push({ change: undone, made });
    lastUndone = { label: undone.label, count: (lastUndone?.count ?? 0) + 1 };
    tellOthers();
  }
  return undone;
}
