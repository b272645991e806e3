/**
 * Composition: type, lines, pictures and rows grow within the limits of the age until the page is
 * full, or are drawn in a little so that nothing spills alone; pages are balanced, and white is
 * shared out between the items.
 */
import { FOOT_HEIGHT, paginate, type Block, type Columns, type Page } from '../paper/paginate';
import type { Paper } from '../kernel/paper-size';

/** Blocks at one growth, and what does not fit. */
export interface Made {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
}

export interface Composed extends Made {
  /** -1 to 1: see `sheetStyle`. */
  readonly growth: number;
  readonly pages: number;
  /** Share of the last page that is used, before white is shared out. */
  readonly fill: number;
}

/** From what grows most down to what is usual, then what is drawn in. */
const GROWTHS = [1, 0.8, 0.6, 0.45, 0.3, 0.15, 0];
const TIGHTER = [-0.35, -0.7, -1];

/** A page before the last that is used less than this is left half empty. */
const MOST_LEFT = 0.65;

/** So is one that stays under this share where white stands between its items as well. */
const LEFT_SPREAD = 0.8;

/** A page is full at this share of its room. */
export const FULL = 0.95;

export const roomOf = (paper: Paper) => paper.height - 2 * paper.margin - FOOT_HEIGHT;

const usedOn = (page: Page | undefined, blocks: readonly Block[]) =>
  (page?.blocks ?? []).reduce((sum, index) => sum + (blocks[index]?.height ?? 0), 0);

interface Tried extends Made {
  readonly growth: number;
  readonly set: readonly Page[];
  readonly broken: number;
}

const lastFill = ({ set, blocks }: Tried, paper: Paper, columns: Columns) =>
  usedOn(set.at(-1), blocks) / columns.count / roomOf(paper);

/**
 * The growth at which a sheet stands best: the largest of the tighter ones that spares a page;
 * where none does, the largest that takes no more pages than the usual sizes do.
 */
export function compose(
  make: (growth: number) => Made,
  paper: Paper,
  columns: Columns,
  asIs = false,
): Composed {
  const known = new Map<number, Tried>();
  const at = (growth: number): Tried => {
    const before = known.get(growth);
    if (before) return before;
    const made = make(growth);
    const { pages, broken, problems } = paginate(made.blocks, paper, columns);
    const tried = { ...made, growth, set: pages, broken: broken + problems.length };
    known.set(growth, tried);
    return tried;
  };
  const usual = at(0);
  const chosen = asIs ? usual : (drawnIn() ?? largest(usual.set.length));
  const blocks = asIs || columns.count > 1 ? chosen.blocks : spread(balanced(chosen, paper), paper);
  return {
    blocks,
    problems: chosen.problems,
    growth: chosen.growth,
    pages: chosen.set.length,
    fill: lastFill(chosen, paper, columns),
  };

  function drawnIn(): Tried | undefined {
    // No page is spared by more than the tightest.
    if (usual.set.length < 2 || at(-1).set.length === usual.set.length) return undefined;
    const fewer = TIGHTER.find((growth) => at(growth).set.length < usual.set.length);
    return fewer === undefined ? undefined : at(fewer);
  }

  function largest(pages: number): Tried {
    // A face may do with fewer pages when it is larger: boxes abreast turn into boxes below.
    const possible = GROWTHS.filter(
      (each) =>
        at(each).set.length <= pages &&
        at(each).broken <= usual.broken &&
        at(each).problems.length <= usual.problems.length,
    );
    // Not so large that a page is left half empty, where a little smaller would fill it.
    return at([...possible, ...TIGHTER].find((each) => !leavesWhite(at(each))) ?? possible[0] ?? 0);
  }

  function leavesWhite({ set, blocks }: Tried): boolean {
    const room = columns.count * roomOf(paper);
    return set.slice(0, -1).some((page) => {
      const used = usedOn(page, blocks);
      if (used < MOST_LEFT * room) return true;
      return columns.count === 1 && used + shareOn(page, blocks) < LEFT_SPREAD * room;
    });
  }
}

