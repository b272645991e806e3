/**
 * What one word class after another costs, by groups of classes: 0 is what
 * English does all the time, 5 what it never does. The costs are hand-set from
 * school grammar and tried on the tuning sentences of docs/quality.md.
 */
import type { Tag } from './tag';

/** The groups in which the table is written. */
const groups: Readonly<Record<Tag, string>> = {
  determiner: 'D',
  possessive: 'D',
  'pronoun-subject': 'S',
  'pronoun-object': 'O',
  pronoun: 'P',
  number: 'M',
  noun: 'N',
  nouns: 'N',
  name: 'N',
  adjective: 'J',
  adverb: 'R',
  preposition: 'I',
  particle: 'T',
  modal: 'A',
  be: 'A',
  have: 'A',
  do: 'A',
  base: 'V',
  present: 'F',
  third: 'F',
  past: 'F',
  participle: 'X',
  ing: 'G',
  to: 'Z',
  not: 'K',
  there: 'E',
  and: 'C',
  subordinator: 'B',
  that: 'H',
  relative: 'L',
  question: 'Q',
  interjection: 'U',
  comma: ',',
  stop: '.',
  dash: ',',
  quote: '"',
};

/**
 * A row for each group that stands before: what follows it, with its cost.
 * A group that is not named costs `other`.
 */
