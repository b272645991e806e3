/** A text on paper: its lines numbered, its margin for notes, its glosses, marks and questions beside the lines they belong to. */
import type { LitForm } from '../../languages/en/grammar/find/light-up';
import { findMethod } from '../../texts/marks/methods';
import type { Annotation } from '../../texts/marks/annotation';
import { originalOf, type TextMaterial } from '../../texts/reading/text-material';
import { textAt } from '../../paper/face';
import { wordBox } from '../../paper/word-box';
import type { PageMark } from '../../paper/marks';
import { breakLines } from '../../paper/measure';
import type { Block } from '../../paper/paginate';
import type { SheetStyle } from '../../paper/style';
import { textBlock } from '../../paper/text-block';
import { familyLines, underline } from './lines';
import { litLegend, litLines } from './lit-forms';
import { breakText, type PrintedLine } from './break-text';
import type { ReadingLayout } from '../../texts/reading-layout';

const NUMBERS = 9;
const MARGIN_SHARE = 0.34;
const GAP = 5;

export function familyOf(
  mark: Annotation,
  text: Pick<TextMaterial, 'methods'>,
): keyof typeof familyLines {
  if (mark.kind !== 'method') return mark.kind;
  return findMethod(mark.about ?? '', text.methods)?.family ?? 'words';
}

/** Something that stands in the margin, at the line where it belongs. */
interface MarginNote {
  readonly at: number;
  readonly text: string;
  readonly bold?: boolean;
}

export interface ReadingFace {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
}

interface Gloss {
  readonly word: string;
  readonly text: string;
  readonly at: number;
}

/** Each gloss at the first place of its word. */
function placedGlosses({ body, glosses }: TextMaterial): Gloss[] {
  return glosses
    .flatMap(({ word, text }) => {
      const match = new RegExp(
        `(?<![\\p{L}])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}])`,
        'iu',
      ).exec(body);
      return match ? [{ word, text, at: match.index }] : [];
    })
    .sort((left, right) => left.at - right.at);
}

function marginNotes(
  text: TextMaterial,
  layout: ReadingLayout,
  glosses: readonly Gloss[],
): MarginNote[] {
  const marks = text.annotations.flatMap((mark): MarginNote[] => {
    const method = mark.kind === 'method' || mark.kind === 'theme';
    const name =
      mark.kind === 'method'
        ? (findMethod(mark.about ?? '', text.methods)?.name ?? mark.about ?? '')
        : (mark.about ?? '');
    return [
      ...(layout.marks && method && name !== ''
        ? [{ at: mark.start, text: name, bold: true }]
        : []),
      ...(layout.marks && mark.kind === 'note' && mark.text
        ? [{ at: mark.start, text: mark.text }]
        : []),
      ...(layout.questions && mark.kind === 'question' && mark.text
        ? [{ at: mark.start, text: mark.text }]
        : []),
    ];
  });
  const said =
    layout.glosses === 'margin'
      ? glosses.map(({ at, word, text: meaning }) => ({ at, text: `${word}: ${meaning}` }))
      : [];
  return [...marks, ...said].sort((left, right) => left.at - right.at);
}

/** What may stand under a line: marks that are printed, and glossed words. */
function underlines(
  line: PrintedLine,
  text: TextMaterial,
  layout: ReadingLayout,
  glosses: readonly Gloss[],
  baseline: number,
  size: number,
): PageMark[] {
  const shown = layout.marks
    ? text.annotations
    : layout.questions
      ? text.annotations.filter(({ kind }) => kind === 'question')
      : [];
  const drawn = shown.flatMap((mark, index) => {
    const words = line.words.filter((word) => word.end > mark.start && word.start < mark.end);
    const [first] = words;
    const last = words[words.length - 1];
    if (!first || !last) return [];
    // Marks that overlap are lined one under another.
    const over = shown
      .slice(0, index)
      .filter((each) => each.start < mark.end && each.end > mark.start).length;
    return underline(
      first.x,
      last.x + last.width,
      baseline + size * 0.26 + over * 1.4,
      familyLines[familyOf(mark, text)],
    );
  });
  if ((layout.glosses ?? 'none') === 'none') return drawn;
  const glossed = line.words.filter((word) =>
    glosses.some(({ at }) => at >= word.start && at < word.end),
  );
  return [
    ...drawn,
    ...glossed.flatMap((word) =>
      underline(word.x, word.x + word.width, baseline + size * 0.2, 'dotted'),
    ),
  ];
}

/**
 * The blocks of a text: one a line of print, so that it may go over the page.
 * `lit` are the forms of `layout.grammar`, found in the text that is printed.
 */