/** A page before the last that stays under this share, with white between its items, has a hole at its foot. */
const HOLED = 0.75;

/** A last page that is used less than this holds next to nothing. */
const LEAST_LAST = 0.12;

/** A page that is higher than another by this share stands as even as it. */
const NEARLY_EVEN = 1.04;

/** Blocks with the page turned so that all pages hold about as much as each other. */
function balanced(tried: Tried, paper: Paper): readonly Block[] {
  const { blocks, set } = tried;
  const forced = blocks.some(({ breakBefore }) => breakBefore === true);
  if (set.length < 2 || forced) return blocks;
  const room = roomOf(paper);
  if (usedOn(set.at(-1), blocks) > 0.8 * room) return blocks;
  let [low, high] = [0.3 * room, room];
  // The least height of a page that takes no more pages.
  for (let turn = 0; turn < 12; turn += 1) {
    const middle = (low + high) / 2;
    const { pages } = paginate(blocks, paper, undefined, middle);
    if (pages.length <= set.length) high = middle;
    else low = middle;
  }
  // Of two turns that are as even, the one that leaves its white to the last page.
  const { pages } = paginate(blocks, paper, undefined, Math.min(room, high * NEARLY_EVEN));
  // A title does not stand alone so that what it heads can stand with the rest.
  if (pages.slice(0, -1).some((page) => usedOn(page, blocks) < room / 2)) return blocks;
  // Rows that no white can stand between leave a hole under them: they go on until the page is full.
  const holed = pages
    .slice(0, -1)
    .some((page) => usedOn(page, blocks) + shareOn(page, blocks) < HOLED * room);
  if (holed && usedOn(set.at(-1), blocks) > LEAST_LAST * room) return blocks;
  const firsts = new Set(pages.slice(1).flatMap(({ blocks: [first] }) => first ?? []));
  return blocks.map((block, index) =>
    firsts.has(index) ? { ...block, breakBefore: true } : block,
  );
}

/** Most white between two items, as a share of the height of one, and in millimetres. */
const MOST_SHARE = 0.6;
const MOST_WHITE = 14;

/** Most white that can follow an item. */
const whiteAfter = ({ height }: Block) => Math.min(MOST_WHITE, height * MOST_SHARE);

/** How much white can stand between the items of a page; any where one of its blocks fills it. */
function shareOn(page: Page, blocks: readonly Block[]): number {
  const on = page.blocks.flatMap((index) => blocks[index] ?? []);
  if (on.some(({ filled }) => filled !== undefined)) return Infinity;
  const items = on.filter(({ loose }) => loose === true);
  return items.slice(0, -1).reduce((sum, item) => sum + whiteAfter(item), 0);
}

/** The white that is left on each page, shared out after its items; what can fill it does. */
function spread(blocks: readonly Block[], paper: Paper): readonly Block[] {
  const room = roomOf(paper) * FULL;
  const taller = new Map<number, Block>();
  for (const page of paginate(blocks, paper).pages) {
    let left = room - usedOn(page, blocks);
    if (left <= 0) continue;
    const filling = page.blocks.find((index) => blocks[index]?.filled !== undefined);
    if (filling !== undefined) {
      const block = blocks[filling] as Block;
      const filled = block.filled?.(block.height + left);
      if (filled) {
        left -= filled.height - block.height;
        taller.set(filling, filled);
      }
    }
    const items = page.blocks.filter((index) => blocks[index]?.loose === true);
    if (items.length < 2) continue;
    for (const index of items.slice(0, -1)) {
      const block = blocks[index] as Block;
      const more = Math.min(left / (items.length - 1), whiteAfter(block));
      taller.set(index, { ...block, height: block.height + Math.max(0, more) });
    }
  }
  return blocks.map((block, index) => taller.get(index) ?? block);
}
