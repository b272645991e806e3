/** The word classes that a sentence is read in: finer than a teacher names them, so that they can be counted on. */

export const tags = [
  'determiner',
  'possessive',
  'pronoun-subject',
  'pronoun-object',
  'pronoun',
  'number',
  'noun',
  'nouns',
  'name',
  'adjective',
  'adverb',
  'preposition',
  'particle',
  'modal',
  'be',
  'have',
  'do',
  'base',
  'present',
  'third',
  'past',
  'participle',
  'ing',
  'to',
  'not',
  'there',
  'and',
  'subordinator',
  'that',
  'relative',
  'question',
  'interjection',
  'comma',
  'stop',
  'dash',
  'quote',
] as const;
export type Tag = (typeof tags)[number];

/** One way to read a token. */
export interface WordReading {
  readonly tag: Tag;
  /** What reading it so costs; 0 is the likeliest. */
  readonly cost: number;
  /** The base of a verb form, the singular of a plural. */
  readonly base?: string;
  /** For be, have and do: which form stands here. */
  readonly form?: 'base' | 'present' | 'past' | 'participle' | 'ing';
  /** Number where the form shows it. */
  readonly plural?: boolean;
  /** Which, what, whose: its noun phrase is what is asked for. */
  readonly asks?: boolean;
  /** What a shortened half stands for. */
  readonly full?: string;
}

const finiteTags: ReadonlySet<Tag> = new Set(['present', 'third', 'past', 'modal']);

/** True for a verb form that can be the verb of a sentence. */
export const isFinite = ({ tag, form }: WordReading): boolean =>
  finiteTags.has(tag) ||
  ((tag === 'be' || tag === 'have' || tag === 'do') && (form === 'present' || form === 'past'));
