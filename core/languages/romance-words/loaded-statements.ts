/** The plain sentences of a Romance language, made when they are first asked for. */
import type { Statement } from '../language-pack';
import type { RomanceLanguage } from './nouns';
import { statementsOf } from './statements';

export const romanceStatements = (language: RomanceLanguage) => {
  let made: readonly Statement[] | undefined;
  return () => (made ??= statementsOf(language));
};
