/**
 * How far along a word lies, on Wordane's one internal scale.
 *
 * The scale counts years of schooling as the UK does: 0 is Reception, 1 is
 * Year 1 (US Kindergarten), 2 is Year 2 (US Grade 1) and so on; CEFR levels are
 * placed on it so that one ruler serves every class. It is an estimate.
 */

/** A position on the internal scale, in UK school years. */
export type Level = number;

/** The year of school of children of an age: Reception is 5, Year 1 (US Kindergarten) 6. */
export const levelOfAge = (age: number): Level => age - 5;
/** The age of the children of a year of school. */
export const ageOfLevel = (level: Level): number => level + 5;

export type CefrLevel = 'A1' | 'A2' | 'B1' | 'B2' | 'C1';
const cefrTops: readonly (readonly [CefrLevel, Level])[] = [
  ['A1', 1.2],
  ['A2', 3.4],
  ['B1', 6.5],
  ['B2', 9.5],
  ['C1', Infinity],
];

/** The CEFR levels in order. */
export const cefrLevels: readonly CefrLevel[] = cefrTops.map(([name]) => name);

/** The CEFR level a position on the scale falls in. */
export function cefrOf(level: Level): CefrLevel {
  return (cefrTops.find(([, top]) => level < top) ?? (['C1', 0] as const))[0];
}

/** UK year as a teacher writes it: `Rec`, `Y1` … `Y13`. */
export function ukYearOf(level: Level): string {
  const year = Math.min(13, Math.max(0, Math.round(level)));
  return year === 0 ? 'Rec' : `Y${year}`;
}

/** US grade as a teacher writes it: `PreK`, `K`, `G1` … `G12`; a grade is one less than the UK year. */
export function usGradeOf(level: Level): string {
  const grade = Math.min(12, Math.max(-1, Math.round(level) - 1));
  if (grade < 0) return 'PreK';
  return grade === 0 ? 'K' : `G${grade}`;
}
