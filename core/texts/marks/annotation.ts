/** What a teacher marks in a text: a stretch with a method, a theme, a note, a question with its model answer. */
import 'reflect-metadata';
import { IsIn, IsInt, IsNotEmpty, IsOptional, IsString, MaxLength, Min } from 'class-validator';
import { methodFamilies, type Method, type MethodFamily } from './methods';
import type { Span } from '../analysis/segment';

export const markKinds = {
  method: 'Method',
  theme: 'Theme',
  note: 'Note',
  question: 'Question',
} as const;
export type MarkKind = keyof typeof markKinds;

export class Annotation {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsInt()
  @Min(0)
  start!: number;

  @IsInt()
  @Min(1)
  end!: number;

  @IsIn(Object.keys(markKinds))
  kind!: MarkKind;

  /** The id of a method; the name of a theme. */
  @IsOptional()
  @IsString()
  @MaxLength(120, { message: 'A theme can have 120 letters at most.' })
  about?: string;

  /** A note, or the question that is asked. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A note can have 2,000 letters at most.' })
  text?: string;

  /** What it makes the reader see, feel or think. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'An effect can have 2,000 letters at most.' })
  effect?: string;

  /** Why the writer might do so. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A reason can have 2,000 letters at most.' })
  why?: string;

  /** What a good answer says. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A model answer can have 2,000 letters at most.' })
  answer?: string;
}

/** A method of the teacher's own. */
export class OwnMethod implements Method {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the method a name.' })
  @MaxLength(60, { message: 'A name can have 60 letters at most.' })
  name!: string;

  @IsIn(Object.keys(methodFamilies))
  family!: MethodFamily;

  @IsString()
  @IsNotEmpty({ message: 'Say in a few words what the method is.' })
  @MaxLength(300, { message: 'A definition can have 300 letters at most.' })
  definition!: string;

  @IsString()
  @MaxLength(300)
  example!: string;
}

/** Marks that begin or end in the middle of another: a text is drawn in runs with the same marks. */
export interface MarkedRun extends Span {
  readonly marks: readonly Annotation[];
}

/** A stretch of text cut where marks begin and end. */
export function markedRuns(marks: readonly Annotation[], within: Span): MarkedRun[] {
  const inside = marks.filter((mark) => mark.start < within.end && mark.end > within.start);
  const cuts = new Set([within.start, within.end]);
  for (const mark of inside) {
    cuts.add(Math.max(within.start, mark.start));
    cuts.add(Math.min(within.end, mark.end));
  }
  const places = [...cuts].sort((left, right) => left - right);
  return places.slice(0, -1).map((start, index) => {
    const end = places[index + 1] ?? within.end;
    return { start, end, marks: inside.filter((mark) => mark.start <= start && mark.end >= end) };
  });
}

/**
 * Marks moved with a text that was edited: what stands before the change stays,
 * what stands after moves, what was changed shrinks or grows; a mark whose
 * whole stretch is gone is dropped.
 */
export function moveMarks<Mark extends Span>(
  marks: readonly Mark[],
  before: string,
  after: string,
): Mark[] {
  if (before === after) return [...marks];
  let head = 0;
  while (head < before.length && head < after.length && before[head] === after[head]) head += 1;
  let tail = 0;
  while (
    tail < before.length - head &&
    tail < after.length - head &&
    before[before.length - 1 - tail] === after[after.length - 1 - tail]
  )
    tail += 1;
  const oldEnd = before.length - tail;
  const shift = after.length - before.length;
  const place = (offset: number, edge: 'start' | 'end'): number => {
    if (offset <= head) return offset;
    if (offset >= oldEnd) return offset + shift;
    return edge === 'start' ? head : oldEnd + shift;
  };
  /** Of the stretch that was rewritten a mark inside has nothing left; a mark on just that stretch stays on it. */
  const gone = ({ start, end }: Span) =>
    start >= head && end <= oldEnd && !(start === head && end === oldEnd);
  return marks.flatMap((mark) => {
    if (gone(mark)) return [];
    const start = place(mark.start, 'start');
    const end = place(mark.end, 'end');
    return end > start && after.slice(start, end).trim() !== '' ? [{ ...mark, start, end }] : [];
  });
}
