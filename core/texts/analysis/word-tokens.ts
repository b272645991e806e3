/** The words of a text as the word bank knows them: letters with apostrophes inside, hyphenated words part by part. */
import type { Lexicon, LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { irregularBaseOf } from '../../languages/en/words/irregular-base';
import type { Span } from '../../languages/shared/segment';

export interface WordToken extends Span {
  /** As it is written. */
  readonly text: string;
  /** Lower case with a straight apostrophe. */
  readonly key: string;
}

const wordPattern = /\p{L}[\p{L}\p{M}]*(?:['’]\p{L}+)*/gu;

/** The letters of a.m. and U.S. are no words. */
function isWord(match: RegExpMatchArray): boolean {
  const at = match.index ?? 0;
  const source = match.input ?? '';
  const single = match[0].length === 1;
  if (!single) return true;
  return (
    !/\p{L}\.$/u.test(source.slice(Math.max(0, at - 2), at)) &&
    !/^\.\p{L}/u.test(source.slice(at + 1, at + 3))
  );
}

export function wordTokens(
  text: string,
  within: Span = { start: 0, end: text.length },
): WordToken[] {
  return [...text.slice(within.start, within.end).matchAll(wordPattern)]
    .filter(isWord)
    .map((match) => ({
      start: within.start + match.index,
      end: within.start + match.index + match[0].length,
      text: match[0],
      key: match[0].toLowerCase().replaceAll('’', "'"),
    }));
}

/** The entry of a word as it stands in a text; a possessive is known by its owner. */
export function entryOf(key: string, lexicon: Lexicon): LexiconEntry | undefined {
  return lexicon.find(key) ?? lexicon.find(key.replace(/'s?$/, ''));
}

/**
 * Words that are names here: written with a capital where no sentence begins,
 * and never small, or with a capital and not in the word bank.
 *
 * @param starts offsets at which a sentence, a line or a quotation begins
 */
export function namesIn(
  tokens: readonly WordToken[],
  starts: ReadonlySet<number>,
  lexicon: Lexicon,
): ReadonlySet<string> {
  const small = new Set(tokens.filter(({ text, key }) => text === key).map(({ key }) => key));
  const names = new Set<string>();
  for (const { text, key, start } of tokens) {
    if (!/^\p{Lu}/u.test(text) || small.has(key) || /^i(?:'|$)/.test(key)) continue;
    const plain = key.replace(/'s?$/, '');
    const known = lexicon.find(plain);
    const ordinary = known !== undefined && !/^\p{Lu}/u.test(known.word);
    if (!starts.has(start) || !ordinary) {
      if (ordinary && starts.has(start)) continue;
      if (irregularBaseOf(plain) !== undefined && starts.has(start)) continue;
      names.add(key);
    }
  }
  return names;
}

/** Offsets where a capital is no sign of a name: sentences, lines, and what stands after an opening quotation mark. */
export function sentenceStarts(
  text: string,
  sentences: readonly Span[],
  lines: readonly Span[],
): ReadonlySet<number> {
  const starts = new Set<number>();
  const add = (from: number) => {
    const skip = /^[^\p{L}\p{N}]*/u.exec(text.slice(from, from + 12))?.[0].length ?? 0;
    starts.add(from + skip);
  };
  for (const { start } of sentences) add(start);
  for (const { start } of lines) add(start);
  for (const match of text.matchAll(/["“‘(—–:-]\s*(?=\p{Lu})/gu))
    starts.add(match.index + match[0].length);
  return starts;
}
