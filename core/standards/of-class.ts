/** Which standards are those of a class: its set by the system of its level, its grade, and the years that are filed together. */
import type { ClassLevel } from '../classes/class-level';
import { standardSets, type Standard } from './standard';

/** The set that goes with a level’s system. */
export const setOf = ({ system }: ClassLevel): string =>
  ({ us: 'ccss', uk: 'nc-england', cefr: 'cefr' })[system];

/** England’s curriculum states years 3 and 4, and 5 and 6, together; they are filed under the first. */
const together: Readonly<Record<string, readonly string[]>> = {
  Y4: ['Y3', 'Y4'],
  Y6: ['Y5', 'Y6'],
};

/** The grades of a set that are a class’s; none for a class that is past the set or before it. */
export function gradesOf({ system, value }: ClassLevel): readonly string[] {
  if (system === 'us') return [value.replace(/^G/, '')];
  if (system === 'uk') return together[value] ?? [value === 'Rec' ? 'Y1' : value];
  return [value];
}

/** The standards of a class, in the order of the set. */
export function standardsOfClass(standards: readonly Standard[], level: ClassLevel): Standard[] {
  const [set, grades] = [setOf(level), gradesOf(level)];
  // A set that was read in names its grades as it likes; what names none is for every class.
  const alike = new Set(['', level.value, ...grades].map((grade) => grade.toLowerCase()));
  return standards.filter((each) =>
    each.set in standardSets
      ? each.set === set && grades.includes(each.grade)
      : alike.has(each.grade.toLowerCase()),
  );
}

/** Standards whose code, wording, strand or what they serve has every word that is sought. */
export function findStandards(standards: readonly Standard[], sought: string): Standard[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  return standards.filter(({ code, wording, strand, grade, serves }) => {
    const text = `${code} ${grade} ${strand} ${wording} ${serves.join(' ')}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
