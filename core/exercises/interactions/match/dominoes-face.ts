/** Matching as dominoes: a word at one end of each tile, another's partner at the other; all make one ring. */
import { cardMarks, cardPrint, cutLine, SMALLEST_CARD_PRINT } from '../../../paper/cut-cards';
import type { Face } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import { readAs } from '../../../paper/reading';
import type { SheetStyle } from '../../../paper/style';
import type { MatchSide, MatchTask } from './task';

const COLUMNS = 2;
const HEIGHT = 32;

export interface Tile {
  /** The partner of the word on the tile before it in the ring. */
  readonly left: MatchSide;
  readonly right: MatchSide;
}

/** The tiles in the order of the right sides, which is shuffled: cut out, they do not lie as they belong. */
export function tilesOf({ pairs, rights }: MatchTask): Tile[] {
  return rights.flatMap((left): Tile[] => {
    const at = pairs.findIndex(({ partner }) => partner === left.id);
    const next = pairs[(at + 1) % pairs.length];
    return at < 0 || !next ? [] : [{ left, right: next.left }];
  });
}

const shown = ({ text, picture }: MatchSide) => (picture === undefined ? text : 'picture');

export function dominoesPaper(task: MatchTask, style: SheetStyle): Face {
  const tiles = tilesOf(task);
  const width = style.width / COLUMNS;
  const half = { y: 0, width: width / 2, height: HEIGHT };
  const rows = Math.ceil(tiles.length / COLUMNS);
  return {
    blocks: Array.from({ length: rows }, (_, row): Block => ({
      height: HEIGHT,
      name: 'A row of tiles',
      marks: tiles
        .slice(row * COLUMNS, (row + 1) * COLUMNS)
        .flatMap(({ left, right }, column): PageMark[] => {
          const x = column * width;
          const middle = x + width / 2;
          return [
            cutLine({ x, y: 0, width, height: HEIGHT }),
            { kind: 'line', x1: middle, x2: middle, y1: 3, y2: HEIGHT - 3, width: 0.4 },
            ...readAs(
              [
                ...cardMarks(left, { ...half, x }, style),
                ...cardMarks({ ...right, word: right.text }, { ...half, x: middle }, style),
              ],
              row * COLUMNS + column,
              `tile: ${shown(left)}; ${shown(right)}`,
            ),
          ];
        }),
    })),
    problems: tiles
      .flatMap(({ left, right }) => [left, right])
      .filter(
        ({ text, picture }) =>
          picture === undefined &&
          cardPrint(text, { ...half, x: 0 }, style, style.body) < SMALLEST_CARD_PRINT,
      )
      .map(({ text }) => `“${text.slice(0, 40)}” is too long for a tile. Use a shorter text.`),
  };
}
