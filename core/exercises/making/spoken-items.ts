import { showWord } from '../../languages/en/sounds/phonemes';
import type { AlignedUnit } from '../../languages/en/sounds/align';
import type { SpeakItem } from '../interactions/speak/task';
import { numbered, type KnownMaterial } from './usable-words';

/** Words to read aloud, each with how it should sound. */
export function spokenItems(
  words: readonly { readonly word: KnownMaterial; readonly found: readonly AlignedUnit[] }[],
): SpeakItem[] {
  return numbered(
    words.map(({ word: { word }, found: units }) => ({
      word,
      says: showWord(units),
      reason: `${word} was not read yet.`,
    })),
  );
}
