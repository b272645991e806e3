/**
 * What the letters of French words say, in the broad transcription of school grammars: the sounds
 * of Paris, e of school left where it is optional as [ə]. Rules and exceptions are from memory;
 * spelling-rules.test.ts holds them against another reader of French.
 */
import type { SpellingRule } from '../spelling-rules/letter-sounds';
import { spellingOf } from '../spelling-rules/spelling-of';
import type { TaughtSound } from '../word-spelling';

const VOWEL = '[aeiouyàâäéèêëîïôöùûüœæ]';
const CONSONANT = '[bcçdfgjklmnpqrstvwxz]';
/** A nasal vowel stands before another consonant or at the end. */
const NASAL = '(?:[bcçdfgjklpqrstvwxz]|$)';
/** M of a nasal vowel stands before a lip sound or at the end. */
const NASAL_M = '(?:[bp]|$)';
const SILENT_END = '(?:e|es|ent|s|t|ts|x|d|ds)?$';
const END = '(?:s?$)';
const BEFORE_FRONT = '[eiyéèêëîï]';
/** A consonant with r or l after it begins a syllable together. */
const CLUSTER = '(?:[bcdfgptv][rl])';
const DIGRAPH = '(?:ch|ph|th|gn|qu|gu)';
/** Two consonants that close the syllable before them. */
const CLOSED = `(?!${CLUSTER}|${DIGRAPH})${CONSONANT}${CONSONANT}`;
/** A sounded consonant at the end closes it too, and one before a silent e. */
const SOUNDED_END = '(?:[lrfcmnkvgbjq]|ll|rr|tt|ch|gn|qu)(?:e|es)?$';

