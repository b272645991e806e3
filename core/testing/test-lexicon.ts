/** The real lexicon, for tests: read once a test file from the pack that `npm test` builds. */
import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { completeClass, type ClassSettings } from '../classes/new-class';
import { Lexicon } from '../languages/en/lexicon/lexicon';
import { Meanings } from '../languages/en/words/meanings';
import type { AccentPack, LexiconPack } from '../languages/en/lexicon/lexicon-pack';

export function readPack(): LexiconPack {
  const bytes = readFileSync(new URL('../../data/packs/lexicon.pack', import.meta.url));
  return JSON.parse(strFromU8(gunzipSync(bytes))) as LexiconPack;
}

let lexicon: Lexicon | undefined;

export function testLexicon(): Lexicon {
  lexicon ??= new Lexicon(readPack());
  return lexicon;
}

let british: Lexicon | undefined;

/** The same words as Southern British English says them. */
export function britishLexicon(): Lexicon {
  const bytes = readFileSync(new URL('../../data/packs/british.pack', import.meta.url));
  british ??= new Lexicon(readPack(), JSON.parse(strFromU8(gunzipSync(bytes))) as AccentPack);
  return british;
}

let meanings: Meanings | undefined;

/** The meanings and sentences that the browser carries. */
export function testMeanings(): Meanings {
  const read = (name: string) =>
    strFromU8(gunzipSync(readFileSync(new URL(`../../data/packs/${name}.pack`, import.meta.url))));
  meanings ??= new Meanings(read('meanings'), read('sentences'));
  return meanings;
}

/** The Kestrels of the examples: Year 2, steps 1 to 23 taught. */
export function kestrels(settings: ClassSettings = {}) {
  return completeClass({ id: 'kestrels', name: 'Kestrels', step: 23, ...settings });
}
