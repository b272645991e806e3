/** Sentences of the wordbook with a word in them, those that suit a class first. */
import type { ClassProfile } from '../classes/class-profile';
import { ageOfLevel, type CefrLevel } from '../kernel/level';
import { scaleOf } from '../classes/class-level';
import { inSpelling } from '../languages/en/lexicon/in-spelling';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { define, type Meanings, sentenceAges } from '../languages/en/words/meanings';
import { checkWord } from './check-word';
import { offeredAge } from './fitness';

export interface WordSentence {
  readonly text: string;
  /** Where the word stands, in whatever form. */
  readonly start: number;
  readonly end: number;
  /** The form that stands there. */
  readonly form: string;
  /** The headword, and the sense it has there. */
  readonly headword: string;
  readonly wordClass: string;
  readonly definition: string;
  /** The youngest it speaks to: 5, 8 or 13. */
  readonly age: number;
  /** Words past the class's reach; empty where no class is given. */
  readonly beyond: readonly string[];
}

/** The youngest a class's own sentences speak to: up to seven 5, up to eleven 8, then 13; of CEFR levels A1, A2 and the others. */
export function sentenceAgeOf({ level }: Pick<ClassProfile, 'level'>): number {
  if (level.system === 'cefr') {
    const order: readonly CefrLevel[] = ['A1', 'A2'];
    return sentenceAges[order.indexOf(level.value as CefrLevel)] ?? 13;
  }
  const age = ageOfLevel(scaleOf(level).middle);
  return age < 8 ? 5 : age < 12 ? 8 : 13;
}

/** The words of a sentence that are past a class's reach. */
export function beyondIn(text: string, profile: ClassProfile, lexicon: Lexicon): string[] {
  const words = text.match(/[A-Za-z]+(?:['’][a-z]+)?/g) ?? [];
  const found = words.filter((word, at) => {
    const entry = lexicon.find(word);
    // A name stands in capitals past the first word.
    if (entry === undefined && at > 0 && /^[A-Z]/.test(word)) return false;
    const free = { ...profile, step: null };
    const lemma = entry && lexicon.lemmaOf(entry);
    return (
      checkWord(word, entry, profile).reach === 'beyond' ||
      (profile.step === null && lemma && checkWord(lemma.word, lemma, free).reach === 'beyond')
    );
  });
  return [...new Set(found)];
}

/**
 * The sentences of a word, or of the word it is a form of.
 *
 * For a class those of its age come first, then those with the form that was
 * asked for, then those with the fewest words past its reach; senses and
 * sentences that are not for its age are left out, and all is in its spelling.
 */
export function sentencesOf(
  word: string,
  meanings: Meanings,
  lexicon: Lexicon,
  profile?: ClassProfile,
): WordSentence[] {
  const { senses, base, derived } = define(word, meanings, lexicon);
  if (derived) return [];
  const age = profile && sentenceAgeOf(profile);
  const fit = profile ? offeredAge(profile) : Infinity;
  const found = senses.flatMap((sense, order) =>
    (sense.from ?? 0) > fit
      ? []
      : sense.sentences.map((sentence) => {
          const { text, marks } = profile
            ? inSpelling(sentence.text, profile.spelling, lexicon, [sentence])
            : { text: sentence.text, marks: [sentence] };
          const { start, end } = marks[0] ?? sentence;
          const form = text.slice(start, end);
          return {
            order,
            sentence: {
              ...{ text, start, end, form },
              headword: base ?? lexicon.find(word)?.word ?? word,
              wordClass: sense.wordClass,
              definition: sense.definition,
              age: sentence.age,
              beyond: profile ? beyondIn(text, profile, lexicon) : [],
            },
          };
        }),
  );
  const isForm = (form: string) => (form.toLowerCase() === word.toLowerCase() ? 0 : 1);
  // The class's own age first, then younger, then older.
  const far = (of: number) => (age === undefined ? 0 : of === age ? 0 : of < age ? 1 : 2);
  return found
    .sort(
      (left, right) =>
        isForm(left.sentence.form) - isForm(right.sentence.form) ||
        left.order - right.order ||
        far(left.sentence.age) - far(right.sentence.age) ||
        left.sentence.beyond.length - right.sentence.beyond.length,
    )
    .map(({ sentence }) => sentence);
}
