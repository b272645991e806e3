/**
 * Items taken out, put in another order, or made once more, one by one. Each is known by its word
 * (and by its turn, where a word has several), so that it finds its place when the exercise is
 * made anew.
 */
import type { Task } from './interactions';
import { gapsOf, type GapItem, type GapTask } from './interactions/gap/task';
import type { KeyedPlace, MakerNote } from './making/exercise';

export interface Arrangement {
  /** Keys of the items that are taken out. */
  readonly without?: readonly string[];
  /** Keys in their order; an item that is not named follows those that are. */
  readonly order?: readonly string[];
  /** How often an item was made once more, by its key. */
  readonly renewed?: Readonly<Record<string, number>>;
}

/** A task whose items stand each for itself. */
type ItemTask = Extract<Task, { interaction: 'choice' | 'gap' | 'order' | 'write' }>;
type Item = ItemTask['items'][number];

/**
 * Whether the items of a task can be arranged: not where they stand between the paragraphs of a
 * text, cross each other, or are read out from one script.
 */
export function canArrange(task: Task): task is ItemTask {
  switch (task.interaction) {
    case 'choice':
      return task.items.every(({ passage }) => passage === undefined);
    case 'gap':
      return task.crossing === undefined;
    case 'order':
      return task.items.length > 1;
    case 'write':
      return task.script.length === 0 && task.items.every(({ passage }) => passage === undefined);
    default:
      return false;
  }
}

/** The key of each item: its word, with its turn from the second on. */
export function itemKeys(items: readonly { readonly word: string }[]): string[] {
  const seen = new Map<string, number>();
  return items.map(({ word }) => {
    const turn = (seen.get(word) ?? 0) + 1;
    seen.set(word, turn);
    return turn === 1 ? word : `${word} ${turn}`;
  });
}

const unnumbered = ({ id: _, ...item }: Item) => JSON.stringify(item);

/** The item of another making that can stand for one: of its word if there is one, else of a word that has none. */
function otherItem(item: Item, present: readonly Item[], made: Task): Item | undefined {
  if (!canArrange(made)) return undefined;
  const there = new Set(present.map(unnumbered));
  const fresh = (made.items as readonly Item[]).filter((each) => !there.has(unnumbered(each)));
  const words = new Set(present.map(({ word }) => word));
  return fresh.find(({ word }) => word === item.word) ?? fresh.find(({ word }) => !words.has(word));
}

/** Turns that are tried before it is said that there is no other item. */
const TRIES = 12;

/**
 * How often an item must be made once more until it is another one.
 *
 * @param again the task made with the seed of a turn
 * @returns undefined where no turn gives another item
 */
export function nextTurn(
  task: Task,
  id: string,
  done: number,
  again: (turn: number) => Task,
): number | undefined {
  if (!canArrange(task)) return undefined;
  const items: readonly Item[] = task.items;
  const item = items.find((each) => each.id === id);
  if (item === undefined) return undefined;
  for (let turn = done + 1; turn <= done + TRIES; turn += 1) {
    if (otherItem(item, items, again(turn))) return turn;
  }
  return undefined;
}

/** What stands in the box for an item: its rule, or its answer, the letters of a split one joined. */
function bankEntry(item: GapItem, ruled: boolean): string {
  if (ruled && item.rule !== undefined) return item.rule;
  return gapsOf(item)
    .map(({ answer }) => answer)
    .join('–');
}

/** The box without what only items that are gone need, and with what new ones need. */
function bankFor({ items, bank }: GapTask, now: readonly GapItem[]): readonly string[] {
  if (bank.length === 0) return bank;
  const ruled = items.some(({ rule }) => rule !== undefined && bank.includes(rule));
  const before = new Set(items.map((item) => bankEntry(item, ruled)));
  const needed = new Set(now.map((item) => bankEntry(item, ruled)));
  const kept = bank.filter((entry) => !before.has(entry) || needed.has(entry));
  const fresh = now.filter((item) => !items.includes(item)).map((item) => bankEntry(item, ruled));
  return [...kept, ...new Set(fresh.filter((entry) => entry !== '' && !kept.includes(entry)))];
}

/** The task with its arrangement in, the key of each item that is left, and what is to be said of those that are not. */
export function arrangeItems(
  task: Task,
  { without = [], order = [], renewed = {} }: Arrangement,
  again: (turn: number) => Task,
): {
  readonly task: Task;
  readonly places: readonly KeyedPlace[];
  readonly notes: readonly MakerNote[];
} {
  if (!canArrange(task)) return { task, places: [], notes: [] };
  const keys = itemKeys(task.items);
  const asMade = task.items.map(({ id, word }, index) => ({ id, word, key: keys[index] ?? word }));
  if (without.length + order.length + Object.keys(renewed).length === 0) {
    return { task, places: asMade, notes: [] };
  }
  const present = [...(task.items as readonly Item[])];
  const keyed = present.map((item, index) => {
    const key = keys[index] ?? item.word;
    const turn = renewed[key];
    const other = turn === undefined ? undefined : otherItem(item, present, again(turn));
    // It keeps the number by which its answer is known.
    if (other) present[index] = { ...other, id: item.id };
    return { key, item: present[index] ?? item };
  });
  const rank = (key: string) => (order.includes(key) ? order.indexOf(key) : order.length);
  const left = keyed
    .filter(({ key }) => !without.includes(key))
    .sort((one, other) => rank(one.key) - rank(other.key));
  const gone = keyed.filter(({ key }) => without.includes(key)).map(({ item }) => item.word);
  const items = left.map(({ item }) => item);
  return {
    task: {
      ...task,
      items,
      ...(task.interaction === 'gap' ? { bank: bankFor(task, items as readonly GapItem[]) } : {}),
    } as Task,
    places: left.map(({ key, item }) => ({ id: item.id, word: item.word, key })),
    notes:
      gone.length === 0
        ? []
        : [
            {
              text: `Taken out by hand: ${gone.join(', ')}.`,
              choices: [{ label: 'Put back', parameters: { without: null } }],
            },
          ],
  };
}
