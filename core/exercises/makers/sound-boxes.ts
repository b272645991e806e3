import { showSound } from '../../languages/en/sounds/phonemes';
import type { GapItem, GapPiece } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';
import { showGrapheme } from '../../reach/check-word';

/** Most boxes that fit in a row for young writers. */
const MOST_SOUNDS = 7;

/** One box for each sound: the teacher says the word, the learner writes a grapheme in each box. */
const maker: Maker = {
  id: 'sound-boxes',
  name: 'Sound boxes',
  group: 'Sounds and spelling',
  description: 'One box for each sound of a word that is said; its spelling is written in.',
  interaction: 'gap',
  fewestWords: 3,
  needs: 'words of one or two syllables',
  asks: ['sounds'],
  workedByDefault: true,

  make({ words, parameters, random }) {
    const { used, notes } = usableWords(words, ({ entry }) => {
      const { units } = entry.readings[0];
      if (units.length > MOST_SOUNDS) return `has more than ${MOST_SOUNDS} boxes`;
      if (units.some((unit) => unit.phonemes.length === 0))
        return 'has a letter that is silent by itself, so no box for it';
      return units;
    });
    const items = used.map(({ word: { word }, found: units }): Omit<GapItem, 'id'> => {
      const pieces = units.map((unit, index): GapPiece => {
        const split = unit.grapheme.endsWith('_e');
        const afterSplit = units[index - 1]?.grapheme.endsWith('_e') === true;
        const letters = word.slice(unit.start, unit.end);
        // The silent e stands outside the last box, with its arc in mind: m [a] [k] e.
        const own = afterSplit ? letters.slice(0, -1) : letters;
        return {
          kind: 'gap',
          answer: own,
          accepted: split ? [unit.grapheme.replace('_', '-')] : [],
        };
      });
      const silentE = units.some((unit) => unit.grapheme.endsWith('_e'));
      return {
        word,
        pieces: silentE ? [...pieces, { kind: 'text', text: 'e' }] : pieces,
        key: word,
        rule: units.map((unit) => showGrapheme(unit.grapheme)).join(' | '),
        reason: `${word}: ${units.map((unit) => showSound(unit.phonemes)).join(' ')}.`,
      };
    });
    const ordered = numbered(parameters.shuffle === false ? items : random.shuffle(items));
    return {
      title: parameters.title ?? 'Sound boxes',
      instruction:
        parameters.instruction ??
        'Listen to the word. Say each sound. Write its spelling, one sound a box.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: { interaction: 'gap', items: ordered, bank: [], boxes: true },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 1 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
