/**
 * Sentences written for Wordane, by hand, each set for one kind of exercise, for
 * children (6 to 9), pupils (10 to 14) and adults. Their tables are in
 * data/sentences.
 */
import sets from './sets.json';

export const audiences = ['child', 'school', 'adult'] as const;
export type Audience = (typeof audiences)[number];

/** For whom a sentence was written. */
export interface Written {
  readonly who: Audience;
}

type Cells = readonly string[];
const rows = sets as unknown as Readonly<Record<string, readonly Cells[]>>;

/** A table as records; each cell has its name. */
function table<Name extends string>(
  set: string,
  ...names: readonly Name[]
): (Written & Readonly<Record<Name, string>>)[] {
  return (rows[set] ?? []).map(([who = 'school', ...cells]) => ({
    who: who as Audience,
    ...(Object.fromEntries(names.map((name, at) => [name, cells[at] ?? ''])) as Record<
      Name,
      string
    >),
  }));
}

/** Cells with several entries: the parts of a list, the other right answers. */
export const listed = (cell: string, by: ',' | '|' = '|'): string[] =>
  cell
    .split(by)
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** A gap that one of two tenses fills; the cue stands in the sentence. */
export const contrasts = table(
  'contrasts',
  ...(['contrast', 'sentence', 'base', 'right', 'wrong', 'cue', 'reason'] as const),
);
export const conditionals = table('conditionals', 'type', 'condition', 'result');
/** Two sentences that belong together; joiners in neither list are doubtful. */
export const joins = table('joins', 'first', 'second', 'fitting', 'unfit', 'model');
export const grows = table(
  'grow',
  ...(['sentence', 'noun', 'adjectives', 'verb', 'adverbs', 'because', 'when', 'where'] as const),
  'model',
);
export const dialogues = table('dialogues', 'cefr', 'question', 'yes', 'no', 'full');
export const planners = table(
  'planners',
  ...(['doer', 'verb', 'object', 'when', 'why', 'whole', 'pictures'] as const),
);
export const typeSets = table('types', 'statement', 'question', 'command', 'exclamation');
export const repairs = table('repair', 'kind', 'faulty', 'mended', 'others', 'reason');
export const reportedSet = table('reported', 'direct', 'reported', 'others');
export const passives = table('passive', 'active', 'passive', 'others', 'natural');
export const prepositions = table(
  'prepositions',
  ...(['kind', 'sentence', 'right', 'wrong1', 'wrong2', 'reason'] as const),
);
export const quantities = table('quantities', 'sentence', 'right', 'wrong1', 'wrong2', 'reason');
export const comparisons = table('comparisons', 'degree', 'sentence', 'base', 'right');
/** A number and its unit; `base` is the unit, `right` its form. */
export const measures = table('measures', 'kind', 'sentence', 'base', 'right');
export const relatives = table(
  'relatives',
  ...(['first', 'second', 'relative', 'joined', 'others', 'reason'] as const),
);
export const habits = table('habits', 'sentence', 'base', 'right');

export interface Situation {
  readonly cefr: string;
  readonly situation: string;
  readonly right: string;
  readonly wrong: readonly { readonly text: string; readonly why: string }[];
  /** What is done with the phrase: asking, thanking. */
  readonly does: string;
}

/** A situation, what one says in it, and what one does not, with the reason. */
export const situations: readonly Situation[] = (rows['situations'] ?? []).map(
  ([
    cefr = '',
    situation = '',
    right = '',
    one = '',
    why = '',
    two = '',
    whyTwo = '',
    does = '',
  ]) => ({
    ...{ cefr, situation, right, does },
    wrong: [
      { text: one, why },
      { text: two, why: whyTwo },
    ],
  }),
);

export interface ConfusableSentence extends Written {
  readonly words: readonly string[];
  readonly kind: string;
  readonly sentence: string;
  readonly right: string;
  readonly reason: string;
  readonly cefr: string;
}

/** Sentences with a gap for one of a set of words that are taken for each other. */
export const confusableSentences: readonly ConfusableSentence[] = (rows['confusables'] ?? []).map(
  ([words = '', kind = '', who = '', sentence = '', right = '', reason = '', cefr = '']) => ({
    ...{ kind, sentence, right, reason, cefr },
    words: words.split('/'),
    who: who as Audience,
  }),
);
