/** A whole lesson in order: exercises share pages, a text that several ask about is printed once, and all keys stand together. */
import type { ClassProfile } from '../classes/class-profile';
import type { Exercise } from '../exercises/making/exercise';
import type { Answers } from '../paper/face';
import type { Block } from '../paper/paginate';
import type { SheetLayout } from '../paper/sheet-layout';
import { sheetStyle, type SheetStyle } from '../paper/style';
import { compose, type Made } from './compose';
import { dressed, innerStyle, roomsUnder } from './dress';
import { paperFace } from './exercise-face';
import { finishBlocks } from './finish';
import { creditBlock } from '../paper/picture-credit';
import { hasPicture } from './furniture';
import { headBlocks, partHead } from './heads';
import { bookletPaper, imposed } from './imposition';
import { layOutKeys } from './lay-out-keys';
import {
  columnsOf,
  finishSheet,
  layOutSheet,
  readingBlocks,
  versionStyle,
  type Sheet,
} from './sheet';

/** An exercise of a lesson with the paper it is set on, or a sheet that is laid out already. */
export type LessonPiece =
  | { readonly exercise: Exercise; readonly layout?: SheetLayout | undefined }
  | { readonly sheet: Sheet };

type ExercisePiece = Extract<LessonPiece, { readonly exercise: Exercise }>;

/** Neighbours that are set on one paper in one way. */
interface Run {
  readonly layout: SheetLayout;
  readonly pieces: [ExercisePiece, ...ExercisePiece[]];
}

/** What closes the sheet of an exercise closes it in a lesson too: it parts no run. */
const finishOf = ({ layout }: ExercisePiece) => layout?.finish;

/** What a sheet says of itself alone: it parts no run. */
const shared = ({ finish: _f, keyStrip: _s, key: _k, header: _h, ...layout }: SheetLayout) =>
  layout;

const isExercise = (piece: LessonPiece): piece is ExercisePiece => 'exercise' in piece;

/** A face that fills its own pages shares none. */
const isHeadless = ({ exercise }: ExercisePiece, style: SheetStyle) =>
  paperFace(exercise, style).headless === true;

function runsOf(pieces: readonly LessonPiece[], profile: ClassProfile): (Run | Sheet)[] {
  const runs: (Run | Sheet)[] = [];
  let open: Run | undefined;
  for (const piece of pieces) {
    if (!isExercise(piece)) {
      runs.push(piece.sheet);
      open = undefined;
      continue;
    }
    if (piece.exercise.short !== undefined) continue;
    const layout = shared(piece.layout ?? {});
    const alone = isHeadless(piece, sheetStyle(profile, layout));
    if (alone || open === undefined || JSON.stringify(open.layout) !== JSON.stringify(layout)) {
      const run: Run = { layout, pieces: [piece] };
      runs.push(run);
      open = alone ? undefined : run;
    } else open.pieces.push(piece);
  }
  return runs;
}

/** The exercises of a run one after another; a text stands before the first that asks about it. */
function runBlocks(
  title: string,
  { pieces }: Run,
  numberOf: (exercise: Exercise) => number,
  style: SheetStyle,
  answers?: Answers,
): Made {
  const printed = new Set<string>();
  const problems: string[] = [];
  const [{ exercise: first }] = pieces;
  const blocks = pieces.flatMap((piece): Block[] => {
    const { exercise } = piece;
    const sized = versionStyle(exercise, style);
    const face = paperFace(exercise, innerStyle(sized), answers);
    problems.push(...face.problems);
    const { reading } = exercise;
    const fresh = reading !== undefined && !printed.has(reading.body);
    if (fresh) printed.add(reading.body);
    const head = partHead(`${numberOf(exercise)}. ${exercise.title}`, exercise, sized);
    return [
      ...(fresh ? readingBlocks(reading, style) : []),
      ...head,
      ...dressed(face.blocks, sized, roomsUnder(head, sized.paper)),
      ...finishBlocks(finishOf(piece), exercise, style),
      { height: 6, marks: [] },
    ];
  });
  const head = headBlocks({ title, instruction: '', language: first.language ?? 'en' }, style);
  return {
    blocks: [...head, ...blocks, ...(hasPicture(blocks) ? [creditBlock(style)] : [])],
    problems,
  };
}

