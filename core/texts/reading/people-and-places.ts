/** The names of a text, whole (Larch Hill, Mrs Hall), told apart: people, places, and what may be either. */
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';
import { placeWords, titles } from './place-names';
import type { Passage } from './passage';

export interface NamedInText {
  readonly people: readonly string[];
  readonly places: readonly string[];
  /** Neither surely. */
  readonly others: readonly string[];
}

const calendar =
  /^(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|January|February|March|April|May|June|July|August|September|October|November|December|Christmas|Easter|English|French|German|Spanish|British|American|Dutch)s?$/u;
/** Runs of capitalised words, each once, in the order of the text. */
export function namedIn({ material: { body }, persons, names, sentences }: Passage): NamedInText {
  const starts = new Set(sentences.map(({ start }) => start));
  const isNamed = (word: string) =>
    names.has(word.toLowerCase()) || persons.includes(word) || titles.test(word);
  const runs = new Map<string, { places: number; people: number }>();
  for (const match of body.matchAll(/\p{Lu}[\p{L}’'-]*(?:\s\p{Lu}[\p{L}’'-]*)*/gu)) {
    const said = match[0]
      .replace(/['’]s$/u, '')
      .replace(/\s+/g, ' ')
      .split(' ');
    // On Saturday Mina: the capital of the first word is the sentence’s, and a day parts a name from it.
    const after = said.findLastIndex((word) => calendar.test(word)) + 1;
    const opens = starts.has(match.index) && after === 0 && !isNamed(said[0] ?? '');
    const words = said.slice(opens && said.length > 1 ? 1 : after);
    const whole = words.join(' ');
    const first = words[0] ?? '';
    const known = words.some(isNamed);
    // The first word of a sentence has its capital from there.
    if (whole === '' || whole === 'I' || (starts.has(match.index) && !known)) continue;
    if (!known && !titles.test(first) && !placeWords.test(whole)) continue;
    const before = body.slice(Math.max(0, match.index - 12), match.index);
    const entry = runs.get(whole) ?? { places: 0, people: 0 };
    if (/\b(?:in|to|from|at|near|of|through|across|towards|into|the)\s+$/iu.test(before))
      entry.places += 1;
    if (placeWords.test(whole) && !titles.test(first)) entry.places += 3;
    if (titles.test(first) || pronounOfName(first) !== undefined) entry.people += 3;
    if (words.some((word) => persons.includes(word))) entry.people += 2;
    runs.set(whole, entry);
  }
  // Daniel is Daniel Okoro, where he is called so once.
  const all = [...runs].filter(
    ([name]) =>
      ![...runs.keys()].some((other) => other !== name && other.split(' ').includes(name)),
  );
  const pick = (test: (entry: { places: number; people: number }) => boolean) =>
    all.filter(([, entry]) => test(entry)).map(([name]) => name);
  return {
    people: pick(({ people, places }) => people > places),
    places: pick(({ people, places }) => places > people),
    others: pick(({ people, places }) => places === people),
  };
}
