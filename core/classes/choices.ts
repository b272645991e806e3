/** What a class may be set to: languages, spellings and learner fonts. */

/** Languages by BCP 47 tag. Sounds and spellings are computed for English; the others keep their lists. */
export const languages: Readonly<Record<string, string>> = {
  en: 'English',
  fr: 'French',
  ja: 'Japanese',
  la: 'Latin',
  pt: 'Portuguese',
  ru: 'Russian',
  es: 'Spanish',
};

export const spellings = { uk: 'British (colour)', us: 'American (color)' } as const;
export type Spelling = keyof typeof spellings;

/** Fonts for what learners read, by the family name that the style sheet ships. */
export const learnerFonts: Readonly<Record<string, string>> = {
  andika: 'Andika',
  lexend: 'Lexend',
  atkinson: 'Atkinson Hyperlegible',
  opendyslexic: 'OpenDyslexic',
};
