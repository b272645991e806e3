/**
 * What Wordane knows of one language. A pack declares it; makers and screens ask
 * here and offer only what the pack can do, so that a language is added in a
 * folder of its own and a line of `registry/packs.ts`.
 */
import type { Accent } from '../kernel/accent';
import type { Span } from '../kernel/span';
import type { Random } from '../kernel/random';
import type { SignStrokes } from '../kernel/sign-strokes';
import type { Spelling } from '../kernel/spelling';
import type { WordSpelling } from './word-spelling';

/** What a pack may know, beside what every pack has. */
export const abilities = {
  words: 'a word bank: which words there are, how frequent, what they show',
  sounds: 'the sounds of words and how they are spelled',
  forms: 'inflected and derived forms with their rules',
  meanings: 'meanings, synonyms and opposites',
  tagging: 'what each word is in a sentence, clauses, tenses',
  levels: 'how early a word is learned',
  numbers: 'numbers and measures as they are read aloud',
  tables: 'the forms of a word side by side',
  particles: 'sentences without one of their particles',
  'voice change': 'sentences in the active and the passive',
  'small words': 'articles and contractions in a text',
  statements: 'plain sentences whose words agree, which can be denied and asked',
  'school hand': 'letters of the school hands',
  'stroke order': 'the strokes in which its signs are written',
  furigana: 'kana over its kanji, from its words as an analyser finds them',
  'word spaces': 'blanks between words that can be left out',
  'spelling rules': 'what the letters of its words say, by rule, and their syllables in writing',
  course: 'everyday words in the order of a course',
  'written stress': 'the stressed syllable, as the spelling shows it',
} as const;
export type Ability = keyof typeof abilities;

/** Fonts for what learners read, by the family name that the style sheet ships. */
export const learnerFonts = {
  andika: 'Andika',
  lexend: 'Lexend',
  atkinson: 'Atkinson Hyperlegible',
  opendyslexic: 'OpenDyslexic',
} as const;
export type LearnerFont = keyof typeof learnerFonts;

/** The family name of a font by its id; Andika where the id is not known. */
export const familyOf = (font: string): string =>
  (learnerFonts as Readonly<Record<string, string>>)[font] ?? learnerFonts.andika;

/** What stands in the learner's own language on a sheet. */
export interface LearnerPhrases {
  readonly name: string;
  readonly date: string;
}

/** Kinds of written numbers that can be asked for, as a teacher calls them. */
export const numberKindNames = [
  'measures',
  'temperatures',
  'whole numbers',
  'decimals',
  'fractions',
  'percentages',
  'money',
  'dates',
  'times',
  'years',
  'ordinals',
  'ranges',
  'phone numbers',
] as const;
export type NumberKindName = (typeof numberKindNames)[number];

/** Numbers, prices, dates, times … in words. */
export interface NumberReader {
  /** Every accepted reading, the preferred first, and why. @throws RangeError where it is none */
  read(
    text: string,
    spelling: Spelling,
  ): { readonly kind: NumberKindName; readonly readings: readonly string[]; readonly rule: string };
  /** The kinds it knows; all where they are not named. */
  readonly kinds?: readonly NumberKindName[];
  /** One of the kind, made up. */
  sample(kind: NumberKindName, random: Random, spelling: Spelling): string;
}

/** A word in a row of a table of forms. */
export interface TableRow {
  /** As it stands in the first column. */
  readonly word: string;
  readonly meaning: string;
  /** For each column the forms that are right, the preferred first; none where the word has no such form. */
  readonly cells: readonly (readonly string[])[];
  /** How the forms are made, in a sentence. */
  readonly rule: string;
}

/** Which forms stand side by side: a table that can be asked for. */
export interface TableKind {
  readonly id: string;
  /** As a teacher calls it. */
  readonly name: string;
  readonly columns: readonly string[];
  /** Words to begin with, where they are not those of the other tables. */
  readonly start?: readonly string[];
}

/** A sentence with one small word taken out. */
export interface SentenceWithoutWord {
  readonly before: string;
  readonly after: string;
  /** The key, then what is right as well in this sense. */
  readonly right: readonly string[];
  /** In English. */
  readonly meaning: string;
  readonly why: string;
}

