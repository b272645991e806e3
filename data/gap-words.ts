/** Words that the frequency list or the dictionary lacks and a class needs: those of the list by hand, and regular forms of headwords. */
import { readFileSync } from 'node:fs';
import american from 'dictionary-en';
import british from 'dictionary-en-gb';
import nspell from 'nspell';
import { inflect } from '../core/languages/en/forms/inflect';
import { headwords } from './wordbook';

export interface GapWord {
  readonly word: string;
  /** Letters of the wordbook's classes. */
  readonly classes: string;
  readonly zipf: number;
  /** ARPAbet; undefined where the dictionary has it. */
  readonly arpabet: string | undefined;
}

export const gapWords: readonly GapWord[] = readFileSync(
  new URL('./gap-words.tsv', import.meta.url),
  'utf8',
)
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => {
    const [word = '', classes = '', zipf = '', arpabet = '-'] = line.split('\t');
    return { word, classes, zipf: Number(zipf), arpabet: arpabet === '-' ? undefined : arpabet };
  });

export const isGapWord: ReadonlySet<string> = new Set(gapWords.map(({ word }) => word));

const spellers = [nspell(american), nspell(british)];

/** How much rarer a form is than its base, on the Zipf scale (the median of the forms that are counted). */
const RARER = { s: 0.9, ed: 0.9, ing: 0.8, er: 1.5, est: 1.5 } as const;
type Ending = keyof typeof RARER;
const endingsOf: Readonly<Record<string, readonly Ending[]>> = {
  n: ['s'],
  v: ['s', 'ed', 'ing'],
  a: ['er', 'est'],
};

/** The sounds of a regular ending after the last sound of the base (Quirk et al. 1985, 3.5 and 5.80). */
export function endingSounds(ending: Ending, last: string): string {
  const voiceless = /^(P|T|K|F|TH|S|SH|CH)$/.test(last);
  switch (ending) {
    case 's':
      if (/^(S|Z|SH|ZH|CH|JH)$/.test(last)) return 'AH0 Z';
      return voiceless ? 'S' : 'Z';
    case 'ed':
      if (/^[TD]$/.test(last)) return 'AH0 D';
      return voiceless ? 'T' : 'D';
    case 'ing':
      return 'IH0 NG';
    case 'er':
      return 'ER0';
    case 'est':
      return 'AH0 S T';
  }
}

/**
 * The regular forms of the headwords that `has` does not know, spelled as a
 * dictionary spells them and said by rule.
 *
 * @param sayOf ARPAbet of a base, or undefined
 * @param zipfOf Zipf frequency of a base, or undefined
 */
export function missingForms(
  has: (word: string) => boolean,
  sayOf: (word: string) => string | undefined,
  zipfOf: (word: string) => number | undefined,
): GapWord[] {
  const made = new Map<string, GapWord>();
  for (const [word, senses] of headwords) {
    const said = sayOf(word);
    const zipf = zipfOf(word);
    if (said === undefined || zipf === undefined || !/^[a-z]{3,}$/.test(word)) continue;
    const last = (said.split(' ').pop() ?? '').replace(/\d/, '');
    for (const { wordClass } of senses) {
      for (const ending of endingsOf[wordClass] ?? []) {
        const options = { wordClass: wordClass === 'n' ? 'noun' : 'verb' } as const;
        const { form, rule } = inflect(word, ending, options);
        if (/irregular|none/.test(rule) || form.includes(' ') || !/(s|ed|ing|er|est)$/.test(form))
          continue;
        if (has(form) || made.has(form) || !spellers.some((speller) => speller.correct(form)))
          continue;
        const arpabet = `${said} ${endingSounds(ending, last)}`;
        made.set(form, {
          word: form,
          classes: wordClass,
          zipf: Math.max(1.6, zipf - RARER[ending]),
          arpabet,
        });
      }
    }
  }
  return [...made.values()];
}
