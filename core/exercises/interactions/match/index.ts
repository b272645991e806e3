/** The match interaction: each thing on the left has its partner on the right. QTI 3 counterpart: matchInteraction. */
import type { DocumentNode, TableCell } from '../../../paper/document';
import { editItems, placeFor } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { rowsOf } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { tilesOf } from './dominoes-face';
import { matchKey, matchPaper } from './paper-face';
import type { MatchPaper, MatchResponse, MatchSide, MatchTask } from './task';

const sideOf = ({ rights }: MatchTask, id: string | undefined) =>
  rights.find((side) => side.id === id);

/** Two sides that look the same: nobody can tell which is meant. */
const sameSide = (one: MatchSide | undefined, other: MatchSide | undefined) =>
  one !== undefined &&
  other !== undefined &&
  one.picture === other.picture &&
  (one.picture !== undefined || one.text.toLowerCase() === other.text.toLowerCase());

const textOf = (side: MatchSide | undefined, word: string) =>
  side?.picture === undefined ? (side?.text ?? '') : `picture of ${word}`;

const sideCell = (side: MatchSide | undefined, hidden: boolean): TableCell =>
  side === undefined
    ? ''
    : side.picture === undefined
      ? side.text
      : { picture: side.picture, text: hidden ? '' : side.text };

function nodes(task: MatchTask): DocumentNode[] {
  if (task.cards === 'backs') {
    const rows = task.pairs.map((pair): TableCell[] => [
      sideCell(pair.left, false),
      sideCell(sideOf(task, pair.partner), false),
    ]);
    return [{ kind: 'table', head: true, rows: [['Front', 'Back'], ...rows] }];
  }
  if (task.cards === 'dominoes') {
    const rows = tilesOf(task).map(({ left, right }): TableCell[] => [
      sideCell(left, true),
      sideCell(right, false),
    ]);
    return [{ kind: 'table', head: false, rows }];
  }
  if (task.cards === 'pairs') {
    const cards = [
      ...task.pairs.map((pair) => sideCell(pair.left, false)),
      ...task.rights.map((right) => sideCell(right, true)),
    ];
    return [{ kind: 'table', head: false, rows: rowsOf(cards, 4) }];
  }
  const rows = task.pairs.map((pair, index): TableCell[] => [
    `${index + 1}. ${pair.left.text}`,
    '•',
    '•',
    sideCell(task.rights[index], true),
  ]);
  return [{ kind: 'table', head: false, rows }];
}

export const match: Interaction<MatchTask, MatchResponse, MatchPaper> = {
  validate: ({ pairs, rights }) => {
    const problems: string[] = [];
    const ids = new Set(rights.map((side) => side.id));
    for (const pair of pairs) {
      if (!ids.has(pair.partner)) problems.push(`${pair.word} has no partner.`);
    }
    return problems;
  },
  mark: (task, response) => {
    // Snow + man and snow + ball: either line may go to either snow, each partner once.
    const taken = new Set<string>();
    return judge(task.pairs, (pair) => {
      const given = response[pair.id];
      const owner = task.pairs.find(({ partner }) => partner === given);
      const alike =
        given === pair.partner ||
        (owner !== undefined &&
          (owner.left.text === pair.left.text ||
            sameSide(sideOf(task, given), sideOf(task, pair.partner))));
      const right = alike && given !== undefined && !taken.has(given);
      if (right) taken.add(given);
      return {
        asked: pair.left.text,
        given: textOf(sideOf(task, given), owner?.word ?? ''),
        expected: textOf(sideOf(task, pair.partner), pair.word),
        right,
      };
    });
  },
  wordsOf: ({ pairs }) => pairs.map((pair) => pair.word),
  keyOf: ({ pairs }) => Object.fromEntries(pairs.map((pair) => [pair.id, pair.partner])),
  keyedItems: (task) =>
    task.pairs.map((pair) => ({
      id: pair.id,
      question: pair.left.text,
      answer: textOf(sideOf(task, pair.partner), pair.word),
      accepted: [],
      reason: pair.reason,
      word: pair.word,
    })),
  learnerCopy: (task) => ({
    ...task,
    pairs: task.pairs.map((pair) => ({ ...pair, word: '', partner: '', reason: '' })),
    // A picture is not named: its name may be the answer.
    rights: task.rights.map((side) => (side.picture === undefined ? side : { ...side, text: '' })),
  }),

  editable: (task) =>
    task.pairs.map((pair) => {
      const right = sideOf(task, pair.partner);
      return {
        word: pair.word,
        places: [
          ...placeFor('Left', pair.left.picture ? undefined : pair.left.text),
          ...placeFor('Right', right?.picture ? undefined : right?.text),
          ...placeFor('Reason', pair.reason),
        ],
      };
    }),
  edit: (task, edit) => {
    const ids = new Set(
      task.pairs.filter(({ word }) => word === edit.word).map(({ partner }) => partner),
    );
    return {
      ...task,
      pairs: editItems(task.pairs, edit),
      rights: task.rights.map((side) =>
        ids.has(side.id) && side.text === edit.from ? { ...side, text: edit.to } : side,
      ),
    };
  },

  size: ({ pairs }) => pairs.length,
  first: (task, count) => {
    const pairs = task.pairs.slice(0, count);
    const partners = new Set(pairs.map((pair) => pair.partner));
    return { ...task, pairs, rights: task.rights.filter(({ id }) => partners.has(id)) };
  },
  canShowWorked: ({ cards }) => cards === undefined,
  isPlayed: ({ cards }) => cards !== undefined,
  hasBank: () => false,

  nodes,
  namesQuestions: true,
  paper: (task, style, { answers, needs }) => matchPaper(task, style, answers, needs),
  key: matchKey,
};
