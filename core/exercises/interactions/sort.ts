/** The sort interaction: cards go under headings. QTI 3 counterpart: gapMatchInteraction. */
import type { Mark } from '../exercise';

export interface SortHeading {
  readonly id: string;
  readonly label: string;
}

export interface SortCard {
  readonly id: string;
  readonly text: string;
  /** The id of the heading it belongs under. */
  readonly home: string;
  /** Why, in the learner's words. */
  readonly reason: string;
}

export interface SortTask {
  readonly interaction: 'sort';
  readonly headings: readonly SortHeading[];
  readonly cards: readonly SortCard[];
}

/** Card id to heading id; a card that is not there was not placed. */
export type SortResponse = Readonly<Record<string, string>>;

/** What is wrong with a sort, in plain sentences; an empty list where nothing is. */
export function validateSort(task: SortTask): string[] {
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
}

/** One mark for each card under its own heading. */
export function markSort(task: SortTask, response: SortResponse): Mark {
  const wrong = task.cards.filter((card) => response[card.id] !== card.home);
  return {
    score: task.cards.length - wrong.length,
    outOf: task.cards.length,
    feedback: wrong.map((card) => card.reason),
  };
}
