/** A document as a Word file (Office Open XML) that opens with the same content and is edited like any other. */
import {
  AlignmentType,
  BorderStyle,
  Document,
  HeadingLevel,
  ImageRun,
  Packer,
  PageBreak,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
  type ParagraphChild,
} from 'docx';
import {
  isOwn,
  pictureName,
  type DocumentNode,
  type TableCell as Cell,
} from '~core/paper/document';
import { papers, type PaperName } from '~core/kernel/paper-size';
import { t } from '~/phrases/t';

/** Twentieths of a point in a millimetre, and pixels of 1/96 inch. */
const TWIPS_PER_MM = 1440 / 25.4;
const PICTURE_PIXELS = 72;
const SCENE_PIXELS = 400;

export interface WordOptions {
  readonly title: string;
  readonly paper: PaperName;
  /** Name of the learner font; Word takes another where it is not installed. */
  readonly font: string;
  /** Pictures of the document by name, as PNG; one that is missing is named instead. */
  readonly pictures: ReadonlyMap<string, Uint8Array<ArrayBuffer>>;
}

/** Width over height, as the header of a PNG has them (PNG specification, IHDR). */
function ratioOf(png: Uint8Array<ArrayBuffer>): number {
  if (png.length < 24) return 1;
  const header = new DataView(png.buffer, png.byteOffset, 24);
  const [width, height] = [header.getUint32(16), header.getUint32(20)];
  return width > 0 && height > 0 ? width / height : 1;
}

function picture(
  source: string,
  text: string,
  { pictures }: WordOptions,
  side = PICTURE_PIXELS,
): ParagraphChild {
  const data = pictures.get(source);
  const name = pictureName(source);
  if (data === undefined) return new TextRun(t('documents.picture', { text: text || name }));
  const ratio = ratioOf(data);
  return new ImageRun({
    type: 'png',
    data,
    transformation: {
      width: Math.round(side * Math.min(1, ratio)),
      height: Math.round(side / Math.max(1, ratio)),
    },
    altText: { name, title: text || name, description: text || name },
  });
}

function cell(value: Cell, head: boolean, options: WordOptions): TableCell {
  const text = typeof value === 'string' ? value : value.text;
  const lines = text.split('\n');
  return new TableCell({
    margins: { top: 60, bottom: 60, left: 100, right: 100 },
    children: lines.map(
      (line, index) =>
        new Paragraph({
          alignment: AlignmentType.CENTER,
          children: [
            ...(index === 0 && typeof value !== 'string'
              ? [picture(value.picture, value.text, options)]
              : []),
            new TextRun({ text: line, bold: head }),
          ],
        }),
    ),
  });
}

const line = { style: BorderStyle.SINGLE, size: 4, color: '444444' } as const;

function table(
  rows: readonly (readonly Cell[])[],
  head: boolean,
  options: WordOptions,
): (Paragraph | Table)[] {
  const columns = Math.max(1, ...rows.map((row) => row.length));
  return [
    new Table({
      width: { size: 100, type: WidthType.PERCENTAGE },
      rows: rows.map(
        (row, index) =>
          new TableRow({
            tableHeader: head && index === 0,
            cantSplit: true,
            children: Array.from({ length: columns }, (_, column) =>
              cell(row[column] ?? '', head && index === 0, options),
            ),
          }),
      ),
    }),
    new Paragraph(''),
  ];
}

function written(node: DocumentNode, options: WordOptions): (Paragraph | Table)[] {
  switch (node.kind) {
    case 'title':
      return [new Paragraph({ text: node.text, heading: HeadingLevel.HEADING_1 })];
    case 'heading':
      return [new Paragraph({ text: node.text, heading: HeadingLevel.HEADING_2 })];
    case 'text':
      return [new Paragraph({ text: node.text, spacing: { after: 120 } })];
    case 'box':
      return [
        new Paragraph({
          text: node.words.join('     '),
          alignment: AlignmentType.CENTER,
          border: { top: line, bottom: line, left: line, right: line },
          spacing: { before: 120, after: 160 },
        }),
      ];
    case 'item':
      return [
        new Paragraph({
          spacing: { before: 100, after: 60 },
          keepNext: (node.options ?? []).length > 0,
          children: [
            new TextRun(`${node.number}. `),
            ...(node.picture === undefined ? [] : [picture(node.picture, '', options)]),
            new TextRun(node.text),
          ],
        }),
        ...(node.options ?? []).map(
          (option) => new Paragraph({ text: `☐ ${option}`, indent: { left: 400 } }),
        ),
        ...Array.from(
          { length: node.lines ?? 0 },
          () =>
            new Paragraph({
              text: '',
              border: { bottom: line },
              spacing: { before: 260, after: 60 },
            }),
        ),
      ];
    case 'table':
      return table(node.rows, node.head, options);
    case 'picture':
      return [
        new Paragraph({
          children: [
            picture(
              node.picture,
              node.name,
              options,
              isOwn(node.picture) ? SCENE_PIXELS : PICTURE_PIXELS,
            ),
          ],
        }),
      ];
    case 'lines':
      return Array.from(
        { length: node.count },
        () => new Paragraph({ text: '', border: { bottom: line }, spacing: { before: 300 } }),
      );
    case 'page':
      return [new Paragraph({ children: [new PageBreak()] })];
  }
}

export function wordDocument(nodes: readonly DocumentNode[], options: WordOptions): Document {
  const { width, height, margin } = papers[options.paper];
  const twips = (length: number) => Math.round(length * TWIPS_PER_MM);
  return new Document({
    title: options.title,
    creator: 'Wordane',
    styles: {
      default: {
        document: { run: { font: options.font, size: 26 } },
        heading1: { run: { font: options.font, size: 36, bold: true, color: '000000' } },
        heading2: {
          run: { font: options.font, size: 28, bold: true, color: '000000' },
          paragraph: { spacing: { before: 200, after: 80 } },
        },
      },
    },
    sections: [
      {
        properties: {
          page: {
            size: { width: twips(width), height: twips(height) },
            margin: {
              top: twips(margin),
              bottom: twips(margin),
              left: twips(margin),
              right: twips(margin),
            },
          },
        },
        children: nodes.flatMap((node) => written(node, options)),
      },
    ],
  });
}

export function toWordFile(nodes: readonly DocumentNode[], options: WordOptions): Promise<Blob> {
  return Packer.toBlob(wordDocument(nodes, options));
}
