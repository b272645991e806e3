/** The words of a list grouped, and compared with a text. */
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { patternsOf } from '../languages/en/sounds/patterns';
import { findTargetSound, spellingsOf } from '../search/target-sound';
import { definedBy } from '../languages/en/words/meanings';

export interface WordGroup {
  /** What the words have in common; empty for all the others. */
  readonly name: string;
  readonly words: readonly string[];
}

/** Groups words by a trait; the largest first, what has none last. */
function grouped(words: readonly string[], traitOf: (word: string) => string): WordGroup[] {
  const groups = new Map<string, string[]>();
  for (const word of words) {
    const trait = traitOf(word);
    groups.set(trait, [...(groups.get(trait) ?? []), word]);
  }
  return [...groups]
    .map(([name, list]) => ({ name, words: list }))
    .sort((left, right) =>
      left.name === '' ? 1 : right.name === '' ? -1 : right.words.length - left.words.length,
    );
}

/** A list by how its words spell the sound they share. */
export function groupedBySpelling(words: readonly string[], lexicon: Lexicon): WordGroup[] {
  const material = words.map((word) => ({ word, entry: lexicon.find(word) }));
  const sound = findTargetSound(material);
  return grouped(words, (word) => {
    if (sound === undefined) return '';
    return spellingsOf({ word, entry: lexicon.find(word) }, sound)[0]?.grapheme ?? '';
  });
}

/** A list by the pattern that says most of each word. */
export function groupedByPattern(words: readonly string[], lexicon: Lexicon): WordGroup[] {
  return grouped(words, (word) => {
    const entry = lexicon.find(word);
    return entry ? (patternsOf(entry.readings[0])[0] ?? '') : '';
  });
}

export function groupedBySyllables(words: readonly string[], lexicon: Lexicon): WordGroup[] {
  return grouped(words, (word) => {
    const count = lexicon.find(word)?.readings[0].syllables.length;
    return count === undefined ? '' : `${count} ${count === 1 ? 'syllable' : 'syllables'}`;
  });
}

export interface TextComparison {
  /** Words of the list that the text uses, as they stand in it. */
  readonly used: readonly {
    readonly word: string;
    readonly times: number;
    readonly forms: readonly string[];
  }[];
  /** Words of the list that the text does not use. */
  readonly unused: readonly string[];
  /** Words of the text that are not in the list, the most frequent in the text first. */
  readonly others: readonly { readonly word: string; readonly times: number }[];
}

const wordPattern = /\p{L}+(?:['’]\p{L}+)*/gu;

/** What a list and a text share; a form (rained, storms) counts as its base. */
export function comparedWithText(
  words: readonly string[],
  text: string,
  lexicon: Lexicon,
): TextComparison {
  const counts = new Map<string, number>();
  for (const [match] of text.matchAll(wordPattern)) {
    const word = match.toLowerCase().replaceAll('’', "'");
    counts.set(word, (counts.get(word) ?? 0) + 1);
  }
  const bases = new Map([...counts.keys()].map((form) => [form, definedBy(form, lexicon)]));
  const taken = new Set<string>();
  const used: { word: string; times: number; forms: string[] }[] = [];
  const unused: string[] = [];
  for (const word of words) {
    const own = definedBy(word, lexicon);
    const forms = [...counts.keys()].filter((form) =>
      bases.get(form)?.some((base) => own.includes(base)),
    );
    for (const form of forms) taken.add(form);
    if (forms.length === 0) unused.push(word);
    else
      used.push({
        word,
        forms,
        times: forms.reduce((sum, form) => sum + (counts.get(form) ?? 0), 0),
      });
  }
  const others = [...counts]
    .filter(([form]) => !taken.has(form))
    .map(([word, times]) => ({ word, times }))
    .sort((left, right) => right.times - left.times);
  return { used, unused, others };
}
