/** Two sentences joined into one with and, but, or, so, because, when, although … */
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { NoSuchForm, type Changed } from './change';
import { lowered, textOf } from './clause-frame';
import { clauseParts } from '../clauses/clause-parts';

const coordinators = new Set(['and', 'but', 'or', 'so', 'yet']);
export const joiners = [
  'and',
  'but',
  'or',
  'so',
  'because',
  'when',
  'while',
  'although',
  'before',
  'after',
  'if',
  'until',
] as const;
export type Joiner = (typeof joiners)[number];

export const isJoiner = (word: string): word is Joiner =>
  (joiners as readonly string[]).includes(word);

const whyJoiner: Readonly<Record<Joiner, string>> = {
  and: 'And adds something.',
  but: 'But sets one thing against another.',
  or: 'Or gives a choice.',
  so: 'So says what follows from it.',
  because: 'Because says why.',
  when: 'When says at what time.',
  while: 'While says what goes on at the same time.',
  although: 'Although says what is against it.',
  before: 'Before says what comes later.',
  after: 'After says what comes first.',
  if: 'If sets a condition.',
  until: 'Until says how long.',
};

const body = (sentence: string) => sentence.trim().replace(/[.!?]+$/, '');

export function combine(
  [first, second]: readonly [string, string],
  [left, right]: readonly [SentenceAnalysis, SentenceAnalysis],
  joiner: Joiner,
): Changed {
  for (const [text, analysis] of [
    [first, left],
    [second, right],
  ] as const) {
    if (analysis.completeness !== 'complete')
      throw new NoSuchForm(`“${text}” is no whole sentence: only whole sentences can be joined.`);
    if (analysis.type === 'interrogative')
      throw new NoSuchForm(`“${text}” is a question: make it a statement first.`);
  }
  const one = body(first);
  const two = lowered(body(second), right.tokens[0]);
  const comma = coordinators.has(joiner) ? ', ' : ' ';
  const result = `${one}${comma}${joiner} ${two}.`;
  const accepted: string[] = [];
  if (coordinators.has(joiner)) accepted.push(`${one} ${joiner} ${two}.`);
  else {
    const opener = joiner.charAt(0).toUpperCase() + joiner.slice(1);
    accepted.push(`${opener} ${two}, ${lowered(one, left.tokens[0])}.`);
  }
  // The same subject need not be said twice: The wind dropped and stopped.
  if ((joiner === 'and' || joiner === 'but') && left.main && right.main) {
    const subjectOf = (text: string, analysis: SentenceAnalysis) =>
      analysis.main
        ? textOf(
            text,
            clauseParts(analysis.tokens, analysis.main, analysis.clauses).subject,
          ).toLowerCase()
        : '';
    const same = subjectOf(first, left);
    const other = subjectOf(second, right);
    if (
      same !== '' &&
      (same === other || /^(?:he|she|it|they)$/.test(other)) &&
      right.main.group.finite.start > 0 &&
      // On Tuesday we went: the day would be lost.
      clauseParts(right.tokens, right.main, right.clauses).lead.length === 0
    ) {
      accepted.push(
        `${one} ${joiner} ${body(second.trim().slice(right.main.group.finite.start))}.`,
      );
    }
  }
  return {
    result,
    accepted,
    changes: [
      { what: 'conjunction', from: '. ', to: `${comma}${joiner} `, why: whyJoiner[joiner] },
      {
        what: 'capital letter',
        from: second.trim().charAt(0),
        to: two.charAt(0),
        why: 'Inside a sentence only a name begins with a capital.',
      },
    ],
  };
}
