/** Pagination: blocks of known height are set one under another, and a new page begun where one does not fit. */
import { moveMark, type PageMark } from './marks';
import type { Paper } from '../kernel/paper-size';

/** A piece that is never cut across pages. Marks are placed from its own top left. */
export interface Block {
  /** Millimetres. */
  readonly height: number;
  readonly marks: readonly PageMark[];
  /** Stays on one page with the block that follows. */
  readonly keepWithNext?: boolean;
  /** Begins a page. */
  readonly breakBefore?: boolean;
  /** White may be added after it, so that the page is filled. */
  readonly loose?: boolean;
  /** The same piece as high as it may stand in a given room, for what fills a page. */
  readonly filled?: (height: number) => Block;
  /** Spans both columns of a page that has two. */
  readonly wide?: boolean;
  /** What it is, for a message where it cannot fit. */
  readonly name?: string;
}

export interface Page {
  readonly marks: readonly PageMark[];
  /** Which blocks stand on it, by their place in the list. */
  readonly blocks: readonly number[];
}

export interface Pagination {
  readonly pages: readonly Page[];
  /** Blocks that are higher than a page, in plain sentences; they are set all the same, scaled by nobody. */
  readonly problems: readonly string[];
  /** How many runs of blocks that should stay together are higher than a page. */
  readonly broken: number;
}

/** Columns of equal width with white between them, in millimetres. */
export interface Columns {
  readonly count: 1 | 2;
  readonly width: number;
  readonly gap: number;
}

/** Height of the foot of a page, where its number stands, in millimetres. */
export const FOOT_HEIGHT = 8;

/** A run that is a whole page high may round to a hair more. */
const HAIR = 1e-6;

/** Runs of blocks that stay together, in order: each ends with a block that lets go. */
function keptRuns(blocks: readonly Block[]): Block[][] {
  const runs: Block[][] = [];
  let open = false;
  for (const block of blocks) {
    const last = runs[runs.length - 1];
    if (open && last && block.breakBefore !== true) last.push(block);
    else runs.push([block]);
    open = block.keepWithNext === true;
  }
  return runs;
}

const heightOf = (run: readonly Block[]) => run.reduce((sum, block) => sum + block.height, 0);

/** Runs that stand in columns between two that span them all. */
interface Band {
  readonly wide: boolean;
  readonly runs: Block[][];
}

function bandsOf(runs: readonly Block[][], columns: number): Band[] {
  const bands: Band[] = [];
  for (const run of runs) {
    const wide = columns === 1 || run.some((block) => block.wide === true);
    const last = bands[bands.length - 1];
    if (last && last.wide === wide && run[0]?.breakBefore !== true) last.runs.push(run);
    else bands.push({ wide, runs: [run] });
  }
  return bands;
}

/** How many of the runs fit one under another into a height; at least one where `force`. */
function fill(runs: readonly Block[][], height: number, force: boolean): number {
  let used = 0;
  let count = 0;
  for (const run of runs) {
    used += heightOf(run);
    if (used > height + HAIR && !(force && count === 0)) break;
    count += 1;
  }
  return count;
}

/** The least height in which all runs stand in two columns. */
function balanced(runs: readonly Block[][], room: number): number | undefined {
  const fits = (height: number) => {
    const first = fill(runs, height, false);
    return first + fill(runs.slice(first), height, false) === runs.length;
  };
  if (!fits(room)) return undefined;
  const total = runs.reduce((sum, run) => sum + heightOf(run), 0);
  for (let height = total / 2; height < room; height += 1) if (fits(height)) return height;
  return room;
}

/**
 * Sets blocks on pages of a paper; places on the page are from its top left corner.
 *
 * @param room millimetres of a page that are used: all that its margins and foot leave, or less
 */
export function paginate(
  given: readonly Block[],
  paper: Paper,
  columns: Columns = { count: 1, width: paper.width - 2 * paper.margin, gap: 0 },
  room = paper.height - 2 * paper.margin - FOOT_HEIGHT,
): Pagination {
  // A face may set one line many times: each is a block of its own.
  const blocks = given.map((block) => ({ ...block }));
  const problems = blocks
    .filter((block) => block.height > room + HAIR)
    .map(
      (block) =>
        `${block.name ?? 'A part of this sheet'} is ${Math.ceil(block.height)} mm high and the page has ${Math.floor(room)} mm. ` +
        'Use fewer words or larger paper.',
    );
  const places = new Map(blocks.map((block, index) => [block, index]));
  const pages: { marks: PageMark[]; blocks: number[] }[] = [{ marks: [], blocks: [] }];
  let used = 0;
  const turn = () => {
    if (used === 0) return;
    pages.push({ marks: [], blocks: [] });
    used = 0;
  };
  const set = (run: readonly Block[], left: number, top: number) => {
    let y = top;
    const page = pages[pages.length - 1] as (typeof pages)[number];
    for (const block of run) {
      page.blocks.push(places.get(block) ?? 0);
      page.marks.push(
        ...block.marks.map((mark) => moveMark(mark, paper.margin + left, paper.margin + y)),
      );
      y += block.height;
    }
    return y;
  };
  /** A run higher than a page is let go block by block. */
  const setAlone = (run: readonly Block[]) => {
    for (const block of run) {
      if (used > 0 && used + block.height > room + HAIR) turn();
      used = set([block], 0, used);
    }
  };
  const setBand = (runs: readonly Block[][]) => {
    // What cannot stand together on any page is let go block by block here too.
    let left = runs.flatMap((run) =>
      heightOf(run) > room + HAIR ? run.map((block) => [block]) : [run],
    );
    while (left.length > 0) {
      const height = balanced(left, room - used);
      const most = height ?? room - used;
      const first = fill(left, most, used === 0);
      if (first === 0) {
        turn();
        continue;
      }
      const rest = left.slice(first);
      const second = fill(rest, most, false);
      const ends = [left.slice(0, first), rest.slice(0, second)].map((column, index) =>
        column.reduce((y, run) => set(run, index * (columns.width + columns.gap), y), used),
      );
      used = Math.max(...ends);
      left = rest.slice(second);
      if (left.length > 0) turn();
    }
  };
  for (const band of bandsOf(keptRuns(blocks), columns.count)) {
    if (band.runs[0]?.[0]?.breakBefore === true) turn();
    if (!band.wide) {
      setBand(band.runs);
      continue;
    }
    for (const run of band.runs) {
      if (run[0]?.breakBefore === true || used + Math.min(heightOf(run), room) > room + HAIR)
        turn();
      setAlone(run);
    }
  }
  const broken = keptRuns(blocks).filter((run) => heightOf(run) > room + HAIR).length;
  return { pages, problems, broken };
}
