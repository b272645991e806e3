/**
 * What the letters of Portuguese words say, as spoken in Brazil: the rules of a school grammar, from
 * memory. E and o open or closed are told apart where an accent shows it; x between vowels is learned
 * word by word.
 */
import type { SpellingRule } from '../spelling-rules/letter-sounds';
import { spellingOf } from '../spelling-rules/spelling-of';
import type { TaughtSound, WordSpelling } from '../word-spelling';
import { portugueseStress, portugueseStressNames } from './stress';

const VOWEL = '[aeiouáàâãéêíóôõúü]';
const FRONT = '[eiéêí]';
/** A vowel is nasal before m or n and another consonant, and before m at the end. */
const NASAL = '(?:[bcçdfgjklpqrstvxz]|$)';
/** E and o at the end are weak: dente, gato, dentes. */
const WEAK = 's?$';

export const portugueseRules: readonly SpellingRule[] = [
  ['ão', '', '', 'ɐ̃w̃'],
  ['ãe', '', '', 'ɐ̃j̃'],
  ['ã', '', '', 'ɐ̃'],
  ['am', '', '$', 'ɐ̃w̃'],
  ['am', '', '[bp]', 'ɐ̃'],
  ['an', '', NASAL, 'ɐ̃'],
  ['âm', '', '[bp]', 'ɐ̃'],
  ['ân', '', NASAL, 'ɐ̃'],
  ['a', '', '', 'a'],
  ['á', '', '', 'a'],
  ['à', '', '', 'a'],
  ['â', '', '', 'ɐ'],
  ['b', '', '', 'b'],
  ['ch', '', '', 'ʃ'],
  ['c', '', FRONT, 's'],
  ['c', '', '', 'k'],
  ['ç', '', '', 's'],
  ['d', '', '(?:[ií]|e' + WEAK + ')', 'dʒ'],
  ['d', '', '', 'd'],
  ['em', '', '$', 'ẽj̃'],
  ['ens', '', '$', 'ẽj̃s'],
  ['ém', '', '$', 'ẽj̃'],
  ['em', '', '[bp]', 'ẽ'],
  ['en', '', NASAL, 'ẽ'],
  ['êm', '', '[bp]', 'ẽ'],
  ['ên', '', NASAL, 'ẽ'],
  ['e', '(?:[^aeiouáéíóúâêô]|[gq]u)', WEAK, 'i'],
  ['e', '', '', 'e'],
  ['é', '', '', 'ɛ'],
  ['ê', '', '', 'e'],
  ['f', '', '', 'f'],
  ['gu', '', FRONT, 'ɡ'],
  ['gu', '', '[aáãoâ]', 'ɡw'],
  ['gü', '', '', 'ɡw'],
  ['g', '', FRONT, 'ʒ'],
  ['g', '', '', 'ɡ'],
  ['h', '', '', ''],
  ['im', '', '(?:[bp]|$)', 'ĩ'],
  ['in', '', NASAL, 'ĩ'],
  ['ím', '', '[bp]', 'ĩ'],
  ['ín', '', NASAL, 'ĩ'],
  // Rio, dia: without a written accent the last vowel but one is stressed, and stands alone.
  ['i', '^[^áéíóúâêôãõ]*', '(?:[aeo]s?|am)$', 'i'],
  // Cair, raiz, rainha: no glide before a consonant that closes its syllable.
  ['i', '[aou]', '(?:[lrz]$|nh)', 'i'],
  ['i', '[aeoáéóôê]', '', 'j'],
  ['i', '', '[aeoáéóôêã]', 'j'],
  ['i', '', '', 'i'],
  ['í', '', '', 'i'],
  ['j', '', '', 'ʒ'],
  ['k', '', '', 'k'],
  ['lh', '', '', 'ʎ'],
  ['l', '', '(?:[bcçdfghjkmnpqrstvxz]|$)', 'w'],
  ['l', '', '', 'l'],
  ['m', '', '', 'm'],
  ['nh', '', '', 'ɲ'],
  ['n', '', '', 'n'],
  ['õe', '', '', 'õj̃'],
  ['õ', '', '', 'õ'],
  ['om', '', '(?:[bp]|$)', 'õ'],
  ['on', '', NASAL, 'õ'],
  ['ôn', '', NASAL, 'õ'],
  ['o', '[^aeiouáéíóúâêô]', WEAK, 'u'],
  ['o', '[iíu]', WEAK, 'u'],
  ['o', '', '', 'o'],
  ['ó', '', '', 'ɔ'],
  ['ô', '', '', 'o'],
  ['ph', '', '', 'f'],
  ['p', '', '', 'p'],
  ['qu', '', FRONT, 'k'],
  ['qu', '', '[aáãoâ]', 'kw'],
  ['q', '', '', 'k'],
  ['rr', '', '', 'ʁ'],
  ['r', '^', '', 'ʁ'],
  ['r', '[nls]', '', 'ʁ'],
  ['r', '', '', 'ɾ'],
  ['ss', '', '', 's'],
  ['sc', '', FRONT, 's'],
  ['sç', '', '', 's'],
  ['sh', '', '', 'ʃ'],
  ['s', VOWEL, VOWEL, 'z'],
  ['s', '', '[bdglmnrv]', 'z'],
  ['s', '', '', 's'],
  ['t', '', '(?:[ií]|e' + WEAK + ')', 'tʃ'],
  ['t', '', '', 't'],
  ['um', '', '(?:[bp]|$)', 'ũ'],
  ['un', '', NASAL, 'ũ'],
  ['ún', '', NASAL, 'ũ'],
  ['u', '[aeoáéó]', '', 'w'],
  ['u', '', '', 'u'],
  ['ú', '', '', 'u'],
  ['ü', '', '', 'w'],
  ['v', '', '', 'v'],
  ['w', '', '', 'w'],
  ['xc', '', FRONT, 's'],
  ['x', '^e', VOWEL, 'z'],
  ['x', '^e', '[cçptq]', 's'],
  ['x', '', '', 'ʃ'],
  ['y', '', '', 'i'],
  ['z', '', '$', 's'],
  ['z', '', '', 'z'],
];

