import { canWrite, handNames, possibleInk, type Ink } from '../../handwriting/hands';
import type { Maker } from '../maker';
import { numbered } from '../usable-words';

/** The inks of a row: trace, trace, then write alone. */
const stages: readonly Ink[] = ['arrows', 'dots', 'grey', 'blank'];

/** Words, or names, to trace, to copy and to write alone on ruled lines. */
const maker: Maker = {
  id: 'trace-copy-write',
  name: 'Trace, copy, write',
  group: 'Sounds and spelling',
  description: 'Words or names in a school hand on ruled lines: to trace, to copy, to write alone.',
  interaction: 'write',
  fewestWords: 1,
  needs: 'any words or names',
  languages: ['en', 'fr', 'es', 'pt'],
  workedByDefault: false,

  make({ words, parameters, random }) {
    const hand = parameters.hand ?? 'print';
    const inks = parameters.inks ?? stages;
    const usable = words.filter(({ word }) => canWrite(word, hand));
    const notes = words
      .filter((word) => !usable.includes(word))
      .map(({ word }) => ({
        word,
        text: `The hand “${handNames[hand]}” has no letters for ${word}. Choose another hand. It was left out.`,
      }));
    const ordered = parameters.shuffle === true ? random.shuffle(usable) : usable;
    return {
      title: parameters.title ?? 'Trace, copy, write',
      instruction:
        parameters.instruction ?? 'Trace the letters. Begin at the dot. Then write on your own.',
      worked: false,
      task: {
        interaction: 'write',
        items: numbered(
          ordered.map(({ word }) => ({
            word,
            prompt: '',
            answer: word,
            accepted: [],
            lines: 1,
            trace: inks.map((ink) => possibleInk(word, hand, ink)),
            reason: '',
          })),
        ),
        script: [],
        handwriting: { hand, ...(parameters.ruling ? { ruling: parameters.ruling } : {}) },
      },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
