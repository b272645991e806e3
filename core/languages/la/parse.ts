/** What a Latin form is, in the terms of school grammars. */
export const cases = [
  'nominative',
  'vocative',
  'accusative',
  'genitive',
  'dative',
  'ablative',
  'locative',
] as const;
export type Case = (typeof cases)[number];
export type Gender = 'masculine' | 'feminine' | 'neuter';
export type Number = 'singular' | 'plural';
export type Tense =
  'present' | 'imperfect' | 'future' | 'perfect' | 'pluperfect' | 'future perfect';
export type Mood =
  | 'indicative'
  | 'subjunctive'
  | 'imperative'
  | 'infinitive'
  | 'participle'
  | 'gerund'
  | 'gerundive'
  | 'supine';
export type PartOfSpeech =
  | 'verb'
  | 'noun'
  | 'adjective'
  | 'pronoun'
  | 'numeral'
  | 'adverb'
  | 'preposition'
  | 'conjunction'
  | 'interjection';

/** One reading of a form. A deponent's voice is passive, as its form is. */
export interface Features {
  readonly person?: 1 | 2 | 3;
  readonly number?: Number;
  readonly tense?: Tense;
  readonly mood?: Mood;
  readonly voice?: 'active' | 'passive';
  readonly case?: Case;
  readonly gender?: Gender;
  readonly degree?: 'positive' | 'comparative' | 'superlative';
}

/** A form with what it is. */
export interface Form extends Features {
  readonly form: string;
  /** Where another word class than the lemma's: the adverb of an adjective. */
  readonly partOfSpeech?: PartOfSpeech;
  /** Where other than the entry's: an adverb is its own lemma. */
  readonly lemma?: string;
}