/** X as it is learned word by word, and u that is heard after g and q. */
const exceptions = `
t á=a x=ks i
p r=ɾ ó=ɔ x=s i m o=u
p r=ɾ ó=ɔ x=s i m a
s e x=s t o=u
s e x=s t a
f i x=ks o=u
s e x=ks o=u
b o x=ks e=i
m á=a x=s i m o=u
s in=ĩ t a x=s e=i
c=s in=ĩ q=k u=w en=ẽ t a
t r=ɾ an=ɐ̃ q=k u=w i l o=u
f r=ɾ e q=k u=w en=ẽ t=tʃ e=i
f r=ɾ e q=k u=w en=ẽ t e m en=ẽ t=tʃ e=i
p in=ĩ g u=w im=ĩ
l in=ĩ g u=w i ç=s a
m ui=ũj̃ t=t o=u
m ui=ũj̃ t=t a
`;

const taught: readonly TaughtSound[] = [
  { sound: 'k', keyword: 'casa' },
  { sound: 's', keyword: 'sol' },
  { sound: 'z', keyword: 'zebra' },
  { sound: 'ʒ', keyword: 'janela' },
  { sound: 'ʃ', keyword: 'chuva' },
  { sound: 'ɡ', keyword: 'gato' },
  { sound: 'ʁ', keyword: 'carro' },
  { sound: 'ʎ', keyword: 'ilha' },
  { sound: 'ɲ', keyword: 'ninho' },
  { sound: 't', keyword: 'tatu' },
  { sound: 'tʃ', keyword: 'tia' },
  { sound: 'd', keyword: 'dado' },
  { sound: 'dʒ', keyword: 'dia' },
  { sound: 'ɐ̃w̃', keyword: 'pão' },
  { sound: 'ɐ̃', keyword: 'lã' },
  { sound: 'ẽ', keyword: 'dente' },
  { sound: 'ĩ', keyword: 'cinto' },
  { sound: 'õ', keyword: 'ponte' },
  { sound: 'ũ', keyword: 'mundo' },
  { sound: 'w', keyword: 'sal' },
];

const spelling = spellingOf({
  rules: portugueseRules,
  exceptions,
  cuts: { parted: /^(?:rr|ss|s[cç]|xc)/ },
  articles: /^(?:o|a|os|as|um|uma|uns|umas)\s+/i,
  taught,
});

export const portugueseSpelling: WordSpelling = {
  ...spelling,
  stress: (word) => {
    const syllables = spelling.syllables(word.toLowerCase());
    return syllables && portugueseStress(syllables);
  },
  stressNames: portugueseStressNames,
};
