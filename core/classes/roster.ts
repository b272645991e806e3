/** Reading a roster that a teacher pastes. */

export interface RosterReading {
  /** First names in the order given. */
  readonly names: readonly string[];
  /** What was left out or changed, in plain sentences. */
  readonly notes: readonly string[];
}

/**
 * Reads pasted names: one a line, or parted by commas, semicolons or tabs.
 * Blank lines are passed over and a name that is there already is left out,
 * and both are said.
 *
 * @param pasted the text as pasted
 * @param present names already in the roster
 */
export function readRoster(pasted: string, present: readonly string[] = []): RosterReading {
  const seen = new Set(present.map((name) => name.toLowerCase()));
  const names: string[] = [];
  const doubles: string[] = [];
  let tooLong = 0;
  const parts = pasted.split(/[\n\r,;\t]+/).map((part) =>
    part
      .replace(/^\s*(\d+[.)]|[-*•])\s*/, '')
      .trim()
      .replace(/\s+/g, ' '),
  );
  for (const name of parts) {
    if (name === '') continue;
    if (name.length > 60) {
      tooLong += 1;
      continue;
    }
    const key = name.toLowerCase();
    if (seen.has(key)) {
      doubles.push(name);
      continue;
    }
    seen.add(key);
    names.push(name);
  }
  const notes: string[] = [];
  if (doubles.length > 0) {
    notes.push(
      `${doubles.join(', ')} ${doubles.length === 1 ? 'was' : 'were'} there already, so left out. ` +
        'Two learners of one name? Add an initial, as in Asha B.',
    );
  }
  if (tooLong > 0) {
    notes.push(
      `${tooLong === 1 ? 'One line was' : `${tooLong} lines were`} longer than a name can be (60 letters), so left out.`,
    );
  }
  return { names, notes };
}
