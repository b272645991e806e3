/**
 * An id of its own that nobody guesses: 128 bits as base 36. `crypto.randomUUID` is there only for pages of a
 * secure origin, and learners may come in by the plain address of a machine in the room.
 */
export const newId = (): string =>
  [...crypto.getRandomValues(new Uint32Array(4))]
    .map((part) => part.toString(36).padStart(7, '0'))
    .join('');
