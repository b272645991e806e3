import { DndContext, closestCenter } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { BsStarFill, BsX } from 'react-icons/bs';
import { useSortSensors } from '~/ui/sort-sensors';
import type { WordTileData } from '~/workers/engine-service';
import { Grip, useMovableRow } from '~/ui/grip';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

type Send = (body: object) => void;

function ListRow(props: {
  tile: WordTileData;
  starred: boolean;
  send: Send;
  onOpen: (word: string) => void;
}) {
  const { tile, starred, send, onOpen } = props;
  const { word, reach } = tile;
  const { row, hold } = useMovableRow(word);
  const why = reach.reasons.map((reason) => reason.text).join(' ');
  return (
    <li {...row}>
      <span className="list-panel__word py-1" title={why}>
        <button
          type="button"
          className={`list-panel__letters reach-${reach.reach}`}
          aria-label={t('words.about', { word, which: starred ? t('words.starred') : '' })}
          onClick={() => onOpen(word)}
        >
          {word}
        </button>
        {starred && <BsStarFill className="list-panel__star" aria-hidden="true" />}
        {reach.reach !== 'secure' && (
          <>
            <span className="visually-hidden">
              : {coreName(reach.reach)}. {why}
            </span>
            <button
              type="button"
              className="list-panel__note btn btn-link p-0"
              title={why}
              onClick={() => send({ intent: 'known', word, known: true })}
              aria-label={t('words.countAsKnown', { word })}
            >
              {t('words.countAsKnown2', { reach: coreName(reach.reach) })}
            </button>
          </>
        )}
      </span>
      <button
        type="button"
        className="icon-button"
        aria-label={t('words.remove', { word })}
        onClick={() => send({ intent: 'remove', word })}
      >
        <BsX aria-hidden="true" />
      </button>
      <Grip hold={hold} label={word} />
    </li>
  );
}

/** The words of the open list, to be put in another order by mouse, touch or keys. */
export default function SortableWords(props: {
  readonly tiles: readonly WordTileData[];
  readonly isStarred: (word: string) => boolean;
  readonly send: Send;
  readonly onOpen: (word: string) => void;
}) {
  const { tiles, isStarred, send, onOpen } = props;
  const sensors = useSortSensors();
  const words = tiles.map((tile) => tile.word);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const to = over ? words.indexOf(String(over.id)) : -1;
        if (to >= 0 && over?.id !== active.id) {
          send({ intent: 'move', word: String(active.id), to });
        }
      }}
    >
      <SortableContext items={words} strategy={verticalListSortingStrategy}>
        <ol>
          {tiles.map((tile) => (
            <ListRow
              key={tile.word}
              tile={tile}
              starred={isStarred(tile.word)}
              send={send}
              onOpen={onOpen}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
