/** The word classes and forms that can be found in a text, by name; how each is found: `find/features.ts`. */
export const featureNames = [
  'articles',
  'determiners',
  'prepositions',
  'contractions',
  'adjectives',
  'adverbs',
  'verbs',
  'nouns',
  'pronouns',
  'conjunctions',
] as const;
export type FeatureName = (typeof featureNames)[number];
