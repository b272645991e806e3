/** The sort interaction: cards go under headings. QTI 3 counterpart: gapMatchInteraction. */
import { editReasons, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { rowsOf } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { sortKey, sortPaper } from './paper-face';
import type { SortCard, SortResponse, SortTask } from './task';

const wordOf = (card: SortCard) => card.text;
const labelOf = ({ headings }: SortTask, id: string | undefined) =>
  headings.find((heading) => heading.id === id)?.label ?? '';

export const sort: Interaction<SortTask, SortResponse> = {
  validate: (task) => {
    const problems: string[] = [];
    const headings = new Set(task.headings.map((heading) => heading.id));
    if (task.headings.length < 2) problems.push('A sort needs two headings or more.');
    const seen = new Set<string>();
    for (const card of task.cards) {
      if (!headings.has(card.home)) problems.push(`${card.text} belongs under no heading.`);
      const key = card.text.toLowerCase();
      if (seen.has(key)) problems.push(`${card.text} is there twice.`);
      seen.add(key);
    }
    return problems;
  },
  mark: (task, response) =>
    judge(task.cards, (card) => ({
      asked: card.text,
      given: labelOf(task, response[card.id]),
      expected: labelOf(task, card.home),
      right: response[card.id] === card.home,
    })),
  wordsOf: ({ cards }) => cards.map(wordOf),
  keyOf: ({ cards }) => Object.fromEntries(cards.map((card) => [card.id, card.home])),
  keyedItems: (task) =>
    task.cards.map((card) => ({
      id: card.id,
      question: card.text,
      answer: labelOf(task, card.home),
      accepted: [],
      reason: card.reason,
      word: card.text,
    })),
  learnerCopy: (task) => ({
    ...task,
    cards: task.cards.map((card) => ({ ...card, home: '', reason: '' })),
  }),

  editable: ({ cards }) => reasonPlaces(cards, wordOf),
  edit: (task, edit) => ({ ...task, cards: editReasons(task.cards, wordOf, edit) }),

  size: ({ cards }) => cards.length,
  first: (task, count) => {
    const cards = task.cards.slice(0, count);
    const homes = new Set(cards.map((card) => card.home));
    return { ...task, cards, headings: task.headings.filter(({ id }) => homes.has(id)) };
  },
  canShowWorked: () => true,
  hasBank: () => false,

  nodes: ({ headings, cards }) => [
    {
      kind: 'table',
      head: true,
      rows: [headings.map(({ label }) => label), headings.map(() => '\n\n\n')],
    },
    { kind: 'table', head: false, rows: rowsOf(cards.map(wordOf), 4) },
  ],
  namesQuestions: true,
  paper: (task, style, { answers }) => sortPaper(task, style, answers),
  key: sortKey,
};
