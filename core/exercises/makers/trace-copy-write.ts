import { handOf } from '../../classes/school-hand';
import { canWrite, handNames, possibleInk } from '../../paper/hands';
import type { Maker } from '../making/maker';
import { written } from '../making/written';
import { flag, read, shaped } from '../making/parameters';
import { tracedInks, tracedInstruction } from '../making/traced';
import { handParameters } from '../making/common-parameters';

const declared = {
  ...handParameters,
  /** Each learner traces her own name instead of the words. */
  ownName: flag('Each learner’s own name', false),
  inks: shaped('inks', 'Letters'),
  // A row is traced in the order of the list.
  shuffle: flag('Shuffle', false),
};

/** Words, or names, to trace, to copy and to write alone on ruled lines. */
const maker: Maker = {
  id: 'trace-copy-write',
  name: 'Trace, copy, write',
  group: 'Sounds and spelling',
  description: 'Words or names in a school hand on ruled lines: to trace, to copy, to write alone.',
  interaction: 'write',
  fewestWords: 1,
  needs: 'any words or names',
  asks: ['school hand'],
  parameters: declared,
  workedByDefault: false,

  make({ words, parameters, random, profile }) {
    const { hand = handOf(profile), ruling, inks, shuffle } = read(declared, parameters);
    const traced = inks ?? tracedInks(hand);
    const usable = words.filter(({ word }) => canWrite(word, hand));
    const notes = words
      .filter((word) => !usable.includes(word))
      .map(({ word }) => ({
        word,
        text: `The hand “${handNames[hand]}” has no letters for ${word}. Choose another hand. It was left out.`,
      }));
    const ordered = shuffle ? random.shuffle(usable) : usable;
    return {
      title: parameters.title ?? 'Trace, copy, write',
      instruction: parameters.instruction ?? tracedInstruction(hand, traced, 'word'),
      worked: false,
      ...written(
        ordered.map(({ word }) => ({
          word,
          prompt: '',
          answer: word,
          accepted: [],
          lines: 1,
          trace: traced.map((ink) => possibleInk(word, hand, ink)),
          reason: '',
        })),
        { handwriting: { hand, ...(ruling ? { ruling } : {}) } },
      ),
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
