/** Words within reach that can stand in the place of a word in a text: same meaning, same form, same capital. */
import { offerTest } from '../../reach/fitness';
import type { ClassProfile } from '../../classes/class-profile';
import { analysePassage } from '../../languages/en/grammar/find/analyse-passage';
import { checkWord } from '../../reach/check-word';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { define, type Meanings, type WordSense } from '../../languages/en/words/meanings';
import type { WordToken } from '../analysis/word-tokens';
import { formsOf, inForm, type WordForm } from './word-form';

export interface TextSwap {
  /** As it will stand in the text. */
  readonly word: string;
  /** What the two have in common: a synonym, or the kind of thing it is. */
  readonly why: string;
}

export interface SwapInput {
  readonly text: string;
  readonly token: WordToken;
  readonly profile: ClassProfile;
  readonly lexicon: Lexicon;
  readonly meanings?: Meanings | undefined;
}

const MOST = 4;
/** Verbs that mean too much to stand for one meaning: got for began. */
const lightVerbs = new Set('be have do get go come make take put set give let run turn'.split(' '));
const letterOf: Readonly<Record<string, string>> = {
  noun: 'n',
  verb: 'v',
  adjective: 'a',
  adverb: 'd',
};

const classOfTag: Readonly<Record<string, string>> = {
  noun: 'n',
  nouns: 'n',
  adjective: 'a',
  adverb: 'd',
  base: 'v',
  present: 'v',
  third: 'v',
  past: 'v',
  participle: 'v',
  ing: 'v',
};

/** The class the word has in its sentence, as the grammar reads it; undefined where it reads none of the four. */
function classHere(text: string, start: number, lexicon: Lexicon): string | undefined {
  const sentence = analysePassage(text, lexicon).find(
    (each) => start >= each.start && start < each.end,
  );
  const tag = sentence?.analysis.tokens.find((token) => token.start === start)?.tag;
  return tag === undefined ? undefined : classOfTag[tag];
}

/** A participle stands after have and be: was broken, not was broke. */
const asParticiple = (text: string, start: number) =>
  /\b(?:have|has|had|having|be|been|being|is|are|was|were|['’]ve)(?:n['’]t)?\s+(?:not\s+|never\s+|\p{L}+ly\s+)?$/iu.test(
    text.slice(Math.max(0, start - 30), start),
  );

const capitalAs = (model: string, word: string) => {
  if (model.length > 1 && model === model.toUpperCase()) return word.toUpperCase();
  return /^\p{Lu}/u.test(model) ? word.charAt(0).toUpperCase() + word.slice(1) : word;
};

interface Candidate {
  readonly base: string;
  readonly why: string;
  readonly sense: WordSense;
}

function candidates(form: WordForm, expected: string | undefined, input: SwapInput): Candidate[] {
  const { meanings, lexicon } = input;
  if (meanings === undefined) return [];
  const own = expected ?? (form.wordClass ? letterOf[form.wordClass] : undefined);
  const senses = define(form.base, meanings, lexicon).senses;
  const fitting = own === undefined ? senses : senses.filter(({ wordClass }) => wordClass === own);
  // The sense that is met first: those that follow are another matter.
  return fitting.slice(0, 1).flatMap((sense) => [
    ...sense.near.map((base) => ({ base, why: `means the same: ${sense.definition}`, sense })),
    // A kind of thing may stand for the thing; a kind of doing rarely for the doing.
    ...(sense.kindOf && sense.wordClass !== 'a'
      ? [{ base: sense.kindOf, why: `a ${form.base} is a kind of ${sense.kindOf}`, sense }]
      : []),
  ]);
}

/** Up to four swaps, the closest in meaning first. */
export function textSwaps(input: SwapInput): TextSwap[] {
  const { text, token, profile, lexicon } = input;
  const expected = classHere(text, token.start, lexicon);
  const fit = offerTest(lexicon, profile);
  const found: TextSwap[] = [];
  for (const form of formsOf(token.key, lexicon)) {
    const kind = form.form === 'ed' && asParticiple(text, token.start) ? 'participle' : form.form;
    for (const { base, why, sense } of candidates(form, expected, input)) {
      if (found.length === MOST) return found;
      if (sense.wordClass === 'v' && lightVerbs.has(base)) continue;
      const other = lexicon.find(base);
      if (other === undefined || base === form.base || !fit(other)) continue;
      const wordClass =
        sense.wordClass === 'n' ? 'noun' : sense.wordClass === 'v' ? 'verb' : undefined;
      const made = inForm(base, kind, lexicon, profile.spelling, wordClass);
      if (made === undefined || made === token.key) continue;
      if (checkWord(made, lexicon.find(made), profile).reach !== 'secure') continue;
      const word = capitalAs(token.text, made);
      if (!found.some((each) => each.word === word)) found.push({ word, why });
    }
    if (found.length > 0) return found;
  }
  return found;
}

const vowelSound = (word: string, lexicon: Lexicon) => {
  const first = lexicon.find(word)?.readings[0].units.find(({ phonemes }) => phonemes.length > 0)
    ?.phonemes[0];
  return first === undefined ? /^[aeiou]/i.test(word) : /^[AEIOU]/.test(first);
};

/** A text with the word at a place swapped; a and an before it follow. */
export function swapInText(
  text: string,
  place: { start: number; end: number },
  word: string,
  lexicon: Lexicon,
): string {
  const article = /\b(an?)(\s+)$/iu.exec(text.slice(0, place.start));
  if (article) {
    const [all, written = '', white = ''] = article;
    const wanted = vowelSound(word, lexicon) ? 'an' : 'a';
    const cased = /^A/.test(written) ? wanted.charAt(0).toUpperCase() + wanted.slice(1) : wanted;
    return `${text.slice(0, place.start - all.length)}${cased}${white}${word}${text.slice(place.end)}`;
  }
  return `${text.slice(0, place.start)}${word}${text.slice(place.end)}`;
}
