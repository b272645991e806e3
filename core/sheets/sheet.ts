/** A whole sheet: an exercise as the pages that will print, and its key as pages of its own. */
import type { ClassProfile } from '../classes/class-profile';
import type { Exercise } from '../exercises/making/exercise';
import { keyFace, paperFace } from './exercise-face';
import {
  creditBlock,
  PICTURE_CREDIT,
  hasPicture,
  instructionBlock,
  nameBlock,
  pageFurniture,
  titleBlock,
} from './furniture';
import { sparingInk } from './ink-saver';
import type { SheetLayout } from '../paper/sheet-layout';
import type { PageMark } from '../paper/marks';
import { readingFace } from './reading/reading-face';
import type { TextMaterial } from '../texts/reading/text-material';
import { textBlock } from '../paper/text-block';
import { paginate, type Block, type Columns } from '../paper/paginate';
import type { PaperName } from '../kernel/paper-size';
import { COLUMN_GAP, sheetStyle, type SheetStyle } from '../paper/style';

export interface SheetPage {
  readonly part: 'learner' | 'key';
  /** 1 for the first page of its part. */
  readonly number: number;
  readonly marks: readonly PageMark[];
}

export interface Sheet {
  readonly title: string;
  readonly paper: PaperName;
  readonly font: string;
  readonly pages: readonly SheetPage[];
  /** What does not fit or cannot be shown, in plain sentences with what to do. */
  readonly problems: readonly string[];
}

/** The support version is set larger. */
export const SUPPORT_SIZE = 1.15;

/** How far the lines to write on may be drawn together to spare a page with a line or two on it. */
const TIGHTER_LINES = [1, 0.93, 0.86];

export interface UnfinishedSheet {
  readonly title: string;
  readonly style: SheetStyle;
  readonly layout: SheetLayout;
  readonly footer: string;
  readonly learner: readonly Block[];
  readonly key: readonly Block[];
  readonly parts: readonly SheetPage['part'][];
  readonly problems: readonly string[];
}

const columnsOf = (style: SheetStyle, layout: SheetLayout): Columns => ({
  count: layout.columns ?? 1,
  width: style.width,
  gap: COLUMN_GAP,
});

/** Blocks on pages, each with its head, foot and border. */
export function finishSheet(unfinished: UnfinishedSheet): Sheet {
  const { title, style, layout, footer, parts } = unfinished;
  const problems = [...unfinished.problems];
  const pages = parts.flatMap((part): SheetPage[] => {
    if (part === 'key' && unfinished.key.length === 0) return [];
    const laidOut =
      part === 'learner'
        ? paginate(unfinished.learner, style.paper, columnsOf(style, layout))
        : paginate(unfinished.key, style.paper);
    problems.push(...laidOut.problems);
    return laidOut.pages.map(({ marks }, index) => ({
      part,
      number: index + 1,
      marks: [
        ...marks,
        ...pageFurniture({
          footer: part === 'key' ? `${footer} · key` : footer,
          number: index + 1,
          total: laidOut.pages.length,
          paper: style.paper,
          font: style.font,
          // A key is for the teacher: no border round it.
          layout: part === 'key' ? { ...layout, border: 'none' } : layout,
        }),
      ].map((mark) => (style.inkSaver ? sparingInk(mark) : mark)),
    }));
  });
  return {
    title,
    paper: style.paper.name,
    font: style.font,
    pages,
    problems: [...new Set(problems)],
  };
}

/** A text above the questions that are asked about it, with its title. */
export function readingBlocks(text: TextMaterial, style: SheetStyle): Block[] {
  const credit = textBlock(text.credit, style, {
    size: style.small,
    role: 'small',
    grey: true,
    after: 2,
    keepWithNext: true,
  });
  return [
    titleBlock(text.title, style),
    ...(text.credit === '' ? [] : [credit]),
    ...readingFace(text, {}, style).blocks,
    { height: 5, marks: [] },
  ];
}

function learnerBlocks(exercise: Exercise, style: SheetStyle) {
  const face = paperFace(exercise, style);
  const reading = exercise.reading ? readingBlocks(exercise.reading, style) : [];
  const head = face.headless
    ? []
    : [
        nameBlock(style, exercise.language),
        ...reading,
        titleBlock(exercise.title, style),
        instructionBlock(exercise.instruction, style),
      ];
  const pictured = hasPicture(face.blocks);
  return {
    blocks: [...head, ...face.blocks, ...(pictured && !face.headless ? [creditBlock(style)] : [])],
    problems: face.problems,
    // Pages that are full of cards have room for the credit at their foot only.
    credit: pictured && face.headless ? ` · ${PICTURE_CREDIT}` : '',
  };
}

/** The learner's blocks, on the fewest pages that lines drawn a little closer can give. */
function fitLearner(exercise: Exercise, style: SheetStyle, layout: SheetLayout) {
  const tries = TIGHTER_LINES.map((share) => {
    const made = learnerBlocks(exercise, { ...style, lineRoom: style.lineRoom * share });
    const { pages } = paginate(made.blocks, style.paper, columnsOf(style, layout));
    return { ...made, pages: pages.length };
  });
  const fewest = Math.min(...tries.map(({ pages }) => pages));
  return tries.find(({ pages }) => pages === fewest) as (typeof tries)[number];
}

function keyBlocks(exercise: Exercise, style: SheetStyle): Block[] {
  const title = { ...style, title: style.body * 1.2 };
  const { version } = exercise.parameters;
  const named = version === undefined || version === 'core' ? '' : ` (${version})`;
  const answers = keyFace(exercise, style);
  // What has no key has no page for one.
  if (answers.length === 0) return [];
  const credit = hasPicture(answers) ? [creditBlock(style)] : [];
  return [titleBlock(`Key: ${exercise.title}${named}`, title), ...answers, ...credit];
}

/** An exercise with too little for a sheet has no pages: a title over nothing is never printed. */
const noSheet = ({ title, short = '' }: Exercise, { paper, font }: SheetStyle): Sheet => ({
  title,
  paper: paper.name,
  font,
  pages: [],
  problems: [short],
});

/**
 * Lays an exercise out for a class: the learner's pages and, unless left out,
 * the key's. Paper and font are the class's where the layout says nothing.
 *
 * @param footer printed small at the foot of each page, for example the lesson's title
 */
export function layOutSheet(
  exercise: Exercise,
  profile: ClassProfile,
  footer: string,
  parts: readonly SheetPage['part'][] = ['learner', 'key'],
  layout: SheetLayout = {},
): Sheet {
  const plain = sheetStyle(profile, layout);
  if (exercise.short !== undefined) return noSheet(exercise, plain);
  const larger = exercise.parameters.version === 'support' ? SUPPORT_SIZE : 1;
  const style = { ...plain, body: plain.body * larger, lineRoom: plain.lineRoom * larger };
  const { blocks, problems, credit } = fitLearner(exercise, style, layout);
  return finishSheet({
    title: exercise.title,
    style,
    layout,
    footer: `${footer}${credit}`,
    learner: blocks,
    key: keyBlocks(exercise, sheetStyle(profile, { ...layout, columns: 1 })),
    parts,
    problems,
  });
}
