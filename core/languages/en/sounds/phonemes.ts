/**
 * The phonemes of English in the ARPAbet notation that the Carnegie Mellon
 * pronouncing dictionary uses, without stress digits: the 39 of General
 * American, and four vowels that only Southern British has (OH in hot, IA in
 * near, EA in hair, UA in tour).
 */
import type { Accent } from '../../../kernel/accent';

/** One ARPAbet symbol without its stress digit, for example `EY`. */
export type Phoneme = string;

/** What a teacher needs to see of a phoneme: its IPA sign, a key word, and the letters in it that say the sound. */
export interface PhonemeDescription {
  readonly phoneme: Phoneme;
  readonly ipa: string;
  /** The sign of American school dictionaries (ā, ĕ, ch), as in the tables of the Common Core State Standards. */
  readonly sign: string;
  /** A common word that has the phoneme. */
  readonly keyWord: string;
  /** The span of letters in `keyWord` that spells the phoneme. */
  readonly keySpan: readonly [number, number];
  readonly kind: 'vowel' | 'consonant';
}

const americanRows = `
AA ɑ  ŏ  h(o)t    vowel
AE æ  ă  c(a)t    vowel
AH ʌ  ŭ  m(u)d    vowel
AO ɔ  aw s(aw)    vowel
AW aʊ ow cl(ou)d  vowel
AY aɪ ī  sk(y)    vowel
B  b  b  (b)at    consonant
CH tʃ ch (ch)ip   consonant
D  d  d  (d)og    consonant
DH ð  th (th)is   consonant
EH ɛ  ĕ  w(e)t    vowel
ER ɝ  ur h(er)    vowel
EY eɪ ā  r(ai)n   vowel
F  f  f  (f)og    consonant
G  ɡ  g  (g)ust   consonant
HH h  h  (h)ail   consonant
IH ɪ  ĭ  m(i)st   vowel
IY i  ē  fr(ee)ze vowel
JH dʒ j  (j)et    consonant
K  k  k  (k)ite   consonant
L  l  l  (l)ake   consonant
M  m  m  (m)oon   consonant
N  n  n  (n)et    consonant
NG ŋ  ng spri(ng) consonant
OW oʊ ō  sn(ow)   vowel
OY ɔɪ oi s(oi)l   vowel
P  p  p  (p)ond   consonant
R  ɹ  r  (r)iver  consonant
S  s  s  (s)un    consonant
SH ʃ  sh (sh)ade  consonant
T  t  t  (t)ap    consonant
TH θ  th (th)aw   consonant
UH ʊ  ŏŏ l(oo)k   vowel
UW u  ōō m(oo)n   vowel
V  v  v  (v)ane   consonant
W  w  w  (w)ind   consonant
Y  j  y  (y)es    consonant
Z  z  z  (z)ip    consonant
ZH ʒ  zh mea(s)ure consonant`;

/** What differs in Southern British: signs after the Concise Oxford style of IPA (common practice). */
const britishRows = `
AA ɑː ah st(ar)   vowel
AO ɔː aw st(or)m  vowel
EA eə air h(air)  vowel
EH e  ĕ  w(e)t    vowel
ER ɜː ur b(ir)d   vowel
IA ɪə ear n(ear)  vowel
IY iː ē  fr(ee)ze vowel
OH ɒ  ŏ  h(o)t    vowel
OW əʊ ō  sn(ow)   vowel
UA ʊə oor t(our)  vowel
UW uː ōō m(oo)n   vowel
R  r  r  (r)iver  consonant`;

function parseRow(row: string): PhonemeDescription {
  const [phoneme, ipa, sign, marked, kind] = row.split(/\s+/) as [
    string,
    string,
    string,
    string,
    string,
  ];
  const open = marked.indexOf('(');
  const close = marked.indexOf(')');
  return {
    phoneme,
    ipa,
    sign,
    keyWord: marked.replace(/[()]/g, ''),
    keySpan: [open, close - 1],
    kind: kind as PhonemeDescription['kind'],
  };
}

const parse = (rows: string) => rows.trim().split('\n').map(parseRow);

/** The 39 phonemes of General American, in alphabetical order of their ARPAbet symbol. */
export const phonemes: readonly PhonemeDescription[] = parse(americanRows);

const britishChanges = parse(britishRows);
const bySymbol: Readonly<Record<Accent, ReadonlyMap<Phoneme, PhonemeDescription>>> = {
  american: new Map(phonemes.map((entry) => [entry.phoneme, entry])),
  british: new Map([...phonemes, ...britishChanges].map((entry) => [entry.phoneme, entry])),
};

/** The phonemes of an accent, in alphabetical order of their ARPAbet symbol. */
export function phonemesOf(accent: Accent): readonly PhonemeDescription[] {
  return [...bySymbol[accent].values()].sort((left, right) =>
    left.phoneme < right.phoneme ? -1 : 1,
  );
}

/** The description of a phoneme, or undefined for a symbol that is none. */
export function describePhoneme(
  phoneme: Phoneme,
  accent: Accent = 'american',
): PhonemeDescription | undefined {
  return bySymbol[accent].get(phoneme) ?? bySymbol.british.get(phoneme);
}

const vowels: ReadonlySet<Phoneme> = new Set(
  [...bySymbol.british.values()].filter(({ kind }) => kind === 'vowel').map((each) => each.phoneme),
);

/** True for a vowel phoneme (ER counts as one: it carries a syllable). */
export function isVowelPhoneme(phoneme: Phoneme): boolean {
  return vowels.has(phoneme);
}

/** Phonemes written between slashes in IPA, for example `/eɪ/`. */
export function toIpa(sounds: readonly Phoneme[], accent: Accent = 'american'): string {
  return `/${sounds.map((sound) => describePhoneme(sound, accent)?.ipa ?? sound).join('')}/`;
}

/** Signs of sounds that belong together, where they are not just their parts side by side. */
const joinedSigns: Readonly<Record<string, string>> = {
  'AA R': 'ar',
  'AO R': 'or',
  'EH R': 'air',
  'IH R': 'ear',
  'IY R': 'ear',
  'UH R': 'oor',
  'Y UW': 'yū',
  'Y UH R': 'yoor',
  'AY ER': 'ire',
  'AW ER': 'our',
  'AH L': 'əl',
};

/** A sound as a teacher writes it, for example `/ā/`, `/ch/` or `/or/`. */
export function showSound(sounds: readonly Phoneme[]): string {
  const joined = joinedSigns[sounds.join(' ')];
  return `/${joined ?? sounds.map((sound) => describePhoneme(sound)?.sign ?? sound).join('')}/`;
}

/** A whole word as it sounds, its sounds apart: `/h ā l/`. */
export function showWord(units: readonly { readonly phonemes: readonly Phoneme[] }[]): string {
  const signs = units
    .filter(({ phonemes: sounds }) => sounds.length > 0)
    .map(({ phonemes: sounds }) => showSound(sounds).slice(1, -1));
  return `/${signs.join(' ')}/`;
}

/** A vowel with a regular short spelling of one letter; AH is short only when stressed. */
export const shortVowels: ReadonlySet<Phoneme> = new Set([
  'AE',
  'EH',
  'IH',
  'AA',
  'AH',
  'UH',
  'OH',
]);

/** Vowels that the split digraph (vowel letter, consonant, e) can spell. */
export const longVowels: ReadonlySet<Phoneme> = new Set(['EY', 'IY', 'AY', 'OW', 'UW']);
