/**
 * Licences under which a teacher's material can go out: those of Creative Commons, by their SPDX
 * names (https://spdx.org/licenses/), in the order from most to least free.
 */
export const licences = {
  'CC0-1.0': 'CC0 1.0: free for everything',
  'CC-BY-4.0': 'CC BY 4.0: name the author',
  'CC-BY-SA-4.0': 'CC BY-SA 4.0: name the author, share alike',
  'CC-BY-NC-4.0': 'CC BY-NC 4.0: name the author, not for sale',
  'CC-BY-NC-SA-4.0': 'CC BY-NC-SA 4.0: name the author, not for sale, share alike',
  'CC-BY-ND-4.0': 'CC BY-ND 4.0: name the author, no changes',
  'CC-BY-NC-ND-4.0': 'CC BY-NC-ND 4.0: name the author, not for sale, no changes',
} as const;

export type LicenceName = keyof typeof licences;
export const licenceNames = Object.keys(licences) as LicenceName[];

/** Who made a thing, where it is from, and what others may do with it; what is not said is left out. */
export interface Rights {
  readonly author?: string;
  readonly licence?: string;
  readonly source?: string;
  /** What was changed since, the oldest first. */
  readonly changes?: readonly string[];
}

/** True where a copy may be given on, but not a changed one. */
export const forbidsChanges = (licence: string | undefined): boolean =>
  /(?:^|[-\s])ND(?:[-\s]|$)|no ?deriv/i.test(licence ?? '');

/** The licence as a sentence a teacher reads; a text's own words where it is none of ours. */
export const licenceSays = (licence: string): string =>
  (licences as Readonly<Record<string, string>>)[licence] ?? licence;

/** A thing's own rights, and those of its class where it says nothing. */
export function rightsOf(thing: Rights, usual: Pick<Rights, 'author' | 'licence'> = {}): Rights {
  const author = thing.author || usual.author;
  const licence = thing.licence || usual.licence;
  return {
    ...(author ? { author } : {}),
    ...(licence ? { licence } : {}),
    ...(thing.source ? { source: thing.source } : {}),
    ...(thing.changes && thing.changes.length > 0 ? { changes: thing.changes } : {}),
  };
}

/** Notes kept of a thing: the last ones, where there are more. */
export const MOST_CHANGES = 40;

/** The rights with one more note of what was changed. */
export const withChange = (changes: readonly string[] | undefined, note: string): string[] =>
  [...(changes ?? []), note.slice(0, 300)].slice(-MOST_CHANGES);
