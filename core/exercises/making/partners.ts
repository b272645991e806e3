/** What can stand beside a word on a card or in a pair: its picture, its meaning, its translation. */
import { pictureFor } from './picture-of';
import { speaks } from '../../languages/registry/registry';
import type { MaterialWord } from '../../search/material-word';
import type { MatchSide } from '../interactions/match/task';
import type { MakerInput } from './maker';
import { shortMeaning } from './short-meaning';

export const partnerKinds = ['any', 'picture', 'meaning', 'translation'] as const;
/** `any` takes the teacher's own translation or meaning first, then a picture, then a meaning of the bank. */
export type PartnerKind = (typeof partnerKinds)[number];

export const partnerNames: Readonly<Record<PartnerKind, string>> = {
  any: 'whatever each word has',
  picture: 'its picture',
  meaning: 'its meaning',
  translation: 'its translation',
};

export interface Partner extends Omit<MatchSide, 'id'> {
  readonly reason: string;
}

/** The partner of a word, or why it has none, to be read after the word. */
export function partnerOf(
  { word, entry }: MaterialWord,
  kind: PartnerKind,
  input: Pick<MakerInput, 'parameters' | 'lexicon' | 'meanings' | 'profile'>,
): Partner | string {
  const beside = input.parameters.beside?.[word];
  const picture = (): Partner | undefined => {
    // A word of another language may be spelled like an English one and mean something else.
    const known = speaks(input.parameters.language, 'words') || beside?.picture !== undefined;
    const name = known ? pictureFor(entry?.word ?? word, input, word) : undefined;
    return name === undefined
      ? undefined
      : { text: word, picture: name, reason: `The picture shows ${word}.` };
  };
  const own = (text: string | undefined, what: string): Partner | undefined =>
    text === undefined || text === '' ? undefined : { text, reason: `${word}: ${what}.` };
  const meaning = (): Partner | undefined => {
    const sense = entry ? shortMeaning(entry.word, input) : undefined;
    return (
      sense && { text: sense.definition, reason: sense.example ?? `${word}: ${sense.definition}.` }
    );
  };
  const translation = own(beside?.translation, 'so it is translated in the list');
  const definition = own(beside?.definition, 'so the list explains it');
  const found: Readonly<Record<PartnerKind, () => Partner | undefined>> = {
    any: () => translation ?? definition ?? picture() ?? meaning(),
    picture,
    meaning: () => definition ?? meaning(),
    translation: () => translation,
  };
  return (
    found[kind]() ??
    {
      any: 'has no picture, meaning or translation',
      picture: 'has no picture',
      meaning: 'has no short meaning in the word bank',
      translation: 'has no translation in the list: write it beside the word there',
    }[kind]
  );
}
