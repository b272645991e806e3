/** What a machine can find in a text: offered to the teacher, never imposed. */
import type { Lexicon, Reading } from '../../languages/en/lexicon/lexicon';
import type { Span } from '../../languages/shared/segment';
import { entryOf, wordTokens, type WordToken } from '../analysis/word-tokens';

export const deviceNames = {
  alliteration: 'Alliteration',
  assonance: 'Assonance',
  repetition: 'Repetition',
  anaphora: 'Anaphora',
  simile: 'Simile',
  shift: 'Shift',
  dialogue: 'Dialogue',
  connective: 'Connective',
  'time-word': 'Time word',
  'structure-signal': 'Structure signal',
} as const;
export type DeviceKind = keyof typeof deviceNames;

export interface FoundDevice extends Span {
  readonly kind: DeviceKind;
  /** The words that make it, where it is not all of the stretch. */
  readonly parts: readonly Span[];
  /** What it is here, in plain words. */
  readonly note: string;
}

/** Words that carry little meaning: no sound pattern is heard in them. */
export const functionWords: ReadonlySet<string> = new Set(
  `a an the this that these those my your his her its our their and or but nor so yet for if when while as than then
   of in on at by to from with into onto upon over under up down out off through about after before between
   i you he she it we they me him us them who whom whose which what where why how there here
   is am are was were be been being has have had do does did will would can could shall should may might must
   not no n't i'm i've i'll it's that's don't can't won't o oh ah`.split(/\s+/),
);

export interface SoundedWord extends WordToken {
  readonly reading: Reading | undefined;
  readonly content: boolean;
}

/** The words of a stretch with how they are said. */
export function soundedWords(text: string, within: Span, lexicon: Lexicon): SoundedWord[] {
  return wordTokens(text, within).map((token) => ({
    ...token,
    reading: entryOf(token.key, lexicon)?.readings[0],
    content: !functionWords.has(token.key),
  }));
}

export const phonemesOf = (reading: Reading) => reading.units.flatMap((unit) => unit.phonemes);
