/** Sizes on paper for a class: young learners get larger print and more room to write. */
import type { ClassProfile } from '../classes/class-profile';
import { scaleOf } from '../classes/class-level';
import type { SheetLayout } from './sheet-layout';
import { MM_PER_POINT, wideFont } from './measure';
import { papers, type Paper } from '../kernel/paper-size';

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
}

/** White between two columns, in millimetres. */
export const COLUMN_GAP = 9;

/** Large print begins at 18 points (Royal National Institute of Blind People, clear print guidelines). */
export const LARGE_PRINT_POINTS = 18;
const LARGER = 1.25;

/** A5 holds smaller print. */
const SMALL_PAPER = 0.82;

/** Common practice: 18 pt and more up to the age of seven, 14 pt to eleven, 12 pt after. */
export function sheetStyle(profile: ClassProfile, layout: SheetLayout = {}): SheetStyle {
  const paper = papers[layout.paper ?? profile.paper];
  const years = profile.level.system === 'cefr' ? 8 : scaleOf(profile.level).middle;
  const usual = years <= 2.5 ? 19 : years <= 6.5 ? 15 : 12.5;
  const fitted = paper.name.startsWith('a5') ? usual * SMALL_PAPER : usual;
  const points = layout.largePrint ? Math.max(LARGE_PRINT_POINTS + 2, fitted * LARGER) : fitted;
  const larger = points / usual;
  const width = paper.width - 2 * paper.margin;
  return {
    font: layout.wideSpacing ? wideFont(profile.font) : profile.font,
    body: points * MM_PER_POINT,
    title: (points + 6) * MM_PER_POINT,
    small: (layout.largePrint ? LARGE_PRINT_POINTS : 10) * MM_PER_POINT,
    letterRoom: (years <= 2.5 ? 8 : years <= 6.5 ? 6 : 5) * larger,
    lineRoom:
      (years <= 2.5 ? 15 : years <= 6.5 ? 12 : 10) * larger * (layout.wideSpacing ? 1.1 : 1),
    width: layout.columns === 2 ? (width - COLUMN_GAP) / 2 : width,
    // The British Dyslexia Association asks for lines one and a half apart.
    leading: layout.wideSpacing ? 1.6 : 1.35,
    paper,
    inkSaver: layout.inkSaver === true,
  };
}
