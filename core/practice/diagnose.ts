/** What a response shows: for each item that is wrong the error by its name, its rule, and what to practise next. */
import { markItem, type MarkableItem } from '../exercises/mark-item';
import type { Verdict } from '../exercises/interactions/kit/verdict';
import { nameError } from './name-error';

export interface Diagnosis {
  readonly item: string;
  /** The error by its name; “no answer” where there is none, “another answer” where none can be named. */
  readonly error: string;
  /** What the learner should know. */
  readonly rule: string;
  /** What to practise next. */
  readonly next: string;
}

export const NO_ANSWER = 'no answer';
export const OTHER_ANSWER = 'another answer';

/** What is compared letter by letter: what was written, not what was chosen. */
const isWritten = (interaction: string) => ['gap', 'write', 'order'].includes(interaction);

/** The interaction of a task, or of a single card or gap. */
const interactionNameOf = (item: MarkableItem): string => item.interaction;

/** The error of a verdict; undefined where it is right. */
export function diagnoseVerdict(verdict: Verdict, interaction: string): Diagnosis | undefined {
  if (verdict.right) return undefined;
  const { item, given, expected, reason, asked } = verdict;
  if (given.trim() === '') {
    const error = interaction === 'spot' ? 'does not find it' : NO_ANSWER;
    return { item, error, rule: reason, next: `Ask ${expected} again.` };
  }
  const named = isWritten(interaction) ? nameError(given, expected) : undefined;
  const error =
    verdict.error ??
    named?.error ??
    (isWritten(interaction) ? OTHER_ANSWER : `takes “${given}” for “${expected}”`);
  return {
    item,
    error,
    rule: named?.rule ?? reason,
    next: isWritten(interaction)
      ? `Write ${expected} once more, and another word of its kind.`
      : `Look at ${asked || expected} beside ${given}.`,
  };
}

/** The errors that a response to a task, card or gap shows, in the order of its items. */
export function diagnose(item: MarkableItem, response: unknown): Diagnosis[] {
  return markItem(item, response).verdicts.flatMap(
    (verdict) => diagnoseVerdict(verdict, interactionNameOf(item)) ?? [],
  );
}
