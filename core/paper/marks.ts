/**
 * What is drawn on a page: a list of marks with exact places, so that screen,
 * print and PDF show one thing. All lengths are millimetres from the top left.
 */
import type { HandFont, Ink } from './hands';
import type { Weight } from './measure';
import type { Reading } from './reading';

export interface TextMark {
  readonly kind: 'text';
  readonly x: number;
  /** The baseline. */
  readonly y: number;
  readonly text: string;
  /** Height of the em. */
  readonly size: number;
  readonly weight: Weight;
  readonly align: 'start' | 'middle' | 'end';
  /** What the text is, for a screen reader and for the tags of a PDF. */
  readonly role: 'title' | 'heading' | 'text' | 'small';
  /** The label of a line that copies for a class fill in. */
  readonly field?: 'name';
  /** Grey, for a worked answer or a quiet note. */
  readonly grey?: boolean;
  /** White, on a dark ground. */
  readonly light?: boolean;
  /** Letters in outline, for colouring in. */
  readonly outline?: boolean;
  /** Degrees clockwise about its place. */
  readonly turn?: number;
  readonly reading?: Reading;
}

export interface LineMark {
  readonly kind: 'line';
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly width: number;
  readonly dashed?: boolean;
  /** A quiet line: a ruling, a fold. */
  readonly grey?: boolean;
}

/**
 * What a shape is filled with: a pale ground, black, the white of paper, or the colour of the
 * sheet's look, strong or pale, which prints as a grey where the sheet is not in colour.
 */
export const fills = ['tint', 'ink', 'paper', 'accent', 'pale'] as const;

export type Fill = (typeof fills)[number];

export interface BoxMark {
  readonly kind: 'box';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly stroke: number;
  readonly radius?: number;
  readonly dashed?: boolean;
  readonly fill?: Fill;
  /** Lies over the pictures of the page, under its texts. */
  readonly over?: boolean;
}

/** Letters to write over, set in a school hand by the line they stand on. */
export interface HandMark {
  readonly kind: 'hand';
  readonly x: number;
  /** The line the letters stand on. */
  readonly y: number;
  readonly text: string;
  readonly font: HandFont;
  readonly ink: Exclude<Ink, 'blank'>;
  /** Height of the em. */
  readonly size: number;
  readonly reading?: Reading;
}

/** Straight and curved lines, as the path data of SVG in millimetres from the mark's own place. */
export interface PathMark {
  readonly kind: 'path';
  readonly x: number;
  readonly y: number;
  readonly d: string;
  /** Width of the line; 0 for a filled shape alone. */
  readonly stroke: number;
  readonly fill?: Fill;
  readonly dashed?: boolean;
  /** A pale line, to be drawn over. */
  readonly pale?: boolean;
  /** Its ends and corners are round, as a pen's. */
  readonly round?: boolean;
  /** How much larger than its data it is drawn, with its line; 1 where it is not given. */
  readonly scale?: number;
}

/** Where a word of the material stands: never printed, but lit on screen by its reach. */
export interface WordArea {
  readonly kind: 'word';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly word: string;
}

/** Where an item of an exercise stands: never printed; on screen it can be changed there. */
export interface ItemArea {
  readonly kind: 'item';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** The id of the item. */
  readonly item: string;
}

/** A line drawing that shows a word. */
export interface PictureMark {
  readonly kind: 'picture';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Name of a shipped picture. */
  readonly picture: string;
  /** What it shows, for a screen reader; empty where that would give the answer away. */
  readonly name: string;
  readonly reading?: Reading;
}

export type PageMark =
  TextMark | LineMark | BoxMark | WordArea | ItemArea | PictureMark | HandMark | PathMark;

/** A mark moved by so many millimetres. */
export function moveMark(mark: PageMark, dx: number, dy: number): PageMark {
  if (mark.kind === 'line') {
    return {
      ...mark,
      x1: mark.x1 + dx,
      x2: mark.x2 + dx,
      y1: mark.y1 + dy,
      y2: mark.y2 + dy,
    };
  }
  return { ...mark, x: mark.x + dx, y: mark.y + dy };
}

/** A mark as many times as large, seen from the top left of the page. */
export function scaleMark(mark: PageMark, times: number): PageMark {
  if (mark.kind === 'line') {
    return {
      ...mark,
      x1: mark.x1 * times,
      x2: mark.x2 * times,
      y1: mark.y1 * times,
      y2: mark.y2 * times,
      width: mark.width * times,
    };
  }
  const place = { x: mark.x * times, y: mark.y * times };
  switch (mark.kind) {
    case 'text':
    case 'hand':
      return { ...mark, ...place, size: mark.size * times };
    case 'path':
      return { ...mark, ...place, scale: (mark.scale ?? 1) * times };
    default: {
      const size = { width: mark.width * times, height: mark.height * times };
      if (mark.kind !== 'box') return { ...mark, ...place, ...size };
      const radius = mark.radius === undefined ? {} : { radius: mark.radius * times };
      return { ...mark, ...place, ...size, ...radius, stroke: mark.stroke * times };
    }
  }
}
