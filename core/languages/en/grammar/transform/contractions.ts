/** Full forms and contractions of the same sentence. */
import type { SentenceAnalysis } from '../describe/describe-sentence';
import type { TaggedToken } from '../tagging/tag-sentence';
import { NoSuchForm, type Changed, type GrammarChange } from './change';

const fullOf = (token: TaggedToken): string | undefined => {
  if (token.full !== undefined) return token.full;
  return undefined;
};

export interface FoundContraction {
  readonly start: number;
  readonly end: number;
  readonly text: string;
  /** Both words in full. */
  readonly full: string;
}

/** The contractions of a sentence, each as a whole word, with its full form. */
export function contractionsIn(tokens: readonly TaggedToken[]): FoundContraction[] {
  return tokens.flatMap((token, at): FoundContraction[] => {
    const next = tokens[at + 1];
    if (!token.joined || next === undefined || next.tag === 'possessive') return [];
    if (token.lower === 'can' && next.lower === 'not') return [];
    // The middle of they'd've has been told with its beginning.
    if (tokens[at - 1]?.joined) return [];
    const third = next.joined ? tokens[at + 2] : undefined;
    const end = third?.end ?? next.end;
    const text = `${token.text}${next.text}${third?.text ?? ''}`;
    const last = third ? ` ${fullOf(third) ?? third.text}` : '';
    const first = token.full ?? token.text;
    const ain = token.lower === 'ai';
    const second = fullOf(next) ?? next.text;
    if (second === 'had better')
      return [
        {
          start: token.start,
          end,
          text,
          full: `${first} had`,
        },
      ];
    const shown =
      token.full !== undefined && /^\p{Lu}/u.test(token.text)
        ? first.charAt(0).toUpperCase() + first.slice(1)
        : first;
    return [
      {
        start: token.start,
        end,
        text,
        full: ain ? 'is not' : `${shown} ${second}${last}`,
      },
    ];
  });
}

/** An auxiliary before its subject keeps not behind the subject: Isn't he …, Is he not …. */
export function toFull(sentence: string, analysis: SentenceAnalysis): Changed {
  const found = contractionsIn(analysis.tokens);
  if (found.length === 0) throw new NoSuchForm('There is no contraction in this sentence.');
  let result = sentence;
  const changes: GrammarChange[] = [];
  for (const one of [...found].reverse()) {
    const inverted = analysis.clauses.find(
      ({ group }) =>
        group.inverted && group.finite.start === one.start && /n[’']t$/i.test(one.text),
    );
    const lastInside = inverted?.group.inside.findLast(({ tag }) => tag !== 'adverb');
    const [first = ''] = one.full.split(' ');
    if (inverted && lastInside) {
      result = `${result.slice(0, one.start)}${first}${result.slice(one.end, lastInside.end)} not${result.slice(lastInside.end)}`;
    } else {
      result = `${result.slice(0, one.start)}${one.full}${result.slice(one.end)}`;
    }
    changes.unshift({
      what: 'contraction',
      from: one.text,
      to: one.full,
      why: 'Each letter that the apostrophe stands for is written out.',
    });
  }
  const cannot = result.replace(/\bcan not\b/g, 'cannot').replace(/\bCan not\b/g, 'Cannot');
  return { result: cannot, accepted: cannot === result ? [] : [result], changes };
}

const shortVerb: Readonly<Record<string, string>> = {
  am: "'m",
  are: "'re",
  is: "'s",
  has: "'s",
  have: "'ve",
  had: "'d",
  will: "'ll",
  would: "'d",
};
const shortNot: Readonly<Record<string, string>> = {
  will: "won't",
  can: "can't",
  shall: "shan't",
};
const canTakeNot =
  /^(?:is|are|was|were|has|have|had|do|does|did|will|would|can|could|should|must|might|need)$/;

/** Where a subject and its auxiliary, or an auxiliary and not, can be one word. */
function spotsFor(
  tokens: readonly TaggedToken[],
): { at: number; text: string; other?: string; why: string }[] {
  const spots: { at: number; text: string; other?: string; why: string }[] = [];
  for (let at = 0; at < tokens.length - 1; at += 1) {
    const token = tokens[at] as TaggedToken;
    const next = tokens[at + 1] as TaggedToken;
    if (token.joined && next.lower !== 'not') continue;
    const after = tokens[at + 2];
    if (next.tag === 'not' && canTakeNot.test(token.lower)) {
      const negative = shortNot[token.lower] ?? `${token.lower}n't`;
      const text = /^\p{Lu}/u.test(token.text)
        ? negative.charAt(0).toUpperCase() + negative.slice(1)
        : negative;
      spots.push({ at, text, why: 'The o of not is left out: an apostrophe stands for it.' });
      at += 1;
      continue;
    }
    const isSubject =
      token.tag === 'pronoun-subject' || /^(?:it|you|that|there|who|what|here)$/.test(token.lower);
    const short = shortVerb[next.lower];
    const auxiliary =
      next.tag === 'modal' ||
      next.tag === 'be' ||
      (next.tag === 'have' &&
        after?.tag !== 'determiner' &&
        after?.tag !== 'noun' &&
        after?.tag !== 'to' &&
        after?.tag !== 'number');
    const ends = after === undefined || after.mark;
    const plural =
      short !== undefined &&
      /^'(?:re|ve|m)$/.test(short) &&
      /^(?:that|there|who|what|here)$/.test(token.lower);
    if (isSubject && short !== undefined && auxiliary && !ends && !plural) {
      if (after?.tag === 'not' && canTakeNot.test(next.lower)) {
        // It's not, it isn't: both are right.
        const negative = shortNot[next.lower] ?? `${next.lower}n't`;
        spots.push({
          at: at + 1,
          text: negative,
          why: 'The o of not is left out: an apostrophe stands for it.',
        });
        at += 2;
        continue;
      }
      spots.push({
        at,
        text: `${token.text}${short}`,
        why: `${next.text} is shortened: an apostrophe stands for the letters left out.`,
      });
      at += 1;
    }
  }
  return spots;
}

export function toContracted(sentence: string, analysis: SentenceAnalysis): Changed {
  const { tokens } = analysis;
  const spots = spotsFor(tokens);
  if (spots.length === 0)
    throw new NoSuchForm('Nothing in this sentence has a contraction in writing.');
  let result = sentence;
  const changes: GrammarChange[] = [];
  for (const { at, text, why } of [...spots].reverse()) {
    const first = tokens[at] as TaggedToken;
    const second = tokens[at + 1] as TaggedToken;
    result = `${result.slice(0, first.start)}${text}${result.slice(second.end)}`;
    changes.unshift({
      what: 'contraction',
      from: sentence.slice(first.start, second.end),
      to: text,
      why,
    });
  }
  return { result, accepted: [], changes };
}

/** The contracted spelling of a verb after a pronoun: she, has closed gives 's closed and she is spelled with it. */
export function contractedVerb(subject: string, verb: string): string[] {
  const [first = '', ...others] = verb.split(' ');
  const short = shortVerb[first];
  if (short === undefined || others.length === 0 || !/^(?:I|he|she|it|we|you|they)$/i.test(subject))
    return [];
  return [`${short} ${others.join(' ')}`];
}
