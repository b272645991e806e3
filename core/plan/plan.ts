/** What a lesson's plan says beside its stages: for whom, why, and what is done for the learners it looks to. */
import type { Version } from '../kernel/version';
import type { Look } from '../kernel/look';

/** How a class works in a stage. */
export const groupings = {
  whole: 'whole class',
  pairs: 'pairs',
  groups: 'groups',
  alone: 'alone',
  corners: 'corners',
} as const;
export type Grouping = keyof typeof groupings;
export const groupingIds = Object.keys(groupings) as Grouping[];

/** What is done on paper for a learner: her copy is made so. */
export interface CopyHelp {
  readonly version?: Version;
  readonly largePrint?: boolean;
  readonly wideSpacing?: boolean;
  readonly look?: Look;
}

export const helps = {
  larger: { name: 'larger print', copy: { largePrint: true } },
  spaced: { name: 'more space between letters and lines', copy: { wideSpacing: true } },
  fewer: { name: 'fewer items, with support', copy: { version: 'support' } },
  calm: { name: 'few things on a page', copy: { look: 'calm' } },
  pictures: { name: 'pictures beside the words', copy: { look: 'young' } },
  challenge: { name: 'more challenge', copy: { version: 'stretch' } },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly copy: CopyHelp }>>;
export type Help = keyof typeof helps;
export const helpIds = Object.keys(helps) as Help[];

/** A learner whom the lesson looks to. */
export interface TargetLearner {
  readonly id: string;
  /** As on the roster, or a name of her own. */
  readonly name: string;
  readonly need: string;
  readonly help: readonly Help[];
  /** What else is done. */
  readonly also: string;
}

/** Why so: reasons that are common, in our own words. */
export const reasons = {
  hear: 'They hear the sound before they see how it is written.',
  model: 'I show one item whole, and say what I think, before they try.',
  small: 'New things come in small steps, each used at once.',
  words: 'The words are ones they can read, so that one thing is new at a time.',
  talk: 'They say it to a partner first: everybody has spoken before anybody writes.',
  choice: 'Three versions let each learner work at the edge of what she can do.',
  recall:
    'They call up last week’s words from memory, which keeps them longer than seeing them again.',
  errors: 'The errors of the last lesson are practised, by those who made them.',
  text: 'The form is met in a real text before it is practised alone.',
  hands: 'Cards are moved by hand, so that a choice can be changed without a wrong mark.',
} as const;
export type Reason = keyof typeof reasons;
export const reasonIds = Object.keys(reasons) as Reason[];

export interface Plan {
  /** Standards that the teacher chose, by their ids. */
  readonly standards?: readonly string[];
  /** ISO 8601 day, and when it begins: 09:15. */
  readonly date?: string;
  readonly time?: string;
  readonly background?: string;
  readonly materials?: string;
  readonly targets?: readonly TargetLearner[];
  readonly reasons?: readonly Reason[];
  readonly rationale?: string;
}

/** What a stage says beside its parts. */
export interface StagePlan {
  readonly grouping?: Grouping;
  readonly teacher?: string;
  readonly learners?: string;
  readonly check?: string;
  /** Written after teaching, shown when the lesson is used again. */
  readonly reflection?: string;
}

/** What is done to the copies of a lesson's learners, by their names; the later help of two that say the same counts. */
export function copyHelps(targets: readonly TargetLearner[] = []): Record<string, CopyHelp> {
  return Object.fromEntries(
    targets
      .filter(({ name, help }) => name.trim() !== '' && help.length > 0)
      .map(({ name, help }) => [
        name.trim(),
        Object.assign({}, ...help.map((each) => helps[each].copy)) as CopyHelp,
      ]),
  );
}
