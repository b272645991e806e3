/** Sentences of the wordbook as a bank for grammar: of the class's age and within its reach, in the tense in which they were written. */
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { inSpelling } from '../../languages/en/lexicon/in-spelling';
import { offeredAge } from '../../reach/fitness';
import { beyondIn, sentenceAgeOf } from '../../reach/sentences-of';
import type { GivenSentence } from './grammar-maker';
import type { MakerInput } from './maker';

/** Sentences looked at before it is given up. */
const MOST = 900;
const fewestWords = 4;
const mostWords = 14;
/** Whom sentences are written for where no class is given. */
const USUAL_AGE = 8;

/**
 * Up to `wanted` of what can be made of sentences, drawn in an order of the seed's.
 *
 * @param make what a sentence gives; undefined where it gives nothing
 */
export function fromWordbook<Made>(
  input: Pick<MakerInput, 'meanings' | 'profile' | 'lexicon' | 'random'>,
  wanted: number,
  make: (sentence: GivenSentence) => Made | undefined,
): Made[] {
  const { meanings, profile, lexicon, random } = input;
  if (meanings === undefined) return [];
  const age = profile ? sentenceAgeOf(profile) : USUAL_AGE;
  const fit = profile ? offeredAge(profile) : Infinity;
  const made: Made[] = [];
  let looked = 0;
  for (const word of random.shuffle(meanings.withSentences)) {
    if (made.length === wanted || looked > MOST) break;
    const [sense] = meanings.sensesOf(word);
    const sentence = sense?.sentences.find((each) => each.age === age);
    if (sense === undefined || sentence === undefined || (sense.from ?? 0) > fit) continue;
    const text = profile
      ? inSpelling(sentence.text, profile.spelling, lexicon).text
      : sentence.text;
    const words = text.split(' ').length;
    if (words < fewestWords || words > mostWords) continue;
    looked += 1;
    if (profile !== undefined && beyondIn(text, profile, lexicon).length > 0) continue;
    const analysis = analyseSentence(text, lexicon);
    if (!analysis.sure || analysis.completeness !== 'complete') continue;
    const one = make({ text, analysis });
    if (one !== undefined) made.push(one);
  }
  return made;
}
