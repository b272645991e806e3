/** What a response shows: for each item that is wrong the error by its name, its rule, and what to practise next. */
import type { Task } from '../exercises/interactions';
import { gapsOf, type GapItem } from '../exercises/interactions/gap/task';
import { markItem, taskOf, type MarkableItem } from '../exercises/mark-item';
import type { Verdict } from '../exercises/interactions/kit/verdict';
import { nameError, type NamedError } from './name-error';

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

/** Longest spelling of a sound, in letters. */
const LONGEST_SPELLING = 4;

/** What was written in gaps: the letters of one sound are named as a spelling, a word as a word. */
function gapError(item: GapItem, verdict: Verdict): NamedError | undefined {
  const answers = gapsOf(item).map(({ answer }) => answer);
  const written = verdict.given.split(' ');
  const letters =
    item.pieces.some((piece) => piece.kind === 'text' && /\p{L}/u.test(piece.text)) &&
    answers.every((answer) => answer.length <= LONGEST_SPELLING) &&
    !item.pieces.some((piece) => piece.kind === 'text' && /\s/.test(piece.text.trim()));
  if (!letters) {
    return answers.length === 1
      ? nameError(verdict.given, answers[0] ?? '')
      : nameError(verdict.given, answers.join(' '));
  }
  // laik for lake: a whole spelling in the first gap, nothing in the second.
  const given = written.join('–').replace(/–+$/, '');
  const expected = answers.join('–');
  if (written.some((each) => each.length > LONGEST_SPELLING)) return undefined;
  return {
    error: `writes “${given}” for “${expected}”`,
    rule: `Here the spelling is ${expected}.`,
  };
}

function writtenError(task: Task, verdict: Verdict): NamedError | undefined {
  if (task.interaction === 'gap') {
    const item = task.items.find(({ id }) => id === verdict.item);
    return item ? gapError(item, verdict) : undefined;
  }
  // Letters and events have no word order: only a sentence is compared word by word.
  if (task.interaction === 'order' && !task.sentence) {
    return task.list
      ? { error: 'has the events in another order', rule: 'Ask each time: what happened before?' }
      : {
          error: 'has the letters in another order',
          rule: 'Say the sounds one after the other, and look for each.',
        };
  }
  return nameError(verdict.given, verdict.expected);
}

/** What is compared letter by letter: what was written, not what was chosen. */
const isWritten = ({ interaction }: Task) => ['gap', 'write', 'order'].includes(interaction);

/** The error of a verdict; undefined where it is right. */
export function diagnoseVerdict(verdict: Verdict, task: Task): Diagnosis | undefined {
  if (verdict.right) return undefined;
  const { item, given, expected, reason, asked } = verdict;
  if (given.trim() === '') {
    const error = task.interaction === 'spot' ? 'does not find it' : NO_ANSWER;
    return { item, error, rule: reason, next: `Ask ${expected} again.` };
  }
  const wrote = isWritten(task);
  const named = wrote ? writtenError(task, verdict) : undefined;
  const error =
    verdict.error ?? named?.error ?? (wrote ? OTHER_ANSWER : `takes “${given}” for “${expected}”`);
  return {
    item,
    error,
    rule: named?.rule ?? reason,
    next: wrote
      ? `Write ${expected} once more, and another word of its kind.`
      : `Look at ${asked || expected} beside ${given}.`,
  };
}

/** The errors that a response to a task, card or gap shows, in the order of its items. */
export function diagnose(item: MarkableItem, response: unknown): Diagnosis[] {
  const task = taskOf(item);
  return markItem(item, response).verdicts.flatMap(
    (verdict) => diagnoseVerdict(verdict, task) ?? [],
  );
}
