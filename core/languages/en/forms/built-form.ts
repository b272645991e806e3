/** A suffix or prefix on a word of the lexicon: only where the word class takes it and the form is in use. */
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { wordClassBits, type WordClassName } from '../lexicon/word-class';
import { inflect, type Suffix } from './inflect';
import type { Inflection } from './inflection';

/** The word class that a suffix is added to. */
export const basesOf: Partial<Record<Suffix, readonly WordClassName[]>> = {
  ed: ['verb'],
  s: ['noun', 'verb'],
  er: ['adjective'],
  'er-agent': ['verb'],
  est: ['adjective'],
  ly: ['adjective'],
  'y-adj': ['noun', 'verb'],
  ful: ['noun'],
  less: ['noun'],
  ness: ['adjective'],
  ment: ['verb'],
  tion: ['verb'],
  un: ['adjective', 'verb'],
  re: ['verb'],
  dis: ['verb', 'adjective'],
  in: ['adjective'],
  mis: ['verb'],
};
export const prefixes: ReadonlySet<string> = new Set(['un', 're', 'dis', 'in', 'mis']);

const isAdjective = ({ kinds }: LexiconEntry) => (kinds & wordClassBits.adjective) !== 0;

/** The ending as it is written on the sheet. */
export function shownSuffix(suffix: string): string {
  return suffix.replace('-agent', '').replace('-adj', '');
}

/** The form in use, or why the word makes none, to be read after the word. */
export function builtForm(
  { word, entry }: { readonly word: string; readonly entry: LexiconEntry },
  suffix: Suffix,
  lexicon: Lexicon,
): Inflection | string {
  const classes = basesOf[suffix] ?? [];
  const fits = classes.some((name) => (entry.kinds & wordClassBits[name]) !== 0);
  if (!fits) return `is no ${classes.join(' or ')}`;
  const isVerb = (entry.kinds & wordClassBits.noun) === 0;
  const made = inflect(word, suffix, {
    reading: entry.readings[0],
    wordClass: isVerb ? 'verb' : 'noun',
    isWord: (form) => lexicon.find(form) !== undefined,
  });
  // more careful is no word built with -er; an ending nobody uses is no exercise.
  if (made.form.includes(' ')) return `takes ${made.form.split(' ')[0] ?? 'more'} instead`;
  const used = [made.form, ...made.alternatives].some((form) => {
    const found = lexicon.find(form);
    // Car and -y make no adjective, though carry is a word.
    return found !== undefined && (suffix !== 'y-adj' || isAdjective(found));
  });
  return used ? made : `is not met with ${shownSuffix(suffix)} in use`;
}
