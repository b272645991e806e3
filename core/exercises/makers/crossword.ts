import { crossWords } from '../interactions/gap/crossing-words';
import type { GapItem } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { partnerOf } from '../making/partners';
import { usableWords } from '../making/usable-words';

const MOST = 12;
const LONGEST = 14;

/** Words that cross, from their meanings. */
const maker: Maker = {
  id: 'crossword',
  name: 'Crossword',
  group: 'Vocabulary',
  description: 'Words that cross in a grid of squares; each clue is a meaning or a translation.',
  interaction: 'gap',
  fewestWords: 4,
  needsMeanings: true,
  needs: 'words of two letters to fourteen with a meaning or a translation',
  asks: ['words', 'meanings'],
  workedByDefault: false,

  make(input) {
    const { words, parameters, random } = input;
    const clues = new Set<string>();
    const { used, notes } = usableWords(words, (word) => {
      if (!/^[a-z]{2,14}$/i.test(word.word)) return `is not of two to ${LONGEST} plain letters`;
      const own = parameters.beside?.[word.word]?.translation;
      const partner = partnerOf(word, own ? 'translation' : 'meaning', input);
      if (typeof partner === 'string') return partner;
      // Two words with one clue would both be right.
      if (clues.has(partner.text)) return 'has the same clue as another word';
      clues.add(partner.text);
      return partner;
    });
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, MOST);
    const crossed = crossWords(
      [...new Set(chosen.map(({ word }) => word.word.toLowerCase()))],
      random,
    );
    for (const word of crossed.left) {
      notes.push({
        word,
        text: `${word} found no place where it crosses another word and touches none. It was left out.`,
      });
    }
    const items = crossed.words.flatMap(({ word: letters }, index): GapItem[] => {
      const each = chosen.find(({ word }) => word.word.toLowerCase() === letters);
      if (each === undefined) return [];
      return [
        {
          id: `item-${index + 1}`,
          word: each.word.word,
          pieces: [
            { kind: 'text', text: `${each.found.text} (${letters.length})` },
            { kind: 'gap', answer: letters, accepted: [] },
          ],
          key: letters,
          reason: each.found.reason,
        },
      ];
    });
    return {
      title: parameters.title ?? 'Crossword',
      instruction:
        parameters.instruction ?? 'Read the clue. Write the word, one letter in each square.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items,
        bank: parameters.bank === true ? random.shuffle(items.map((item) => item.key)) : [],
        crossing: {
          rows: crossed.rows,
          columns: crossed.columns,
          entries: crossed.words.map(({ row, column, down }, index) => ({
            item: `item-${index + 1}`,
            row,
            column,
            down,
          })),
        },
      },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ topic: 'weather' }],
};

export default maker;
