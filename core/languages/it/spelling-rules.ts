/**
 * What the letters of Italian words say, as a school grammar has it, from memory: the sounds of the
 * standard; e and o open or closed, s voiced or not between vowels, and z voiced or not are not
 * told by the spelling and stand as [e], [o], [z], [ts].
 */
import type { SpellingRule } from '../spelling-rules/letter-sounds';
import { spellingOf } from '../spelling-rules/spelling-of';
import type { TaughtSound } from '../word-spelling';

const VOWEL = '[aeiouàèéìíòóù]';
const FRONT = '[eièéìí]';
const VOICED = '[bdgvlmnr]';

const doubled = 'bdflmnprtv'
  .split('')
  .map((letter): SpellingRule => [letter + letter, '', '', `${letter}ː`]);

export const italianRules: readonly SpellingRule[] = [
  ...doubled,
  ['a', '', '', 'a'],
  ['à', '', '', 'a'],
  ['b', '', '', 'b'],
  ['cch', '', '', 'kː'],
  ['cci', '', '[aoue]', 'ttʃ'],
  ['cc', '', FRONT, 'ttʃ'],
  ['cc', '', '', 'kː'],
  ['cqu', '', VOWEL, 'kːw'],
  ['ch', '', '', 'k'],
  ['ci', '', '[aoueòèà]', 'tʃ'],
  ['c', '', FRONT, 'tʃ'],
  ['c', '', '', 'k'],
  ['d', '', '', 'd'],
  ['e', '', '', 'e'],
  ['è', '', '', 'e'],
  ['é', '', '', 'e'],
  ['f', '', '', 'f'],
  ['ggh', '', '', 'ɡː'],
  ['ggi', '', '[aoue]', 'ddʒ'],
  ['gg', '', FRONT, 'ddʒ'],
  ['gg', '', '', 'ɡː'],
  ['gh', '', '', 'ɡ'],
  ['gli', '', '[aeou]', 'ʎ'],
  ['gl', '', 'i', 'ʎ'],
  ['gn', '', '', 'ɲ'],
  ['gi', '', '[aoueùòèà]', 'dʒ'],
  ['g', '', FRONT, 'dʒ'],
  ['g', '', '', 'ɡ'],
  ['h', '', '', ''],
  ['i', '', '[aeouàèéòóù]', 'j'],
  ['i', '[aeo]', '', 'j'],
  ['i', '', '', 'i'],
  ['ì', '', '', 'i'],
  ['í', '', '', 'i'],
  ['j', '', '', 'j'],
  ['k', '', '', 'k'],
  ['l', '', '', 'l'],
  ['m', '', '', 'm'],
  ['n', '', '', 'n'],
  ['o', '', '', 'o'],
  ['ò', '', '', 'o'],
  ['ó', '', '', 'o'],
  ['p', '', '', 'p'],
  ['qu', '', VOWEL, 'kw'],
  ['r', '', '', 'r'],
  ['sci', '', '[aoue]', 'ʃ'],
  ['sc', '', FRONT, 'ʃ'],
  ['sch', '', '', 'sk'],
  ['ss', '', '', 'sː'],
  ['s', VOWEL, VOWEL, 'z'],
  ['s', '', VOICED, 'z'],
  ['s', '', '', 's'],
  ['t', '', '', 't'],
  ['u', '', '[aeioàèéìòó]', 'w'],
  ['u', '[ae]', '', 'w'],
  ['u', '', '', 'u'],
  ['ù', '', '', 'u'],
  ['v', '', '', 'v'],
  ['w', '', '', 'w'],
  ['x', '', '', 'ks'],
  ['y', '[aeou]', '', 'j'],
  ['y', '', '', 'i'],
  ['zz', '', '', 'tts'],
  ['z', '', '', 'ts'],
];

const exceptions = `
z=ts i o
z=ts i a
m i o
t u o
s u o
d u e
v i a
f a r m a c=tʃ i a
m a g=dʒ i a
s c=k i=i i
`;

const taught: readonly TaughtSound[] = [
  { sound: 'k', keyword: 'casa' },
  { sound: 'tʃ', keyword: 'ciao' },
  { sound: 'ɡ', keyword: 'gatto' },
  { sound: 'dʒ', keyword: 'giallo' },
  { sound: 'ʃ', keyword: 'pesce' },
  { sound: 'ʎ', keyword: 'famiglia' },
  { sound: 'ɲ', keyword: 'bagno' },
  { sound: 'kːw', keyword: 'acqua' },
  { sound: 'kw', keyword: 'quadro' },
  { sound: 'z', keyword: 'rosa' },
  { sound: 's', keyword: 'sole' },
];

export const italianSpelling = spellingOf({
  rules: italianRules,
  exceptions,
  cuts: { parted: /^(?:([b-z])\1|cqu)/, sOpens: true },
  articles: /^(?:(?:il|lo|la|i|gli|le|un|uno|una)\s+|(?:l|un)[’'])/i,
  taught,
});
