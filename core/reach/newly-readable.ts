/** What each step of a sequence makes newly readable. */
import type { SequenceIndex } from '../languages/en/sounds/sequence';
import { plainWord } from '../languages/en/sounds/sequence';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { decodingSteps } from './reach-table';

export interface NewlyReadable {
  readonly step: number;
  readonly count: number;
  /** The most frequent of them. */
  readonly words: readonly string[];
}

/** Words rarer than this are not counted: a class would not meet them. */
const LEAST_ZIPF = 3;

/** For each step, the words that can be decoded from it on and not before. */
export function newlyReadable(
  lexicon: Lexicon,
  index: SequenceIndex,
  mostWords = 12,
): NewlyReadable[] {
  const steps = decodingSteps(lexicon, index);
  const found = index.sequence.steps.map(({ number }) => ({
    step: number,
    count: 0,
    words: [] as string[],
  }));
  for (const entry of lexicon.entries) {
    if (entry.zipf < LEAST_ZIPF) break;
    const here = found[(steps[entry.rank] ?? 0) - 1];
    if (here === undefined || entry.from > 0) continue;
    here.count += 1;
    if (here.words.length < mostWords) here.words.push(entry.word);
  }
  return found;
}

/** A word taught by sight with its unexpected letters found, as in s(ai)d. */
export interface HeartWord {
  readonly word: string;
  /** Pieces of the word; those not yet decodable at the step are unexpected. */
  readonly pieces: readonly { readonly letters: string; readonly unexpected: boolean }[];
}

/** Marks the letters of a sight word that its step cannot explain; a teacher's own marks win. */
export function heartWord(
  marked: string,
  step: number,
  lexicon: Lexicon,
  index: SequenceIndex,
): HeartWord {
  const word = plainWord(marked);
  if (marked !== word) {
    const pieces = marked
      .split(/(\([^)]*\))/)
      .filter((piece) => piece !== '')
      .map((piece) => ({ letters: plainWord(piece), unexpected: piece.startsWith('(') }));
    return { word, pieces };
  }
  const entry = lexicon.find(word);
  if (entry === undefined) return { word, pieces: [{ letters: word, unexpected: false }] };
  const pieces = entry.readings[0].units.map((unit) => ({
    letters: word.slice(unit.start, unit.end),
    unexpected: (index.stepOf(unit) ?? Infinity) > step,
  }));
  return { word, pieces };
}