/**
 * The sheets of a whole lesson in order; the keys of all its exercises stand together on the last.
 *
 * @param title of the lesson, at the head of its pages
 */
export function layOutLesson(
  title: string,
  pieces: readonly LessonPiece[],
  profile: ClassProfile,
  footer: string,
): Sheet[] {
  const numbers = new Map(
    pieces
      .filter(isExercise)
      .filter(({ exercise }) => exercise.short === undefined)
      .map(({ exercise }, index) => [exercise, index + 1]),
  );
  const numberOf = (exercise: Exercise) => numbers.get(exercise) ?? 0;
  const sheets = runsOf(pieces, profile).map((run): Sheet => {
    if ('pages' in run) return { ...run, pages: run.pages.filter(({ part }) => part !== 'key') };
    const { layout, pieces: own } = run;
    const [only] = own;
    if (own.length === 1) {
      const { exercise } = only;
      const number = numbers.size > 1 ? `${numberOf(exercise)}. ` : '';
      const named = { ...exercise, title: `${number}${exercise.title}` };
      const finish = finishOf(only);
      return layOutSheet(named, profile, footer, ['learner'], {
        ...layout,
        ...(finish === undefined ? {} : { finish }),
      });
    }
    const plain = sheetStyle(profile, layout);
    const composed = compose(
      (growth) => runBlocks(title, run, numberOf, sheetStyle(profile, layout, growth)),
      plain.paper,
      columnsOf(plain, layout),
      layout.asIs === true,
    );
    return finishSheet({
      title,
      style: plain,
      layout: { ...layout, colour: layout.colour ?? profile.colour ?? false },
      footer,
      learner: composed.blocks,
      key: [],
      composed,
      parts: ['learner'],
      problems: composed.problems,
    });
  });
  const ownKeys = pieces.flatMap((piece) =>
    isExercise(piece)
      ? []
      : [{ ...piece.sheet, pages: piece.sheet.pages.filter(({ part }) => part === 'key') }],
  );
  const keys = layOutKeys(
    title,
    [...numbers].map(([exercise, number]) => ({ name: `${number}. ${exercise.title}`, exercise })),
    profile,
    footer,
  );
  return [...sheets, keys, ...ownKeys].filter(({ pages }) => pages.length > 0);
}

/**
 * A whole lesson as a booklet: its pages at half size, two on each side of the paper, in the order
 * in which they are printed, folded and stapled; then the keys on whole pages.
 *
 * @param piecesFor the pieces laid out for a class whose paper is the given one
 */
export function layOutBooklet(
  title: string,
  piecesFor: (profile: ClassProfile) => readonly LessonPiece[],
  profile: ClassProfile,
  footer: string,
): Sheet[] {
  const small = { ...profile, paper: bookletPaper(profile.paper) };
  const pages = layOutLesson(title, onPaper(piecesFor(small)), small, footer)
    // A page of cards keeps to its own paper.
    .filter(({ paper }) => paper === small.paper);
  const booklet = imposed(pages, title);
  const keys = layOutLesson(title, piecesFor(profile), profile, footer).filter((sheet) =>
    sheet.pages.every(({ part }) => part === 'key'),
  );
  return [...(booklet ? [booklet] : []), ...keys];
}

/** Exercises without a paper of their own: all pages of a booklet are of one size. */
const onPaper = (pieces: readonly LessonPiece[]): LessonPiece[] =>
  pieces.map((piece) => {
    if (!isExercise(piece) || piece.layout?.paper === undefined) return piece;
    const { paper: _, ...layout } = piece.layout;
    return { ...piece, layout };
  });
