/** Counts of a stretch of text, and all that the readability formulas ask for. */
import { isFamiliar } from './familiar';
import type { ReadabilityInputs } from './readability';
import { lettersIn, type Span } from '../../languages/shared/segment';
import type { SyllableCounter } from './syllable-count';

/** Facts of one written word that do not depend on its place; looked up once however often it comes. */
interface WordFacts {
  readonly syllables: number;
  readonly letters: number;
  readonly characters: number;
  readonly plain: string;
  readonly hard: boolean;
  readonly unfamiliar: boolean;
  readonly complex: boolean;
}

export class Measures {
  private readonly facts = new Map<string, WordFacts>();

  constructor(
    private readonly syllables: SyllableCounter,
    private readonly names: ReadonlySet<string>,
  ) {}

  factsOf(written: string): WordFacts {
    const known = this.facts.get(written);
    if (known !== undefined) return known;
    const plain = written.replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '');
    const key = plain.toLowerCase().replaceAll('’', "'");
    const name = this.names.has(key);
    const number = !/\p{L}/u.test(plain);
    const syllables = this.syllables.count(written);
    const familiar = name || number;
    const made: WordFacts = {
      syllables,
      letters: lettersIn(written),
      characters: written.match(/[\p{L}\p{N}]/gu)?.length ?? 0,
      plain: key,
      hard: !familiar && !isFamiliar(plain, 'dale-chall'),
      unfamiliar: !familiar && !isFamiliar(plain, 'spache'),
      complex: syllables >= 3 && !name && !number && !this.isMadeLong(key, syllables),
    };
    this.facts.set(written, made);
    return made;
  }

  /** Three syllables only by -es or -ed, or by joining short words with a hyphen (Gunning 1952). */
  private isMadeLong(word: string, syllables: number): boolean {
    if (word.includes('-')) return word.split('-').every((part) => this.syllables.count(part) < 3);
    const stem = /^(.{2,})(?:es|ed)$/.exec(word)?.[1];
    return (
      syllables === 3 &&
      stem !== undefined &&
      this.syllables.count(stem) < 3 &&
      /(?:[td]ed|(?:s|x|z|ch|sh|c|g)es)$/.test(word)
    );
  }

  /** What the formulas need of some words in so many sentences. */
  of(text: string, words: readonly Span[], sentences: number): ReadabilityInputs {
    const totals = {
      syllables: 0,
      letters: 0,
      characters: 0,
      polysyllables: 0,
      complexWords: 0,
      hardWords: 0,
    };
    const unfamiliar = new Set<string>();
    for (const { start, end } of words) {
      const facts = this.factsOf(text.slice(start, end));
      totals.syllables += facts.syllables;
      totals.letters += facts.letters;
      totals.characters += facts.characters;
      if (facts.syllables >= 3) totals.polysyllables += 1;
      if (facts.complex) totals.complexWords += 1;
      if (facts.hard) totals.hardWords += 1;
      if (facts.unfamiliar) unfamiliar.add(facts.plain);
    }
    return { sentences, words: words.length, ...totals, unfamiliarWords: unfamiliar.size };
  }
}