const rows: Readonly<Record<string, { other: number; costs: string }>> = {
  '^': {
    other: 0.4,
    costs: 'D0 S0 P0 N0.2 J0.6 R0.2 I0.2 A0.3 V0 F1 X0.6 G0.3 B0 Q0 E0 U0 O4 M0.3 H3 L4 T2 Z0.6 K2',
  },
  D: { other: 5, costs: 'N0 J0 M0.1 R0.9 X0.4 G0.6 D2.5 P2.5 "1 ,1.5 .3 C2.5' },
  S: { other: 3, costs: 'A0 F0 R0.2 V3 X3 T3 ,0.6 C1 .2 "1 P0.5 L1.5 K3 B2.5 I2.5 M2' },
  O: {
    other: 1,
    costs: 'I0 R0.1 T0.1 Z0 D0.1 N1.6 J0.5 V0.7 G0.5 X0.9 C0 ,0 .0 "0.2 B0.1 H0.4 A4 F4 Q0.4 K1',
  },
  P: {
    other: 1,
    costs:
      'A0 F0 R0.2 I0.1 T0.4 Z0.2 J0.7 N1.8 D0.7 V1 X1 G0.7 C0 ,0 .0 "0.2 B0.2 H0.6 L0.3 K1 S0.9 Q0.5',
  },
  M: { other: 1, costs: 'N0 J0.3 M0.2 I0.2 A0.6 F0.8 R0.5 C0.2 ,0.2 .0.2 X1 G1 D2 "0.4 B0.4' },
  N: {
    other: 1,
    costs:
      'N0.3 A0 F0 I0 T0.5 R0.2 Z0.2 C0 ,0 .0 "0.2 B0.1 H0.7 L0.1 J1.3 X1.1 G0.9 D0.8 S0.7 P1.4 O1.5 V1.4 M0.7 K1 E1.5 Q0.9 U2',
  },
  J: {
    other: 1.5,
    costs:
      'N0 J0.1 C0.1 ,0.1 .0.1 "0.3 I0.2 Z0.2 H0.3 B0.2 X0.9 G0.9 R0.6 A1.4 F2.6 M0.8 D1.6 P1.2 S1.6 L1.5 V3 Q0.6',
  },
  R: {
    other: 0.6,
    costs:
      'J0 R0.1 X0 G0.1 V0.2 F0.1 A0.2 I0.1 Z0.2 D0.2 N0.8 C0.1 ,0 .0 "0.2 B0.1 S0.2 P0.3 O0.8 M0.2 K0.4 Q0.3 T0.8 H0.5',
  },
  I: {
    other: 3,
    costs:
      'D0 N0.2 J0.2 O0 P0.1 M0 G0.1 R0.7 X0.9 I0.5 Q0.3 L0.1 C1.3 ,1.2 .1.2 "1 S2.5 A4 F5 V4 H3 Z2',
  },
  T: {
    other: 0.8,
    costs:
      'I0 D0.2 C0 ,0 .0 "0.2 R0.1 Z0.3 N0.6 O2 B0.1 G0.7 M0.4 A2 F2.2 P0.4 J0.8 S1.5 H0.8 Q0.5',
  },
  A: {
    other: 1,
    costs:
      'K0 R0 V0 A0 X0 G0 J0 D0 S0 P0.1 N0.7 I0.1 M0.1 Z0.1 C0.6 ,0.4 .0.4 "0.6 O0.7 E0 T0.5 B0.4 Q0.4 H0.4 F4',
  },
  V: {
    other: 0.6,
    costs:
      'D0 O0 N0.2 P0 I0 T0 R0.1 J0.2 Z0.1 M0.1 C0.1 ,0 .0 "0.2 B0.1 H0.2 S0.5 Q0.1 X0.9 G0.5 V1.6 A3 F3.2 E1 L2 K2',
  },
  F: {
    other: 0.6,
    costs:
      'D0 O0 N0.2 P0 I0 T0 R0.1 J0.2 Z0.1 M0.1 C0.1 ,0 .0 "0.1 B0.1 H0.1 S0.4 Q0.1 X0.9 G0.5 V3 A3 F3.4 E0.9 L2 K2',
  },
  X: {
    other: 0.6,
    costs:
      'D0.1 O0.1 N0.3 P0.1 I0 T0 R0 J0.3 Z0 M0.2 C0.1 ,0 .0 "0.2 B0.1 H0.2 S0.6 Q0.2 X1 G0.5 V2.5 A1.6 F3 L2',
  },
  G: {
    other: 0.6,
    costs:
      'D0 O0 N0.1 P0 I0 T0 R0.1 J0.2 Z0.1 M0.1 C0.1 ,0.1 .0.1 "0.2 B0.1 H0.2 S0.6 Q0.1 X0.8 G0.9 V2.5 A0.9 F1.2 L2',
  },
  Z: { other: 5, costs: 'V0 A0 R0.8 .2 ,2.5' },
  K: { other: 1, costs: 'V0 A0 X0 G0 R0 J0.1 D0.1 N0.9 P0.4 S0.2 I0.3 Z0.2 .0.3 ,0.3 O1 M0.3 C1' },
  E: { other: 2, costs: 'A0 F0.5 R0.4 .0.6 ,0.4' },
  C: {
    other: 0.5,
    costs:
      'D0 N0.1 S0 P0 J0.1 R0.1 V0.2 F0.1 A0.1 X0.4 G0.4 I0.2 Z0.2 M0 O0.3 B0.2 Q0.3 T0.4 E0.2 H0.6 L0.6 K0.2 ,0.5',
  },
  B: {
    other: 1,
    costs: 'D0 S0 N0.1 P0 J0.4 R0.3 E0 I0.4 G0.5 X0.9 M0.2 A1.6 V2 F2.5 Q1 H2 ,0.8 .2',
  },
  H: { other: 1, costs: 'D0 S0 N0.1 P0 J0.4 R0.4 E0 I0.6 M0.2 B0.3 G0.5 A3 F3 V3 .3 ,1.5' },
  L: { other: 1, costs: 'A0 F0 S0 D0.1 N0.2 P0.1 R0.2 I0.8 J1 Q3 V3 .3 ,1 E0.2' },
  Q: {
    other: 1,
    costs: 'A0 F0.2 S0 D0.1 N0.5 J0.2 R0.2 P0.2 I1 Z0.3 .0.4 ,0.8 V1.2 X2 E0.2 M0.4 K0.6',
  },
  U: { other: 0.5, costs: ',0 .0 S0.2 D0.3' },
  ',': {
    other: 0.3,
    costs:
      'D0 S0 N0 P0 J0.1 R0 V0.3 F0.2 A0.1 X0.7 G0.4 I0 B0 C0 L0 Q0.2 E0 M0.1 U0.3 "0 O0.8 H1.2 Z0.3 T1.5',
  },
  '.': { other: 0.3, costs: 'O3 T2 H3 L3' },
  '"': { other: 0.3, costs: 'O1 T1 H1.5 L2' },
};

const table = new Map<string, number>();
for (const [before, { costs }] of Object.entries(rows)) {
  for (const cell of costs.split(' ')) {
    table.set(before + (cell[0] as string), Number(cell.slice(1)));
  }
}

/** What `next` after `before` costs; the beginning of a sentence is undefined. */
export function transitionCost(before: Tag | undefined, next: Tag): number {
  const group = before === undefined ? '^' : groups[before];
  return table.get(group + groups[next]) ?? rows[group]?.other ?? 0.5;
}
