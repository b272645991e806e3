/** The spot interaction: words or stretches are picked out of a text or a grid of letters. QTI 3 counterpart: hottextInteraction. */
import type { DocumentNode } from '../../../paper/document';
import { editItems, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { wordBoxNodes } from '../kit/nodes';
import { judge, type Verdict } from '../kit/verdict';
import { findInGrid } from './letter-grid';
import { byItem } from './picks';
import { spotKey, spotPaper } from './paper-face';
import type { SpotItem, SpotResponse, SpotTask } from './task';

const samePlace = (left: readonly number[], right: readonly number[]) =>
  left.length === right.length && left.every((offset, index) => offset === right[index]);

/** A stretch of a grid may be picked from either end. */
const picked = (item: SpotItem, place: readonly number[]) =>
  samePlace(place, item.place) || samePlace([...place].reverse(), item.place);

const textAt = ({ text }: SpotTask, place: readonly number[]) =>
  place.map((offset) => text[offset] ?? '').join('');

function problemsOf(item: SpotItem, task: SpotTask): string[] {
  if (item.place.length === 0 || textAt(task, item.place) !== item.find) {
    return [`“${item.find}” does not stand in the text where the key says.`];
  }
  if (task.layout === 'text') return [];
  const places = findInGrid(task.text.split('\n'), item.find).length;
  return places === 1
    ? []
    : [`“${item.find}” can be found ${places} times in the grid; one is right.`];
}

/** What was picked beside the key costs a mark each, or picking everything would be right. */
function extraVerdict(task: SpotTask, response: SpotResponse): Verdict[] {
  const ids = new Set(task.items.map((item) => item.id));
  const extra = Object.entries(response).filter(([id]) => !ids.has(id));
  if (extra.length === 0) return [];
  return [
    {
      item: 'extra',
      asked: '',
      given: extra.map(([, place]) => textAt(task, place)).join(', '),
      expected: '',
      right: false,
      score: -extra.length,
      outOf: 0,
      reason: `${extra.length} more ${extra.length === 1 ? 'was' : 'were'} picked than asked for.`,
      error: 'picked too much',
    },
  ];
}

export const spot: Interaction<SpotTask, SpotResponse> = {
  validate: (task) => {
    const stretches = task.items.map((item) => item.place.join(' '));
    return [
      ...task.items.flatMap((item) => problemsOf(item, task)),
      ...task.items
        .filter((item, index) => stretches.indexOf(item.place.join(' ')) !== index)
        .map((item) => `“${item.find}” is asked for twice in one place.`),
    ];
  },
  mark: (task, given) => {
    const response = byItem(task, given);
    return [
      ...judge(task.items, (item) => ({
        asked: item.word,
        given: textAt(task, response[item.id] ?? []),
        expected: item.find,
        right: picked(item, response[item.id] ?? []),
      })),
      ...extraVerdict(task, response),
    ];
  },
  wordsOf: ({ items }) => [...new Set(items.map((item) => item.word))],
  keyOf: ({ items }) => Object.fromEntries(items.map((item) => [item.id, item.place])),
  keyedItems: ({ items }) =>
    items.map((item) => ({
      id: item.id,
      question: item.word,
      answer: item.find,
      accepted: [],
      reason: item.reason,
      word: item.word,
    })),
  // What is listed beside the text is asked for by its word; what is not must be found.
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map((item) => ({
      ...item,
      word: task.listed ? item.word : '',
      find: '',
      place: [],
      reason: '',
    })),
  }),

  editable: ({ items }) => reasonPlaces(items, ({ word }) => word),
  edit: (task, edit) => ({ ...task, items: editItems(task.items, edit) }),

  size: ({ items }) => items.length,
  // What stands in running text is all of it; of a grid fewer words can be asked for.
  first: (task, count) =>
    task.layout === 'grid' ? { ...task, items: task.items.slice(0, count) } : task,
  canShowWorked: () => true,
  hasBank: ({ layout }) => layout === 'grid',

  nodes: ({ text, layout, items, listed }) => {
    const rows = text.split('\n');
    return [
      ...(listed ? wordBoxNodes(items.map((item) => item.word)) : []),
      ...(layout === 'grid'
        ? [{ kind: 'table' as const, head: false, rows: rows.map((row) => [...row]) }]
        : rows.map((row): DocumentNode => ({ kind: 'text', text: row }))),
    ];
  },
  namesQuestions: true,
  paper: (task, style, { answers }) => spotPaper(task, style, answers),
  key: spotKey,
};
