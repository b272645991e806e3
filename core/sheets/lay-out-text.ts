/** A text as a sheet of its own: title, credit, text; the key holds the quotation chart and model answers. */
import type { ClassProfile } from '../classes/class-profile';
import type { DocumentNode } from '../paper/document';
import { headingText, isHeading, linesIn, paragraphsIn } from '../languages/shared/segment';
import { lineNumberAt, quotationChart } from '../texts/reading/quotation-chart';
import { originalOf, type TextMaterial } from '../texts/reading/text-material';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { litForms } from './reading/lit-forms';
import { openItem } from '../exercises/making/reading-maker';
import { tableKey } from '../exercises/interactions/write/table-face';
import { nameBlock, titleBlock } from './furniture';
import type { SheetLayout } from '../paper/sheet-layout';
import type { Block } from '../paper/paginate';
import { finishSheet, type Sheet } from './sheet';
import { sheetStyle, type SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';
import type { ReadingLayout } from '../texts/reading-layout';
import { readingFace } from './reading/reading-face';
import { written } from '../exercises/making/written';

/** Title and credit over a text. */
export function readingHead(text: TextMaterial, style: SheetStyle): Block[] {
  return [
    titleBlock(text.title, style),
    ...(text.credit === ''
      ? []
      : [
          textBlock(text.credit, style, {
            size: style.small,
            role: 'small',
            grey: true,
            after: 4,
            keepWithNext: true,
          }),
        ]),
  ].map((block) => ({ ...block, wide: true }));
}

const chartColumns = [
  { title: 'Quotation', share: 0.24 },
  { title: 'Line', share: 0.08 },
  { title: 'Method', share: 0.23 },
  { title: 'Effect', share: 0.24 },
  { title: 'Why', share: 0.21 },
];

/** What the teacher wrote to the marks: the chart, then the questions with their model answers. */
function keyBlocks(text: TextMaterial, style: SheetStyle): Block[] {
  const rows = quotationChart({
    ...text,
    annotations: [...text.annotations],
    methods: text.methods.map((method) => ({ ...method })),
  });
  const answered = rows.filter(({ effect, why }) => effect !== '' || why !== '');
  const questions = text.annotations
    .filter(({ kind }) => kind === 'question')
    .sort((left, right) => left.start - right.start);
  if (answered.length === 0 && questions.every(({ answer }) => !answer)) return [];
  const { task, paper } = written(
    rows.map(({ quotation, where, method, effect, why }) => {
      const cells = [`“${quotation}”`, where, method, effect, why];
      return openItem(quotation, '', { cells, keyCells: cells, lines: 1 });
    }),
    { columns: chartColumns },
  );
  return [
    titleBlock(`Key: ${text.title}`, { ...style, title: style.body * 1.2 }),
    ...(rows.length > 0 ? [...tableKey(task, style, paper), { height: 4, marks: [] }] : []),
    ...questions.map((mark) =>
      textBlock(
        `Line ${lineNumberAt(text.body, mark.start)}. ${mark.text ?? ''} ${mark.answer ? `Model answer: ${mark.answer}` : '(open)'}`,
        style,
        { size: style.small * 1.2, role: 'text', after: 1.5 },
      ),
    ),
  ];
}

/** The forms that a layout lights, in the text that it prints. */
export const litIn = (text: TextMaterial, { grammar, original }: ReadingLayout, lexicon: Lexicon) =>
  litForms(original ? originalOf(text) : text, grammar ?? [], lexicon);

/** Lays a text out for a class; the word bank is needed where forms are lit. */
export function layOutText(
  text: TextMaterial,
  reading: ReadingLayout,
  profile: ClassProfile,
  footer: string,
  layout: SheetLayout = {},
  lexicon?: Lexicon,
): Sheet {
  const style = sheetStyle(profile, layout);
  const lit = lexicon ? litIn(text, reading, lexicon) : [];
  const face = readingFace(text, reading, style, lit);
  const wide = { ...style, width: style.paper.width - 2 * style.paper.margin };
  const key = keyBlocks(text, sheetStyle(profile, { ...layout, columns: 1 }));
  return finishSheet({
    title: text.title,
    style,
    layout,
    footer,
    learner: [nameBlock(wide, text.language), ...readingHead(text, wide), ...face.blocks],
    key,
    parts: key.length > 0 ? ['learner', 'key'] : ['learner'],
    problems: face.problems,
  });
}

/** The text as nodes of a document. */
export function readingNodes(text: TextMaterial): DocumentNode[] {
  const { body, kind } = text;
  return paragraphsIn(body).flatMap((paragraph): DocumentNode[] => {
    const source = body.slice(paragraph.start, paragraph.end);
    if (isHeading(source)) return [{ kind: 'heading', text: headingText(source) }];
    if (kind === 'poem')
      return linesIn(body, paragraph).map(({ start, end }) => ({
        kind: 'text',
        text: body.slice(start, end),
      }));
    return [{ kind: 'text', text: source.replace(/\s+/g, ' ') }];
  });
}

/** A document of a text alone. */
export const textDocument = (text: TextMaterial): DocumentNode[] => [
  { kind: 'title', text: text.title },
  ...(text.credit === '' ? [] : [{ kind: 'text' as const, text: text.credit }]),
  ...readingNodes(text),
];
