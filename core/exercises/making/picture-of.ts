/** The picture of a word that an exercise can use for a class. */
import type { ExerciseParameters } from './exercise';
import type { MakerInput } from './maker';

/** Discs and hearts that show nothing but their colour. */
const ONLY_COLOUR = /^(?:\w+-circle|pink-heart)$/;

type Input = Pick<MakerInput, 'lexicon' | 'profile'> & {
  readonly parameters?: Pick<ExerciseParameters, 'beside'>;
};

/** True for a picture that says nothing on a sheet in black and greys. */
export const needsColour = (picture: string, { profile }: Pick<Input, 'profile'>): boolean =>
  ONLY_COLOUR.test(picture) && profile !== undefined && profile.colour !== true;

/** What the teacher chose for a word in her list: a picture's name, one of her own, or `none`. */
const chosenFor = (written: string, { parameters }: Input) =>
  parameters?.beside?.[written]?.picture;

/**
 * Pictures of a word, the best first: the teacher's own choice alone where she made one, else those
 * of the word bank without what the class's sheets cannot print.
 *
 * @param written the word as it stands in the list
 */
export function picturesFor(word: string, input: Input, written = word): readonly string[] {
  const chosen = chosenFor(written, input);
  if (chosen !== undefined) return chosen === 'none' ? [] : [chosen];
  return input.lexicon.picturesOf(word).filter((picture) => !needsColour(picture, input));
}

export const pictureFor = (word: string, input: Input, written = word): string | undefined =>
  picturesFor(word, input, written)[0];

/** Why a word has no picture, to be read after it. */
export const noPicture = (word: string, input: Input, written = word): string =>
  chosenFor(written, input) === undefined && input.lexicon.picturesOf(word).length > 0
    ? 'can be seen in colour only, and the sheets of the class are printed in greys'
    : 'has no picture';
