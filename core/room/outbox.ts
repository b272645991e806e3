/**
 * What a learner has answered and what has not yet been stored at the desk. The
 * latest answer to each exercise waits here, through drops, sleep and a reload,
 * and is sent again until it is said to be stored.
 */
import type { AnswerMessage } from './messages';

export interface Outbox {
  /** The last turn of each exercise, also of those that are stored. */
  readonly turns: Readonly<Record<string, number>>;
  /** By exercise. */
  readonly waiting: Readonly<Record<string, AnswerMessage>>;
}

export const emptyOutbox: Outbox = { turns: {}, waiting: {} };

/** The learner answers, or answers again: the newer takes the place of the one that waits. */
export function answering(
  outbox: Outbox,
  id: string,
  exercise: string,
  response: Readonly<Record<string, unknown>>,
  print?: string,
): Outbox {
  const turn = (outbox.turns[exercise] ?? 0) + 1;
  const message: AnswerMessage = {
    id,
    exercise,
    turn,
    response,
    ...(print === undefined ? {} : { print }),
  };
  return {
    turns: { ...outbox.turns, [exercise]: turn },
    waiting: { ...outbox.waiting, [exercise]: message },
  };
}

/** These answers are stored at the desk. A newer one of the same exercise waits on. */
export function storedAt(outbox: Outbox, ids: readonly string[]): Outbox {
  const waiting = Object.fromEntries(
    Object.entries(outbox.waiting).filter(([, { id }]) => !ids.includes(id)),
  );
  return { ...outbox, waiting };
}

/** An outbox as it was kept, if it is one. */
export function outboxFrom(kept: unknown): Outbox {
  const { turns, waiting } = (kept ?? {}) as Partial<Outbox>;
  return typeof turns === 'object' && typeof waiting === 'object' && turns && waiting
    ? { turns, waiting }
    : emptyOutbox;
}
