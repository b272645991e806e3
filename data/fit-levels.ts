/**
 * Prints how right the estimated levels are: the headwords in five parts, each
 * estimated by a model fitted to the other four.
 *
 * Usage: npx tsx data/fit-levels.ts
 */
import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { Lexicon } from '../core/languages/en/lexicon/lexicon';
import type { LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import { Random } from '../core/kernel/random';
import { gradedLists } from './graded-lists';
import { knownLevels, levelEstimator, type Estimate } from './levels';

const file = new URL('./packs/lexicon.pack', import.meta.url);
const pack = JSON.parse(strFromU8(gunzipSync(readFileSync(file)))) as LexiconPack;
const lexicon = new Lexicon(pack);
const ease = (word: string) => {
  const twin = lexicon.twinOf(word);
  return gradedLists(word, twin?.spelling === 'us' ? twin.word : word);
};

const PARTS = 5;
const random = new Random(13);
const known = [...knownLevels].filter(([word]) => lexicon.find(word) !== undefined);
const part = new Map(known.map(([word]) => [word, Math.floor(random.next() * PARTS)]));
const estimates = new Map<string, Estimate>();
for (let out = 0; out < PARTS; out += 1) {
  const estimate = levelEstimator(
    lexicon,
    ease,
    new Map(known.filter(([word]) => part.get(word) !== out)),
  );
  for (const [word] of known) {
    const entry = lexicon.find(word);
    if (part.get(word) === out && entry) estimates.set(word, estimate(entry));
  }
}

const share = (test: (own: Estimate, guess: Estimate) => boolean, of = known) => {
  const right = of.filter(([word, own]) => test(own, estimates.get(word) as Estimate)).length;
  return `${((100 * right) / of.length).toFixed(1)} % of ${of.length}`;
};
const young = known.filter(([, { age }]) => age <= 8);
console.log(`CEFR exact         ${share((own, guess) => own.cefr === guess.cefr)}`);
console.log(`CEFR within one    ${share((own, guess) => Math.abs(own.cefr - guess.cefr) <= 1)}`);
console.log(`age within a year  ${share((own, guess) => Math.abs(own.age - guess.age) <= 1)}`);
console.log(`age within two     ${share((own, guess) => Math.abs(own.age - guess.age) <= 2)}`);
console.log(`3 years late       ${share((own, guess) => guess.age - own.age >= 3)}`);
console.log(`known by Year 3, and rated so  ${share((_, guess) => guess.age < 9, young)}`);
