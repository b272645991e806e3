/** Reads a backup beside the page, so that a large one holds nothing up and can be broken off. */
import { readBackup } from '~core/records/backup';
import { readQti, type ReadQti } from '~core/records/exchange/read-qti';

export type BackupAnswer =
  | { readonly ok: true; readonly backup: ReturnType<typeof readBackup> }
  | { readonly ok: true; readonly exercises: ReadQti }
  | { readonly ok: false; readonly message: string };

addEventListener('message', ({ data }: MessageEvent<ArrayBuffer>) => {
  let answer: BackupAnswer;
  try {
    const bytes = new Uint8Array(data);
    const exercises = readQti(bytes);
    // Without its classes: what goes between the two threads is plain.
    const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;
    answer =
      exercises === undefined
        ? { ok: true, backup: plain(readBackup(bytes)) }
        : { ok: true, exercises: plain(exercises) };
  } catch (error) {
    answer = { ok: false, message: error instanceof Error ? error.message : String(error) };
  }
  postMessage(answer);
});
