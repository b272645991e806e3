/** What is said to a learner after a try that is not right: a help that does not give the answer. */
import { alignWords } from '../kernel/align-words';
import type { Task } from '../exercises/interactions';
import { gapsOf } from '../exercises/interactions/gap/task';
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

/** True where a statement is judged true or false: whatever the reason says, it says which. */
export const isJudged = (task: Task): boolean =>
  task.interaction === 'choice' &&
  task.items.some(({ options }) => {
    const texts = options.map(({ text }) => text);
    return texts.includes('true') && texts.includes('false');
  });

/** What must not be said: the whole answer, and what belongs in its gaps. */
function answersOf(verdict: Verdict, task: Task): readonly string[] {
  const item =
    task.interaction === 'gap' ? task.items.find(({ id }) => id === verdict.item) : undefined;
  return [verdict.expected, ...(item ? gapsOf(item).map(({ answer }) => answer) : [])];
}

const counted = (count: number, one: string, more: string) =>
  count === 0 ? [] : [`${count} ${count === 1 ? one : more}`];

/** How much of a dictated sentence is right, without a word of it. */
function dictatedHint({ expected, given }: Verdict): string {
  const steps = alignWords(expected, given);
  const same = steps.filter((step) => step.same).length;
  const other = steps.filter((step) => !step.same && step.expected && step.given).length;
  const missing = steps.filter((step) => step.given === undefined).length;
  const added = steps.filter((step) => step.expected === undefined).length;
  if (other + missing + added === 0)
    return 'All words are right. Look at the marks and the capitals.';
  const parts = [
    ...counted(same, 'word is right', 'words are right'),
    ...counted(other, 'is another', 'are others'),
    ...counted(missing, 'is missing', 'are missing'),
    ...counted(added, 'is too many', 'are too many'),
  ];
  return `${parts.join(', ')}. Listen again, part by part.`;
}

const isHeard = (task: Task) => task.interaction === 'write' && task.script.length > 0;

/** True where whole sentences are dictated. */
const isDictated = (task: Task, { expected }: Verdict) =>
  isHeard(task) && expected.split(' ').length > 2;

/** The help for an item that is not right: the rule of the error found, if it keeps the answer back. */
export function hintFor(verdict: Verdict, task: Task): string {
  // The division of a word is its number of syllables.
  if (/^\d+ syllables?$/.test(verdict.expected)) return 'Say the word, and clap its parts.';
  if (verdict.given.trim() === '' && task.interaction !== 'spot') return NOTHING_YET;
  if (isJudged(task)) return LOOK_AGAIN;
  // Of a number that is heard every help says a part of it.
  if (isHeard(task) && /\d/.test(verdict.expected)) return LOOK_AGAIN;
  if (isDictated(task, verdict)) return dictatedHint(verdict);
  const found = diagnoseVerdict(verdict, task);
  const [help] = [found?.rule ?? '', verdict.reason].filter(
    (text) => text !== '' && !answersOf(verdict, task).some((answer) => givesAway(text, answer)),
  );
  return help ?? LOOK_AGAIN;
}

/** The verdicts as a learner reads them before the answers are shown. */
export const asHints = (verdicts: readonly Verdict[], task: Task): Verdict[] =>
  verdicts.map((verdict) =>
    verdict.right ? verdict : { ...verdict, reason: hintFor(verdict, task) },
  );
