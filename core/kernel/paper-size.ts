/**
 * Paper sizes in millimetres: ISO 216 A3, A4 and A5; ANSI Letter (8.5 × 11 inches), its half, and
 * Tabloid (11 × 17 inches).
 */

export const paperNames = [
  'a4',
  'letter',
  'a5',
  'half-letter',
  'a3',
  'tabloid',
  'a4-landscape',
  'letter-landscape',
  'a5-landscape',
] as const;
export type PaperName = (typeof paperNames)[number];

/** Papers that a class prints on unless a sheet says otherwise. */
export const classPapers = ['a4', 'letter'] as const satisfies readonly PaperName[];

export interface Paper {
  readonly name: PaperName;
  readonly label: string;
  /** Millimetres. */
  readonly width: number;
  readonly height: number;
  /** White edge on every side that a school printer can always leave, in millimetres. */
  readonly margin: number;
}

const upright = {
  a4: { name: 'a4', label: 'A4', width: 210, height: 297, margin: 18 },
  letter: { name: 'letter', label: 'Letter', width: 215.9, height: 279.4, margin: 18 },
  a5: { name: 'a5', label: 'A5', width: 148, height: 210, margin: 12 },
  a3: { name: 'a3', label: 'A3', width: 297, height: 420, margin: 18 },
  tabloid: { name: 'tabloid', label: 'Tabloid', width: 279.4, height: 431.8, margin: 18 },
  'half-letter': {
    name: 'half-letter',
    label: 'Half-Letter',
    width: 139.7,
    height: 215.9,
    margin: 12,
  },
} as const satisfies Partial<Record<PaperName, Paper>>;

const turned = (paper: Paper, name: PaperName): Paper => ({
  name,
  label: `${paper.label}, landscape`,
  width: paper.height,
  height: paper.width,
  margin: paper.margin,
});

export const papers: Readonly<Record<PaperName, Paper>> = {
  ...upright,
  'a4-landscape': turned(upright.a4, 'a4-landscape'),
  'letter-landscape': turned(upright.letter, 'letter-landscape'),
  'a5-landscape': turned(upright.a5, 'a5-landscape'),
};
