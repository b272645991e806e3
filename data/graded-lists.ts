/** Which lists of easy words know a word. */
import { readFileSync } from 'node:fs';
import { daleChall } from 'dale-chall';
import { spache } from 'spache';

const easy = { daleChall: new Set(daleChall), spache: new Set(spache) };
const classroom = new Set(
  readFileSync(new URL('./classroom-words.txt', import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .flatMap((line) => line.split(' ')),
);

/** The lists hold base forms; their regular inflections count as known (Dale & Chall 1995, Spache 1974). */
function listed(word: string, list: ReadonlySet<string>): boolean {
  if (list.has(word)) return true;
  for (const suffix of ["'s", 'ing', 'ed', 'er', 'est', 'es', 's', 'ly', 'd']) {
    if (!word.endsWith(suffix)) continue;
    const stem = word.slice(0, -suffix.length);
    const bases = [stem, `${stem}e`, stem.replace(/i$/, 'y'), stem.replace(/(.)\1$/, '$1')];
    if (stem.length >= 2 && bases.some((base) => list.has(base))) return true;
  }
  return false;
}

/** 1 on the Dale–Chall list, 2 on the Spache list, 4 a classroom word, added up; a word or its twin in American spelling. */
export function gradedLists(word: string, american = word): number {
  const either = (list: ReadonlySet<string>) => listed(word, list) || listed(american, list);
  return (
    (either(easy.daleChall) ? 1 : 0) +
    (either(easy.spache) ? 2 : 0) +
    (classroom.has(word) || classroom.has(american) ? 4 : 0)
  );
}
