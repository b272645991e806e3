/** The sense of a word that fits where it stands: the one that shares the most with the words around it. */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { define, type Meanings, type WordSense } from '../../languages/en/words/meanings';
import { wordTokens } from '../analysis/word-tokens';
import { functionWords } from '../devices/device';
import { formsOf } from '../fit/word-form';

const stem = (word: string) => word.slice(0, Math.max(4, word.length - 3));

const fullStems = (text: string) =>
  new Set(
    wordTokens(text)
      .filter(({ key }) => !functionWords.has(key) && key.length > 2)
      .map(({ key }) => stem(key)),
  );

export interface SenseHere extends WordSense {
  /** False where nothing around the word tells its senses apart. */
  readonly sure: boolean;
}

/**
 * The likeliest sense of a word in a sentence. Senses come with the commonest
 * first; a sense moves up by what its definition, example and near share
 * with the sentence and the text (after Lesk 1986).
 */
export function senseInContext(
  word: string,
  sentence: string,
  text: string,
  meanings: Meanings,
  lexicon: Lexicon,
): SenseHere | undefined {
  const near = fullStems(sentence);
  const far = fullStems(text.slice(0, 20_000));
  const own = stem(word.toLowerCase());
  near.delete(own);
  far.delete(own);
  const form = formsOf(word.toLowerCase(), lexicon)[0];
  const inflected = form && form.form !== 'base' ? form.wordClass : undefined;
  const letter = inflected === 'verb' ? 'v' : inflected === 'noun' ? 'n' : undefined;
  const before =
    new RegExp(`([\\p{L}’']+)\\s+${word}\\b`, 'iu').exec(sentence)?.[1]?.toLowerCase() ?? '';
  const expected =
    letter ??
    (/^(?:a|an|the|his|her|its|their|my|our|this|that|no|some|every)$/.test(before)
      ? 'n'
      : /^(?:to|will|can|could|would|must|should|did|not|they|we|i|you)$/.test(before)
        ? 'v'
        : undefined);
  const { senses } = define(word, meanings, lexicon);
  const scored = senses.map((sense, index) => {
    const said = fullStems(`${sense.definition} ${sense.example ?? ''} ${sense.near.join(' ')}`);
    const shared = [...said].reduce(
      (sum, each) => sum + (near.has(each) ? 2 : far.has(each) ? 0.5 : 0),
      0,
    );
    const rightClass = expected === undefined || sense.wordClass === expected ? 0 : -3;
    const ours = sense.source === 'wordane' ? 0.8 : 0;
    // cultivated since prehistoric times: a gloss that does not say what it is.
    const vague = sense.wordClass === 'n' && /^[a-z]+ed\b/.test(sense.definition) ? -2 : 0;
    return { sense, shared, score: shared + rightClass + ours + vague - index * 0.7, vague };
  });
  const best = scored.sort((left, right) => right.score - left.score)[0];
  if (best === undefined) return undefined;
  const sure =
    best.vague === 0 &&
    (best.sense.source === 'wordane' || senses.length === 1 || best.shared >= 1);
  return { ...best.sense, sure };
}
