/** What a teacher has marked in a text, as it is shown at the board: one mark after the other. */
import { markKinds, type Annotation } from '../texts/marks/annotation';
import { findMethod, type Method } from '../texts/marks/methods';

export interface BoardLine {
  readonly text: string;
  /** Where it begins in the text. */
  readonly start: number;
}

/** Lines of a text without empty ones and signs of a heading, with where each begins. */
export function boardLines(body: string): BoardLine[] {
  let at = 0;
  return body.split('\n').flatMap((line): BoardLine[] => {
    const [lead = ''] = /^\s*(?:#+\s*)?/.exec(line) ?? [];
    const start = at + lead.length;
    at += line.length + 1;
    const text = line.slice(lead.length).trimEnd();
    return text === '' ? [] : [{ text, start }];
  });
}

/** One step: a mark that is lit, with its name and what is said of it. */
export interface MarkStep {
  readonly start: number;
  readonly end: number;
  readonly name: string;
  readonly says: string;
  /** What a good answer says; a step of its own, after the question. */
  readonly answer?: string;
}

const nameOf = ({ kind, about }: Annotation, methods: readonly Method[]): string => {
  if (kind === 'method') return findMethod(about ?? '', methods)?.name ?? about ?? '';
  return kind === 'theme' ? (about ?? markKinds.theme) : markKinds[kind];
};

/** The marks of a text in the order in which they stand; a question is asked before it is answered. */
export function markSteps(
  annotations: readonly Annotation[],
  methods: readonly Method[] = [],
): MarkStep[] {
  return [...annotations]
    .sort((one, two) => one.start - two.start || one.end - two.end)
    .flatMap((mark): MarkStep[] => {
      const { start, end, text = '', effect = '', why = '', answer = '' } = mark;
      const says = [text, effect, why].filter((each) => each !== '').join(' ');
      const step = { start, end, name: nameOf(mark, methods), says };
      return answer === '' ? [step] : [step, { ...step, answer }];
    });
}

/** A stretch of a line: lit now, marked before, or neither. */
export interface LitRun {
  readonly text: string;
  readonly is?: 'lit' | 'before';
}

/** A line cut where marks begin and end. `shown` counts the steps; 0 shows none. */
export function litRuns(line: BoardLine, steps: readonly MarkStep[], shown: number): LitRun[] {
  const end = line.start + line.text.length;
  const seen = steps.slice(0, shown).filter((step) => step.start < end && step.end > line.start);
  const now = steps[shown - 1];
  const cuts = new Set([line.start, end]);
  for (const step of seen) {
    cuts.add(Math.max(line.start, step.start));
    cuts.add(Math.min(end, step.end));
  }
  const places = [...cuts].sort((one, two) => one - two);
  return places.slice(0, -1).map((from, at): LitRun => {
    const to = places[at + 1] ?? end;
    const covers = (step: MarkStep) => step.start <= from && step.end >= to;
    const text = line.text.slice(from - line.start, to - line.start);
    if (now && covers(now)) return { text, is: 'lit' };
    return seen.some(covers) ? { text, is: 'before' } : { text };
  });
}
