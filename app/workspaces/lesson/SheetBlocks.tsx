import { DndContext, closestCenter } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useState, type ReactNode } from 'react';
import { Dropdown } from 'react-bootstrap';
import {
  BsBook,
  BsCardHeading,
  BsCheck2Square,
  BsFileBreak,
  BsImage,
  BsJournalText,
  BsPersonLinesFill,
  BsPuzzle,
  BsQrCode,
  BsSignpost,
  BsTextParagraph,
  BsThreeDotsVertical,
  BsUiChecksGrid,
} from 'react-icons/bs';
import { blockNames, type BlockKind, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import type { ReadingText } from '~core/texts/reading-text';
import { MenuItem } from '~/ui/MenuItem';
import { useSortSensors } from '~/ui/sort-sensors';
import { BlockEditor, topicText } from './BlockEditor';
import { useClassTexts } from './class-texts';
import { titleOf, type ExercisePart, type Send } from './built-part';
import { Grip, useMovableRow } from '~/ui/grip';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const icons: Readonly<Record<BlockKind, ReactNode>> = {
  exercise: <BsPuzzle aria-hidden="true" />,
  heading: <BsCardHeading aria-hidden="true" />,
  text: <BsTextParagraph aria-hidden="true" />,
  reading: <BsBook aria-hidden="true" />,
  words: <BsUiChecksGrid aria-hidden="true" />,
  rule: <BsSignpost aria-hidden="true" />,
  picture: <BsImage aria-hidden="true" />,
  lines: <BsJournalText aria-hidden="true" />,
  name: <BsPersonLinesFill aria-hidden="true" />,
  'can-do': <BsCheck2Square aria-hidden="true" />,
  qr: <BsQrCode aria-hidden="true" />,
  page: <BsFileBreak aria-hidden="true" />,
};

export const blockIcon = (kind: BlockKind) => icons[kind];

/** What a block says of itself in the list. */
function summaryOf(
  block: SheetBlock,
  exercises: readonly ExercisePart[],
  texts: readonly ReadingText[],
): string {
  if (block.kind === 'reading') {
    return texts.find(({ id }) => id === block.textId)?.title ?? t('lesson.noTextChosen');
  }
  if (block.kind === 'exercise') {
    const made = exercises.find(({ part }) => part.id === block.part);
    return made ? titleOf(made) : t('lesson.removedFromTheLesson');
  }
  if (block.kind === 'words') return (block.words ?? []).join(', ');
  if (block.kind === 'rule') return topicText(block.topic ?? '');
  if (block.kind === 'lines') return t('lesson.lines3', { rows: block.rows ?? 4 });
  return (block.text ?? '').split('\n')[0] ?? '';
}

interface BlockRowProps {
  readonly block: SheetBlock;
  readonly index: number;
  readonly count: number;
  readonly part: string;
  readonly exercises: readonly ExercisePart[];
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly send: Send;
}

function BlockRow(props: BlockRowProps) {
  const { block, index, count, part, exercises, open, onOpen, send } = props;
  const { row, hold } = useMovableRow(block.id);
  const name = coreName(blockNames[block.kind]);
  const summary = summaryOf(block, exercises, useClassTexts());
  const label = summary === '' ? name : `${name}: ${summary}`;
  const move = (to: number) => send({ intent: 'move-block', part, block: block.id, index: to });
  const plain = ['name', 'page'].includes(block.kind);
  return (
    <li {...row} className={`block-row${open ? ' block-row--open' : ''}`}>
      <div className="block-row__head">
        <Grip hold={hold} label={label} />
        <button
          type="button"
          className="block-row__name"
          aria-expanded={plain ? undefined : open}
          disabled={plain}
          onClick={() => onOpen(!open)}
        >
          {icons[block.kind]}
          <span>
            <strong>{name}</strong>
            {summary !== '' && <span className="block-row__summary">{summary}</span>}
          </span>
        </button>
        <Dropdown align="end">
          <Dropdown.Toggle
            as="button"
            type="button"
            bsPrefix="icon-button"
            aria-label={t('lesson.change', { label })}
          >
            <BsThreeDotsVertical aria-hidden="true" />
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('lesson.change', { label })}>
            {index > 0 && (
              <MenuItem onChoose={() => move(index - 1)}>{t('lesson.moveUp')}</MenuItem>
            )}
            {index < count - 1 && (
              <MenuItem onChoose={() => move(index + 1)}>{t('lesson.moveDown')}</MenuItem>
            )}
            {index > 1 && <MenuItem onChoose={() => move(0)}>{t('lesson.moveToTheTop')}</MenuItem>}
            <MenuItem
              onChoose={() =>
                send({ intent: 'remove-block', part, block: block.id, kind: block.kind })
              }
            >
              {t('lesson.remove2')}
            </MenuItem>
          </Dropdown.Menu>
        </Dropdown>
      </div>
      {open && !plain && (
        <BlockEditor block={block} part={part} exercises={exercises} send={send} />
      )}
    </li>
  );
}

/** The blocks of a sheet in their order: dragged, moved by the arrow keys, or by menu. */
export function SheetBlocks({
  part,
  blocks,
  exercises,
  send,
}: {
  part: string;
  blocks: readonly SheetBlock[];
  exercises: readonly ExercisePart[];
  send: Send;
}) {
  const [openId, setOpenId] = useState<string>();
  const sensors = useSortSensors();
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const index = blocks.findIndex((block) => block.id === over?.id);
        if (over && over.id !== active.id && index >= 0) {
          send({ intent: 'move-block', part, block: String(active.id), index });
        }
      }}
    >
      <SortableContext
        items={blocks.map((block) => block.id)}
        strategy={verticalListSortingStrategy}
      >
        <ol className="block-list" aria-label={t('lesson.blocksOfTheSheet')}>
          {blocks.map((block, index) => (
            <BlockRow
              key={block.id}
              block={block}
              index={index}
              count={blocks.length}
              part={part}
              exercises={exercises}
              open={openId === block.id}
              onOpen={(open) => setOpenId(open ? block.id : undefined)}
              send={send}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
