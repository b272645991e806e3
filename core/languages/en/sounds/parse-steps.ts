/**
 * Steps of a sequence written a row each: title; correspondences as
 * `grapheme=PHONEMES` (joined by + where a grapheme spells several), `#` before
 * a word shape; then after / the words taught by sight.
 */
import type { SequenceStep, WordShape } from './sequence';

function parseStep(row: string, index: number): SequenceStep {
  const [title, rest] = row.split(';') as [string, string];
  const [taught, sight] = rest.split(' / ') as [string, string | undefined];
  const entries = taught.trim().split(/\s+/);
  return {
    number: index + 1,
    title: title.trim(),
    teaches: entries
      .filter((entry) => !entry.startsWith('#'))
      .map((entry) => entry.replace('=', '|').replace(/\+/g, ' ')),
    shapes: entries
      .filter((entry) => entry.startsWith('#'))
      .map((entry) => entry.slice(1) as WordShape),
    sightWords: sight?.trim().split(/\s+/) ?? [],
  };
}

export function parseSteps(rows: string): SequenceStep[] {
  return rows.trim().split('\n').map(parseStep);
}
