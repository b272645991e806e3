/** Reads a backup file in a worker of its own; breaking it off ends the worker. */
import type { BackupAnswer } from '~/workers/backup.worker';
import { t } from '~/phrases/t';

/** A backup, or the exercises of a QTI package. */
export type ReadFile = Extract<BackupAnswer, { readonly ok: true }>;

/** A larger file is none that “Export everything” saved. */
const LARGEST_FILE = 512 * 1024 * 1024;

/** @throws Error in words for the teacher; an `AbortError` where it was broken off */
export async function readBackupFile(file: File, signal: AbortSignal): Promise<ReadFile> {
  if (file.size > LARGEST_FILE) {
    throw new Error(t('shelf.isLargerThan512Mb', { name: file.name }));
  }
  const bytes = await file.arrayBuffer();
  const worker = new Worker(new URL('../../workers/backup.worker.ts', import.meta.url), {
    type: 'module',
    name: 'backup',
  });
  try {
    return await new Promise<ReadFile>((resolve, reject) => {
      signal.addEventListener('abort', () =>
        reject(new DOMException(t('shelf.brokenOff'), 'AbortError')),
      );
      worker.addEventListener('message', ({ data }: MessageEvent<BackupAnswer>) =>
        data.ok ? resolve(data) : reject(new Error(data.message)),
      );
      worker.addEventListener('error', (event) => {
        event.preventDefault();
        reject(new Error(t('shelf.couldNotBeReadIn', { name: file.name })));
      });
      worker.postMessage(bytes, [bytes]);
    });
  } finally {
    worker.terminate();
  }
}
