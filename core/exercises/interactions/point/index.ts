/** The point interaction: a place on a picture is shown. QTI 3 counterpart: hotspotInteraction and graphicGapMatchInteraction. */
import { GAP, type TableCell } from '../../../paper/document';
import { editItems, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { rowsOf, wordBoxNodes } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { pointKey, pointPaper } from './paper-face';
import type { PointItem, PointResponse, PointTask, SceneThing } from './task';

const thingOf = ({ scene }: PointTask, item: PointItem) =>
  scene.things.find((thing) => thing.id === item.thing);

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
          .map((other) => `${thing.picture} and ${other.picture} lie over each other.`),
      ),
      ...things
        .filter(
          (thing, index) => things.findIndex((other) => other.picture === thing.picture) < index,
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
        given: task.scene.things.find((thing) => holds(thing, at))?.picture ?? '',
        expected: thingOf(task, item)?.picture ?? '',
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
    task.items.map((item) => ({
      id: item.id,
      question: `picture: ${thingOf(task, item)?.picture ?? ''}`,
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
  hasBank: ({ answer }) => answer === 'label',

  nodes: ({ scene, items, answer, bank }) => {
    const things: TableCell[] = scene.things.map((thing) => ({
      picture: thing.picture,
      text: answer === 'label' ? GAP : '',
    }));
    const words = answer === 'label' ? bank : items.map((item) => item.word);
    return [...wordBoxNodes(words), { kind: 'table', head: false, rows: rowsOf(things, 4) }];
  },
  namesQuestions: true,
  paper: (task, style, { worked }) => pointPaper(task, style, worked),
  key: pointKey,
};
