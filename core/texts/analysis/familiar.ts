/**
 * The lists of familiar words behind two formulas. Both hold base forms, so an
 * inflected form of a familiar word is familiar too (Dale & Chall 1995; Spache 1974).
 */
import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { irregularBaseOf } from '../../languages/en/words/irregular-base';

export type FamiliarList = 'dale-chall' | 'spache';

const lists: Readonly<Record<FamiliarList, ReadonlySet<string>>> = {
  'dale-chall': new Set(daleChall.map((word) => word.toLowerCase())),
  spache: new Set(spache.map((word) => word.toLowerCase())),
};

/** What a regular form may be a form of. */
function basesOf(word: string): string[] {
  const bases: string[] = [];
  const add = (...found: string[]) => bases.push(...found.filter((base) => base.length > 1));
  const stemOf = (suffix: string) =>
    word.endsWith(suffix) ? word.slice(0, -suffix.length) : undefined;
  const withY = stemOf('ies') ?? stemOf('ied') ?? stemOf('ier') ?? stemOf('iest') ?? stemOf('ily');
  if (withY !== undefined) add(`${withY}y`);
  for (const suffix of ['s', 'es', 'ed', 'd', 'ing', 'er', 'est', 'ly', "'s", "s'", "'"]) {
    const stem = stemOf(suffix);
    if (stem === undefined) continue;
    add(stem);
    if (['ed', 'ing', 'er', 'est'].includes(suffix)) {
      add(`${stem}e`);
      if (/([b-df-hj-np-tv-z])\1$/.test(stem)) add(stem.slice(0, -1));
    }
  }
  const contracted = /^(.+)(?:n't|'ll|'ve|'re|'d|'m)$/.exec(word)?.[1];
  if (contracted !== undefined) add(contracted);
  return bases;
}

/** True where a list holds the word or the base it is a form of. */
export function isFamiliar(written: string, list: FamiliarList): boolean {
  const known = lists[list];
  const word = written.toLowerCase().replaceAll('’', "'");
  if (known.has(word)) return true;
  const irregular = irregularBaseOf(word);
  if (irregular !== undefined && known.has(irregular)) return true;
  if (basesOf(word).some((base) => known.has(base))) return true;
  // A compound with a hyphen is familiar where its parts are.
  return (
    word.includes('-') && word.split('-').every((part) => part === '' || isFamiliar(part, list))
  );
}
