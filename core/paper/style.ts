/** Sizes on paper for a class: young learners get larger print and more room to write. */
import type { ClassProfile } from '../classes/class-profile';
import { scaleOf } from '../classes/class-level';
import { handOf } from '../classes/school-hand';
import type { HandName } from '../kernel/hand-names';
import type { Look } from '../kernel/look';
import { grown, sizesOf } from './age-sizes';
import type { SheetLayout } from './sheet-layout';
import { MM_PER_POINT, wideFont } from './measure';
import { FOOT_HEIGHT } from './paginate';
import { papers, type Paper, type PaperName } from '../kernel/paper-size';

export interface SheetStyle {
  readonly font: string;
  /** Height of the em of what learners read, of titles and of small print, in millimetres. */
  readonly body: number;
  readonly title: number;
  readonly small: number;
  /** Room for one handwritten letter, and for a handwritten line, in millimetres. */
  readonly letterRoom: number;
  readonly lineRoom: number;
  /** Width of a column, in millimetres. */
  readonly width: number;
  /** Distance from one baseline to the next, in ems. */
  readonly leading: number;
  /** The paper, for what fills a page of its own. */
  readonly paper: Paper;
  /** Spares ink: thin lines, nothing filled. */
  readonly inkSaver: boolean;
  readonly look: Look;
  /** The school hand of lines that name none. */
  readonly hand: HandName;
  /** Side of a picture beside an item, in millimetres. */
  readonly picture: number;
  /** How much higher boxes, rows of cards and the like may stand than they must; 1 for not at all. */
  readonly stretch: number;
  /** What head and end of the sheet take of its page, in millimetres; 0 while it is not known. */
  readonly reserved: number;
}

/** White between two columns, in millimetres. */
export const COLUMN_GAP = 9;

/** Large print begins at 18 points (Royal National Institute of Blind People, clear print guidelines). */
export const LARGE_PRINT_POINTS = 18;
const LARGER = 1.25;

/** A5 holds smaller print. */
const SMALL_PAPER = 0.82;

/** A poster is read from afar. */
const LARGE_PAPER = 1.41;

function scaleOfPaper(name: PaperName): number {
  if (name.startsWith('a5') || name === 'half-letter') return SMALL_PAPER;
  return name === 'a3' || name === 'tabloid' ? LARGE_PAPER : 1;
}

/** How much higher boxes and rows stand on a page that has the room. */
const MOST_STRETCH = 1.6;

/** Few things on a page stand further apart. */
const CALM_LINES = 1.15;

/**
 * The sizes of a class's sheet.
 *
 * @param growth -1 to 1: how far type, lines and pictures are drawn in or grow within the limits of
 *   the age (`ageSizes`); 0 is what is usual
 */
export function sheetStyle(
  profile: ClassProfile,
  layout: SheetLayout = {},
  growth = 0,
): SheetStyle {
  const paper = papers[layout.paper ?? profile.paper];
  const years = profile.level.system === 'cefr' ? undefined : scaleOf(profile.level).middle;
  const look = layout.look ?? profile.look ?? 'plain';
  const sizes = sizesOf(years);
  const usual = sizes.type.usual;
  const small = scaleOfPaper(paper.name);
  const type = grown(sizes.type, growth) * small;
  // Large print is large already.
  const points = layout.largePrint ? Math.max(LARGE_PRINT_POINTS + 2, type * LARGER) : type;
  const larger = (layout.largePrint ? Math.max(points / usual, LARGER) : 1) * small;
  const width = paper.width - 2 * paper.margin;
  return {
    font: layout.wideSpacing ? wideFont(profile.font) : profile.font,
    body: points * MM_PER_POINT,
    title: (points + 6) * MM_PER_POINT,
    small: (layout.largePrint ? LARGE_PRINT_POINTS : 10) * MM_PER_POINT,
    letterRoom: sizes.letter * (points / usual),
    lineRoom:
      grown(sizes.line, growth) *
      larger *
      (layout.wideSpacing ? 1.1 : 1) *
      (look === 'calm' ? CALM_LINES : 1),
    width: layout.columns === 2 ? (width - COLUMN_GAP) / 2 : width,
    // The British Dyslexia Association asks for lines one and a half apart.
    leading: layout.wideSpacing ? 1.6 : 1.35,
    paper,
    inkSaver: layout.inkSaver === true,
    look,
    hand: handOf(profile),
    picture: grown(sizes.picture, growth) * small,
    stretch: 1 + Math.max(0, growth) * (MOST_STRETCH - 1),
    reserved: 0,
  };
}

/** Millimetres of a page under what stands over the exercise: what is higher begins a page of its own. */
export const roomUnderHead = ({ paper, reserved }: SheetStyle): number =>
  paper.height - 2 * paper.margin - FOOT_HEIGHT - reserved;
