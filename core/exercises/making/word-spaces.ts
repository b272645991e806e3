import type { ClassProfile } from '../../classes/class-profile';
import { withoutWordSpaces } from '../../kernel/word-spaces';

/** A sentence of a language pack with the blanks between its words, or as a class reads it without. */
export const spacedFor = (
  profile: Pick<ClassProfile, 'wordSpaces'> | undefined,
): ((text: string) => string) =>
  profile?.wordSpaces === false ? withoutWordSpaces : (text) => text;
