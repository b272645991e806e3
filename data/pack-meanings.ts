/**
 * Packs the meanings of the lexicon's words: the wordbook's senses with their
 * sentences apart, and for words that it lacks WordNet 3.1, with short glosses of
 * our own first. The wordbook and common words are for the browser, the rest for
 * the server.
 *
 * Usage: tsx data/pack-meanings.ts FOLDER
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync, strFromU8, strToU8 } from 'fflate';
import { typographic } from '../core/kernel/typographic';
import { writeSense, type WordSense } from '../core/languages/en/words/meanings';
import { Lexicon } from '../core/languages/en/lexicon/lexicon';
import type { LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import { isInsult, isUnfit } from './fitness';
import { headwords, type WordbookSense } from './wordbook';
import { sensesOf, synsetOf, type Sense } from './wordnet';

const folder = process.argv[2];
if (folder === undefined) throw new Error('Say in which folder to write the packs.');
const pack = JSON.parse(
  strFromU8(gunzipSync(readFileSync(`${folder}/lexicon.pack`))),
) as LexiconPack;
const words = pack.words.split(' ');
const zipfOf = new Map(
  words.map((word, rank) => [word.toLowerCase(), (pack.zipf[rank] ?? 0) / 100]),
);

/** Words below this frequency that belong to no topic are looked up on the server. */
const COMMON_ZIPF = 3.5;
const topical = new Set(
  Object.values(pack.topics)
    .flatMap((list) => list.split(' '))
    .filter((word) => (zipfOf.get(word.toLowerCase()) ?? 0) >= 2.9),
);
/** Senses kept of one word. */
const MOST_SENSES = 5;

interface Gloss {
  readonly wordClass: string;
  readonly definition: string;
  readonly example: string;
}

const glosses = new Map<string, Gloss[]>();
const glossFile = new URL('./glosses.tsv', import.meta.url);
if (existsSync(glossFile)) {
  for (const line of readFileSync(glossFile, 'utf8').split('\n')) {
    if (line === '' || line.startsWith('#')) continue;
    const [word = '', wordClass = 'n', definition = '', example = ''] = line.split('\t');
    glosses.set(word, [...(glosses.get(word) ?? []), { wordClass, definition, example }]);
  }
}

/** Matters that a definition for a class does not touch. */
const unfitMatter =
  /\b(sexual\w*|sex|erotic|genital\w*|vulgar|obscene|offensive|slur|disparag\w*|derogat\w*|ethnic slur|slang|narcotic|heroin|cocaine|marijuana|intoxicat\w*|prostitut\w*|copulat\w*|intercourse|feces|excrement|excretory|urinat\w*|defecat\w*|vagina\w*|penis|breasts?|buttocks?|nude|naked|murder\w*|suicid\w*|rape\w*|castrat\w*|semen|sperm|masturbat\w*|homosexual\w*|lesbian|contraceptive|drunk\w*|alcoholic|hitler|nazi)\b/i;

/** Meanings may speak of violent weather or a fat pig; only insults and matters for adults are kept out. */
const isFit = (text: string) => !unfitMatter.test(text) && !isInsult(text);