export const frenchRules: readonly SpellingRule[] = [
  // a
  ['aill', '', VOWEL, 'aj'],
  ['ail', '', END, 'aj'],
  ['aient', '', '$', 'ɛ'],
  ['ain', '', NASAL, 'ɛ̃'],
  ['aim', '', '(?:[bp]|s?$)', 'ɛ̃'],
  ['ay', '', '[aoueéièê]', 'ɛj'],
  ['ay', '', '', 'ɛ'],
  ['ai', '', '', 'ɛ'],
  ['aî', '', '', 'ɛ'],
  ['aon', '^[pft]', '', 'ɑ̃'],
  ['an', '', NASAL, 'ɑ̃'],
  ['am', '', NASAL_M, 'ɑ̃'],
  ['au', '', 'r', 'ɔ'],
  ['au', '', '', 'o'],
  ['a', '', '', 'a'],
  ['à', '', '', 'a'],
  ['â', '', '', 'a'],
  ['ä', '', '', 'a'],
  ['æ', '', '', 'e'],
  // b
  ['bb', '', '', 'b'],
  ['b', 'om', END, ''],
  ['b', '', '', 'b'],
  // c
  ['cch', '', '', 'k'],
  ['cc', '', BEFORE_FRONT, 'ks'],
  ['cc', '', '', 'k'],
  ['ch', '', '[rln]', 'k'],
  ['ch', '', '', 'ʃ'],
  ['ck', '', '', 'k'],
  ['cqu', '', '', 'k'],
  ['c', '', BEFORE_FRONT, 's'],
  ['c', '', 'œ', 'k'],
  ['c', 'n', END, ''],
  ['c', '', '', 'k'],
  ['ç', '', '', 's'],
  // d
  ['dd', '', '', 'd'],
  ['ds', '', '$', ''],
  ['d', '', '$', ''],
  ['d', '', '', 'd'],
  // e
  ['eau', '', '', 'o'],
  ['eoi', 'g', '', 'wa'],
  ['eon', 'g', NASAL, 'ɔ̃'],
  ['euill', '', VOWEL, 'œj'],
  ['euil', '', END, 'œj'],
  ['eill', '', VOWEL, 'ɛj'],
  ['eil', '', END, 'ɛj'],
  ['eû', '', '', 'ø'],
  ['eu', '', '(?:s|z|t)(?:e|es|er|é)', 'ø'],
  ['eu', '', SILENT_END, 'ø'],
  ['eu', '', '(?:r|f|l|n|v|p|b|gl)(?:[ei]|s?$|l|r)', 'œ'],
  ['eu', '', 'r', 'œ'],
  ['eu', '', '', 'ø'],
  ['ein', '', NASAL, 'ɛ̃'],
  ['eim', '', NASAL_M, 'ɛ̃'],
  ['ei', '', '', 'ɛ'],
  ['ey', '', '[aoueé]', 'ɛj'],
  ['ey', '', '', 'ɛ'],
  ['en', '(?:[iyï]|é)', '(?:s|t)?$', 'ɛ̃'],
  ['en', '(?:[bcdmpstv]i)', '(?:dr|t$|ts$)', 'ɛ̃'],
  ['en', '^bi', '', 'ɛ̃'],
  ['emm', '^', VOWEL, 'ɑ̃m'],
  ['enn', '^', VOWEL, 'ɑ̃n'],
  ['e', '', 'mment$', 'a'],
  ['ent', '', '$', 'ɑ̃'],
  ['ents', '', '$', 'ɑ̃'],
  ['en', '', NASAL, 'ɑ̃'],
  ['em', '', '(?:[bp])', 'ɑ̃'],
  ['er', VOWEL + '.*', '(?:s?$)', 'e'],
  ['ez', '', '$', 'e'],
  ['ed', '', END, 'e'],
  ['ets', '', '$', 'ɛ'],
  ['et', '', '$', 'ɛ'],
  ['e', '^[^aeiouyéèêàâîôûœ]*', '$', 'ə'],
  ['es', '^[lcdmstj]', '$', 'e'],
  ['es', '', '$', ''],
  ['e', '', '$', ''],
  ['e', '(?:[aiouyéœ])', CONSONANT + VOWEL, ''],
  ['e', '^r', 'ss', 'ə'],
  ['e', '', 'x', 'ɛ'],
  ['e', '', CLOSED, 'ɛ'],
  ['e', '', SOUNDED_END, 'ɛ'],
  ['e', '', 'x', 'ɛ'],
  ['e', '', '', 'ə'],
  ['é', '', '', 'e'],
  ['è', '', '', 'ɛ'],
  ['ê', '', '', 'ɛ'],
  ['ë', '', '', 'ɛ'],
  // f
  ['ff', '', '', 'f'],
  ['f', '', '', 'f'],
  // g
  ['gn', '', '', 'ɲ'],
  ['gg', '', '[eiéè]', 'ɡʒ'],
  ['gg', '', '', 'ɡ'],
  ['ge', '', '[aâoô]', 'ʒ'],
  ['gu', '', BEFORE_FRONT, 'ɡ'],
  ['g', '', BEFORE_FRONT, 'ʒ'],
  ['g', '[nr]', END, ''],
  ['g', '', 't$', ''],
  ['g', '', '', 'ɡ'],
  // h
  ['h', '', '', ''],
  // i
  ['ill', '^', '', 'il'],
  ['ill', '(?:qu|gu|' + CONSONANT + ')', VOWEL, 'ij'],
  ['ill', 'u', VOWEL, 'ij'],
  ['in', '', NASAL, 'ɛ̃'],
  ['im', '', NASAL_M, 'ɛ̃'],
  ['i', '', '(?:e|es|ent)$', 'i'],
  ['i', CLUSTER, VOWEL, 'i'],
  ['i', '', VOWEL, 'j'],
  ['i', '', '', 'i'],
  ['î', '', '', 'i'],
  ['ï', VOWEL, '[eo]', 'j'],
  ['ï', '', '', 'i'],
  // j, k, l
  ['j', '', '', 'ʒ'],
  ['k', '', '', 'k'],
  ['ll', '', '', 'l'],
  ['l', '', '', 'l'],
  // m, n
  ['mm', '', '', 'm'],
  ['mn', '[aou]', '(?:e|é)', 'n'],
  ['m', '', '', 'm'],
  ['nn', '', '', 'n'],
  ['n', '', '', 'n'],
  // o
  ['oeu', '', '(?:d|x|f?s$)', 'ø'],
  ['oeu', '', '(?:$)', 'ø'],
  ['oeu', '', '', 'œ'],
  ['oein', '', '', 'ɛ̃'],
  ['oeil', '', '', 'œj'],
  ['œu', '', '(?:d|x|f?s$|$)', 'ø'],
  ['œu', '', '', 'œ'],
  ['œil', '', '', 'œj'],
  ['œ', '', '', 'e'],
  ['ouill', '', VOWEL, 'uj'],
  ['ouil', '', '$', 'uj'],
  ['oin', '', NASAL, 'wɛ̃'],
  ['oy', '', '[aoueéè]', 'waj'],
  ['oi', '', '', 'wa'],
  ['oî', '', '', 'wa'],
  ['oê', '', '', 'wa'],
  ['on', '', NASAL, 'ɔ̃'],
  ['om', '', '(?:[bp]|s?$)', 'ɔ̃'],
  ['ou', '', '(?:e|es|ent)$', 'u'],
  ['ou', CLUSTER, VOWEL, 'u'],
  ['ou', '', VOWEL, 'w'],
  ['ou', '', '', 'u'],
  ['où', '', '', 'u'],
  ['oû', '', '', 'u'],
  ['o', '^[cz]', 'o', 'ɔ'],
  ['oo', '', '', 'u'],
  ['ô', '', '', 'o'],
  ['o', '', '(?:s|t|ts|p|ps|c|cs|d)?$', 'o'],
  ['o', '', 's' + VOWEL, 'o'],
  ['o', '', 'tion', 'o'],
  ['o', '', '', 'ɔ'],
  // p, q
  ['pp', '', '', 'p'],
  ['ph', '', '', 'f'],
  ['ps', VOWEL + '.*', '$', ''],
  ['p', VOWEL + '.*', '$', ''],
  ['p', '[aeo]m', 't', ''],
  ['p', '', '', 'p'],
  ['qu', '', '', 'k'],
  ['q', '', '', 'k'],
  // r
  ['rrh', '', '', 'ʁ'],
  ['rr', '', '', 'ʁ'],
  ['rh', '', '', 'ʁ'],
  ['r', '', '', 'ʁ'],
  // s
  ['ss', '', '', 's'],
  ['sch', '', '', 'ʃ'],
  ['sh', '', '', 'ʃ'],
  ['sc', '', BEFORE_FRONT, 's'],
  ['s', '', '$', ''],
  ['s', VOWEL, VOWEL, 'z'],
  ['s', '', '', 's'],
  // t
  ['tt', '', '', 't'],
  ['th', '', '', 't'],
  ['ti', '(?<![sx])', '(?:on|el|eux|al|aux)', 'sj'],
  ['ts', VOWEL + '.*', '$', ''],
  ['t', VOWEL + '.*', '$', ''],
  ['t', '', '', 't'],
  // u
  ['uill', '', VOWEL, 'ɥij'],
  ['um', '', '$', 'ɔm'],
  ['un', '', NASAL, 'œ̃'],
  ['um', '', '[bp]', 'œ̃'],
  ['ueil', '[cg]', '', 'œj'],
  ['ueill', '[cg]', '', 'œj'],
  ['uy', '', '[aoueéè]', 'ɥij'],
  ['u', '', 'i(?!ll$)', 'ɥ'],
  ['u', '', '(?:e|es|ent)$', 'y'],
  ['u', CLUSTER, VOWEL, 'y'],
  ['u', '', VOWEL, 'ɥ'],
  ['u', '', '', 'y'],
  ['û', '', '', 'y'],
  ['ù', '', '', 'y'],
  ['ü', '', '', 'y'],
  // v, w, x
  ['v', '', '', 'v'],
  ['w', '', '', 'w'],
  ['xc', '', BEFORE_FRONT, 'ks'],
  ['x', '', '$', ''],
  ['x', '^e', '[aeiouéèêh]', 'ɡz'],
  ['x', '^[sd]i', 'i', 'z'],
  ['x', '', 'ième', 'z'],
  ['x', '', '', 'ks'],
  // y, z
  ['ym', '', '[bp]', 'ɛ̃'],
  ['yn', '', '(?:[bcdfgjklpqrstvwxz])', 'ɛ̃'],
  ['y', '', VOWEL, 'j'],
  ['y', '', '', 'i'],
  ['zz', '', '', 'dz'],
  ['z', '', '', 'z'],
];

