/**
 * The correspondences of Southern British English that American English lacks,
 * derived by rule from the American ones: r is said only before a vowel, so
 * that ar, or, er, air, ear, ure are vowels of their own; o in hot is rounded;
 * a in bath is long; an unstressed er is the schwa. The differences are those
 * of Wells, Accents of English (1982), lexical sets, from memory.
 */
import type { Phoneme } from './phonemes';
import type { PlainCorrespondence } from './correspondence';

interface Shift {
  readonly from: string;
  readonly to: string;
  readonly dearer?: number;
  /** An r is heard because a vowel follows (hairy, story). */
  readonly linking?: boolean;
}

const shifts: readonly Shift[] = [
  { from: 'AA', to: 'OH' },
  { from: 'AO', to: 'OH', dearer: 0.3 },
  { from: 'AH', to: 'OH', dearer: 1 },
  { from: 'AA R', to: 'AA' },
  { from: 'AE', to: 'AA', dearer: 0.3 },
  { from: 'AO R', to: 'AO' },
  { from: 'UH R', to: 'AO', dearer: 0.2 },
  { from: 'UH R', to: 'UA' },
  { from: 'IH R', to: 'IA' },
  { from: 'EH R', to: 'EA' },
  { from: 'ER', to: 'AH', dearer: 0.05 },
  { from: 'Y ER', to: 'Y AH' },
  { from: 'Y UH R', to: 'Y AO' },
  { from: 'Y UH R', to: 'Y UA' },
  { from: 'W AA', to: 'W OH' },
  { from: 'W AA R', to: 'W AA' },
  { from: 'AY ER', to: 'AY AH' },
  { from: 'AW ER', to: 'AW AH' },
  { from: 'AW R', to: 'AW AH' },
  { from: 'AO R', to: 'AO R', linking: true },
  { from: 'EH R', to: 'EA R', linking: true },
  { from: 'IH R', to: 'IA R', linking: true },
  { from: 'UH R', to: 'UA R', linking: true },
  { from: 'UH R', to: 'AO R', linking: true, dearer: 0.2 },
  { from: 'AY ER', to: 'AY AH R', linking: true },
  { from: 'AW ER', to: 'AW AH R', linking: true },
  { from: 'ER', to: 'ER R', linking: true },
  { from: 'ER', to: 'AH R', linking: true },
];

/** Spellings that no American one leads to. */
const additions = `
OH o:0 a:.2,prev=wuh a:.8 au:.6 ou:1.2 ow:1 ho:1.2
IA ea:.6 ia:.8 eo:1 ie:1.2 eu:1.4 e:.9 i:1.5 ee:1 io:1.6 iu:1.6 eou:1.6 iou:1.4 ae:1.8
EA a:.4 ea:.8 e:1 ae:1 ai:1 ei:1.2 aa:1.8
UA u:.3 oo:.8 ue:1 ou:1.2 ewe:1.6 ua:1.4
Y|UA u:.2 eu:.8 ue:1
AO u:1.6 o:.1 our:.2 oa:.8 ure:.6,tail oor:.1 aure:1.8
AA al:.2,next=mvf a:.2 au:.7,next=n ea:1.2 er:1 ah:.3
ER er:0 ear:.1 or:.1,prev=w eu:1.2 oeu:1.6 ere:.4,tail
AH re:.1,postcons,tail our:.1 or:.1,tail ar:.1,tail er:0,tail a:.05,end ough:.8,end
Y|UW u:.05 ue:.1 ew:.1 eu:.4 ui:1
IY y:0 ey:.1 i:.3 ie:.2
IH e:.2 a:.5 ai:.8 y:.2 ie:.6 ey:.6
T|S zz:.8 ts:2
L le:.2,tail l:0
JH d:.4,next=ue di:.8
CH t:.3,next=ue
`;

/** The British correspondences that are not American ones too. */
export function deriveBritish(
  american: readonly PlainCorrespondence[],
  parse: (lines: string) => PlainCorrespondence[],
): PlainCorrespondence[] {
  const derived = shifts.flatMap(({ from, to, dearer = 0, linking = false }) => {
    const phonemes: readonly Phoneme[] = to.split(' ');
    return american
      .filter((entry) => entry.phonemes.join(' ') === from)
      .filter((entry) => !linking || entry.grapheme.endsWith('r'))
      .map((entry) => ({
        ...entry,
        phonemes,
        cost: Number((entry.cost + dearer + (linking ? 0.1 : 0)).toFixed(2)),
        contexts: linking
          ? [...entry.contexts.filter((context) => !/shut|tail|end/.test(context)), 'open']
          : entry.contexts,
      }));
  });
  return [...derived, ...parse(additions)];
}
