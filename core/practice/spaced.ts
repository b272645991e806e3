/**
 * When a card is to be seen again: the open FSRS schedule (Free Spaced Repetition Scheduler,
 * version 6, as the package ts-fsrs computes it), with its usual weights and no chance in it.
 */
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';

/** How a card went: not known, known with effort, known, or known at once. */
export const recalls = ['again', 'hard', 'good', 'easy'] as const;
export type Recall = (typeof recalls)[number];

/** What is kept of a card; times in minutes since 1970. */
export interface CardState {
  readonly due: number;
  readonly stability: number;
  readonly difficulty: number;
  readonly reps: number;
  readonly lapses: number;
  readonly state: number;
  readonly steps: number;
  readonly last: number;
}

const grades: Readonly<Record<Recall, Grade>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
  easy: Rating.Easy,
};

const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false });
const MINUTE = 60_000;

function asCard(state: CardState | undefined, now: Date): Card {
  const empty = createEmptyCard(now);
  if (state === undefined || state.reps === 0) return empty;
  return {
    ...empty,
    due: new Date(state.due * MINUTE),
    stability: state.stability,
    difficulty: state.difficulty,
    reps: state.reps,
    lapses: state.lapses,
    state: state.state,
    learning_steps: state.steps,
    // A device's clock may have been set back since: then no time has passed, none less than none.
    last_review: new Date(Math.min(state.last * MINUTE, now.getTime())),
  };
}

/**
 * The card after it was seen.
 *
 * @param at minutes since 1970
 */
export function reviewCard(state: CardState | undefined, recall: Recall, at: number): CardState {
  const now = new Date(at * MINUTE);
  const { card } = scheduler.next(asCard(state, now), now, grades[recall]);
  return {
    due: Math.round(card.due.getTime() / MINUTE),
    stability: card.stability,
    difficulty: card.difficulty,
    reps: card.reps,
    lapses: card.lapses,
    state: card.state,
    steps: card.learning_steps,
    last: at,
  };
}

/** Cards that are to be seen at a time: those never seen, and those that are due. */
export const dueCards = (
  ids: readonly string[],
  states: Readonly<Record<string, CardState>>,
  at: number,
): string[] => ids.filter((id) => (states[id]?.due ?? 0) <= at);
