/**
 * Languages that a thing of its own may be in beside the class's: the side of a card, a word at
 * home. Tags of BCP 47 with their English names (Unicode CLDR), in the order of the names.
 */
export const namesOfLanguages = [
  ['ar', 'Arabic'],
  ['zh', 'Chinese'],
  ['nl', 'Dutch'],
  ['en', 'English'],
  ['fr', 'French'],
  ['de', 'German'],
  ['el', 'Greek'],
  ['hi', 'Hindi'],
  ['it', 'Italian'],
  ['ja', 'Japanese'],
  ['la', 'Latin'],
  ['fa', 'Persian'],
  ['pl', 'Polish'],
  ['pt', 'Portuguese'],
  ['ro', 'Romanian'],
  ['ru', 'Russian'],
  ['es', 'Spanish'],
  ['tr', 'Turkish'],
  ['uk', 'Ukrainian'],
  ['vi', 'Vietnamese'],
] as const;

export type LanguageTag = (typeof namesOfLanguages)[number][0];
