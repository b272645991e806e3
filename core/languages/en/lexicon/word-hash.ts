/**
 * Words that are only ever asked after, never shown, are packed as hashes: the
 * unfit ones, so that no list of insults ships to a classroom, and the rare real
 * ones that a pseudoword must not be.
 */

/** FNV-1a, 32 bit (Fowler, Noll and Vo 1991). */
export function wordHash(text: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193) >>> 0;
  }
  return hash;
}

/** Hashes as text: sorted, each as its distance from the one before in base 36. */
export function packHashes(hashes: Iterable<number>): string {
  let last = 0;
  return [...new Set(hashes)]
    .sort((left, right) => left - right)
    .map((hash) => {
      const distance = hash - last;
      last = hash;
      return distance.toString(36);
    })
    .join(' ');
}

export function unpackHashes(packed: string): Set<number> {
  const hashes = new Set<number>();
  let last = 0;
  if (packed === '') return hashes;
  for (const distance of packed.split(' ')) {
    last += parseInt(distance, 36);
    hashes.add(last);
  }
  return hashes;
}

/** What a reader hears in letters alone: doubled letters, ck, k and c, ph and f alike. */
export function plainEar(word: string): string {
  return word
    .toLowerCase()
    .replace(/(.)\1/g, '$1')
    .replace(/ck|q/g, 'k')
    .replace(/c(?![hi])/g, 'k')
    .replace(/ph/g, 'f')
    .replace(/z/g, 's');
}
