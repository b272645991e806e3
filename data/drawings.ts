/** Line drawings of our own, in one hand, for words that no open set shows. */
import { readFileSync } from 'node:fs';

export interface Drawing {
  /** Name of the picture: `own-table`. */
  readonly icon: string;
  readonly words: readonly string[];
  /** The whole drawing: 64 by 64, a line of 2, the weight of the other line drawings. */
  readonly svg: string;
}

const frame = (shapes: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 64 64" fill="none" stroke="#000" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${shapes}</svg>`;

export const drawings: readonly Drawing[] = readFileSync(
  new URL('./drawings.tsv', import.meta.url),
  'utf8',
)
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => {
    const [name = '', words = '', shapes = ''] = line.split('\t');
    return { icon: `own-${name}`, words: words.split(','), svg: frame(shapes) };
  });
