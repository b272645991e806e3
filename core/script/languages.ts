/** Functions for scripts about languages other than English: forms, and what a form can be. */
import { verbForms as englishForms } from './grammar';
import concepts from '../languages/concepts/concepts.json';
import { readConcepts, type Concepts } from '../languages/concepts/concept';
import { formsOfRomance, romanceVerb } from '../languages/romance/forms-of';
import { romanceLanguages, type RomanceLanguage } from '../languages/romance-words/nouns';
import {
  adjectiveForms,
  adjectiveFormNames,
  japaneseAdjectives,
  type AdjectiveFormName,
  type JapaneseAdjective,
} from '../languages/ja/adjective-forms';
import { japaneseVerbForms } from '../languages/ja/japanese-verb';
import { verbFormNames, type VerbClass } from '../languages/ja/verb-forms';
import { japaneseVerbs, type VerbRow } from '../languages/ja/verb-lexicon';
import japaneseRows from '../languages/ja/words.json';
import { latinLexicon, type LatinLexicon, type LatinRow } from '../languages/la/lexicon';
import { formsOf as formsOfLatin, parseForm as parseLatin } from '../languages/la/parse-form';
import { plain } from '../languages/la/letters';
import words from '../languages/la/words.json';
import type { Spelling } from '../kernel/spelling';
import { packOf } from '../languages/registry/registry';

let latin: LatinLexicon | undefined;
const latinWords = () => (latin ??= latinLexicon(words as unknown as readonly LatinRow[]));

let common: Concepts | undefined;
const commonConcepts = () => (common ??= readConcepts(concepts));

let japanese: ReturnType<typeof japaneseVerbs> | undefined;
const japaneseWords = () =>
  (japanese ??= japaneseVerbs(japaneseRows as unknown as readonly VerbRow[]));

let adjectives: ReturnType<typeof japaneseAdjectives> | undefined;
const japaneseAdjectiveWords = () =>
  (adjectives ??= japaneseAdjectives(japaneseRows as readonly (readonly string[])[]));

/** An adjective with each of its forms, as written and in kana. */
function formsOfAdjective({ written, reading, adjectiveClass, meaning }: JapaneseAdjective) {
  const kana = adjectiveForms(reading, adjectiveClass);
  return {
    entry: written,
    partOfSpeech: 'adjective',
    meaning,
    forms: Object.entries(adjectiveForms(written, adjectiveClass)).flatMap(([name, forms]) =>
      forms.map((form, at) => ({
        form,
        name: adjectiveFormNames[name as AdjectiveFormName],
        kana: kana[name as AdjectiveFormName][at],
      })),
    ),
  };
}

/**
 * The forms of a verb: the five of an English one, all of a Japanese one in kana and as it is
 * written, the tenses of a French, Italian, Portuguese or Spanish one.
 *
 * @throws RangeError where the class of a Japanese verb cannot be told, or it is no dictionary form
 */
export function verbForms({
  verb,
  language = 'en',
  spelling,
  reading,
  verbClass,
}: {
  verb: string;
  language?: 'en' | 'ja' | RomanceLanguage;
  spelling?: Spelling;
  reading?: string;
  verbClass?: VerbClass;
}) {
  if (language === 'en') return englishForms({ verb, ...(spelling ? { spelling } : {}) });
  const romance = romanceLanguages.find((each) => each === language);
  if (romance) return romanceVerb(romance, verb);
  const [first, ...others] = japaneseVerbForms(verb, japaneseWords(), {
    ...(reading === undefined ? {} : { reading }),
    ...(verbClass === undefined ? {} : { verbClass }),
  });
  return { ...first, ...(others.length > 0 ? { others } : {}) };
}

/** Every parse of a Latin form; none where no word that is known has it, with what to do. */
export function parseForm({ form }: { language: 'la'; form: string }) {
  const parses = parseLatin(form, latinWords());
  return parses.length > 0
    ? { parses }
    : {
        parses,
        says: `No word that is known here has the form ${form}. Macrons, j for i and v for u make no difference: see whether a letter is wrong.`,
      };
}

/**
 * The forms of a word by its lemma: a Latin word by its first principal part, a Japanese verb by its
 * dictionary form, a word of French, Italian, Portuguese or Spanish as a dictionary has it.
 */
export function formsOf({
  language,
  lemma,
}: {
  language: 'la' | 'ja' | RomanceLanguage;
  lemma: string;
}) {
  const romance = romanceLanguages.find((each) => each === language);
  if (romance) return { words: formsOfRomance(romance, lemma, commonConcepts()) };
  if (language === 'ja') {
    const adjective = japaneseAdjectiveWords().get(lemma);
    if (adjective) return { words: [formsOfAdjective(adjective)] };
    return {
      words: japaneseVerbForms(lemma, japaneseWords()).map(({ verb, meaning, kana, written }) => ({
        entry: verb,
        partOfSpeech: 'verb',
        meaning,
        forms: Object.entries(written).map(([name, form]) => ({
          form,
          name: verbFormNames[name as keyof typeof verbFormNames],
          ...(kana ? { kana: kana[name as keyof typeof kana] } : {}),
        })),
      })),
    };
  }
  const found = formsOfLatin(lemma, latinWords());
  return found.length > 0
    ? { words: found.map((word) => ({ ...word, plain: plain(word.entry) })) }
    : {
        words: [],
        says: `${lemma} is not in the dictionary here. Give the first principal part: amō, puella.`,
      };
}

/**
 * What the letters of a word say, its syllables in writing, and its stress where the spelling shows
 * it: French, Italian, Portuguese (of Brazil), Spanish.
 *
 * @throws RangeError where a sign of the word is not known to the rules
 */
export function letterSounds({ language, word }: { language: RomanceLanguage; word: string }) {
  const { spelling, name } = packOf(language);
  const letters = spelling?.letters(word);
  if (!spelling || !letters) {
    throw new RangeError(
      `${word} has a sign that the spelling rules of ${name} do not know. Write it with the letters of ${name}.`,
    );
  }
  const bare = spelling.bare(word);
  const stress = spelling.stress?.(bare);
  return {
    letters: letters.map(({ letters: written, sound }) => ({ letters: written, sound })),
    said: letters.map(({ sound }) => sound).join(''),
    syllables: spelling.syllables(bare) ?? [],
    ...(stress ? { stress: { ...stress, name: spelling.stressNames?.[stress.fromEnd] } } : {}),
  };
}
