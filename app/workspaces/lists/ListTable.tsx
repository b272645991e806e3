import { DndContext, closestCenter } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { BsArrowDown, BsArrowUp, BsStar, BsStarFill, BsX } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import type { WordGroup } from '~core/lists/combine-lists';
import { detailOf, type WordList } from '~core/lists/word-list';
import { AutoField } from '~/ui/AutoField';
import { Picture } from '~/ui/Picture';
import { ReachTag } from '~/ui/ReachTag';
import { useSortSensors } from '~/ui/sort-sensors';
import type { WordTileData } from '~/workers/engine-service';
import { WordCell } from './WordCell';
import { Grip, useMovableRow } from '~/ui/grip';
import { t } from '~/phrases/t';

export interface ListTableProps {
  readonly profile: ClassProfile;
  readonly list: WordList;
  readonly tiles: readonly WordTileData[];
  readonly groups: readonly WordGroup[];
  /** A likely meaning of each word, shown until one is kept. */
  readonly meanings: Readonly<Record<string, string>>;
  readonly send: (intent: object) => void;
  readonly onPicture: (word: string) => void;
}

type RowProps = Omit<ListTableProps, 'tiles' | 'groups'> & { readonly tile: WordTileData };

function Row({ tile, profile, list, meanings, send, onPicture }: RowProps) {
  const { word, reach } = tile;
  const detail = detailOf(list, word);
  const place = list.words.indexOf(word);
  const inOrder = list.groupBy === 'none';
  const { row, hold } = useMovableRow(word, !inOrder);
  const picture = detail.picture === 'none' ? undefined : (detail.picture ?? tile.picture);
  const field = (name: 'definition' | 'translation' | 'note', label: string, placeholder = '') => (
    <AutoField
      label={t('lists.of', { label, word })}
      className="form-control form-control-sm"
      value={detail[name] ?? ''}
      placeholder={placeholder}
      multiline={name === 'definition'}
      payload={(value) => ({ intent: 'detail', word, fields: { [name]: value.trim() } })}
    />
  );
  return (
    <tr {...row}>
      <td className="text-nowrap">
        {inOrder && <Grip hold={hold} label={word} />}
        <button
          type="button"
          className="icon-button"
          aria-label={t('lists.star', { word })}
          aria-pressed={detail.starred === true}
          onClick={() =>
            send({ intent: 'detail', word, fields: { starred: detail.starred !== true } })
          }
        >
          {detail.starred ? <BsStarFill aria-hidden="true" /> : <BsStar aria-hidden="true" />}
        </button>
      </td>
      <th scope="row">
        <WordCell
          tile={tile}
          accent={profile.accent}
          language={profile.language}
          onRespell={(to) => send({ intent: 'respell', word, to })}
        />
        {reach.reach !== 'secure' && (
          <span className="d-block" title={reach.reasons.map((each) => each.text).join(' ')}>
            <ReachTag reach={reach.reach} />
          </span>
        )}
      </th>
      <td>
        <button
          type="button"
          className="list-table__picture"
          aria-label={
            picture
              ? t('lists.changeThePictureOf', { word })
              : t('lists.chooseAPictureFor', { word })
          }
          onClick={() => onPicture(word)}
        >
          {picture ? (
            <Picture picture={picture} size="2.4rem" />
          ) : (
            <span aria-hidden="true">+</span>
          )}
        </button>
      </td>
      <td className="list-table__wide">
        {field('definition', t('lists.meaning'), meanings[word] ?? '')}
      </td>
      <td>{field('translation', t('lists.translation'))}</td>
      <td>{field('note', t('lists.note'))}</td>
      <td className="text-nowrap">
        <button
          type="button"
          className="icon-button"
          aria-label={t('lists.moveUp', { word })}
          disabled={place <= 0}
          onClick={() => send({ intent: 'move', word, to: place - 1 })}
        >
          <BsArrowUp aria-hidden="true" />
        </button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('lists.moveDown', { word })}
          disabled={place === list.words.length - 1}
          onClick={() => send({ intent: 'move', word, to: place + 1 })}
        >
          <BsArrowDown aria-hidden="true" />
        </button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('lists.remove', { word })}
          onClick={() => send({ intent: 'remove', word })}
        >
          <BsX aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}

/** The list as a table: what stands beside each word, in groups where they were asked for. */
export function ListTable(props: ListTableProps) {
  const { list, tiles, groups, send } = props;
  const tileOf = new Map(tiles.map((tile) => [tile.word, tile]));
  const sensors = useSortSensors();
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const to = over ? list.words.indexOf(String(over.id)) : -1;
        if (to >= 0 && over?.id !== active.id) {
          send({ intent: 'move', word: String(active.id), to });
        }
      }}
    >
      <SortableContext items={[...list.words]} strategy={verticalListSortingStrategy}>
        <div className="table-responsive">
          <table className="table list-table">
            <thead>
              <tr>
                <th scope="col">
                  <span className="visually-hidden">{t('lists.starred')}</span>
                </th>
                <th scope="col">{t('lists.word')}</th>
                <th scope="col">{t('lists.picture')}</th>
                <th scope="col">
                  {t('lists.meaning')}{' '}
                  <span className="quiet small">{t('lists.suggestionsInGrey')}</span>
                </th>
                <th scope="col">{t('lists.translation')}</th>
                <th scope="col">{t('lists.note')}</th>
                <th scope="col">
                  <span className="visually-hidden">{t('lists.order')}</span>
                </th>
              </tr>
            </thead>
            {groups.map((group) => (
              <tbody key={group.name}>
                {list.groupBy !== 'none' && (
                  <tr className="list-table__group">
                    <th colSpan={7} scope="rowgroup">
                      {group.name || t('lists.others')}{' '}
                      <span className="quiet">{group.words.length}</span>
                    </th>
                  </tr>
                )}
                {group.words.map((word) => {
                  const tile = tileOf.get(word);
                  return tile ? <Row key={word} {...props} tile={tile} /> : null;
                })}
              </tbody>
            ))}
          </table>
        </div>
      </SortableContext>
    </DndContext>
  );
}
