/** The columns of the pack that come from the wordbook: levels, fitness, headwords, school classes, opposites. */
import type { Lexicon, LexiconEntry } from '../core/languages/en/lexicon/lexicon';
import type { LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import { wordClassBits } from '../core/languages/en/lexicon/word-class';
import { wordParts } from '../core/languages/en/words/word-parts';
import { fromAges } from './fitness';
import { isGapWord } from './gap-words';
import { knownLevels, levelEstimator, type Estimate } from './levels';
import { headwords } from './wordbook';
import { basesOf, sensesOf } from './wordnet';

interface Head {
  readonly entry: LexiconEntry;
  readonly derived: boolean;
}

const openClasses = [
  ['n', wordClassBits.noun],
  ['v', wordClassBits.verb],
  ['a', wordClassBits.adjective],
] as const;

/** The headwords under their spelling in small letters. */
const plainHeadwords = new Map(
  [...headwords].map(([word, senses]) => [word.toLowerCase(), senses]),
);

/** The senses of a word or of its twin across the Atlantic. */
function sensesFor(word: string, lexicon: Lexicon) {
  const twin = lexicon.twinOf(word)?.word;
  return plainHeadwords.get(word.toLowerCase()) ?? (twin ? plainHeadwords.get(twin) : undefined);
}

/** The word that a form is a form of: a headword where there is one, in a class that has the form. */
function inflectedFrom(entry: LexiconEntry, lexicon: Lexicon): LexiconEntry | undefined {
  const word = entry.word.toLowerCase();
  const bases = openClasses.flatMap(([wordClass, bit]) =>
    basesOf(word, wordClass).map((base) => ({ base, wordClass, bit })),
  );
  const found = bases.flatMap(({ base, wordClass, bit }) => {
    const head = lexicon.find(base);
    if (head === undefined || head === entry) return [];
    const senses = sensesFor(head.word, lexicon);
    if (senses)
      return senses.some((sense) => sense.wordClass === wordClass) ? [{ head, own: 1 }] : [];
    return (head.kinds & bit) !== 0 && sensesOf(word).length === 0 ? [{ head, own: 0 }] : [];
  });
  found.sort((left, right) => right.own - left.own || right.head.zipf - left.head.zipf);
  return found[0]?.head;
}

function derivedFrom(entry: LexiconEntry, lexicon: Lexicon): LexiconEntry | undefined {
  const { kind, parts } = wordParts(entry, lexicon);
  if (kind === 'simple' || kind === 'compound') return undefined;
  const base = parts.find((part) => part.kind === 'base');
  const head = base && lexicon.find(base.from ?? base.text);
  return head === entry ? undefined : head;
}

function headOf(entry: LexiconEntry, lexicon: Lexicon): Head | undefined {
  // What has its own line in the wordbook is a word of its own, if built on another.
  const base = sensesFor(entry.word, lexicon) ? undefined : inflectedFrom(entry, lexicon);
  if (base) return { entry: base, derived: false };
  const derived = derivedFrom(entry, lexicon);
  return derived && { entry: derived, derived: true };
}

/** The age from which a word may stand on a sheet: as read by hand, or that of its twin or of the word it is a form of. */
function fromAge(entry: LexiconEntry, head: LexiconEntry | undefined, lexicon: Lexicon): number {
  const twin = lexicon.twinOf(entry.word)?.word;
  const own = [entry.word.toLowerCase(), twin ?? ''].flatMap((word) => fromAges.get(word) ?? []);
  const inherited = head ? fromAges.get(head.word.toLowerCase()) : undefined;
  // Every word of the bank was read: an own line in the wordbook without an age is fit for any.
  if (own.length === 0 && sensesFor(entry.word, lexicon)) return 0;
  return Math.max(0, ...own, own.length === 0 ? (inherited ?? 0) : 0);
}

type LevelColumns = Pick<
  LexiconPack,
  'ages' | 'cefrs' | 'levelsFrom' | 'froms' | 'heads' | 'schoolClasses' | 'opposites'
>;

/** Words rarer than this that no headword carries are late, whatever they look like: what children meet is in the wordbook. */
const RARE = { zipf: 2.6, age: 10.5, yearsAStep: 2.5, cefr: 4 } as const;

/** An estimate, no earlier than a rare word can be, nor than the headword it is built on. */
function cautious(guess: Estimate, entry: LexiconEntry, head: Head | undefined): Estimate {
  const base = head && knownLevels.get(head.entry.word.toLowerCase());
  if (base) return { age: Math.max(guess.age, base.age), cefr: Math.max(guess.cefr, base.cefr) };
  if (entry.zipf >= RARE.zipf || isGapWord.has(entry.word)) return guess;
  const least = RARE.age + (RARE.zipf - entry.zipf) * RARE.yearsAStep;
  return { age: Math.min(17, Math.max(guess.age, least)), cefr: Math.max(guess.cefr, RARE.cefr) };
}

/** The level that the wordbook gives a word or its twin. */
const knownFor = ({ word }: LexiconEntry, lexicon: Lexicon) =>
  knownLevels.get(word.toLowerCase()) ?? knownLevels.get(lexicon.twinOf(word)?.word ?? '');

/** Those columns for every word of a lexicon that has none yet. */
export function packLevels(lexicon: Lexicon, ease: (word: string) => number): LevelColumns {
  const estimate = levelEstimator(lexicon, ease);
  const guess = (entry: LexiconEntry) => cautious(estimate(entry), entry, headOf(entry, lexicon));
  const halves = (age: number) => Math.round(age * 2).toString(36);
  const rows = lexicon.entries.map((entry) => {
    const senses = sensesFor(entry.word, lexicon);
    const head = headOf(entry, lexicon);
    const own = knownFor(entry, lexicon);
    // An inflected form is where its headword is; what is built on one may be harder.
    const lemma = head && !head.derived && !senses ? head.entry : undefined;
    const inherited = lemma && knownFor(lemma, lexicon);
    const level = own ?? inherited ?? guess(lemma ?? entry);
    return {
      age: halves(level.age),
      cefr: String(level.cefr),
      source: own ? 'w' : inherited ? 'h' : 'e',
      from: Math.min(35, fromAge(entry, head?.entry, lexicon)).toString(36),
      head: head ? `${head.derived ? '-' : ''}${head.entry.rank.toString(36)}` : '',
      classes: [...new Set(senses?.map((sense) => sense.wordClass))].join(''),
    };
  });
  const opposites = [...plainHeadwords].flatMap(([word, senses]) => {
    const entry = lexicon.find(word);
    const all = [...new Set(senses.flatMap((sense) => sense.opposites))].filter((each) =>
      lexicon.find(each),
    );
    return entry && all.length > 0 ? [`${entry.word}=${all.join(',')}`] : [];
  });
  return {
    ages: rows.map(({ age }) => age).join(''),
    cefrs: rows.map(({ cefr }) => cefr).join(''),
    levelsFrom: rows.map(({ source }) => source).join(''),
    froms: rows.map(({ from }) => from).join(''),
    heads: rows.map(({ head }) => head).join(' '),
    schoolClasses: rows.map(({ classes }) => classes).join(' '),
    opposites: opposites.join(' '),
  };
}
