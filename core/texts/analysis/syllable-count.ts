/**
 * How many syllables a written word has: those of the pronouncing dictionary's
 * first pronunciation, else the best guess by letters, which is right for 95 %.
 */
import { syllable } from 'syllable';
import { digitsAsWords } from '../../languages/en/speech/number-words';

/** Written counts as they are packed: only the words that a guess by letters gets wrong. */
export function unpackSyllables(packed: string): ReadonlyMap<string, number> {
  return new Map(
    packed.split(' ').map((entry) => [entry.slice(0, -1), Number(entry.slice(-1))] as const),
  );
}

/** Packs the counts that a guess would get wrong; no English word has ten syllables that it gets wrong. */
export function packSyllables(counts: Iterable<readonly [string, number]>): string {
  return [...counts]
    .filter(([word, count]) => count < 10 && syllable(word) !== count)
    .map(([word, count]) => `${word}${count}`)
    .join(' ');
}

const hissing = /(?:s|x|z|ch|sh|ce|ge|se|ze)$/;

export class SyllableCounter {
  private readonly known = new Map<string, number>();

  constructor(private readonly exceptions: ReadonlyMap<string, number> = new Map()) {}

  /** Syllables of one plain word, lower case. */
  private plain(word: string): number {
    const exact = this.exceptions.get(word);
    if (exact !== undefined) return exact;
    const owner = /^(.{2,})'s$/.exec(word)?.[1];
    if (owner !== undefined) return this.plain(owner) + (hissing.test(owner) ? 1 : 0);
    const plural = /^(.{2,}s)'$/.exec(word)?.[1];
    return Math.max(1, plural === undefined ? syllable(word) : this.plain(plural));
  }

  /** Syllables of a word as it stands in a text: with signs, hyphens, digits. */
  count(written: string): number {
    const cached = this.known.get(written);
    if (cached !== undefined) return cached;
    const word = written.toLowerCase().replaceAll('’', "'");
    // a.m., U.S.: the names of its letters; only w has three syllables.
    const letters = /^[^\p{L}\p{N}]*((?:\p{L}\.){2,}|(?:\p{L}\.)+\p{L})[^\p{L}\p{N}]*$/u.exec(
      word,
    )?.[1];
    const count =
      letters !== undefined
        ? [...letters.replaceAll('.', '')].reduce(
            (sum, letter) => sum + (letter === 'w' ? 3 : 1),
            0,
          )
        : (word.match(/\d[\d.,:]*\d|\d|[\p{L}\p{M}']+/gu) ?? []).reduce(
            (sum, part) => sum + this.part(part),
            0,
          );
    this.known.set(written, count);
    return count;
  }

  private part(part: string): number {
    if (/^\d/.test(part)) {
      return digitsAsWords(part).reduce((sum, word) => sum + this.plain(word), 0);
    }
    const plain = part.replace(/^'+/, '').replace(/(?<!s)'+$/, '');
    return plain === '' || !/\p{L}/u.test(plain) ? 0 : this.plain(plain);
  }
}
