/** Where a structure stands for a class: taught, just ahead, or past it, by its level or as the teacher has set it. */
import type { ClassProfile } from '../classes/class-profile';
import { scaleOf } from '../classes/class-level';
import {
  structureTable,
  type StructureRow,
} from '../languages/en/grammar/structures/structure-table';
import type { Reach } from '../kernel/reach';

/** Years above the class's level up to which a structure is just ahead. */
const AHEAD = 2.5;

export interface StructureReach {
  readonly structure: StructureRow;
  readonly reach: Reach;
  /** True where the teacher has set it. */
  readonly own: boolean;
}

export function structureReach(structure: StructureRow, profile: ClassProfile): StructureReach {
  const set = profile.grammar?.find((each) => each.structure === structure.name);
  if (set) return { structure, reach: set.reach, own: true };
  const { middle } = scaleOf(profile.level);
  const reach =
    structure.level <= middle + 0.5
      ? 'secure'
      : structure.level <= middle + AHEAD
        ? 'stretch'
        : 'beyond';
  return { structure, reach, own: false };
}

/** Every structure with its reach, in the order in which they are usually taught. */
export const grammarReach = (profile: ClassProfile): StructureReach[] =>
  [...structureTable]
    .sort((left, right) => left.level - right.level)
    .map((structure) => structureReach(structure, profile));
