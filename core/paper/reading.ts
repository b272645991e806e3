/**
 * How a page is read aloud and tagged: in which order, and what is said for marks
 * that only together mean something (the letters of a word, a box and its text).
 */
import type { HandMark, PageMark, PictureMark, TextMark } from './marks';

export interface Reading {
  /** Its item's place among the items it stands between: columns are read one after the other. */
  readonly item?: number;
  /** What is said for all marks of one item that carry the same. */
  readonly as?: string;
}

export type ReadMark = TextMark | PictureMark | HandMark;

const isRead = (mark: PageMark): mark is ReadMark =>
  mark.kind === 'text' || mark.kind === 'picture' || mark.kind === 'hand';

/** The marks as parts of an item, said together as one text where that is given. */
export const readAs = (
  marks: readonly PageMark[],
  item: number | undefined,
  as?: string,
): PageMark[] =>
  marks.map((mark) =>
    isRead(mark)
      ? {
          ...mark,
          reading: { ...(item === undefined ? {} : { item }), ...(as === undefined ? {} : { as }) },
        }
      : mark,
  );

/** A gap, however it is drawn, said as a word. */
export const spokenGaps = (text: string) =>
  text
    .replace(/_{2,}/g, ' gap ')
    .replace(/\s+/g, ' ')
    .replace(/gap ([,.;:!?])/g, 'gap$1')
    .trim();

/** Marks that are one thing to whoever listens. */
export interface ReadGroup {
  /** What is said. */
  readonly text: string;
  /** True where that is another text than the marks themselves show. */
  readonly differs: boolean;
  readonly role: TextMark['role'];
  readonly marks: readonly ReadMark[];
}

/** What a mark says by itself; a picture whose word is the answer is only a picture. */
const sayingOf = (mark: ReadMark) =>
  mark.kind === 'picture' ? mark.name || 'picture' : spokenGaps(mark.text);

/** Runs of items are put in the order of their items; everything else keeps its place. */
function inOrder(marks: readonly ReadMark[]): ReadMark[] {
  const ordered: ReadMark[] = [];
  let run: ReadMark[] = [];
  const close = () => {
    ordered.push(
      ...run.sort((left, right) => (left.reading?.item ?? 0) - (right.reading?.item ?? 0)),
    );
    run = [];
  };
  for (const mark of marks) {
    if (mark.reading?.item === undefined) {
      close();
      ordered.push(mark);
    } else run.push(mark);
  }
  close();
  return ordered;
}

/** The marks of a page that say something, in the order in which they are read. */
export function readingOf(marks: readonly PageMark[]): ReadGroup[] {
  const groups: { as: string | undefined; item: number | undefined; marks: ReadMark[] }[] = [];
  for (const mark of inOrder(marks.filter(isRead))) {
    const { as, item } = mark.reading ?? {};
    const same =
      as === undefined
        ? undefined
        : groups.findLast((group) => group.as === as && group.item === item);
    // Only neighbours: the same line may stand on a page twice.
    if (same !== undefined && same === groups.at(-1)) same.marks.push(mark);
    else groups.push({ as, item, marks: [mark] });
  }
  return groups.map(({ as, marks: together }) => {
    const said = as ?? together.map(sayingOf).join(' ');
    const shown = together
      .map((mark) => (mark.kind === 'picture' ? sayingOf(mark) : mark.text))
      .join(' ');
    const [first] = together;
    return {
      text: said,
      differs: said !== shown,
      role: first?.kind === 'text' ? first.role : 'text',
      marks: together,
    };
  });
}

/** A page as it is read aloud, a line for each thing. */
export const readAloud = (marks: readonly PageMark[]): string[] =>
  readingOf(marks)
    .map(({ text }) => text)
    .filter((text) => text !== '');
