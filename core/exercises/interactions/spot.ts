/** The spot interaction: words or stretches are picked out of a text or a grid of letters. QTI 3 counterpart: hottextInteraction. */
import type { Interaction } from './interaction';
import { findInGrid } from './letter-grid';

export interface SpotItem {
  readonly id: string;
  /** The word the item is about. */
  readonly word: string;
  /** What is picked, as it stands in the text. */
  readonly find: string;
  /** The offsets in the text of its characters, in order; a stretch of running text is a run of them. */
  readonly place: readonly number[];
  readonly reason: string;
}

export interface SpotTask {
  readonly interaction: 'spot';
  /** Running text, or the rows of a letter grid, a line each. */
  readonly text: string;
  readonly layout: 'text' | 'grid';
  readonly items: readonly SpotItem[];
  /** Print what is to be found beside the text. */
  readonly listed: boolean;
}

/** Item id to the offsets that were picked for it; a stretch picked for no item stands under an id of its own. */
export type SpotResponse = Readonly<Record<string, readonly number[]>>;

const samePlace = (left: readonly number[], right: readonly number[]) =>
  left.length === right.length && left.every((offset, index) => offset === right[index]);

/** A stretch of a grid may be picked from either end. */
const picked = (item: SpotItem, place: readonly number[]) =>
  samePlace(place, item.place) || samePlace([...place].reverse(), item.place);

function problemsOf(item: SpotItem, task: SpotTask): string[] {
  const letters = item.place.map((offset) => task.text[offset] ?? '').join('');
  if (item.place.length === 0 || letters !== item.find) {
    return [`“${item.find}” does not stand in the text where the key says.`];
  }
  if (task.layout === 'text') return [];
  const places = findInGrid(task.text.split('\n'), item.find).length;
  return places === 1
    ? []
    : [`“${item.find}” can be found ${places} times in the grid; one is right.`];
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
  mark: ({ items }, response) => {
    const missed = items.filter((item) => !picked(item, response[item.id] ?? []));
    const ids = new Set(items.map((item) => item.id));
    const extra = Object.keys(response).filter((id) => !ids.has(id)).length;
    return {
      // What was picked beside the key costs a mark, or picking everything would be right.
      score: Math.max(0, items.length - missed.length - extra),
      outOf: items.length,
      feedback: [
        ...missed.map((item) => item.reason),
        ...(extra > 0
          ? [`${extra} more ${extra === 1 ? 'was' : 'were'} picked than asked for.`]
          : []),
      ],
    };
  },
  wordsOf: ({ items }) => [...new Set(items.map((item) => item.word))],
  keyOf: ({ items }) => Object.fromEntries(items.map((item) => [item.id, item.place])),
};