/** A sentence to be said otherwise. */
export interface SentenceToChange {
  readonly given: string;
  /** All that are right, the preferred first. */
  readonly right: readonly string[];
  /** Of the sentence that is asked for, in English. */
  readonly meaning: string;
  readonly why: string;
}

/** Sentences of a language for exercises, where a pack has some of its own. */
export interface LanguageSentences {
  /** Groups of small words by id and name, all of them first. */
  readonly smallWordGroups: readonly (readonly [id: string, name: string])[];
  /** The small words from which is chosen. */
  readonly smallWords: readonly string[];
  readonly withoutSmallWord: (group: string) => readonly SentenceWithoutWord[];
  readonly inOtherVoice: (to: 'active' | 'passive') => readonly SentenceToChange[];
}

/** A plain sentence, and what can be done to it. */
export interface Statement {
  readonly sentence: string;
  /** In English. */
  readonly meaning: string;
  /** Where its adjective stands, as a dictionary has it, the noun it agrees with, and why it has this form. */
  readonly adjective?: Span & {
    readonly base: string;
    readonly noun: string;
    readonly many: boolean;
    readonly why: string;
  };
  /** All that deny it, and all that ask it, the preferred first. */
  readonly negative: readonly string[];
  readonly question: readonly string[];
  readonly whyNegative: string;
  readonly whyQuestion: string;
}

/** A word in a line, and where it stands. */
export interface LinkedWord {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

export interface WordLink {
  readonly source: LinkedWord;
  readonly translation: LinkedWord;
  /** The word as a dictionary has it, and what it means. */
  readonly lemma: string;
  readonly meaning: string;
}

export interface AlignedLine {
  readonly links: readonly WordLink[];
  /** Words without a counterpart; small words that the language does not write are none. */
  readonly left: { readonly source: readonly string[]; readonly translation: readonly string[] };
}

export type LineAligner = (source: string, translation: string) => AlignedLine;

/** A construction that the forms of a text show, with the words that show it. */
export interface NamedConstruction {
  readonly name: string;
  readonly start: number;
  readonly end: number;
  readonly text: string;
  /** What shows it, for a learner. */
  readonly why: string;
}

/** Words in tables of forms. */
export interface WordTables {
  /** The tables there are, the usual one first. */
  readonly kinds: readonly TableKind[];
  /** Words to begin with where there are none. */
  readonly start: readonly string[];
  /** A word in such a table; undefined where it is not known or has none of these forms. */
  row(word: string, kind: TableKind): TableRow | undefined;
}

export interface LanguagePack {
  /** BCP 47. */
  readonly tag: string;
  /** As a teacher calls it, in English. */
  readonly name: string;
  readonly direction: 'ltr' | 'rtl';
  readonly fonts: readonly LearnerFont[];
  readonly phrases: LearnerPhrases;
  readonly can: ReadonlySet<Ability>;
  /** Where words and sentences begin and end; offsets into the text. */
  readonly tokens: {
    readonly words: (text: string) => Span[];
    readonly sentences: (text: string) => Span[];
  };
  /** Names of the synthesiser's voices, one where accents are not told apart; absent where it cannot be heard. */
  readonly voice?: string | Readonly<Record<Accent, string>>;
  /** Numbers as they are read aloud. */
  readonly numbers?: NumberReader;
  /** Fetches the words of a pack that has many; what needs them comes after. */
  readonly load?: () => Promise<void>;
  /** A line beside its English translation, word by word; undefined until its words are loaded. */
  readonly align?: () => LineAligner | undefined;
  /** Constructions in a text; undefined until its words are loaded. */
  readonly constructions?: () => ((text: string) => NamedConstruction[]) | undefined;
  /** Sentences of its own for exercises; undefined until they are loaded. */
  readonly sentences?: () => LanguageSentences | undefined;
  /** Plain sentences of its own; undefined until they are loaded. */
  readonly statements?: () => readonly Statement[] | undefined;
  /** The strokes of a sign, undefined for one that it lacks; undefined until they are loaded. */
  readonly strokes?: () => ((sign: string) => SignStrokes | undefined) | undefined;
  /** What the letters of its words say. */
  readonly spelling?: WordSpelling;
  /** Forms of its words; undefined until they are loaded. */
  readonly tables?: () => WordTables | undefined;
}

/** True where the pack knows all that is asked for. */
export const canDo = (pack: LanguagePack, asks: readonly Ability[]) =>
  asks.every((ability) => pack.can.has(ability));
