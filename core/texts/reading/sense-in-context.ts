/** The sense of a word that fits where it stands: the one that shares the most with the words around it. */
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { define, type Meanings, type WordSense } from '../../languages/en/words/meanings';
import { wordTokens } from '../analysis/word-tokens';
import { functionWords } from '../devices/device';

const stem = (word: string) => word.slice(0, Math.max(4, word.length - 3));

const fullStems = (text: string) =>
  new Set(
    wordTokens(text)
      .filter(({ key }) => !functionWords.has(key) && key.length > 2)
      .map(({ key }) => stem(key)),
  );

/** Letters of the word classes that senses have, by what a word is in its sentence. */
export const senseClasses: Readonly<Record<string, string>> = {
  noun: 'n',
  nouns: 'n',
  base: 'v',
  present: 'v',
  third: 'v',
  past: 'v',
  participle: 'v',
  ing: 'v',
  adjective: 'a',
  adverb: 'd',
};

/** The class of a word in a sentence as senses name it; undefined where it is none that means much. */
export function classInSentence(
  word: string,
  sentence: string,
  lexicon: Lexicon,
): string | undefined {
  const key = word.toLowerCase();
  const { tokens } = analyseSentence(sentence, lexicon);
  const token =
    tokens.find(({ lower }) => lower === key) ?? tokens.find(({ base }) => base === key);
  return token && senseClasses[token.tag];
}

/**
 * Whose part or kind a gloss speaks of. The tail of a kite is not the part of an
 * animal, and a bee has wings that no bird has: such a gloss fits only where the
 * text has one of them.
 */
const bearer =
  /\b(?:an?|the) (animal|bird|fish|person|horse|dog|cow|plant|tree|ship|boat|house|car)(?:['’]s| (?:body|that|which))|\b(?:of|on) (?:an?|the) (animal|bird|fish|horse|plant|tree|ship|boat|house|car)\b/;

function hasBearer(
  definition: string,
  text: string,
  own: string,
  meanings: Meanings,
  lexicon: Lexicon,
) {
  const match = bearer.exec(definition);
  const kind = match?.[1] ?? match?.[2];
  if (kind === undefined || kind === 'person') return true;
  const words = new Set(wordTokens(text).map(({ key }) => key));
  if (words.has(kind) || words.has(`${kind}s`)) return true;
  const named = new RegExp(`\\b${kind}\\b`);
  return [...words].some(
    (word) =>
      !functionWords.has(word) &&
      stem(word) !== own &&
      define(word, meanings, lexicon).senses.some(
        ({ wordClass, definition: said }) => wordClass === 'n' && named.test(said.slice(0, 40)),
      ),
  );
}

/** What a text is about: how many of its words belong to each topic. */
function topicsOf(text: string, own: string, lexicon: Lexicon): Map<string, number> {
  const counts = new Map<string, number>();
  const words = new Set(wordTokens(text.slice(0, 20_000)).map(({ key }) => key));
  for (const word of words) {
    // An instrument alone makes no text about music.
    if (stem(word) === own) continue;
    for (const topic of lexicon.topicsOf(word)) counts.set(topic, (counts.get(topic) ?? 0) + 1);
  }
  return counts;
}

export interface SenseHere extends WordSense {
  /** False where nothing around the word tells its senses apart. */
  readonly sure: boolean;
  /** The next likely sense of the same class, where there is one: for the teacher to choose from. */
  readonly other?: WordSense;
}

/** Topics that nearly every text has words of. */
const general = new Set(['action', 'talk', 'describing', 'feelings', 'time', 'body', 'people']);

/** How much likelier than the next a sense has to be. */
const CLEAR = 1.4;

/**
 * The likeliest sense of a word in a sentence. Only senses of its class there are
 * looked at; they come with the commonest first, and a sense moves up by what its
 * definition, sentences, near words and topics share with the sentence and the
 * text (after Lesk 1986).
 *
 * @param wordClass its class in the sentence, where that is known already
 */
export function senseInContext(
  word: string,
  sentence: string,
  text: string,
  meanings: Meanings,
  lexicon: Lexicon,
  wordClass = classInSentence(word, sentence, lexicon),
): SenseHere | undefined {
  const near = fullStems(sentence);
  const far = fullStems(text.slice(0, 20_000));
  const own = stem(word.toLowerCase());
  near.delete(own);
  far.delete(own);
  const about = topicsOf(text, own, lexicon);
  const { senses, derived } = define(word, meanings, lexicon);
  // What a campaign is does not say who a campaigner is.
  if (derived === true) return undefined;
  const ofClass = senses.filter(
    (sense) => wordClass === undefined || sense.wordClass === wordClass,
  );
  const scored = ofClass.map((sense, index) => {
    const told = sense.sentences.map((each) => each.text).join(' ');
    const said = fullStems(
      `${sense.definition} ${sense.example ?? ''} ${sense.near.join(' ')} ${told}`,
    );
    const shared = [...said].reduce(
      (sum, each) => sum + (near.has(each) ? 2 : far.has(each) ? 0.2 : 0),
      0,
    );
    const topical = Math.min(
      1.5,
      0.3 *
        Math.max(
          0,
          ...(sense.topics ?? [])
            .filter((topic) => !general.has(topic))
            .map((topic) => about.get(topic) ?? 0),
        ),
    );
    const ours = sense.source === 'wordane' ? 0.8 : 0;
    // cultivated since prehistoric times: a gloss that does not say what it is.
    const vague = sense.wordClass === 'n' && /^[a-z]+ed\b/.test(sense.definition);
    const fits = hasBearer(sense.definition, sentence, own, meanings, lexicon);
    return {
      sense,
      index,
      close: [...said].filter((each) => near.has(each)).length,
      shared,
      topical,
      score: shared + topical + ours - (vague ? 2 : 0) - (fits ? 0 : 2) - index * 0.7,
      sound: !vague && fits,
    };
  });
  const [best, second] = scored.sort((left, right) => right.score - left.score);
  if (best === undefined) return undefined;
  const alone = second === undefined;
  const sure =
    best.sound &&
    wordClass !== undefined &&
    (alone
      ? (best.sense.source === 'wordane' && best.close + best.topical > 0) || best.shared >= 1
      : best.score - second.score >= CLEAR &&
        // Between two senses the sentence itself has to speak for the commoner one.
        best.index === 0 &&
        best.close > 0 &&
        (best.sense.source === 'wordane' || best.shared >= 1));
  return { ...best.sense, sure, ...(second ? { other: second.sense } : {}) };
}
