/** The picture of a word that an exercise can use for a class. */
import type { MakerInput } from './maker';

/** Discs and hearts that show nothing but their colour. */
const ONLY_COLOUR = /^(?:\w+-circle|pink-heart)$/;

type Input = Pick<MakerInput, 'lexicon' | 'profile'>;

/** True for a picture that says nothing on a sheet in black and greys. */
export const needsColour = (picture: string, { profile }: Pick<Input, 'profile'>): boolean =>
  ONLY_COLOUR.test(picture) && profile !== undefined && profile.colour !== true;

/** Pictures of a word, the best first; without those that its class's sheets cannot print. */
export const picturesFor = (word: string, input: Input): readonly string[] =>
  input.lexicon.picturesOf(word).filter((picture) => !needsColour(picture, input));

export const pictureFor = (word: string, input: Input): string | undefined =>
  picturesFor(word, input)[0];

/** Why a word has no picture, to be read after it. */
export const noPicture = (word: string, { lexicon }: Pick<Input, 'lexicon'>): string =>
  lexicon.picturesOf(word).length > 0
    ? 'can be seen in colour only, and the sheets of the class are printed in greys'
    : 'has no picture';
