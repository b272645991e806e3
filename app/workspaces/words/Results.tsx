import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { showGrapheme } from '~core/reach/check-word';
import type { SearchAnswer, TileGroup, WordTileData } from '~/workers/engine-service';
import { Tile } from './Tile';
import { t } from '~/phrases/t';

/** Words shown under a spelling before more are asked for. */
const FIRST_SHOWN = 12;
const MORE_SHOWN = 60;
const COLUMN_WIDTH = 262;
const heights = { head: 52, tiles: 61, more: 44 } as const;

type Row =
  | { readonly kind: 'head'; readonly groups: readonly TileGroup[] }
  | { readonly kind: 'tiles'; readonly tiles: readonly (WordTileData | undefined)[] }
  | { readonly kind: 'more'; readonly groups: readonly (TileGroup | undefined)[] };

function inRows<Value>(values: readonly Value[], width: number): Value[][] {
  return Array.from({ length: Math.ceil(values.length / width) }, (_, row) =>
    values.slice(row * width, (row + 1) * width),
  );
}

/** One group fills every column; several stand side by side, a spelling a column. */
function layOut(
  groups: readonly TileGroup[],
  columns: number,
  shownOf: (group: TileGroup) => number,
): Row[] {
  const only = groups.length === 1 ? groups[0] : undefined;
  if (only) {
    return [
      ...(only.spelling === '' ? [] : [{ kind: 'head', groups } as const]),
      ...inRows(only.words, columns).map((tiles) => ({ kind: 'tiles', tiles }) as const),
    ];
  }
  return inRows(groups, columns).flatMap((band): Row[] => {
    const tallest = Math.max(...band.map((group) => Math.min(group.words.length, shownOf(group))));
    const hidden = band.map((group) => (group.words.length > shownOf(group) ? group : undefined));
    return [
      { kind: 'head', groups: band },
      ...Array.from({ length: tallest }, (_, index) => ({
        kind: 'tiles' as const,
        tiles: band.map((group) => (index < shownOf(group) ? group.words[index] : undefined)),
      })),
      ...(hidden.some((group) => group !== undefined)
        ? [{ kind: 'more' as const, groups: hidden }]
        : []),
    ];
  });
}

function useColumns() {
  const box = useRef<HTMLDivElement>(null);
  const [columns, setColumns] = useState(3);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const measure = () => {
      setColumns(Math.max(1, Math.min(4, Math.floor((element.clientWidth + 16) / COLUMN_WIDTH))));
      setTop(element.getBoundingClientRect().top + window.scrollY);
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    observer.observe(document.body);
    return () => observer.disconnect();
  }, []);
  return { box, columns, top };
}

export interface ResultsProps {
  readonly found: SearchAnswer;
  /** Changes with the question, so that a new answer starts short again. */
  readonly question: string;
  /** Lower-case words that are in the list. */
  readonly chosen: ReadonlySet<string>;
  readonly onToggle: (word: string, partner: string | undefined) => void;
  readonly onOpen: (word: string) => void;
}

/** The words found: only the rows in sight are drawn. */
export function Results({ found, question, chosen, onToggle, onOpen }: ResultsProps) {
  const [shown, setShown] = useState<Readonly<Record<string, number>>>({});
  const { box, columns, top } = useColumns();
  const key = (group: TileGroup) => `${question} ${group.spelling}`;
  const shownOf = (group: TileGroup) => shown[key(group)] ?? FIRST_SHOWN;
  const rows = layOut(found.groups, columns, shownOf);
  const virtualizer = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (index) => heights[rows[index]?.kind ?? 'tiles'],
    overscan: 12,
    scrollMargin: top,
  });
  const drawn = virtualizer.getVirtualItems();
  const columnStyle = { gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` };
  const draw = (row: Row) => {
    if (row.kind === 'head') {
      return row.groups.map((group) => (
        <div key={group.spelling} className="results__head">
          <h2>{showGrapheme(group.spelling) || t('words.silent')}</h2>
          <span className="quiet">{t('words.word', { count: group.total })}</span>
        </div>
      ));
    }
    if (row.kind === 'more') {
      return row.groups.map((group, index) =>
        group ? (
          <button
            key={group.spelling}
            type="button"
            className="btn btn-link px-1 results__more"
            onClick={() => setShown({ ...shown, [key(group)]: shownOf(group) + MORE_SHOWN })}
          >
            {t('words.showMoreWords', { showGrapheme: showGrapheme(group.spelling) })}
          </button>
        ) : (
          <span key={index} />
        ),
      );
    }
    return row.tiles.map((tile, index) =>
      tile ? (
        <Tile
          key={tile.word}
          tile={tile}
          chosen={chosen.has(tile.word.toLowerCase())}
          onToggle={() => onToggle(tile.word, tile.partner)}
          onOpen={() => onOpen(tile.word)}
        />
      ) : (
        <span key={index} />
      ),
    );
  };
  return (
    <div ref={box} className="results" style={{ height: virtualizer.getTotalSize() }}>
      {drawn.map((item) => {
        const row = rows[item.index];
        return row ? (
          <div
            key={item.key}
            className={`results__row results__row--${row.kind}`}
            style={{
              ...columnStyle,
              height: item.size,
              transform: `translateY(${item.start - top}px)`,
            }}
          >
            {draw(row)}
          </div>
        ) : null;
      })}
    </div>
  );
}
