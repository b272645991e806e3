/** The four sentence types: a statement tells, a question asks, a command orders, an exclamation exclaims. */
import type { Clause } from '../clauses/clause';
import type { TaggedToken } from '../tagging/tag-sentence';

export const sentenceTypes = ['declarative', 'interrogative', 'imperative', 'exclamatory'] as const;
export type SentenceType = (typeof sentenceTypes)[number];

/** What a storm! How cold it is! What or how with its noun or adjective, and no inversion. */
export function isExclamation(tokens: readonly TaggedToken[], main: Clause | undefined): boolean {
  const [first, second] = tokens.filter(({ mark }) => !mark);
  if (first === undefined || second === undefined) return false;
  if (main?.group.inverted) return false;
  const end = tokens[tokens.length - 1]?.text;
  if (end === '?') return false;
  if (first.lower === 'what') {
    return (
      /^(?:a|an)$/.test(second.lower) ||
      second.tag === 'adjective' ||
      second.tag === 'noun' ||
      second.tag === 'nouns'
    );
  }
  return (
    first.lower === 'how' && (second.tag === 'adjective' || second.tag === 'adverb' || end === '!')
  );
}

export function sentenceTypeOf(
  tokens: readonly TaggedToken[],
  main: Clause | undefined,
): SentenceType {
  const marks = tokens.filter(({ tag }) => tag === 'stop').map(({ text }) => text);
  const end = marks[marks.length - 1];
  if (isExclamation(tokens, main)) return 'exclamatory';
  if (main?.group.imperative && end !== '?') return 'imperative';
  if (end === '?') return 'interrogative';
  const first = tokens.find(({ mark }) => !mark);
  if (main?.group.inverted && end === undefined) return 'interrogative';
  if (first?.tag === 'question' && main?.group.inverted) return 'interrogative';
  if (end === '!') return 'exclamatory';
  return 'declarative';
}
