/** The build interaction: loose pieces are put where they belong on a board. QTI 3 counterpart: positionObjectInteraction. */
import { editReasons, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { rowsOf } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { buildKey, buildPaper } from './paper-face';
import type { BuildPiece, BuildResponse, BuildTask } from './task';

const wordOf = (piece: BuildPiece) => piece.word ?? piece.text;
const labelOf = ({ places }: BuildTask, id: string | undefined) =>
  places.find((place) => place.id === id)?.label ?? '';

export const build: Interaction<BuildTask, BuildResponse> = {
  validate: ({ places, pieces }) => {
    const ids = new Set(places.map((place) => place.id));
    const texts = pieces.map((piece) => piece.text.toLowerCase());
    return [
      ...pieces
        .filter((piece) => !ids.has(piece.place))
        .map((piece) => `The piece ${piece.text} has no place.`),
      ...pieces
        .filter((piece, index) => texts.indexOf(piece.text.toLowerCase()) < index)
        .map((piece) => `The piece ${piece.text} is there twice.`),
    ];
  },
  mark: (task, response) =>
    judge(task.pieces, (piece) => ({
      asked: piece.text,
      given: labelOf(task, response[piece.id]),
      expected: labelOf(task, piece.place),
      right: response[piece.id] === piece.place,
    })),
  wordsOf: ({ board, centre, pieces }) => [
    ...new Set([
      // A map of several words has a name in its middle, not a word.
      ...(board === 'map' && pieces.length > 0 && pieces.every(({ word }) => word === undefined)
        ? [centre]
        : []),
      ...pieces.flatMap(({ word }) => (word === undefined ? [] : [word])),
    ]),
  ],
  keyOf: ({ pieces }) => Object.fromEntries(pieces.map((piece) => [piece.id, piece.place])),
  keyedItems: (task) =>
    task.pieces.map((piece) => ({
      id: piece.id,
      question: piece.text,
      answer: labelOf(task, piece.place),
      accepted: [],
      reason: piece.reason,
      word: wordOf(piece),
    })),
  learnerCopy: (task) => ({
    ...task,
    pieces: task.pieces.map(({ id, text }) => ({ id, text, place: '', reason: '' })),
  }),

  editable: ({ pieces }) => reasonPlaces(pieces, wordOf),
  edit: (task, edit) => ({ ...task, pieces: editReasons(task.pieces, wordOf, edit) }),

  size: ({ pieces }) => pieces.length,
  first: (task, count) => {
    const pieces = task.pieces.slice(0, count);
    const used = new Set(pieces.map((piece) => piece.place));
    return { ...task, pieces, places: task.places.filter(({ id }) => used.has(id)) };
  },
  canShowWorked: () => false,
  hasBank: () => false,

  nodes: ({ board, centre, places, pieces }) => [
    { kind: 'heading', text: board === 'wheel' ? `–${centre}` : centre },
    {
      kind: 'table',
      head: false,
      rows: rowsOf(
        pieces.map((piece) => piece.text),
        4,
      ),
    },
    {
      kind: 'table',
      head: true,
      rows: [places.map((place) => place.label), places.map(() => '\n\n')],
    },
  ],
  namesQuestions: true,
  paper: (task, style, { answers }) => buildPaper(task, style, answers),
  key: buildKey,
};
