/** A name that owns something: Harrier’s, Kestrels’ (common practice: no second s after a plural s). */
export function possessive(name: string): string {
  return /s$/i.test(name) ? `${name}’` : `${name}’s`;
}
