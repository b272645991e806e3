/** What is said to a learner after a try that is not right: a help that does not give the answer. */
import type { Verdict } from '../exercises/interactions/kit/verdict';
import { diagnoseVerdict } from './diagnose';

/** What is said where every help would give the answer away. */
export const LOOK_AGAIN = 'Not yet. Look at it again.';
export const NOTHING_YET = 'Nothing is here yet.';

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** True where a text has the answer in it, as words of its own. */
export function givesAway(text: string, answer: string): boolean {
  const bare = answer.trim();
  if (bare === '') return false;
  return new RegExp(`(?<![\\p{L}\\d])${escaped(bare)}(?![\\p{L}\\d])`, 'iu').test(text);
}

/** The help for an item that is not right: the rule of the error found, if it keeps the answer back. */
export function hintFor(verdict: Verdict, interaction: string): string {
  if (verdict.given.trim() === '' && interaction !== 'spot') return NOTHING_YET;
  const found = diagnoseVerdict(verdict, interaction);
  const [help] = [found?.rule ?? '', verdict.reason].filter(
    (text) => text !== '' && !givesAway(text, verdict.expected),
  );
  return help ?? LOOK_AGAIN;
}

/** The verdicts as a learner reads them before the answers are shown. */
export const asHints = (verdicts: readonly Verdict[], interaction: string): Verdict[] =>
  verdicts.map((verdict) =>
    verdict.right ? verdict : { ...verdict, reason: hintFor(verdict, interaction) },
  );
