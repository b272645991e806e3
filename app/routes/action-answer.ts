/** How an action answers a screen: done, with something to say, or what is wrong and what can be done. */
import { BackupError } from '~core/records/backup-error';
import type { Conflict } from '~core/records/merge';
import type { FieldProblem } from '~core/records/validate';
import { ChangeError } from '~/operations/operation';
import { InvalidChange } from '~/storage/change';
import { EditConflict } from '~/storage/edit-conflict';
import { DamagedRecord } from '~/storage/repository';
import { t } from '~/phrases/t';

export type ActionAnswer =
  | { readonly ok: true; readonly notes?: readonly string[] }
  | {
      readonly ok: false;
      readonly message: string;
      /** There was no room: the same can be tried again. */
      readonly full?: true;
      /** Each problem at its field. */
      readonly fields?: readonly FieldProblem[];
      /** Both versions, and the revision with which one of them can be saved. */
      readonly conflict?: Conflict & { readonly revision: number };
    };

export const FULL_DISK = t('page.theBrowserHasNoRoom');

export const isFullDisk = (error: unknown) =>
  error instanceof Error && /Quota/.test(error.name + error.message);

/** Runs a change; what cannot be done becomes a message, and anything unforeseen is thrown on. */
export async function answer(work: () => Promise<readonly string[] | void>): Promise<ActionAnswer> {
  try {
    const notes = await work();
    return notes ? { ok: true, notes } : { ok: true };
  } catch (error) {
    if (error instanceof InvalidChange) {
      return { ok: false, message: error.message, fields: error.problems };
    }
    if (error instanceof EditConflict) {
      const { conflict, revision } = error;
      return { ok: false, message: error.message, conflict: { ...conflict, revision } };
    }
    if (
      error instanceof ChangeError ||
      error instanceof BackupError ||
      error instanceof DamagedRecord
    ) {
      return { ok: false, message: error.message };
    }
    if (isFullDisk(error)) return { ok: false, message: FULL_DISK, full: true };
    throw error;
  }
}

/** An intent of a screen that is none: a page of another version, or a script. */
export const unknownIntent = (intent: unknown): ActionAnswer => ({
  ok: false,
  message: t('page.thisWordaneDoesNotKnow', { intent: String(intent) }),
});
