/** How an action answers a screen: done, with something to say, or a message that says what is wrong. */
import { BackupError } from '~core/exchange/backup';
import { ChangeError } from '~/storage/repository';

export type ActionAnswer =
  | { readonly ok: true; readonly notes?: readonly string[] }
  | { readonly ok: false; readonly message: string };

/** Runs a change; what cannot be done becomes a message, and anything unforeseen is thrown on. */
export async function answer(work: () => Promise<readonly string[] | void>): Promise<ActionAnswer> {
  try {
    const notes = await work();
    return notes ? { ok: true, notes } : { ok: true };
  } catch (error) {
    if (error instanceof ChangeError || error instanceof BackupError) {
      return { ok: false, message: error.message };
    }
    if (error instanceof Error && /Quota/.test(error.name + error.message)) {
      return {
        ok: false,
        message:
          'The browser has no room left to save this. Export everything from the Shelf, then free some room on this device.',
      };
    }
    throw error;
  }
}
