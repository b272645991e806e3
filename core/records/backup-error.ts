/** A file that cannot be read back; the message says why, in words for the teacher. */
export class BackupError extends Error {
  override readonly name = 'BackupError';
}
