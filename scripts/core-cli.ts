/** Calls a function of core/index.ts with JSON: one object from the command line, or one a line from standard input. */
import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { gunzipSync, strFromU8 } from 'fflate';
import * as core from '../core/index';
import { languagePacks } from '../core/languages/registry/packs';
import type { AccentPack, LexiconPack } from '../core/languages/en/lexicon/lexicon-pack';
import type { AtlasPack } from '../core/maps/atlas';

const [name, argument] = process.argv.slice(2);
const callable = Object.entries(core).filter(
  ([key, value]) => typeof value === 'function' && !/^use[A-Z]/.test(key),
);
const found = callable.find(([key]) => key === name)?.[1] as
  ((input: unknown) => unknown) | undefined;

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(2);
}

function call(json: string): string {
  let input: unknown;
  try {
    input = JSON.parse(json);
  } catch (error) {
    return JSON.stringify({ error: `This is not JSON: ${(error as Error).message}` });
  }
  try {
    return JSON.stringify(found?.(input) ?? null);
  } catch (error) {
    return JSON.stringify({ error: (error as Error).message });
  }
}

// The words of languages that have many are fetched only where they are asked for.
async function loadPacks(json: string): Promise<void> {
  for (const { tag, load } of languagePacks) if (json.includes(`"${tag}"`)) await load?.();
}

if (found === undefined) {
  fail(
    `${name === undefined ? 'Name a function' : `There is no function ${name}`}. Functions: ${callable
      .map(([key]) => key)
      .sort()
      .join(', ')}.`,
  );
}

const readText = (name: string) =>
  strFromU8(gunzipSync(readFileSync(new URL(`../data/packs/${name}.pack`, import.meta.url))));
const readPack = (name: string): unknown => JSON.parse(readText(name));
core.useMeanings(() => [
  `${readText('meanings')}\n${readText('meanings-rare')}`,
  readText('sentences'),
]);
core.useAtlas(() => readPack('maps') as AtlasPack);
core.useSyllables(() => readText('syllables'));
core.useLexicon('american', () => ({ lexicon: readPack('lexicon') as LexiconPack }));
core.useLexicon('british', () => ({
  lexicon: readPack('lexicon') as LexiconPack,
  spoken: readPack('british') as AccentPack,
}));

if (argument !== undefined) {
  await loadPacks(argument);
  const answer = call(argument);
  process.stdout.write(`${answer}\n`);
  if (answer.startsWith('{"error":')) process.exitCode = 1;
} else {
  for await (const line of createInterface({ input: process.stdin })) {
    if (line.trim() === '') continue;
    await loadPacks(line);
    process.stdout.write(`${call(line)}\n`);
  }
}
