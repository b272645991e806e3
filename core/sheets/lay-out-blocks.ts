/** A sheet of a teacher's own blocks, laid out: the learner's pages, and one key for all its exercises. */
import type { ClassProfile } from '../classes/class-profile';
import type { Exercise } from '../exercises/making/exercise';
import type { LitForm } from '../languages/en/grammar/find/light-up';
import type { RuleCard } from '../rule-cards/rule-card';
import {
  canDoFace,
  headingFace,
  linesFace,
  pictureFace,
  qrFace,
  ruleFace,
  textFace,
  wordsFace,
  type BlockFace,
} from './blocks/block-faces';
import type { SheetBlock } from './blocks/sheet-block';
import { keyFace, paperFace } from './exercise-face';
import { creditBlock } from '../paper/picture-credit';
import { hasPicture, nameBlock, titleBlock } from './furniture';
import { partHead } from './heads';
import { dressed, innerStyle, roomsUnder } from './dress';
import { compose } from './compose';
import type { Answers } from '../paper/face';
import type { SheetLayout } from '../paper/sheet-layout';
import type { TextMaterial } from '../texts/reading/text-material';
import { readingHead } from './lay-out-text';
import { readingFace } from './reading/reading-face';
import type { Block } from '../paper/paginate';
import { columnsOf, finishSheet, versionStyle, type Sheet, type SheetPage } from './sheet';
import { sheetStyle, type SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';

/** A block with what it names: its exercise made, its rule card computed. */
export interface ResolvedBlock {
  readonly block: SheetBlock;
  readonly exercise?: Exercise | undefined;
  readonly card?: RuleCard | undefined;
  readonly text?: TextMaterial | undefined;
  /** The forms that are lit in the text. */
  readonly lit?: readonly LitForm[] | undefined;
}

export interface BlockSheet {
  readonly title: string;
  readonly blocks: readonly ResolvedBlock[];
  readonly layout: SheetLayout;
  /** The picture of a word. */
  readonly pictureOf: (word: string) => string | undefined;
}

function exerciseFace(
  exercise: Exercise | undefined,
  number: string,
  style: SheetStyle,
  answers?: Answers,
): BlockFace {
  if (exercise === undefined) {
    return {
      blocks: [],
      problems: ['An exercise was removed from the lesson. Take its block away.'],
    };
  }
  if (exercise.short !== undefined) {
    return { blocks: [], problems: [`${exercise.title} is left out: ${exercise.short}`] };
  }
  const sized = versionStyle(exercise, style);
  const head = partHead(`${number}${exercise.title}`, exercise, sized);
  // What fills a page whole, as a crossword with its clues, leaves room for its head.
  const reserved = head.reduce((sum, { height }) => sum + height, 0);
  const face = paperFace(exercise, { ...innerStyle(sized), reserved }, answers);
  const blocks = [...head, ...dressed(face.blocks, sized, roomsUnder(head, sized.paper))];
  return {
    blocks: [...blocks, { height: 5, marks: [] }],
    problems: face.problems,
  };
}

/** The language of what is learned: that of the first exercise. */
const languageOf = ({ blocks }: BlockSheet) =>
  blocks.find(({ exercise }) => exercise !== undefined)?.exercise?.language;

/** Numbers of the exercises, where there is more than one. */
function numbersOf(blocks: readonly ResolvedBlock[]): Map<string, string> {
  const ids = blocks
    .filter(({ block, exercise }) => block.kind === 'exercise' && exercise?.short === undefined)
    .map(({ block }) => block.id);
  return new Map(ids.map((id, index) => [id, ids.length > 1 ? `${index + 1}. ` : '']));
}

function faceOf(
  resolved: ResolvedBlock,
  number: string,
  style: SheetStyle,
  sheet: BlockSheet,
  answers?: Answers,
): BlockFace {
  const { block, exercise, card } = resolved;
  const text = block.text ?? '';
  switch (block.kind) {
    case 'exercise':
      return exerciseFace(exercise, number, style, answers);
    case 'heading':
      return headingFace(text, block.decorative === true, wide(style, sheet.layout));
    case 'text':
      return textFace(text, style);
    case 'reading':
      return readingBlockFace(resolved, style);
    case 'words':
      return wordsFace(block.words ?? [], block.pictures ? sheet.pictureOf : undefined, style);
    case 'rule':
      return card === undefined
        ? { blocks: [], problems: ['A rule card has no rule. Choose one.'] }
        : ruleFace(
            card,
            block.size ?? 'small',
            block.size === 'large' ? wide(style, sheet.layout) : style,
          );
    case 'picture':
      return pictureFace(text, sheet.pictureOf(text.trim()), block.size ?? 'medium', style);
    case 'lines':
      return linesFace(block.rows ?? 4, block.ruling, block.hand ?? style.hand, style);
    case 'name':
      return { blocks: [nameBlock(wide(style, sheet.layout), languageOf(sheet))], problems: [] };
    case 'can-do':
      return canDoFace(text, style);
    case 'qr':
      return qrFace(text, style);
    case 'page':
      return {
        blocks: [{ height: 0, marks: [], breakBefore: true, keepWithNext: true }],
        problems: [],
      };
  }
}

function readingBlockFace({ block, text, lit }: ResolvedBlock, style: SheetStyle): BlockFace {
  if (text === undefined) {
    return {
      blocks: [],
      problems: ['A reading text has no text. Choose one, or take its block away.'],
    };
  }
  const face = readingFace(text, block.reading ?? {}, style, lit);
  return {
    blocks: [...readingHead(text, style), ...face.blocks, { height: 5, marks: [] }],
    problems: face.problems,
  };
}

/** The style across all columns. */
function wide(style: SheetStyle, layout: SheetLayout): SheetStyle {
  if (layout.columns !== 2) return style;
  return { ...style, width: style.paper.width - 2 * style.paper.margin };
}

function keyBlocks(sheet: BlockSheet, style: SheetStyle): Block[] {
  const numbers = numbersOf(sheet.blocks);
  const versions = new Set(
    sheet.blocks.flatMap(({ exercise }) => exercise?.parameters.version ?? []),
  );
  const keyed = sheet.blocks.filter(
    ({ exercise }) => exercise !== undefined && exercise.short === undefined,
  );
  if (keyed.length === 0) return [];
  const [version] = versions;
  const named = version === undefined || version === 'core' ? '' : ` (${version})`;
  return [
    titleBlock(`Key: ${sheet.title}${named}`, { ...style, title: style.body * 1.2 }),
    ...sheet.blocks.flatMap(({ block, exercise }) =>
      exercise === undefined || exercise.short !== undefined
        ? []
        : [
            textBlock(`${numbers.get(block.id) ?? ''}${exercise.title}`, style, {
              size: style.small * 1.35,
              weight: 700,
              role: 'heading',
              after: 1,
              keepWithNext: true,
            }),
            ...keyFace(exercise, style),
            { height: 3, marks: [] },
          ],
    ),
  ];
}

/** Lays out a sheet of blocks for a class. */
export function layOutBlocks(
  sheet: BlockSheet,
  profile: ClassProfile,
  footer: string,
  parts: readonly SheetPage['part'][] = ['learner', 'key'],
): Sheet {
  const { layout } = sheet;
  const plain = sheetStyle(profile, layout);
  const numbers = numbersOf(sheet.blocks);
  const made = (growth: number, answers?: Answers) => {
    const style = sheetStyle(profile, layout, growth);
    const faces = sheet.blocks.map((each) =>
      faceOf(each, numbers.get(each.block.id) ?? '', style, sheet, answers),
    );
    const blocks = faces.flatMap((face) => face.blocks);
    const credit = hasPicture(blocks) ? [creditBlock(style)] : [];
    return {
      blocks: [...blocks, ...credit],
      problems: faces.flatMap((face) => face.problems),
    };
  };
  const composed = compose(made, plain.paper, columnsOf(plain, layout), layout.asIs === true);
  const empty = sheet.blocks.length === 0 ? ['This sheet is empty. Add a block to it.'] : [];
  const key = keyBlocks(sheet, sheetStyle(profile, { ...layout, columns: 1 }));
  const written = layout.key === 'written' && key.length > 0;
  return finishSheet({
    title: sheet.title,
    style: plain,
    layout: { ...layout, colour: layout.colour ?? profile.colour ?? false },
    footer,
    learner: composed.blocks,
    key: written
      ? [
          titleBlock(`Key: ${sheet.title}`, { ...plain, title: plain.body * 1.2 }),
          ...made(composed.growth, 'all').blocks,
        ]
      : key,
    written,
    composed,
    parts,
    problems: [...empty, ...composed.problems],
  });
}
