/** Does what a screen asks of one record: the intent found, its fields validated, the step taken, merged and written. */
import { mergeEdit } from '~core/records/merge';
import type { Patch } from '~core/records/patch';
import type { RecordTable } from '~core/records/open-record';
import { validateAs } from '~core/records/validate';
import { moveMarks } from '~core/texts/marks/annotation';
import type { ReadingText } from '~core/texts/reading-text';
import { classOperations } from '~/operations/class-operations';
import { lessonOperations } from '~/operations/lesson-operations';
import { listOperations } from '~/operations/list-operations';
import { ChangeError, type Operation } from '~/operations/operation';
import { soundOperations } from '~/operations/sound-operations';
import { textOperations } from '~/operations/text-operations';
import { change, InvalidChange } from './change';
import { database } from './database';
import { EditConflict } from './edit-conflict';
import { thisTab } from './tabs';
import { t } from '~/phrases/t';

const operations: Readonly<Record<RecordTable, Readonly<Record<string, unknown>>>> = {
  classes: classOperations,
  lists: listOperations,
  lessons: lessonOperations,
  texts: textOperations,
  // They come and go with slips.
  recordings: {},
  // A set comes whole, and goes whole.
  standards: {},
  sounds: soundOperations,
};

/** What a screen sends: the intent, the revision it was made on, and the fields of the operation. */
export interface Asked {
  readonly intent: string;
  readonly revision?: number;
  readonly [field: string]: unknown;
}

/** True where a body is something that can be asked of a record of this table. */
export const isKnown = (table: RecordTable, intent: unknown): intent is string =>
  typeof intent === 'string' && Object.hasOwn(operations[table], intent);

/**
 * @throws ChangeError where the intent is not known, cannot be done, or clashes with another tab's change
 */
export async function perform(table: RecordTable, id: string, asked: Asked): Promise<void> {
  const { intent, revision, ...fields } = asked;
  if (!isKnown(table, intent)) {
    throw new ChangeError(t('storage.thisWordaneDoesNotKnow', { intent: String(intent) }));
  }
  const operation = operations[table][intent] as Operation<object>;
  const input = validateAs(operation.input, fields);
  if (!input.ok) throw new InvalidChange(input.problems);
  let label = '';
  await change(
    () => label,
    async ({ get, put }) => {
      const present = await get(table, id);
      label = operation.label(present, input.value);
      const edited = operation.step(present, input.value) as typeof present;
      const since = await patchesSince(table, id, revision, present.revision ?? 0);
      const { record, conflicts } = mergeEdit(present, edited, since.all, since.unseen);
      const [conflict] = conflicts;
      if (conflict) throw new EditConflict(conflict, present.revision ?? 0);
      await put(table, settled(present, edited, record));
    },
  );
}

/** Marks stand by the text as it is in the end, not as one side had it. */
function settled(present: object, edited: object, merged: object): object {
  const { body } = edited as Partial<ReadingText>;
  const { body: joined } = merged as Partial<ReadingText>;
  if (body === undefined || joined === undefined || joined === body) return merged;
  const from = present as ReadingText;
  return { ...merged, annotations: moveMarks(from.annotations, from.body, joined) };
}

/** What was changed since a revision, oldest first: all of it, and what other tabs did. */
async function patchesSince(
  table: RecordTable,
  id: string,
  seen: number | undefined,
  present: number,
): Promise<{ readonly all: Patch[]; readonly unseen: Patch[] }> {
  if (seen === undefined || seen >= present) return { all: [], unseen: [] };
  const changes = await database.changes.where('touched').equals(`${table}/${id}`).sortBy('id');
  const patches = changes.flatMap(({ tab, records }) =>
    records.flatMap((record) =>
      record.did === 'changed' &&
      record.table === table &&
      record.id === id &&
      record.revision > seen
        ? [{ tab, patch: record.patch }]
        : [],
    ),
  );
  return {
    all: patches.map(({ patch }) => patch),
    unseen: patches.filter(({ tab }) => tab !== thisTab()).map(({ patch }) => patch),
  };
}
