import type { Maker } from '../making/maker';
import { dealBoards, firstLine } from '../making/bingo';
import { choice, number, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  side: choice(
    'Squares of a board',
    [
      ['auto', 'as many as the words allow'],
      ['3', '3 by 3'],
      ['4', '4 by 4'],
      ['5', '5 by 5'],
    ],
    'auto',
  ),
  boards: number('Boards', { least: 2, most: 40, usual: 30, offered: [6, 12, 24, 30, 36] }),
};

/** A board needs more words than squares, or all boards have the same. */
const SPARE = 3;

/** The largest board that leaves a few words over. */
const sideFor = (count: number) => [5, 4, 3].find((side) => count >= side * side + SPARE) ?? 3;

/** Boards for a class, each other than the rest, and the caller's list. */
const maker: Maker = {
  id: 'bingo-boards',
  name: 'Bingo boards',
  group: 'Vocabulary',
  doneWith: ['partner', 'class'],
  description:
    'A board for each learner, every one different, and a list for the caller; every word stands on as many boards as the others.',
  interaction: 'speak',
  isCards: true,
  onScreen: 'Listen. Find each word that is called.',
  fewestWords: 9,
  needs: 'nine words or more; twelve make boards with different words',
  asks: [],
  parameters,
  workedByDefault: false,

  make({ words, parameters: given, random }) {
    const { side: wished, boards: count } = read(parameters, given);
    const all = [...new Set(words.map(({ word }) => word))];
    const fitting = Math.floor(Math.sqrt(all.length));
    const side = Math.min(wished === 'auto' ? sideFor(all.length) : Number(wished), fitting);
    const enough = side >= 3;
    const dealt = enough ? dealBoards(all, side, count, random) : { boards: [], calls: [] };
    const first = firstLine(dealt, side);
    const said =
      first === undefined
        ? ''
        : `Called in this order, board ${first.board} has a line first, after ${first.calls} words${first.together > 1 ? `, together with ${first.together - 1} more` : ''}.`;
    return {
      title: given.title ?? 'Bingo',
      instruction:
        given.instruction ?? 'Listen. Cover each word that is called. A line of words wins.',
      worked: false,
      task: {
        interaction: 'speak',
        real: true,
        items: numbered(
          dealt.calls.map((word, index) => ({
            word,
            says: '',
            reason: index === 0 ? said : '',
          })),
        ),
      },
      paper: { boards: dealt.boards, side },
      notes: [
        ...(wished !== 'auto' && side < Number(wished)
          ? [
              {
                text: `${all.length} words fill boards of ${side} by ${side}. Add words for larger boards.`,
              },
            ]
          : []),
        ...(enough && all.length === side * side
          ? [
              {
                text: 'All boards have the same words, in other places. A few words more make each board different.',
              },
            ]
          : []),
      ],
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 2 }],
};

export default maker;
