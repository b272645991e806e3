/** Where a class stands on the internal scale, from a US grade, a UK year or a CEFR level. */
import type { Level } from '../kernel/level';

export const levelSystems = ['uk', 'us', 'cefr'] as const;
export type LevelSystem = (typeof levelSystems)[number];

export interface ClassLevel {
  readonly system: LevelSystem;
  /** UK: `Rec`, `Y1` … `Y13`; US: `K`, `G1` … `G12`; CEFR: `A1` … `C1`. */
  readonly value: string;
}

export interface LevelOption {
  readonly value: string;
  readonly name: string;
  /** Tick on the ruler and the band it stands for, on the internal scale. */
  readonly from: Level;
  readonly to: Level;
}

const years = Array.from({ length: 14 }, (_, year) => year);

const ukOptions: LevelOption[] = years.map((year) => ({
  value: year === 0 ? 'Rec' : `Y${year}`,
  name: year === 0 ? 'Reception' : `Year ${year}`,
  from: year - 0.5,
  to: year + 0.5,
}));

const usOptions: LevelOption[] = years.slice(1).map((year) => ({
  value: year === 1 ? 'K' : `G${year - 1}`,
  name: year === 1 ? 'Kindergarten' : `Grade ${year - 1}`,
  from: year - 0.5,
  to: year + 0.5,
}));

/** CEFR bands on the scale; their edges are those that `cefrOf` uses. */
const cefrOptions: LevelOption[] = [
  { value: 'A1', name: 'CEFR A1', from: 0, to: 1.2 },
  { value: 'A2', name: 'CEFR A2', from: 1.2, to: 3.4 },
  { value: 'B1', name: 'CEFR B1', from: 3.4, to: 6.5 },
  { value: 'B2', name: 'CEFR B2', from: 6.5, to: 9.5 },
  { value: 'C1', name: 'CEFR C1', from: 9.5, to: 13 },
];

/** The levels a teacher may choose from in one system, in order. */
export const levelOptions: Readonly<Record<LevelSystem, readonly LevelOption[]>> = {
  uk: ukOptions,
  us: usOptions,
  cefr: cefrOptions,
};

export interface ClassBand {
  readonly from: Level;
  readonly to: Level;
  readonly middle: Level;
  readonly name: string;
}

const bands = new Map<string, ClassBand>(
  levelSystems.flatMap((system) =>
    levelOptions[system].map((option) => [
      `${system} ${option.value}`,
      { ...option, middle: (option.from + option.to) / 2 },
    ]),
  ),
);

/** The band of a class on the internal scale. An unknown value falls back to the first of its system. */
export function scaleOf({ system, value }: ClassLevel): ClassBand {
  const band = bands.get(`${system} ${value}`);
  return (band ?? bands.get(`${system} ${levelOptions[system][0]?.value}`)) as ClassBand;
}
