/** Reads a backup beside the page, so that a large one holds nothing up and can be broken off. */
import { readBackup } from '~core/records/backup';

export type BackupAnswer =
  | { readonly ok: true; readonly backup: ReturnType<typeof readBackup> }
  | { readonly ok: false; readonly message: string };

addEventListener('message', ({ data }: MessageEvent<ArrayBuffer>) => {
  let answer: BackupAnswer;
  try {
    // Without its classes: what goes between the two threads is plain.
    const backup = JSON.parse(JSON.stringify(readBackup(new Uint8Array(data)))) as never;
    answer = { ok: true, backup };
  } catch (error) {
    answer = { ok: false, message: error instanceof Error ? error.message : String(error) };
  }
  postMessage(answer);
});