export function readingFace(
  given: TextMaterial,
  layout: ReadingLayout,
  style: SheetStyle,
  lit: readonly LitForm[] = [],
): ReadingFace {
  const text = layout.original ? originalOf(given) : given;
  const { kind, body } = text;
  const verse = kind === 'poem';
  const numbers = layout.numbers ?? (verse ? 'fives' : 'none');
  const glosses = placedGlosses(text);
  const notes = marginNotes(text, layout, glosses);
  const margin = layout.margin === true || notes.length > 0;
  const left = numbers === 'none' ? 0 : NUMBERS;
  const marginWidth = margin ? style.width * MARGIN_SHARE : 0;
  const width = style.width - left - (margin ? marginWidth + GAP : 0);
  const { body: size } = style;
  const paragraphs = breakText(body, {
    font: style.font,
    size,
    headingSize: size * 1.2,
    width,
    verse,
    turn: size * 2,
  });
  const ruby = paragraphs.some((lines) =>
    lines.some((line) => line.words.some((word) => word.ruby)),
  );
  const leading =
    size *
    (layout.doubleSpaced
      ? 2.4
      : style.leading +
        (layout.marks || layout.questions || lit.length > 0 ? 0.25 : 0) +
        (ruby ? 0.55 : 0));
  const marginSize = style.small * 1.05;
  const blocks: Block[] = [];
  let printed = 0;
  let waiting = [...notes];
  // Notes that have no room beside their own line stand beside the next ones.
  let queue: { text: string; bold: boolean }[] = [];
  paragraphs.forEach((lines, paragraphAt) => {
    const keepAll = verse && lines.length <= 16;
    lines.forEach((line, index) => {
      const { heading } = line;
      const em = heading ? size * 1.2 : size;
      const baseline = leading - size * 0.35;
      const marks: PageMark[] = [];
      if (!heading) printed += 1;
      const number = verse ? line.verseLine : heading ? undefined : printed;
      if (
        number !== undefined &&
        (numbers === 'all' || (numbers === 'fives' && number % 5 === 0))
      ) {
        marks.push(
          textAt(0, baseline, String(number), style, {
            size: style.small * 0.9,
            role: 'small',
            grey: true,
          }),
        );
      }
      const plain = line.words.every((word) => word.ruby === undefined);
      if (plain) {
        const [first] = line.words;
        if (first) {
          const said = line.words
            .map((word, place) =>
              place > 0 && word.start > (line.words[place - 1]?.end ?? 0)
                ? ` ${word.text}`
                : word.text,
            )
            .join('');
          marks.push(
            textAt(left + first.x, baseline, said, style, {
              size: em,
              weight: heading ? 700 : 400,
              role: heading ? 'heading' : 'text',
            }),
          );
        }
      } else {
        for (const word of line.words) {
          marks.push(textAt(left + word.x, baseline, word.text, style, { size: em }));
          if (word.ruby)
            marks.push(
              textAt(left + word.x + word.width / 2, baseline - em * 1.02, word.ruby, style, {
                size: em * 0.5,
                align: 'middle',
              }),
            );
        }
      }
      for (const word of line.words) {
        const letters = word.text.replace(/^[^\p{L}]+|[^\p{L}]+$/gu, '');
        if (letters !== '')
          marks.push({
            kind: 'word',
            x: left + word.x,
            y: baseline - size,
            width: word.width,
            height: size * 1.3,
            word: letters,
          });
      }
      marks.push(
        ...[
          ...underlines(line, text, layout, glosses, baseline, size),
          ...litLines(line, lit, baseline, size, style.font),
        ].map((mark) =>
          mark.kind === 'line'
            ? { ...mark, x1: mark.x1 + left, x2: mark.x2 + left }
            : ({ ...mark, x: (mark as { x: number }).x + left } as PageMark),
        ),
      );
      const end = line.words[line.words.length - 1]?.end ?? 0;
      const here = waiting.filter(({ at }) => at < end);
      waiting = waiting.slice(here.length);
      queue.push(
        ...here.flatMap(({ text: said, bold = false }) =>
          breakLines(said, style.font, bold ? 700 : 400, marginSize, marginWidth - 3).map(
            (each) => ({ text: each, bold }),
          ),
        ),
      );
      const room = Math.max(1, Math.floor(leading / (marginSize * 1.2)));
      const shown = queue.slice(0, room);
      queue = queue.slice(room);
      shown.forEach(({ text: said, bold }, row) => {
        marks.push(
          textAt(
            style.width - marginWidth + 3,
            baseline - (shown.length - 1 - row) * marginSize * 1.2,
            said,
            style,
            {
              size: marginSize,
              weight: bold ? 700 : 400,
              role: 'small',
            },
          ),
        );
      });
      if (margin) {
        const x = style.width - marginWidth;
        marks.push({
          kind: 'line',
          x1: x,
          x2: x,
          y1: 0,
          y2: leading + (line.last && paragraphAt < paragraphs.length - 1 ? size * 0.8 : 0),
          width: 0.2,
          grey: true,
        });
      }
      const after = line.last ? size * (heading ? 0.2 : 0.8) : 0;
      const nearEdge = index === 0 || index === lines.length - 2;
      blocks.push({
        height: leading + after,
        marks,
        keepWithNext: !line.last ? keepAll || nearEdge : heading,
        name: 'A line of the text',
      });
    });
  });
  // What is left in the margin stands below the text.
  while (queue.length > 0) {
    const [next] = queue.splice(0, 1);
    if (next) {
      blocks.push({
        height: marginSize * 1.3,
        marks: [
          textAt(style.width - marginWidth + 3, marginSize, next.text, style, {
            size: marginSize,
            weight: next.bold ? 700 : 400,
            role: 'small',
          }),
        ],
      });
    }
  }
  const box = layout.wordBox
    ? wordBox(
        text.boxed.map((word) => ({ text: word, word })),
        style,
      )
    : [];
  const foot =
    layout.glosses === 'foot' && glosses.length > 0
      ? [
          {
            height: 2,
            marks: [
              { kind: 'line' as const, x1: 0, x2: style.width * 0.3, y1: 1, y2: 1, width: 0.25 },
            ],
            keepWithNext: true,
          },
          ...glosses.map(({ word, text: meaning }) =>
            textBlock(`${word}: ${meaning}`, style, {
              size: style.small * 1.1,
              role: 'small',
              after: 0.8,
            }),
          ),
        ]
      : [];
  return {
    blocks: [...box, ...litLegend(lit, style), ...blocks, ...foot],
    problems: body.trim() === '' ? ['The text is empty. Write it, or bring one in.'] : [],
  };
}
