/** The word classes of every word: closed classes by list, open classes from WordNet by how often each is meant. */
import { readFileSync } from 'node:fs';
import { wordClassBits, type WordClassName } from '../core/languages/en/lexicon/word-class';
import { headwords } from './wordbook';
import { basesOf, sensesOf, wordClasses, type WordClass } from './wordnet';

const openName: Readonly<Record<WordClass, WordClassName>> = {
  n: 'noun',
  v: 'verb',
  a: 'adjective',
  d: 'adverb',
};

const lists = new Map<string, Set<string>>();
for (const line of readFileSync(new URL('./word-classes.tsv', import.meta.url), 'utf8').split(
  '\n',
)) {
  const [name, words] = line.split('\t');
  if (name && words) lists.set(name, new Set(words.split(' ')));
}

/** A class that takes less than this share of a word's tagged uses is not offered. */
const LEAST_SHARE = 0.12;

/** Weight of each open class of a base: tagged uses, plus a little for each sense. */
function weights(word: string): Map<WordClass, number> {
  const found = new Map<WordClass, number>();
  const counted = new Map<WordClass, number>();
  for (const { synset, tags } of sensesOf(word)) {
    // Proper nouns and letters of the alphabet say nothing of the word.
    if (synset.words.some((each) => each.toLowerCase() === word && each !== word)) continue;
    const rank = counted.get(synset.wordClass) ?? 0;
    counted.set(synset.wordClass, rank + 1);
    found.set(synset.wordClass, (found.get(synset.wordClass) ?? 0) + tags + 0.3 / (rank + 1));
  }
  return found;
}

function totals(word: string): Map<WordClass, number> {
  const total = new Map(weights(word));
  for (const wordClass of wordClasses) {
    for (const base of basesOf(word, wordClass)) {
      const weight = weights(base).get(wordClass) ?? 0;
      total.set(wordClass, Math.max(total.get(wordClass) ?? 0, weight));
    }
  }
  return total;
}

const sumOf = (total: ReadonlyMap<WordClass, number>) =>
  [...total.values()].reduce((left, right) => left + right, 0);

function openClasses(word: string): WordClass[] {
  const total = totals(word);
  const sum = sumOf(total);
  return wordClasses.filter((wordClass) => (total.get(wordClass) ?? 0) > sum * LEAST_SHARE);
}

/** Closed classes and interjections hide what WordNet says of the same letters. */
const closed = [
  'pronoun',
  'determiner',
  'preposition',
  'conjunction',
  'auxiliary',
  'interjection',
  'number',
] as const;

/** The bits of a word's classes. */
export function wordClassMask(word: string): number {
  let mask = 0;
  for (const name of closed) if (lists.get(name)?.has(word)) mask |= wordClassBits[name];
  for (const wordClass of openClasses(word.toLowerCase())) {
    const name = openName[wordClass];
    if (!lists.get(`not-${name}`)?.has(word)) mask |= wordClassBits[name];
  }
  // What the wordbook has first is always one: like is a verb before it is anything else.
  const first = headwords.get(word)?.find(({ sense }) => sense === 1)?.wordClass;
  if (first === 'n' || first === 'v' || first === 'a' || first === 'd') {
    mask |= wordClassBits[openName[first]];
  }
  // A patient nurse, to water the plants: what a school meets is a class, however rarely it is tagged.
  if (!closed.some((name) => lists.get(name)?.has(word))) {
    for (const { wordClass } of headwords.get(word) ?? []) {
      if (wordClass in openName) mask |= wordClassBits[openName[wordClass as WordClass]];
    }
  }
  return mask;
}

/** Least share of an adjective that the wordbook has first: the tagged texts know kind as a noun only. */
const FIRST_ADJECTIVE = 5;

/** Share of the verb from which an adjective in the wordbook is a participle: known, trapped. */
const MOSTLY_VERB = 5;

/**
 * How often a word is meant as noun, verb, adjective and adverb: one digit each,
 * 9 for nearly always, 1 for hardly ever, 0 for never; zeros at the end are left out.
 */
export function wordClassShares(word: string): string {
  const total = totals(word.toLowerCase());
  const sum = sumOf(total);
  const [noun = 0, verb = 0, adjective = 0, adverb = 0] = (['n', 'v', 'a', 'd'] as const).map(
    (wordClass) => {
      const weight = total.get(wordClass) ?? 0;
      return weight === 0 ? 0 : Math.max(1, Math.round((9 * weight) / sum));
    },
  );
  const first = headwords.get(word)?.find(({ sense }) => sense === 1)?.wordClass;
  const least = first === 'a' && verb < MOSTLY_VERB ? FIRST_ADJECTIVE : 0;
  return [noun, verb, Math.max(adjective, least), adverb].join('').replace(/0+$/, '');
}
