/** The compact keys of several exercises together: lists in two columns, each under its name. */
import type { ClassProfile } from '../classes/class-profile';
import type { Exercise } from '../exercises/making/exercise';
import type { PaperName } from '../kernel/paper-size';
import type { Block } from '../paper/paginate';
import { creditBlock } from '../paper/picture-credit';
import { COLUMN_GAP, sheetStyle, type SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';
import { keyFace } from './exercise-face';
import { hasPicture, titleBlock } from './furniture';
import { finishSheet, type Sheet } from './sheet';

export interface NamedKey {
  /** What stands over it. */
  readonly name: string;
  readonly exercise: Exercise;
}

function keyBlocks(title: string, keys: readonly NamedKey[], style: SheetStyle): Block[] {
  const half = { ...style, width: (style.width - COLUMN_GAP) / 2 };
  const blocks = keys.flatMap(({ name, exercise }): Block[] => {
    const narrow = keyFace(exercise, half);
    if (narrow.length === 0) return [];
    // Lists stand in two columns; a grid or a table needs the whole width.
    const listed = narrow.every(({ marks }) =>
      marks.every(({ kind }) => kind === 'text' || kind === 'line'),
    );
    const sized = listed ? half : style;
    const answers = (listed ? narrow : keyFace(exercise, style)).map((block) =>
      listed ? block : { ...block, wide: true },
    );
    const heading = textBlock(name, sized, {
      size: style.small * 1.35,
      weight: 700,
      role: 'heading',
      after: 1,
      keepWithNext: true,
    });
    return [heading, ...answers, { height: 3, marks: [] }];
  });
  if (blocks.length === 0) return [];
  const head = titleBlock(`Key: ${title}`, { ...style, title: style.body * 1.2 });
  const credit = hasPicture(blocks) ? [{ ...creditBlock(style), wide: true }] : [];
  return [{ ...head, wide: true }, ...blocks, ...credit];
}

/**
 * The sheet of the keys; without pages where nothing has a key.
 *
 * @param paper the class's where it is not given
 */
export function layOutKeys(
  title: string,
  keys: readonly NamedKey[],
  profile: ClassProfile,
  footer: string,
  paper?: PaperName,
): Sheet {
  const own = paper === undefined ? {} : { paper };
  const wide = sheetStyle(profile, own);
  return finishSheet({
    title,
    style: { ...wide, width: (wide.width - COLUMN_GAP) / 2 },
    layout: { ...own, columns: 2 },
    written: true,
    footer,
    learner: [],
    key: keyBlocks(title, keys, wide),
    parts: ['key'],
    problems: [],
  });
}
