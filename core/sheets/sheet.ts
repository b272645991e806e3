/** A whole sheet: an exercise as the pages that will print, and its key as pages of its own. */
import type { ClassProfile } from '../classes/class-profile';
import type { Exercise } from '../exercises/making/exercise';
import { interactionOf } from '../exercises/interactions';
import type { Answers } from '../paper/face';
import type { Look } from '../kernel/look';
import { compose, type Composed, type Made } from './compose';
import { dressed, innerStyle, roomsUnder } from './dress';
import { keyFace, paperFace } from './exercise-face';
import { finishBlocks, keyStrip, totalBlock } from './finish';
import { pictureStrip } from './picture-strip';
import { creditBlock, PICTURE_CREDIT } from '../paper/picture-credit';
import { hasPicture, pageFurniture, titleBlock } from './furniture';
import { headBlocks } from './heads';
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
  /** Whose copy it is. */
  readonly learner?: string;
}

export interface Sheet {
  readonly title: string;
  readonly paper: PaperName;
  readonly font: string;
  readonly pages: readonly SheetPage[];
  /** The look in whose colours it prints; in greys where it is not given. */
  readonly colour?: Look;
  /** How full the last page is, from 0 to 1, and how far the sheet has grown (see `sheetStyle`). */
  readonly room?: { readonly fill: number; readonly growth: number };
  /** What does not fit or cannot be shown, in plain sentences with what to do. */
  readonly problems: readonly string[];
}

/** The support version is set larger. */
export const SUPPORT_SIZE = 1.15;

export interface UnfinishedSheet {
  readonly title: string;
  readonly style: SheetStyle;
  readonly layout: SheetLayout;
  readonly footer: string;
  readonly learner: readonly Block[];
  readonly key: readonly Block[];
  /** The key stands in columns as the sheet does: it is the sheet with its answers written in. */
  readonly written?: boolean;
  readonly composed?: Pick<Composed, 'growth' | 'fill' | 'pages'>;
  readonly parts: readonly SheetPage['part'][];
  readonly problems: readonly string[];
}

export const columnsOf = (style: SheetStyle, layout: SheetLayout): Columns => ({
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
        : unfinished.written
          ? paginate(unfinished.key, style.paper, columnsOf(style, layout))
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
          look: style.look,
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
    ...(isColoured(unfinished) ? { colour: style.look } : {}),
    ...(unfinished.composed ? { room: roomLeft(unfinished.composed) } : {}),
  };
}

const isColoured = ({ layout, style }: UnfinishedSheet) =>
  layout.colour === true && !style.inkSaver;

const roomLeft = ({ fill, growth }: Pick<Composed, 'growth' | 'fill'>) => ({ fill, growth });

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

interface LearnerBlocks extends Made {
  /** Fills pages of its own: nothing grows. */
  readonly headless: boolean;
  readonly credit: string;
}

/** A page that is fuller than this has no room for a strip of pictures. */
const ROOM_FOR_STRIP = 0.78;

/** The learner's sheet as blocks; with all its answers it is the key. */
function learnerBlocks(
  exercise: Exercise,
  style: SheetStyle,
  layout: SheetLayout,
  answers?: Answers,
  withStrip = false,
): LearnerBlocks {
  const { title, instruction, also, language, task, reading } = exercise;
  // What has no key is not marked, nor what is played with.
  const { isPlayed = () => false, size } = interactionOf(task);
  const marked = keyFace(exercise, style).length > 0 && !isPlayed(task);
  const marks = marked ? size(task) : 0;
  const head = headBlocks(
    { title: answers === 'all' ? `Key: ${title}` : title, instruction, also, language, marks },
    style,
    reading ? readingBlocks(reading, style) : [],
  );
  const ends =
    answers === 'all'
      ? []
      : [
          ...totalBlock(marks, style),
          ...finishBlocks(layout.finish, exercise, style),
          ...(layout.keyStrip ? keyStrip(exercise, style) : []),
        ];
  const credit = creditBlock(style);
  const reserved = reading ? 0 : heightOf([...head, ...ends, credit]);
  const face = paperFace(exercise, { ...innerStyle(style), reserved }, answers);
  const rooms = roomsUnder(head, style.paper, columnsOf(style, layout).count);
  const strip = withStrip ? pictureStrip(exercise, face.blocks, style) : [];
  const pictured = hasPicture([...face.blocks, ...strip]);
  if (face.headless) {
    return {
      blocks: face.blocks,
      problems: face.problems,
      headless: true,
      // Pages that are full of cards have room for the credit at their foot only.
      credit: pictured ? ` · ${PICTURE_CREDIT}` : '',
    };
  }
  return {
    blocks: [
      ...head,
      ...dressed(face.blocks, style, rooms),
      ...ends,
      ...strip,
      ...(pictured ? [credit] : []),
    ],
    problems: face.problems,
    headless: false,
    credit: '',
  };
}

const heightOf = (blocks: readonly Block[]) => blocks.reduce((sum, { height }) => sum + height, 0);

/** The compact key of an exercise, with its title. */
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
  const made = (growth: number, answers?: Answers, withStrip = false) =>
    learnerBlocks(
      exercise,
      versionStyle(exercise, sheetStyle(profile, layout, growth)),
      layout,
      answers,
      withStrip,
    );
  const usual = made(0);
  const columns = columnsOf(plain, layout);
  const asIs = layout.asIs === true || usual.headless;
  const bare = compose(made, plain.paper, columns, asIs);
  // The young get pictures where a page has the room and none yet.
  const roomy =
    plain.look === 'young' && !asIs && bare.fill < ROOM_FOR_STRIP && !hasPicture(bare.blocks);
  const pictured = roomy
    ? compose((growth) => made(growth, undefined, true), plain.paper, columns)
    : bare;
  const composed = pictured.pages > bare.pages ? bare : pictured;
  const key = keyBlocks(exercise, sheetStyle(profile, { ...layout, columns: 1 }));
  const written = layout.key === 'written' && key.length > 0 && !usual.headless;
  return finishSheet({
    title: exercise.title,
    style: plain,
    layout: { ...layout, colour: layout.colour ?? profile.colour ?? false },
    footer: `${footer}${usual.credit}`,
    learner: composed.blocks,
    key: written ? compose((growth) => made(growth, 'all'), plain.paper, columns).blocks : key,
    written,
    composed,
    parts,
    problems: composed.problems,
  });
}

/** The support version is set larger. */
export function versionStyle(
  exercise: Pick<Exercise, 'parameters'>,
  style: SheetStyle,
): SheetStyle {
  const larger = exercise.parameters.version === 'support' ? SUPPORT_SIZE : 1;
  return { ...style, body: style.body * larger, lineRoom: style.lineRoom * larger };
}