/** Words that no rule reads, taken apart: letters that say themselves stand alone. */
const exceptions = `
f e=a mm=m e=
f e=a mm=m e= s=
m on=ə s=s i=j eu=ø r=
m e=ɛ r=ʁ
f e=ɛ r=ʁ
v e=ɛ r=ʁ
v e=ɛ r=ʁ s=
h= i=j e=ɛ r=ʁ
h= i v e=ɛ r=ʁ
ch=ʃ e=ɛ r=ʁ
f i=j e=ɛ r=ʁ
a m e=ɛ r=ʁ
en=ɑ̃ f e=ɛ r=ʁ
c=k an=ɑ̃ c=s e=ɛ r=ʁ
h= am s t e=ɛ r=ʁ
s u=y p e=ɛ r=ʁ
aoû=u t
b u=y s
o=ɔ s
ou=u r=ʁ s
m a r=ʁ s
f i l= s
t e nn=n i s
c=k o=ɔ r=ʁ p= s=
m aï s
a s
p l u=y s=
v i ll=l e=
v i ll=l a g=ʒ e=
v i ll=l a
m i ll=l e=
m i ll=l ion=jɔ̃
t r=ʁ an=ɑ̃ qu=k i ll=l e=
g=ʒ en=ɑ̃ t i l=
ou=u t i l=
f u=y s i l=
p e=ɛ r=ʁ s i l=
s ou=u r=ʁ c=s i l=
c=k l e=e f=
n e=ɛ r=ʁ f=
r=ʁ i z=
g=ɡ a z
s i x=s
d i x=s
d eu=ø x=z i è=ɛ m e=
s oi=wa x=s an=ɑ̃ t e=
s e=ɛ p= t
h= ui=ɥi t
s e=ə c=ɡ on=ɔ̃ d e=
s e=ə c=ɡ on=ɔ̃ d=
oi=ɔ gn=ɲ on=ɔ̃
p ay=ei s=
p ay=ei s a g=ʒ e=
n e=ɛ t
b u=y t
t e=ɛ s t
ou=w e=ɛ s t
s u=y d
b a s k e=ɛ t
c=k r=ʁ i ck=k e=ɛ t
t i ck=k e=ɛ t
in=ɛ̃ t e=ɛ r=ʁ n e=ɛ t
sh=ʃ o=ɔ r=ʁ t
y=j a ou=u r=ʁ t
s l i p
c=k l u=œ b
m u=œ g=ɡ
p u=y ll=l
s an=ɑ̃ d w i ch=tʃ
z oo=o
f oo=u t b a ll=l
e=ɛ x=ɡz a m en=ɛ̃
a l c=k oo=ɔ l
a l b u=ɔ m
p a r=ʁ f um=œ̃
r=ʁ e=ɛ s p e=ɛ ct=
b i b l i=j o=ɔ th=t è=ɛ qu=k e=
`;

