/** What a teacher marks in a text: a stretch with a method, a theme, a note, a question with its model answer. */
import { type Method, type MethodFamily } from './method';
import { textSpots } from '../../kernel/text-changes';
import type { Span } from '../../languages/shared/segment';

export const markKinds = {
  method: 'Method',
  theme: 'Theme',
  note: 'Note',
  question: 'Question',
} as const;

export type MarkKind = keyof typeof markKinds;

export interface Annotation {
  readonly id: string;
  readonly start: number;
  readonly end: number;
  readonly kind: MarkKind;
  /** The id of a method; the name of a theme. */
  readonly about?: string;
  /** A note, or the question that is asked. */
  readonly text?: string;
  /** What it makes the reader see, feel or think. */
  readonly effect?: string;
  /** Why the writer might do so. */
  readonly why?: string;
  /** What a good answer says. */
  readonly answer?: string;
}

/** A method of the teacher's own. */
export interface OwnMethod extends Method {
  readonly id: string;
  readonly name: string;
  readonly family: MethodFamily;
  readonly definition: string;
  readonly example: string;
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
 * Marks moved with a text that was edited, by its real differences: what stands
 * before a change stays, what stands after moves, what was changed inside a mark
 * makes it shorter or longer; a mark whose whole stretch is gone is dropped.
 */
export function moveMarks<Mark extends Span>(
  marks: readonly Mark[],
  before: string,
  after: string,
): Mark[] {
  const spots = textSpots(before, after);
  if (spots.length === 0) return [...marks];
  const place = (offset: number, edge: 'start' | 'end'): number => {
    let shift = 0;
    for (const { start, removed, added } of spots) {
      const end = start + removed.length;
      // What is put in just at the edge of a mark stays outside it.
      if (offset < start || (offset === start && (edge === 'end' || removed !== ''))) break;
      if (offset < end) return edge === 'start' ? start + shift : start + shift + added.length;
      shift += added.length - removed.length;
    }
    return offset + shift;
  };
  /** Of a stretch that was rewritten a mark inside has nothing left; a mark on just that stretch stays on it. */
  const gone = (mark: Span) =>
    spots.some(({ start, removed }) => {
      const end = start + removed.length;
      return (
        removed !== '' &&
        mark.start >= start &&
        mark.end <= end &&
        !(mark.start === start && mark.end === end)
      );
    });
  return marks.flatMap((mark) => {
    if (gone(mark)) return [];
    const start = place(mark.start, 'start');
    const end = place(mark.end, 'end');
    return end > start && after.slice(start, end).trim() !== '' ? [{ ...mark, start, end }] : [];
  });
}
