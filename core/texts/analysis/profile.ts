/** The vocabulary of a text: how frequent its words are, at what level, and how many are different. */
import type { CefrLevel } from '../../kernel/level';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { entryOf, type WordToken } from './word-tokens';

export interface Band {
  readonly name: string;
  /** Running words, and their share of all running words. */
  readonly words: number;
  readonly share: number;
  /** Different words of the band, the most frequent in the text first, at most forty. */
  readonly examples: readonly string[];
}

export interface LexicalProfile {
  /** Running words, and different words. */
  readonly tokens: number;
  readonly types: number;
  readonly typeToken: number;
  /** By Zipf frequency (van Heuven and others 2014). */
  readonly frequency: readonly Band[];
  /** By the level of each word, an estimate. */
  readonly levels: readonly Band[];
  readonly names: readonly string[];
  /** In no word bank, and no name. */
  readonly unknown: readonly string[];
  /** Share of running words above B1 or unknown. */
  readonly hardShare: number;
}

const frequencyBands = [
  { name: 'very common', from: 6 },
  { name: 'common', from: 5 },
  { name: 'usual', from: 4 },
  { name: 'less usual', from: 3 },
  { name: 'rare', from: -Infinity },
] as const;
const cefrLevels: readonly CefrLevel[] = ['A1', 'A2', 'B1', 'B2', 'C1'];

const EXAMPLES = 40;

export function profileOf(
  tokens: readonly WordToken[],
  names: ReadonlySet<string>,
  lexicon: Lexicon,
): LexicalProfile {
  const counts = new Map<string, number>();
  for (const { key } of tokens) counts.set(key, (counts.get(key) ?? 0) + 1);
  const unknown: string[] = [];
  const bands = new Map<string, { words: number; types: [string, number][] }>();
  const put = (name: string, word: string, count: number) => {
    const band = bands.get(name) ?? { words: 0, types: [] };
    band.words += count;
    band.types.push([word, count]);
    bands.set(name, band);
  };
  let hard = 0;
  for (const [word, count] of counts) {
    if (names.has(word)) continue;
    const entry = entryOf(word, lexicon);
    if (entry === undefined) {
      unknown.push(word);
      hard += count;
      continue;
    }
    const band = frequencyBands.find(({ from }) => entry.zipf >= from);
    put(band?.name ?? 'rare', word, count);
    const level = entry.cefr;
    put(level, word, count);
    if (level === 'B2' || level === 'C1') hard += count;
  }
  const total = Math.max(1, tokens.length);
  const read = (name: string): Band => {
    const { words = 0, types = [] } = bands.get(name) ?? {};
    const ordered = [...types].sort((left, right) => right[1] - left[1]);
    return {
      name,
      words,
      share: words / total,
      examples: ordered.slice(0, EXAMPLES).map(([word]) => word),
    };
  };
  return {
    tokens: tokens.length,
    types: counts.size,
    typeToken: counts.size / total,
    frequency: frequencyBands.map(({ name }) => read(name)),
    levels: cefrLevels.map(read),
    names: [...names].filter((name) => counts.has(name)),
    unknown: unknown.slice(0, 200),
    hardShare: hard / total,
  };
}