/** A gloss for learners: its first clause, without the label in brackets. */
function shorten(definition: string): string {
  const plain = definition
    .replace(/\([^)]*\)/g, '')
    .replace(/`([^']*)'/g, '$1')
    .replace(/\s+/g, ' ')
    .trim();
  const first = plain.split(/;\s*/)[0] ?? plain;
  return first.replace(/\s+([,.;])/g, '$1').replace(/^[,\s]+|[,\s]+$/g, '');
}

const isProper = ({ synset }: Sense, word: string) =>
  synset.words.some((each) => each.toLowerCase() === word && each !== word) ||
  (synset.words[0] !== undefined && /^[A-Z]/.test(synset.words[0]));

/** A definition with the word itself in it explains nothing. */
function isCircular(definition: string, word: string): boolean {
  const stem = word.length > 5 ? word.slice(0, -2) : word;
  return new RegExp(`\\b${stem}${word.length > 5 ? '' : '(s|es|ed|ing|er)?\\b'}`, 'i').test(
    definition,
  );
}

function shown(name: string, word: string): boolean {
  const plain = name.toLowerCase();
  return (
    !name.includes('_') &&
    plain !== word &&
    name === plain &&
    (zipfOf.get(plain) ?? 0) >= 2.6 &&
    !isUnfit(plain)
  );
}

function exampleOf(sense: Sense, word: string): string | undefined {
  const stem = word.replace(/[ey]$/, '');
  return sense.synset.examples.find(
    (each) =>
      new RegExp(`\\b${stem}`, 'i').test(each) &&
      each.split(' ').length <= 12 &&
      !/[A-Z]/.test(each.slice(1).replace(/\bI\b/g, '')) &&
      isFit(each),
  );
}

function describe(sense: Sense, word: string): WordSense | undefined {
  const { synset } = sense;
  const definition = shorten(synset.definition);
  if (/^(extended meanings|an informal term|the \w+ letter|being)\b/.test(definition))
    return undefined;
  if (definition === '' || !isFit(synset.definition) || isProper(sense, word)) return undefined;
  const example = exampleOf(sense, word);
  const opposite = synset.pointers
    .filter((pointer) => pointer.sign === '!')
    .flatMap((pointer) => synsetOf(pointer.target)?.words ?? []);
  const parent = synset.pointers.find((pointer) => pointer.sign === '@');
  const kind = parent && synsetOf(parent.target)?.words.find((name) => shown(name, word));
  return {
    wordClass: synset.wordClass,
    definition,
    ...(example ? { example } : {}),
    near: synset.words.filter((name) => shown(name, word)).slice(0, 5),
    opposites: [...new Set(opposite)].filter((name) => shown(name, word)).slice(0, 3),
    ...(kind && synset.wordClass === 'n' ? { kindOf: kind } : {}),
    source: 'wordnet',
    sentences: [],
  };
}

/** Rank of a sense: how often it is meant, less for a definition that is long or circular. */
function worth(sense: Sense, definition: string, order: number, word: string): number {
  const length = definition.split(' ').length;
  const tooLong = length > 18 ? 0.6 : 0;
  return (
    Math.log2(sense.tags + 1) - order * 0.35 - tooLong - (isCircular(definition, word) ? 2.5 : 0)
  );
}

function sensesFor(word: string): WordSense[] {
  const own: WordSense[] = (glosses.get(word) ?? []).map(({ wordClass, definition, example }) => ({
    wordClass,
    definition,
    ...(example === '' ? {} : { example }),
    near: [],
    opposites: [],
    source: 'wordane',
    sentences: [],
  }));
  const counted = new Map<string, number>();
  const found = sensesOf(word)
    .map((sense) => {
      const order = counted.get(sense.synset.wordClass) ?? 0;
      counted.set(sense.synset.wordClass, order + 1);
      const described = describe(sense, word);
      return described && { described, worth: worth(sense, described.definition, order, word) };
    })
    .filter((each) => each !== undefined)
    .sort((left, right) => right.worth - left.worth)
    .map((each) => each.described);
  // A gloss of our own takes the near of the sense it replaces: the first of its class.
  const merged = own.map((gloss) => {
    const twin = found.find((sense) => sense.wordClass === gloss.wordClass);
    if (twin === undefined) return gloss;
    found.splice(found.indexOf(twin), 1);
    const { kindOf } = twin;
    return {
      ...gloss,
      near: twin.near,
      opposites: twin.opposites,
      ...(kindOf ? { kindOf } : {}),
    };
  });
  return [...merged, ...found].slice(0, MOST_SENSES);
}

const entries = new Lexicon(pack);
const near = (list: readonly string[]) => list.filter((each) => !isUnfit(each));

function fromWordbook(sense: WordbookSense): WordSense {
  const { wordClass, gloss, age, cefr, topics, from, opposites } = sense;
  return {
    wordClass,
    definition: typographic(gloss),
    near: near(sense.near),
    opposites: near(opposites),
    source: 'wordane',
    ...{ age, level: cefr, topics, from },
    sentences: [],
  };
}

/** True for a form that the word it is a form of explains. */
function isForm(word: string): boolean {
  const entry = entries.find(word);
  if (entry?.head?.derived !== false) return false;
  const lemma = entries.lemmaOf(entry).word;
  return headwords.has(lemma) || headwords.has(entries.twinOf(lemma)?.word ?? '');
}

const common: string[] = [];
const rest: string[] = [];
const sentences: string[] = [];
for (const [headword, senses] of headwords) {
  const word = headword.toLowerCase();
  common.push(`${word}\t${senses.map(fromWordbook).map(writeSense).join('\t')}`);
  sentences.push(
    `${word}\t${senses.map((sense) => typographic(sense.sentences.join('|'))).join('\t')}`,
  );
}
for (const each of words) {
  const word = each.toLowerCase();
  if (headwords.has(each) || headwords.has(entries.twinOf(each)?.word ?? '') || isForm(each))
    continue;
  const senses = sensesFor(word);
  if (senses.length === 0) continue;
  const line = `${word}\t${senses.map(writeSense).join('\t')}`;
  const usual = (zipfOf.get(word) ?? 0) >= COMMON_ZIPF || topical.has(word) || glosses.has(word);
  (usual ? common : rest).push(line);
}
for (const [name, lines] of [
  ['meanings', common],
  ['meanings-rare', rest],
  ['sentences', sentences],
] as const) {
  const packed = gzipSync(strToU8(lines.join('\n')), { level: 9, mtime: 0 });
  writeFileSync(`${folder}/${name}.pack`, packed);
  console.error(`${name}: ${lines.length} words, ${Math.round(packed.length / 1024)} KB gzipped`);
}