const taught: readonly TaughtSound[] = [
  { sound: 'i', keyword: 'lit' },
  { sound: 'e', keyword: 'bébé' },
  { sound: 'ɛ', keyword: 'fenêtre' },
  { sound: 'a', keyword: 'chat' },
  { sound: 'ɔ', keyword: 'école' },
  { sound: 'o', keyword: 'bateau' },
  { sound: 'u', keyword: 'loup' },
  { sound: 'y', keyword: 'lune' },
  { sound: 'ø', keyword: 'feu' },
  { sound: 'œ', keyword: 'fleur' },
  { sound: 'ə', keyword: 'cheval' },
  { sound: 'ɛ̃', keyword: 'lapin' },
  { sound: 'ɑ̃', keyword: 'enfant' },
  { sound: 'ɔ̃', keyword: 'bonbon' },
  { sound: 'œ̃', keyword: 'lundi' },
  { sound: 'wa', keyword: 'oiseau' },
  { sound: 'ɛj', keyword: 'soleil' },
  { sound: 'aj', keyword: 'travail' },
  { sound: 'œj', keyword: 'feuille' },
  { sound: 'ij', keyword: 'fille' },
  { sound: 's', keyword: 'souris' },
  { sound: 'z', keyword: 'maison' },
  { sound: 'k', keyword: 'canard' },
  { sound: 'ɡ', keyword: 'gâteau' },
  { sound: 'ʒ', keyword: 'jambon' },
  { sound: 'ʃ', keyword: 'chaise' },
  { sound: 'ɲ', keyword: 'montagne' },
  { sound: 'f', keyword: 'farine' },
  { sound: 't', keyword: 'table' },
];

export const frenchSpelling = spellingOf({
  rules: frenchRules,
  exceptions,
  cuts: { parted: /^(?:([bcdfglmnprst])\1|sc(?!h)|cqu|xc|mn)/, silentVowels: true },
  articles: /^(?:(?:le|la|les|un|une|des|du)\s+|l[’'])/i,
  taught,
});
