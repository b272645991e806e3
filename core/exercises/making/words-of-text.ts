/**
 * The words of a text that an exercise explains, each with the meaning it has
 * there: what the teacher has glossed or chosen first, then the hard words whose
 * sense the sentence settles. Where it does not, the teacher is asked.
 */
import { inSpelling } from '../../languages/en/lexicon/in-spelling';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { WordSense } from '../../languages/en/words/meanings';
import { offeredAge } from '../../reach/fitness';
import { entryOf, wordTokens } from '../../texts/analysis/word-tokens';
import { hardWords } from '../../texts/reading/hard-words';
import type { PassageSentence } from '../../texts/reading/passage';
import { senseInContext } from '../../texts/reading/sense-in-context';
import type { MakerNote } from './exercise';
import { given, read } from './parameters';
import type { ReadingInput } from './reading-maker';

/** A meaning longer than this is no line of an exercise. */
export const LONGEST_MEANING = 85;
/** Words that the teacher is asked about at once. */
const MOST_ASKED = 3;

export const senseParameters = {
  /** Of a word the meaning that the teacher has chosen for this text. */
  senses: given<Readonly<Record<string, string>>>('record'),
};

export interface ExplainedWord {
  readonly word: string;
  /** As it stands in the text. */
  readonly form: string;
  readonly meaning: string;
  readonly sentence?: PassageSentence | undefined;
  /** None where the teacher’s own words explain it. */
  readonly sense?: WordSense;
}

/** No word of an explanation is harder than what it explains. */
function isPlain(meaning: string, word: string, lexicon: Lexicon): boolean {
  const age = entryOf(word, lexicon)?.age ?? 18;
  return wordTokens(meaning).every(({ key }) => (entryOf(key, lexicon)?.age ?? 99) <= age + 1);
}

/** @param most how many words are wanted */
export function explainedWords(
  input: ReadingInput,
  most: number,
): { readonly words: readonly ExplainedWord[]; readonly notes: readonly MakerNote[] } {
  const { text, passage, lexicon, meanings, profile, parameters } = input;
  const { senses: chosen = {} } = read(senseParameters, parameters);
  const glosses = new Map(text.glosses.map(({ word, text: said }) => [word.toLowerCase(), said]));
  const settled = new Map([...glosses, ...Object.entries(chosen)]);
  const age = profile ? offeredAge(profile) : 18;
  const spelled = (meaning: string) =>
    profile ? inSpelling(meaning, profile.spelling, lexicon).text : meaning;
  const found: ExplainedWord[] = [];
  const notes: MakerNote[] = [];
  const taken = new Set<string>();
  const hard = hardWords(passage, lexicon, profile);
  const wanted = new Set([...settled.keys(), ...text.boxed.map((word) => word.toLowerCase())]);
  const first = [...wanted].map((word) => {
    const known = hard.find((each) => each.word === word || each.form.toLowerCase() === word);
    return known ?? { word, form: word, sentence: sentenceWith(word, passage.sentences) };
  });
  const rest = hard.filter(
    ({ word, form }) => !wanted.has(word) && !wanted.has(form.toLowerCase()),
  );
  for (const each of [...first, ...rest]) {
    const { word, form, sentence } = each;
    if (found.length === most) break;
    const own = settled.get(word) ?? settled.get(form.toLowerCase());
    const sense =
      own === undefined && meanings && sentence
        ? senseInContext(
            word,
            sentence.text,
            text.body,
            meanings,
            lexicon,
            'wordClass' in each ? each.wordClass : undefined,
          )
        : undefined;
    const meaning = own ?? (sense?.sure === true ? sense.definition : undefined);
    if (meaning === undefined) {
      const ask = sense && askAbout(form, word, sense, chosen);
      if (ask && notes.length < MOST_ASKED) notes.push(ask);
      continue;
    }
    const plain = meaning.toLowerCase();
    if (taken.has(plain)) continue;
    if (own === undefined && sense) {
      if (meaning.length > LONGEST_MEANING || (sense.from ?? 0) > age) continue;
      if (plain.includes(word.slice(0, Math.max(4, word.length - 2)))) continue;
      if (sense.source !== 'wordane' && !isPlain(meaning, word, lexicon)) continue;
    }
    taken.add(plain);
    found.push({
      word,
      form: form.toLowerCase(),
      meaning: spelled(meaning),
      sentence,
      ...(own === undefined && sense ? { sense } : {}),
    });
  }
  return { words: found, notes: found.length < most ? notes : [] };
}

function sentenceWith(word: string, sentences: readonly PassageSentence[]) {
  const whole = new RegExp(`(?<!\\p{L})${word.replace(/[^\p{L}’' -]/gu, '')}(?!\\p{L})`, 'iu');
  return sentences.find(({ text }) => whole.test(text));
}

/** Two meanings fit: which, the teacher says once. */
function askAbout(
  form: string,
  word: string,
  sense: WordSense & { readonly other?: WordSense },
  chosen: Readonly<Record<string, string>>,
): MakerNote | undefined {
  const offered = [sense, sense.other].flatMap((each) => (each ? [each.definition] : []));
  if (offered.some((definition) => definition.length > LONGEST_MEANING)) return undefined;
  return {
    word,
    text: `What does ${form} mean in this text? It is left out until you choose.`,
    choices: offered.map((definition) => ({
      label: definition,
      parameters: { senses: { ...chosen, [word]: definition } },
    })),
  };
}
