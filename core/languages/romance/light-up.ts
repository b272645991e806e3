/** Articles and contractions of a text, each kind with its places, as the grammar of an English text is lit. */
import type { RomanceLanguage } from '../romance-words/nouns';
import { findSmallWords, smallWordKinds, type SmallWord, type SmallWordKind } from './small-words';

export interface LitSmallWords {
  readonly name: SmallWordKind;
  readonly group: 'Word classes';
  readonly places: readonly SmallWord[];
}

export const lightUpSmallWords = (text: string, language: RomanceLanguage): LitSmallWords[] =>
  smallWordKinds.map((name) => ({
    name,
    group: 'Word classes',
    places: findSmallWords(text, language, name),
  }));
