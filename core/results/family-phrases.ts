/** What a page for a family says, in its language; by hand for Wordane. Numbers stand after a colon or between figures, so that no language needs a plural. */
import { learnerTables } from '../learner-phrases';

export interface FamilyPhrases {
  readonly wentWell: string;
  readonly next: string;
  readonly remark: string;
  readonly read: string;
  readonly write: string;
  readonly find: string;
  readonly nothing: string;
}

const en: FamilyPhrases = {
  wentWell: 'What went well',
  next: 'What to practise next',
  remark: 'From the teacher',
  read: 'Read these words aloud together.',
  write: 'Cover each word, write it, and look again.',
  find: 'Find one of them in a book, or on the way.',
  nothing: 'Everything was right. Read something together that is fun.',
};

export const familyPhrases: Readonly<Record<string, FamilyPhrases>> = {
  en,
  ...Object.fromEntries(Object.entries(learnerTables).map(([tag, { family }]) => [tag, family])),
};

export const familyPhrasesOf = (language: string): FamilyPhrases => familyPhrases[language] ?? en;
