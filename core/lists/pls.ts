/**
 * The pronunciations of words as a Pronunciation Lexicon (W3C, PLS 1.0, 2008), in the International
 * Phonetic Alphabet with stress marks, for any voice that reads one.
 */
import type { Accent } from '../kernel/accent';
import type { Lexicon, Reading } from '../languages/en/lexicon/lexicon';
import { isVowelPhoneme, toIpa, type Phoneme } from '../languages/en/sounds/phonemes';
import { stressOfSyllables } from '../languages/en/words/analyse-word';
import { syllablesOf } from '../languages/en/sounds/syllable-types';

const marks = ['', 'ˈ', 'ˌ'] as const;

/** What an unstressed vowel is written as, where a stressed one is another sign. */
const weak: Readonly<Record<string, string>> = { AH: 'ə', ER: 'ɚ' };

/** A reading in IPA; words of more than one syllable with their stress. */
export function ipaOf(reading: Reading, accent: Accent): string {
  const syllables = syllablesOf(reading);
  const stresses = syllables.length > 1 ? stressOfSyllables(reading) : [];
  let vowel = 0;
  const sign = (phoneme: Phoneme) => {
    const stress = isVowelPhoneme(phoneme) ? reading.stresses[vowel++] : undefined;
    const reduced = stress === 0 && accent === 'american' ? weak[phoneme] : undefined;
    return reduced ?? toIpa([phoneme], accent).replaceAll('/', '');
  };
  return syllables
    .map(({ units }, index) => {
      const phonemes = units.flatMap((unit) => unit.phonemes);
      return (marks[stresses[index] ?? 0] ?? '') + phonemes.map(sign).join('');
    })
    .join('');
}

const escaped = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

export interface Pronunciations {
  /** The file. */
  readonly pls: string;
  /** Words whose sounds are not known. */
  readonly left: readonly string[];
}

/** The lexicon of some words; a word that is said in more than one way has each, the usual one first. */
export function toPls(words: readonly string[], lexicon: Lexicon): Pronunciations {
  const { accent } = lexicon;
  const left: string[] = [];
  const lexemes = words.flatMap((word) => {
    const readings = lexicon.find(word)?.readings ?? [];
    if (readings.length === 0) {
      left.push(word);
      return [];
    }
    const said = [...new Set(readings.map((reading) => ipaOf(reading, accent)))];
    const phonemes = said.map(
      (ipa, index) =>
        `    <phoneme${index === 0 && said.length > 1 ? ' prefer="true"' : ''}>${ipa}</phoneme>`,
    );
    return [
      ['  <lexeme>', `    <grapheme>${escaped(word)}</grapheme>`, ...phonemes, '  </lexeme>'].join(
        '\n',
      ),
    ];
  });
  const language = accent === 'british' ? 'en-GB' : 'en-US';
  return {
    pls: `<?xml version="1.0" encoding="UTF-8"?>
<lexicon version="1.0" xmlns="http://www.w3.org/2005/01/pronunciation-lexicon" alphabet="ipa" xml:lang="${language}">
${lexemes.join('\n')}
</lexicon>
`,
    left,
  };
}
