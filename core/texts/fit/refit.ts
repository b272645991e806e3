/**
 * A text for another class: each word past its reach with the nearest one within
 * it, each word that the class spells otherwise in its spelling, and the words
 * for which nothing was found.
 */
import type { ClassProfile } from '../../classes/class-profile';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { isSaidElsewhere } from '../../languages/en/words/across-the-ocean';
import { define, type Meanings } from '../../languages/en/words/meanings';
import { wordTokens } from '../analysis/word-tokens';
import { swapInText } from './swaps';
import { textReach } from './text-reach';
import { formsOf } from './word-form';

/** One word of a text for another; the place is of the text as it was. */
export interface TextExchange {
  readonly start: number;
  readonly end: number;
  readonly from: string;
  readonly to: string;
  /** What the two have in common. */
  readonly why: string;
}

export interface Refit {
  readonly exchanges: readonly TextExchange[];
  /** Different words past reach for which no other was found. */
  readonly kept: readonly string[];
}

const capitalAs = (model: string, word: string) =>
  /^\p{Lu}/u.test(model) ? word.charAt(0).toUpperCase() + word.slice(1) : word;

/** Words that the class spells otherwise. */
function otherSpellings(text: string, { spelling }: ClassProfile, lexicon: Lexicon) {
  return wordTokens(text).flatMap(({ start, end, key, text: from }): TextExchange[] => {
    const twin = lexicon.suits(key, spelling) ? undefined : lexicon.twinOf(key);
    if (twin === undefined) return [];
    return [{ start, end, from, to: capitalAs(from, twin.word), why: 'its spelling' }];
  });
}

/** Verbs make another meaning with these behind them: find out, give up. */
const PARTICLE = /^\s+(?:out|up|off|on|in|over|down|away|back|through|about|along|together)\b/i;

/**
 * True where a word has one meaning: of one with several only a reader knows which it has here (a
 * wooden post, very kind), and the place of a small word is its phrase (turn over).
 */
function hasOneSense(key: string, lexicon: Lexicon, meanings: Meanings | undefined): boolean {
  if (meanings === undefined) return false;
  const senses = formsOf(key, lexicon)
    .slice(0, 1)
    .flatMap(({ base }) => define(base, meanings, lexicon).senses);
  return senses.length === 1 && senses[0]?.wordClass !== 'd';
}

export function refitText(input: {
  readonly text: string;
  readonly profile: ClassProfile;
  readonly lexicon: Lexicon;
  readonly meanings?: Meanings | undefined;
  readonly verse?: boolean | undefined;
  /** Words that the teacher has settled for this text. */
  readonly settled?: readonly string[];
}): Refit {
  const respelled = otherSpellings(input.text, input.profile, input.lexicon);
  const taken = new Set(respelled.map(({ start }) => start));
  const kept = new Set<string>();
  const swapped = textReach(input).spans.flatMap((span): TextExchange[] => {
    const { kind, reach, start, end, text: from } = span;
    if (kind !== 'word' || reach !== 'beyond' || taken.has(start)) return [];
    const safe =
      hasOneSense(from.toLowerCase(), input.lexicon, input.meanings) &&
      !PARTICLE.test(input.text.slice(end));
    const swap = safe
      ? span.swaps.find(({ word }) => !isSaidElsewhere(word, input.profile.spelling))
      : undefined;
    if (swap === undefined) {
      kept.add(from.toLowerCase());
      return [];
    }
    return [{ start, end, from, to: swap.word, why: swap.why }];
  });
  return {
    exchanges: [...respelled, ...swapped].sort((one, other) => one.start - other.start),
    kept: [...kept],
  };
}

/** The text with words exchanged; a and an before them follow. */
export const refitted = (
  text: string,
  exchanges: readonly TextExchange[],
  lexicon: Lexicon,
): string =>
  [...exchanges]
    .sort((one, other) => other.start - one.start)
    .reduce((body, { start, end, to }) => swapInText(body, { start, end }, to, lexicon), text);
