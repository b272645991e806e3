/** What a text is about, and what it only mentions: the things told of all through, and those of one place. */
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { functionWords } from '../devices/device';
import type { Passage } from './passage';

export interface Gist {
  /** Three things that the whole text tells of, the most told first. */
  readonly main: readonly string[];
  /** Threes of things that stand in one part alone, with that part counted from 1. */
  readonly details: readonly { readonly things: readonly string[]; readonly part: number }[];
}

const THINGS = 3;
/** A text of one paragraph is looked at in so many parts. */
const PARTS = 3;

/** Words that carry no topic. */
const empty =
  /^(?:thing|way|lot|kind|part|time|day|night|morning|evening|noon|year|week|month|hour|minute|moment|end|side|one|people|person|place|number|piece|bit|home|percent|saturday|sunday|monday|tuesday|wednesday|thursday|friday)$/;

/** Undefined where nothing is told of in more than one part, or nothing stands in one alone. */
export function gistOf(passage: Passage, lexicon: Lexicon): Gist | undefined {
  const { sentences, paragraphs } = passage;
  const parts = Math.max(1, paragraphs.length) >= PARTS ? paragraphs.length : PARTS;
  const people = new Set(passage.people);
  const partOf = (index: number, paragraph: number) =>
    paragraphs.length >= PARTS
      ? paragraph
      : 1 + Math.floor((index * parts) / Math.max(1, sentences.length));
  const places = new Map<string, { count: number; parts: Set<number>; first: number }>();
  sentences.forEach((sentence, index) => {
    const { tokens } = analyseSentence(sentence.text, lexicon);
    const isNamed = ({ text }: { readonly text: string }) => {
      const name = text.replace(/['’]s$/, '');
      return /^\p{Lu}/u.test(name) && (people.has(name) || pronounOfName(name) !== undefined);
    };
    for (const token of tokens) {
      const { at, tag, lower, base, text, mark } = token;
      const named = isNamed(token);
      if (mark || (tag !== 'noun' && tag !== 'nouns' && !named)) continue;
      const before = tokens[at - 1];
      const after = tokens[at + 1];
      // Twelve per cent is a number.
      if (lower === 'cent' && before?.lower === 'per') continue;
      // Larch Hill is one thing.
      if (named && before && isNamed(before)) continue;
      const name = `${text}${named && after && isNamed(after) ? ` ${after.text}` : ''}`;
      const word = named ? name.replace(/['’]s$/, '') : (base ?? lower);
      if (empty.test(word) || functionWords.has(word)) continue;
      if (!named && (passage.names.has(lower) || lexicon.find(word) === undefined)) continue;
      const known = places.get(word) ?? { count: 0, parts: new Set<number>(), first: index };
      known.count += 1;
      known.parts.add(partOf(index, sentence.paragraph));
      places.set(word, known);
    }
  });
  const all = [...places].map(([word, { count, parts: where, first }]) => ({
    word,
    count,
    spread: where.size,
    part: [...where][0] ?? 1,
    first,
  }));
  const main = all
    .filter(({ count, spread }) => count > 1 && spread > 1)
    .sort(
      (left, right) =>
        right.spread * 2 + right.count - (left.spread * 2 + left.count) || left.first - right.first,
    )
    .slice(0, THINGS)
    .map(({ word }) => word);
  if (main.length < 2) return undefined;
  const once = all.filter(({ count, word }) => count === 1 && !main.includes(word));
  const details = Array.from({ length: parts }, (_, index) => index + 1).flatMap((part) => {
    const things = once
      .filter((each) => each.part === part && /^\p{Ll}/u.test(each.word))
      .map(({ word }) => word);
    return things.length >= main.length ? [{ things: things.slice(0, main.length), part }] : [];
  });
  return details.length < 2 ? undefined : { main, details };
}
