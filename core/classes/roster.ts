/** Reading a roster that a teacher pastes. */

export interface RosterReading {
  /** First names in the order given. */
  readonly names: readonly string[];
  /** What was left out or changed, in plain sentences. */
  readonly notes: readonly string[];
}

/** A learner as a register has her. */
interface Registered {
  readonly first: string;
  readonly surname: string;
}

const FIRST = /^(first|given|fore)[ -]?names?$|^(vorname|prénom|nombre|nome|first)$/i;
const SURNAME =
  /^(sur|last|family)[ -]?names?$|^(nachname|nom|apellidos?|cognome|sobrenome|last)$/i;

/** From so many lines of one shape it is a register, and not names that happen to stand in pairs. */
const FEWEST_LINES = 3;

const clean = (cell: string) => cell.trim().replace(/^"|"$/g, '').replace(/\s+/g, ' ');

/**
 * The lines of a register: columns under headings, or “Surname, First name” on every line.
 *
 * @returns undefined where it is no register
 */
function register(
  pasted: string,
): { readonly rows: Registered[]; readonly guessed: boolean } | undefined {
  const lines = pasted.split(/[\n\r]+/).filter((line) => line.trim() !== '');
  for (const separator of ['\t', ';', ',']) {
    const rows = lines.map((line) => line.split(separator).map(clean));
    const [head = [], ...rest] = rows;
    const first = head.findIndex((cell) => FIRST.test(cell));
    const surname = head.findIndex((cell) => SURNAME.test(cell));
    if (first >= 0 && head.length > 1) {
      const read = rest.map((row) => ({ first: row[first] ?? '', surname: row[surname] ?? '' }));
      return { rows: read, guessed: false };
    }
  }
  const pairs = lines.map((line) => line.split(',').map(clean));
  const isRegister =
    lines.length >= FEWEST_LINES &&
    pairs.every((pair) => pair.length === 2 && pair.every((cell) => /\p{L}/u.test(cell)));
  if (!isRegister) return undefined;
  return {
    rows: pairs.map(([surname = '', first = '']) => ({ first, surname })),
    guessed: true,
  };
}

/** First names; two of one name get the first letter of their surnames. */
function firstNames(rows: readonly Registered[]): string[] {
  const counts = new Map<string, number>();
  for (const { first } of rows) {
    counts.set(first.toLowerCase(), (counts.get(first.toLowerCase()) ?? 0) + 1);
  }
  return rows.map(({ first, surname }) =>
    (counts.get(first.toLowerCase()) ?? 0) > 1 && surname !== ''
      ? `${first} ${[...surname][0] ?? ''}`
      : first,
  );
}

/**
 * Reads pasted names: one a line, or parted by commas, semicolons or tabs.
 * Blank lines are passed over and a name that is there already is left out,
 * and both are said. Of a register with surnames the first names are taken.
 *
 * @param pasted the text as pasted
 * @param present names already in the roster
 */
export function readRoster(pasted: string, present: readonly string[] = []): RosterReading {
  const seen = new Set(present.map((name) => name.toLowerCase()));
  const names: string[] = [];
  const doubles: string[] = [];
  let tooLong = 0;
  const registered = register(pasted);
  const parts = registered
    ? firstNames(registered.rows)
    : pasted.split(/[\n\r,;\t]+/).map((part) =>
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
  if (registered) {
    notes.push(
      registered.guessed
        ? 'Read as “surname, first name”: first names are kept, with an initial where two are alike. If all are first names, put each on a line of its own.'
        : 'First names are kept, with the initial of the surname where two are alike.',
    );
  }
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
