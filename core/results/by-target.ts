/** What the items of a lesson practise, and how each of these went: a spelling, a rule, a heading, a word. */
import { keyedItems, type Task } from '../exercises/interactions';
import { gapsOf } from '../exercises/interactions/gap/task';
import type { GivenExercise, Results } from './results-of';

export const targetKinds = ['spelling', 'rule', 'kind', 'word'] as const;
export type TargetKind = (typeof targetKinds)[number];

export interface Target {
  readonly kind: TargetKind;
  readonly name: string;
}

export interface TargetResult extends Target {
  readonly answered: number;
  readonly right: number;
  /** Who has it wrong at least once. */
  readonly learners: readonly string[];
}

/** Longest spelling of one sound, in letters. */
const LONGEST_SPELLING = 4;

/** What an item practises: its rule, the letters that are missing, the heading it belongs under; and its word. */
export function targetsOf(task: Task, item: string): Target[] {
  const word = keyedItems(task).find(({ id }) => id === item)?.word ?? '';
  const own: Target[] = word === '' ? [] : [{ kind: 'word', name: word }];
  if (task.interaction === 'gap') {
    const found = task.items.find(({ id }) => id === item);
    if (found === undefined) return own;
    const letters = gapsOf(found).map(({ answer }) => answer);
    const partly = found.pieces.some(
      (piece) => piece.kind === 'text' && /\p{L}/u.test(piece.text) && !/\s/.test(piece.text),
    );
    if (partly && letters.every(({ length }) => length > 0 && length <= LONGEST_SPELLING)) {
      return [{ kind: 'spelling', name: letters.join('–') }, ...own];
    }
    return found.rule === undefined ? own : [{ kind: 'rule', name: found.rule }, ...own];
  }
  if (task.interaction === 'sort') {
    const home = task.cards.find(({ id }) => id === item)?.home;
    const heading = task.headings.find(({ id }) => id === home)?.label;
    return heading === undefined ? own : [{ kind: 'kind', name: heading }, ...own];
  }
  return own;
}

/** Every target of the lesson with how it went, the weakest first. A word alone counts where several items have it. */
export function resultsByTarget(
  results: Results,
  exercises: readonly GivenExercise[],
): TargetResult[] {
  const found = new Map<string, Target & { answered: number; right: number; who: Set<string> }>();
  for (const { learner, items } of results.learners) {
    for (const { exercise: id, item, right } of items) {
      const exercise = exercises.find((each) => each.id === id);
      if (exercise === undefined) continue;
      for (const target of targetsOf(exercise.task, item)) {
        const key = `${target.kind} ${target.name}`;
        const entry = found.get(key) ?? { ...target, answered: 0, right: 0, who: new Set() };
        entry.answered += 1;
        if (right) entry.right += 1;
        else entry.who.add(learner);
        found.set(key, entry);
      }
    }
  }
  return [...found.values()]
    .map(({ who, ...target }) => ({ ...target, learners: [...who].sort() }))
    .sort(
      (one, other) =>
        targetKinds.indexOf(one.kind) - targetKinds.indexOf(other.kind) ||
        one.right / one.answered - other.right / other.answered ||
        one.name.localeCompare(other.name),
    );
}
