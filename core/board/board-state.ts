/**
 * What stands on the board: which part of the lesson, which item of it, and how much of that has
 * been opened. One step leads through all: the question, its answer, why, the next question.
 */

import { hasAuction } from './auction';
import type { BoardItem } from './board-item';
import { hasPairs } from './pairs-game';
import { hasRace } from './race';

export type { BoardItem } from './board-item';

export interface BoardPart {
  readonly id: string;
  readonly title: string;
  /** Items that have an answer; none for what is only shown. */
  readonly items: readonly BoardItem[];
  /** Lines of what is read, one after the other; none where nothing is. */
  readonly lines: readonly string[];
  /** Words to be called and described; absent where there are none. */
  readonly words?: readonly string[];
  /** Steps in which its rule is shown, line by line; none where it has no rule card. */
  readonly ruleSteps?: number;
  /** Steps in which what is marked in its text is shown; none where nothing is marked. */
  readonly markSteps?: number;
}

/** How a part is shown: what is read, one item at a time, all at once, or a game with its items. */
export const boardViews = {
  read: 'Read',
  marks: 'What is marked',
  one: 'One by one',
  all: 'The whole',
  rule: 'The rule',
  line3: 'Three in a line',
  line4: 'Four in a line',
  pairs: 'Find the pairs',
  race: 'Quick race',
  hidden: 'Hidden word',
  tug: 'Pull the rope',
  path: 'Along the path',
  call: 'Call the words',
  describe: 'Describe it',
  spin: 'The vane',
  dice: 'Dice',
  auction: 'Auction of sentences',
} as const;
export type BoardView = keyof typeof boardViews;

export interface BoardState {
  readonly part: number;
  readonly view: BoardView;
  /** The item or the line that is shown. */
  readonly at: number;
  /** How much of the item is open: 0 the question, 1 its answer, 2 why. */
  readonly open: 0 | 1 | 2;
  /** The board shows nothing. */
  readonly blank: boolean;
}

export type BoardAction =
  | { readonly kind: 'next' }
  | { readonly kind: 'back' }
  | { readonly kind: 'part'; readonly part: number }
  | { readonly kind: 'view'; readonly view: BoardView }
  | { readonly kind: 'item'; readonly at: number }
  | { readonly kind: 'open'; readonly open: 0 | 1 | 2 }
  | { readonly kind: 'blank' };

/** Words that are enough to call. */
const FEWEST_CALLED = 6;

/** The views that a part can have, the first of them where it is opened. */
export const viewsOf = ({
  items,
  lines,
  words = [],
  ruleSteps = 0,
  markSteps = 0,
}: BoardPart): BoardView[] => [
  ...(lines.length > 0 ? (['read'] as const) : []),
  ...(items.length > 0 ? (['one'] as const) : []),
  'all',
  ...(markSteps > 0 ? (['marks'] as const) : []),
  ...(ruleSteps > 0 ? (['rule'] as const) : []),
  ...(items.length >= 3 ? (['line3', 'line4', 'hidden', 'tug', 'path'] as const) : []),
  ...(hasPairs(items) ? (['pairs'] as const) : []),
  ...(hasRace(items) ? (['race'] as const) : []),
  ...(words.length >= FEWEST_CALLED ? (['call', 'describe', 'spin', 'dice'] as const) : []),
  ...(hasAuction(items) ? (['auction'] as const) : []),
];

/** The views that are played. */
export const gameViews: readonly BoardView[] = [
  'line3',
  'line4',
  'pairs',
  'race',
  'hidden',
  'tug',
  'path',
  'call',
  'describe',
  'spin',
  'dice',
  'auction',
];

const firstView = (part: BoardPart | undefined): BoardView =>
  part ? (viewsOf(part)[0] ?? 'all') : 'all';

const atPart = (parts: readonly BoardPart[], index: number): BoardState => {
  const part = Math.min(Math.max(0, index), Math.max(0, parts.length - 1));
  return { part, view: firstView(parts[part]), at: 0, open: 0, blank: false };
};

/** The board as it is first seen. */
export const boardStart = (parts: readonly BoardPart[], part = 0): BoardState =>
  atPart(parts, part);

/** How far an item can be opened. Why is said of the first, which is the model, and of any on demand. */
const deepest = (part: BoardPart | undefined, at: number): 0 | 1 | 2 => {
  const item = part?.items[at];
  if (item === undefined || item.answer === '') return 0;
  return at === 0 && item.reason !== '' ? 2 : 1;
};

function next(state: BoardState, parts: readonly BoardPart[]): BoardState {
  const part = parts[state.part];
  if (state.view === 'read' && part && state.at < part.lines.length - 1) {
    return { ...state, at: state.at + 1 };
  }
  if (state.view === 'marks' && part && state.at < (part.markSteps ?? 0)) {
    return { ...state, at: state.at + 1 };
  }
  if (state.view === 'rule' && part) {
    if (state.at < (part.ruleSteps ?? 0) - 1) return { ...state, at: state.at + 1 };
    if (part.items.length > 0) return { ...state, view: 'one', at: 0, open: 0 };
  }
  if (state.view === 'one' && part) {
    if (state.open < deepest(part, state.at)) {
      return { ...state, open: (state.open + 1) as 1 | 2 };
    }
    if (state.at < part.items.length - 1) return { ...state, at: state.at + 1, open: 0 };
  }
  // What is read leads to its questions, and they lead to the next part.
  const views = part ? viewsOf(part) : [];
  if ((state.view === 'read' || state.view === 'marks') && views.includes('one'))
    return { ...state, view: 'one', at: 0, open: 0 };
  return state.part < parts.length - 1 ? atPart(parts, state.part + 1) : state;
}

function back(state: BoardState, parts: readonly BoardPart[]): BoardState {
  const part = parts[state.part];
  if (state.view === 'one' && state.open > 0) return { ...state, open: (state.open - 1) as 0 | 1 };
  if (['one', 'read', 'rule', 'marks'].includes(state.view) && state.at > 0) {
    return { ...state, at: state.at - 1, open: 0 };
  }
  if (state.view === 'one' && part && part.lines.length > 0) {
    return { ...state, view: 'read', at: part.lines.length - 1, open: 0 };
  }
  return state.part > 0 ? atPart(parts, state.part - 1) : state;
}

/** The board after a step. A board that shows nothing is shown again by any step, and goes no further by it. */
export function boardStep(
  state: BoardState,
  action: BoardAction,
  parts: readonly BoardPart[],
): BoardState {
  if (action.kind === 'blank') return { ...state, blank: !state.blank };
  if (state.blank && (action.kind === 'next' || action.kind === 'back'))
    return { ...state, blank: false };
  const part = parts[state.part];
  switch (action.kind) {
    case 'next':
      return next(state, parts);
    case 'back':
      return back(state, parts);
    case 'part':
      return atPart(parts, action.part);
    case 'view':
      return part && viewsOf(part).includes(action.view)
        ? { ...state, view: action.view, at: 0, open: 0, blank: false }
        : state;
    case 'item':
      return { ...state, at: Math.max(0, action.at), open: 0 };
    case 'open':
      return part?.items[state.at]?.answer ? { ...state, open: action.open } : state;
  }
}
