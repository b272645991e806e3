/** Why a text was written: to inform, to persuade or to entertain, weighed by its sentences. */
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Passage, PassageSentence } from './passage';
import { statementsOf } from './statements-of';

export type Purpose = 'to inform' | 'to persuade' | 'to entertain';

export interface PurposeFound {
  readonly purpose: Purpose;
  /** The sentences that show it best. */
  readonly lines: readonly PassageSentence[];
}

const urging =
  /\b(?:must|should|ought to|need to|has to|have to|it is time|let us|let’s|let's|we cannot|do not|don’t|please|join|everyone|deserves?|surely|of course|best|worst|important|unfair|right to)\b/iu;
const informing =
  /\b\d[\d,.]*\b|\b(?:\p{L}+ty-\p{L}+|hundreds?|thousands?|millions?)\b|\b(?:is called|are called|is known as|means|is a|are a|percent|per cent|centimetres?|metres?|kilometres?|degrees?|about (?:ten|twenty|fifty|a hundred|\p{L}+ty)|usually|most|every (?:day|year|winter|summer|spring|autumn)|such as|for example|scientists?|because they)\b/iu;
const telling =
  /[“"]|\b(?:suddenly|once (?:upon|there (?:was|were|lived))|that night|one (?:day|morning|night)|at last|whispered|shouted|laughed|cried|smiled|trembled|all at once)\b/iu;

/** A purpose is named where it is this much likelier than the next. */
const CLEAR = 1.4;
const MOST_LINES = 2;

/** Undefined where the signs do not settle it: then the question stays open. */
export function purposeOf(passage: Passage, lexicon: Lexicon): PurposeFound | undefined {
  const sentences = passage.sentences.filter(({ text }) => /[.!?…]/.test(text.slice(-2)));
  if (sentences.length === 0) return undefined;
  // A message to a friend is for that friend.
  if (/^(?:hi|hello|hey)\b/iu.test(sentences[0]?.text ?? '')) return undefined;
  // People who talk want what they want; the author’s purpose is not theirs.
  if (sentences.some(({ speaker }) => speaker !== undefined)) return undefined;
  const analysed = sentences.map((sentence) => ({
    sentence,
    main: analyseSentence(sentence.text, lexicon).main?.group,
  }));
  const told = analysed.flatMap(({ sentence, main }) => (main?.imperative ? sentence : []));
  // Do this, then that: it explains how something is done.
  if (told.length * 2 > sentences.length)
    return { purpose: 'to inform', lines: told.slice(0, MOST_LINES) };
  const statements = statementsOf(passage, lexicon);
  const past = statements.filter(({ analysis }) => analysis.main?.group.past === true);
  const ofPersons = past.filter(({ subject }) => subject.person && !subject.plural);
  // What is urged is so in the author’s eyes alone: it informs of nothing.
  const present = statements.filter(
    ({ analysis, text }) => analysis.main?.group.past !== true && !urging.test(text),
  );
  // What I do each day informs as well, though it is no statement to ask about.
  const isSo = analysed.filter(
    ({ sentence: { text }, main }) =>
      main && !main.past && !main.imperative && !text.endsWith('?') && !urging.test(text),
  );
  const share = (part: number) => part / Math.max(1, sentences.length);
  const with_ = (pattern: RegExp) => sentences.filter(({ text }) => pattern.test(text));
  const lines: Readonly<Record<Purpose, readonly PassageSentence[]>> = {
    'to inform': with_(informing),
    'to persuade': with_(urging),
    'to entertain': with_(telling),
  };
  const weights: readonly (readonly [Purpose, number])[] = [
    ['to inform', share(lines['to inform'].length) + share(isSo.length) * 0.7],
    ['to persuade', share(lines['to persuade'].length) * 2],
    ['to entertain', share(lines['to entertain'].length) * 1.3 + share(ofPersons.length) * 0.9],
  ];
  const [first, second] = [...weights].sort((left, right) => right[1] - left[1]);
  if (first === undefined || first[1] < 0.25) return undefined;
  // A life that is told may inform as well: only the signs of a story make it one.
  if (first[0] === 'to entertain' && lines['to entertain'].length === 0) return undefined;
  if (second !== undefined && second[1] * CLEAR > first[1]) return undefined;
  const [purpose] = first;
  const shown = lines[purpose].slice(0, MOST_LINES);
  // A story without speech shows it by what its people do, a report by what is so.
  const acted =
    purpose === 'to persuade'
      ? []
      : (purpose === 'to entertain' ? ofPersons : present).map(({ sentence }) => sentence);
  const chosen = [...new Set([...shown, ...acted])].slice(0, MOST_LINES);
  return chosen.length === 0 ? undefined : { purpose, lines: chosen };
}
