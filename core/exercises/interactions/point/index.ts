/** The point interaction: a place on a picture is shown. QTI 3 counterpart: hotspotInteraction and graphicGapMatchInteraction. */
import { GAP, type DocumentNode, type TableCell } from '../../../paper/document';
import { editItems, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { rowsOf, wordBoxNodes } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { pointKey, pointPaper } from './paper-face';
import type { PointItem, PointResponse, PointTask, SceneThing } from './task';

const thingOf = ({ scene }: PointTask, item: PointItem) =>
  scene.things.find((thing) => thing.id === item.thing);

/** What a place is called in a key and in a mark: its picture, or the word that the teacher gave the place. */
const nameOf = (task: PointTask, thing: SceneThing | undefined) =>
  thing?.picture ||
  (task.items.find((item) => item.thing !== '' && item.thing === thing?.id)?.word ?? '');

const holds = (thing: SceneThing | undefined, at: readonly [number, number] | undefined) =>
  thing !== undefined &&
  at !== undefined &&
  at[0] >= thing.x &&
  at[0] <= thing.x + thing.width &&
  at[1] >= thing.y &&
  at[1] <= thing.y + thing.height;

const overlap = (left: SceneThing, right: SceneThing) =>
  left.x < right.x + right.width &&
  right.x < left.x + left.width &&
  left.y < right.y + right.height &&
  right.y < left.y + left.height;

/** The teacher's picture once, then a line for each of its places. */
function pinnedNodes(
  backdrop: { readonly picture: string; readonly shows: string },
  items: readonly PointItem[],
  answer: PointTask['answer'],
  bank: readonly string[],
): DocumentNode[] {
  const words = answer === 'ring' ? items.map((item) => item.word) : bank;
  return [
    ...wordBoxNodes(words),
    { kind: 'picture', picture: backdrop.picture, name: backdrop.shows },
    ...(answer === 'ring'
      ? []
      : items.map((_, index) => ({
          kind: 'item' as const,
          number: index + 1,
          text: GAP,
        }))),
  ];
}

export const point: Interaction<PointTask, PointResponse> = {
  validate: ({ scene, items }) => {
    const { things } = scene;
    const ids = new Set(things.map((thing) => thing.id));
    return [
      ...items
        .filter((item) => !ids.has(item.thing))
        .map((item) => `${item.word} is not in the picture.`),
      ...things.flatMap((thing, index) =>
        things
          .slice(index + 1)
          .filter((other) => overlap(thing, other))
          .map(
            (other) =>
              `${thing.picture || 'A place'} and ${other.picture || 'another'} lie over each other.`,
          ),
      ),
      ...things
        .filter(
          (thing, index) =>
            thing.picture !== '' &&
            things.findIndex((other) => other.picture === thing.picture) < index,
        )
        .map(
          (thing) => `${thing.picture} is in the picture twice, so that two places would be right.`,
        ),
    ];
  },
  mark: (task, response) =>
    judge(task.items, (item) => {
      const at = response[item.id];
      return {
        asked: item.word,
        given: nameOf(
          task,
          task.scene.things.find((thing) => holds(thing, at)),
        ),
        expected: nameOf(task, thingOf(task, item)),
        right: holds(thingOf(task, item), at),
      };
    }),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: (task) =>
    Object.fromEntries(
      task.items.map((item) => {
        const thing = thingOf(task, item);
        return [
          item.id,
          thing
            ? ([thing.x + thing.width / 2, thing.y + thing.height / 2] as const)
            : ([0, 0] as const),
        ];
      }),
    ),
  keyedItems: (task) =>
    task.items.map((item, index) => ({
      id: item.id,
      question: task.scene.backdrop
        ? `place ${index + 1} on the picture`
        : `picture: ${thingOf(task, item)?.picture ?? ''}`,
      answer: item.word,
      accepted: [],
      reason: item.reason,
      word: item.word,
    })),
  // The word is what is asked: where it is on the picture is the answer.
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map((item) => ({ ...item, thing: '', reason: '' })),
  }),

  editable: ({ items }) => reasonPlaces(items, ({ word }) => word),
  edit: (task, edit) => ({ ...task, items: editItems(task.items, edit) }),

  size: ({ items }) => items.length,
  first: (task, count) => {
    const items = task.items.slice(0, count);
    const words = new Set(items.map((item) => item.word));
    return { ...task, items, bank: task.bank.filter((word) => words.has(word)) };
  },
  canShowWorked: () => true,
  hasBank: ({ answer }) => answer !== 'ring',

  nodes: ({ scene, items, answer, bank }) => {
    if (scene.backdrop) return pinnedNodes(scene.backdrop, items, answer, bank);
    const things: TableCell[] = scene.things.map((thing) => ({
      picture: thing.picture,
      text: answer === 'label' ? GAP : '',
    }));
    const words = answer === 'label' ? bank : items.map((item) => item.word);
    return [...wordBoxNodes(words), { kind: 'table', head: false, rows: rowsOf(things, 4) }];
  },
  namesQuestions: true,
  paper: (task, style, { answers }) => pointPaper(task, style, answers),
  key: pointKey,
};
