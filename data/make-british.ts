/**
 * Writes data/british.tsv: a Southern British pronunciation in IPA for every
 * word of the lexicon and its British spelling, by the eSpeak NG rules of the
 * voice en-gb-x-rp (phonemizer, Apache-2.0; eSpeak NG, GPL-3.0-or-later).
 * Takes some minutes; run it again when the lexicon gains words.
 *
 * Usage: tsx data/make-british.ts
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { phonemize } from 'phonemizer';
import type { LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import { britishSpellingOf } from './british-spellings';

const VOICE = 'en-gb-x-rp';
const BATCH = 40;
const file = new URL('./british.tsv', import.meta.url);
const packed = readFileSync(new URL('./packs/lexicon.pack', import.meta.url));
const pack = JSON.parse(strFromU8(gunzipSync(packed))) as LexiconPack;

const known = new Map<string, string>();
if (existsSync(file)) {
  for (const line of readFileSync(file, 'utf8').split('\n')) {
    const [word, ipa] = line.split('\t');
    if (word && ipa && !word.startsWith('#')) known.set(word, ipa);
  }
}
const american = pack.words.split(' ');
const british = american.flatMap((word) => britishSpellingOf(word) ?? []);
const missing = [...new Set([...american, ...british])].filter((word) => !known.has(word));

/** Words said one by one: a comma ends the clause, and the voice answers clause by clause. */
async function say(words: readonly string[]): Promise<void> {
  const said = await phonemize(words.join(', '), VOICE);
  if (said.length === words.length) {
    words.forEach((word, index) => known.set(word, (said[index] ?? '').trim()));
    return;
  }
  for (const word of words) known.set(word, (await phonemize(word, VOICE)).join(' ').trim());
}

for (let from = 0; from < missing.length; from += BATCH) {
  await say(missing.slice(from, from + BATCH));
}
const lines = [...known].sort(([left], [right]) => (left < right ? -1 : 1));
writeFileSync(
  file,
  '# Southern British pronunciations (IPA), written by data/make-british.ts with eSpeak NG, voice en-gb-x-rp (GPL-3.0-or-later).\n' +
    lines.map(([word, ipa]) => `${word}\t${ipa}`).join('\n') +
    '\n',
);
console.error(`${lines.length} words, ${missing.length} new`);
