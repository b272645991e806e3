/**
 * What the letters of Spanish words say, as the Ortografía of the Academies has it (2010, from
 * memory): the sounds of Madrid; c before e and i and z say [s] in the Americas. Allophones of b, d
 * and g are not told apart.
 */
import type { SpellingRule } from '../spelling-rules/letter-sounds';
import { spellingOf } from '../spelling-rules/spelling-of';
import type { TaughtSound, WordSpelling } from '../word-spelling';
import { spanishStress, spanishStressNames } from './stress';

const STRONG = '[aeoáéóíú]';
const VOWEL = '[aeiouáéíóúü]';
const FRONT = '[eiéí]';

export const spanishRules: readonly SpellingRule[] = [
  ['a', '', '', 'a'],
  ['á', '', '', 'a'],
  ['b', '', '', 'b'],
  ['ch', '', '', 'tʃ'],
  ['ck', '', '', 'k'],
  ['c', '', FRONT, 'θ'],
  ['c', '', '', 'k'],
  ['d', '', '', 'd'],
  ['e', '', '', 'e'],
  ['é', '', '', 'e'],
  ['f', '', '', 'f'],
  ['gu', '', FRONT, 'ɡ'],
  ['gü', '', FRONT, 'ɡw'],
  ['g', '', FRONT, 'x'],
  ['g', '', '', 'ɡ'],
  ['hi', '^', 'e', 'ʝ'],
  ['hu', '', '[eaé]', 'w'],
  ['h', '', '', ''],
  ['i', '', STRONG, 'j'],
  ['i', 'u', '', 'i'],
  ['i', '', 'u', 'j'],
  ['i', '[aeoáéó]', '', 'j'],
  ['i', '', '', 'i'],
  ['í', '', '', 'i'],
  ['j', '', '', 'x'],
  ['k', '', '', 'k'],
  ['ll', '', '', 'ʎ'],
  ['l', '', '', 'l'],
  ['m', '', '', 'm'],
  ['n', '', '', 'n'],
  ['ñ', '', '', 'ɲ'],
  ['o', '', '', 'o'],
  ['ó', '', '', 'o'],
  ['p', '^', 's', ''],
  ['p', '', '', 'p'],
  ['qu', '', FRONT, 'k'],
  ['q', '', '', 'k'],
  ['rr', '', '', 'r'],
  ['r', '^', '', 'r'],
  ['r', '[nls]', '', 'r'],
  ['r', '', '', 'ɾ'],
  ['sh', '', '', 'ʃ'],
  ['s', '', '', 's'],
  ['t', '', '', 't'],
  ['u', '', '(?:[aeoáéóí]|i(?!' + VOWEL + '))', 'w'],
  ['u', '[aeoáéó]', '', 'w'],
  ['u', '', '', 'u'],
  ['ú', '', '', 'u'],
  ['ü', '', '', 'w'],
  ['v', '', '', 'b'],
  ['w', '', '', 'w'],
  ['x', '^', '', 's'],
  ['x', '', '', 'ks'],
  ['y', '', VOWEL, 'ʝ'],
  ['y', VOWEL, '$', 'j'],
  ['y', '', '', 'i'],
  ['z', '', '', 'θ'],
];

/** Words that no rule reads: x of Mexico, words of other languages. */
const exceptions = `
m é x=x i c=k o
m e x=x i c=k a n o
m e x=x i c=k a n a
p i zz=ts a
j=ʝ u d o
g=ʝ i n
g ui=i ó n
`;

const taught: readonly TaughtSound[] = [
  { sound: 'k', keyword: 'casa' },
  { sound: 'θ', keyword: 'zapato' },
  { sound: 'x', keyword: 'jirafa' },
  { sound: 'ɡ', keyword: 'gato' },
  { sound: 'b', keyword: 'vaca' },
  { sound: 'r', keyword: 'perro' },
  { sound: 'ɾ', keyword: 'pera' },
  { sound: 'ʎ', keyword: 'lluvia' },
  { sound: 'ʝ', keyword: 'yogur' },
  { sound: 'tʃ', keyword: 'chico' },
  { sound: 'ɲ', keyword: 'niño' },
];

const spelling = spellingOf({
  rules: spanishRules,
  exceptions,
  cuts: {},
  articles: /^(?:el|la|los|las|un|una|unos|unas)\s+/i,
  taught,
});

export const spanishSpelling: WordSpelling = {
  ...spelling,
  stress: (word) => {
    const syllables = spelling.syllables(word.toLowerCase());
    return syllables && spanishStress(syllables);
  },
  stressNames: spanishStressNames,
};
