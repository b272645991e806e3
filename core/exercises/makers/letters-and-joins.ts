import { handOf } from '../../classes/school-hand';
import { canWrite, handNames, possibleInk, type Ink } from '../../paper/hands';
import { handParameters } from '../making/common-parameters';
import type { Maker } from '../making/maker';
import { choice, flag, read, shaped } from '../making/parameters';
import { tracedInks, tracedInstruction } from '../making/traced';
import { written } from '../making/written';

/**
 * What is written of a kind, in the order in which it is taught: letters by the movement they begin
 * with, and the four joins (along or up, from the foot or from the top of a letter). Families and
 * joins are common practice of primary schools; their names are ours.
 */
const sets = {
  round: ['Round letters', 'round letters: c a d …', 'c a d g q o e s f'],
  down: ['Letters that go down', 'down and off: l i t …', 'l i t u y j'],
  arch: ['Letters with an arch', 'down, up and over: r n m …', 'r n m h b p k'],
  slant: ['Slanting letters', 'slanting: v w x z', 'v w x z'],
  capitals: ['Capital letters', 'capital letters', [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].join(' ')],
  numbers: ['Numbers 0 to 9', 'numbers 0 to 9', '0 1 2 3 4 5 6 7 8 9'],
  'foot-low': ['Joins along', 'joins from the foot: ai, un …', 'ai ar un in im ee am en'],
  'foot-tall': [
    'Joins to a tall letter',
    'joins up to a tall letter: ul, it …',
    'ul it ab il ch el ub',
  ],
  'top-low': ['Joins from the top', 'joins from the top: ou, wi …', 'ou vi wi oo oa wa on ve'],
  'top-tall': [
    'Joins from the top to a tall letter',
    'from the top to a tall one: wh, ol …',
    'wh ol ot ob ok rl',
  ],
} as const;

type Set = keyof typeof sets;

const declared = {
  set: choice(
    'What is written',
    (Object.keys(sets) as Set[]).map((id) => [id, sets[id][1]] as const),
    'round',
  ),
  ...handParameters,
  inks: shaped('inks', 'Letters'),
  // Letters stand in the order in which they are taught.
  shuffle: flag('Shuffle', false),
};

/**
 * Each ink but the first, which is the model, is written several times, so often that they stand on
 * one line; a join is wider than a letter, and has a line of its own to be written alone.
 */
const several = (inks: readonly Ink[], text: string): Ink[] => {
  const times = text.length > 1 ? { trace: 2, blank: 3 } : { trace: 3, blank: 1 };
  return inks.flatMap((ink, at) =>
    at === 0 ? [ink] : Array<Ink>(ink === 'blank' ? times.blank : times.trace).fill(ink),
  );
};

/** Letters in the families of their movements, joins and numbers, on ruled lines. */
const maker: Maker = {
  id: 'letters-and-joins',
  name: 'Letters and joins',
  group: 'Sounds and spelling',
  description:
    'Letters by the movement that begins them, capitals, numbers, or the joins between two letters, in a school hand on ruled lines.',
  interaction: 'write',
  fewestWords: 1,
  usesWords: false,
  bringsWords: true,
  needs: 'nothing: the letters are chosen there',
  asks: ['school hand'],
  parameters: declared,
  workedByDefault: false,

  make({ parameters, random, profile }) {
    const { set, hand = handOf(profile), ruling, inks, shuffle } = read(declared, parameters);
    const [title, , letters] = sets[set];
    const traced = inks ?? tracedInks(hand);
    const all = letters.split(' ');
    const usable = all.filter((each) => canWrite(each, hand));
    const left = all.filter((each) => !usable.includes(each));
    const ordered = shuffle ? random.shuffle(usable) : usable;
    return {
      title: parameters.title ?? title,
      instruction:
        parameters.instruction ??
        tracedInstruction(hand, traced, all.some((each) => each.length > 1) ? 'join' : 'letter'),
      worked: false,
      ...written(
        ordered.map((each) => ({
          word: each,
          prompt: '',
          answer: each,
          lines: 1,
          trace: several(traced, each).map((ink) => possibleInk(each, hand, ink)),
        })),
        { handwriting: { hand, ...(ruling ? { ruling } : {}) } },
      ),
      notes:
        left.length === 0
          ? []
          : [
              {
                text: `The hand “${handNames[hand]}” has no ${left.join(', ')}. They were left out.`,
              },
            ],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
