/** Meanings of the rarer words, read once from their pack. */
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { gunzipSync, strFromU8 } from 'fflate';
import { Meanings, type WordSense } from '../core/languages/en/words/meanings';

let reading: Promise<Meanings> | undefined;

async function read(): Promise<Meanings> {
  const file = join(process.cwd(), 'data/packs/meanings-rare.pack');
  if (!existsSync(file)) return new Meanings('');
  return new Meanings(strFromU8(gunzipSync(await readFile(file))));
}

/** The senses of a word; empty where the pack has none. */
export async function rareSenses(word: string): Promise<WordSense[]> {
  reading ??= read();
  return (await reading).sensesOf(word);
}
