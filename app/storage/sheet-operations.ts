/** What a teacher does to a sheet of blocks, each as one change with a label that undo can show. */
import type { LessonPart } from '~core/lessons/lesson';
import { blockNames, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import type { SheetLayout } from '~core/sheets/layout';
import { changePart } from './operations';
import { ChangeError } from './repository';

const named = (block: Pick<SheetBlock, 'kind'> | undefined) =>
  block ? blockNames[block.kind].toLowerCase() : 'block';

function changeBlocks(
  lesson: string,
  part: string,
  label: string,
  edited: (blocks: SheetBlock[]) => SheetBlock[],
): Promise<void> {
  return changePart(lesson, part, label, (stored: LessonPart) => ({
    ...stored,
    blocks: edited(stored.blocks ?? []),
  }));
}

export const addBlock = (lesson: string, part: string, block: SheetBlock) =>
  changeBlocks(lesson, part, `Added the ${named(block)}`, (blocks) => [...blocks, block]);

export const removeBlock = (lesson: string, part: string, id: string, kind: SheetBlock['kind']) =>
  changeBlocks(lesson, part, `Removed the ${named({ kind })}`, (blocks) =>
    blocks.filter((block) => block.id !== id),
  );

/** Moves a block before the one at `index` of those that are left. */
export const moveBlock = (lesson: string, part: string, id: string, index: number) =>
  changeBlocks(lesson, part, 'Moved a block', (blocks) => {
    const moved = blocks.find((block) => block.id === id);
    if (moved === undefined) throw new ChangeError('This block was removed in another tab.');
    const others = blocks.filter((block) => block !== moved);
    others.splice(index, 0, moved);
    return others;
  });

/** Changes fields of a block. */
export const setBlock = (
  lesson: string,
  part: string,
  id: string,
  fields: Partial<Omit<SheetBlock, 'id' | 'kind'>>,
) =>
  changeBlocks(lesson, part, 'Changed a block', (blocks) =>
    blocks.map((block) => (block.id === id ? { ...block, ...fields } : block)),
  );

export const setLayout = (lesson: string, part: string, layout: SheetLayout, label: string) =>
  changePart(lesson, part, label, (stored) => ({
    ...stored,
    layout: { ...stored.layout, ...layout },
  }));
