import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Area } from '~core/board/drawn';
import { newId } from '~/operations/new-id';
import { t } from '~/phrases/t';

/** Less than this was a tap, not a cover. */
const LEAST = 30;
const STEP = 20;

const held = (value: number, room: number) => Math.min(Math.max(0, value), Math.max(0, room));

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** A cover for whoever has no pointer: in the middle, to be moved and sized by the arrow keys. */
export const middleArea = (): Area => ({ id: newId(), x: 300, y: 350, width: 400, height: 300 });

/** Covers drawn over any part of the board; a click opens one, the arrow keys move it, with Shift they size it. */
export function AreaCovers({
  areas,
  onAreas,
  drawing,
}: {
  areas: readonly Area[];
  onAreas: (areas: readonly Area[]) => void;
  /** A new cover is being drawn: the layer takes the pointer. */
  drawing: boolean;
}) {
  const layer = useRef<HTMLDivElement>(null);
  const [from, setFrom] = useState<{ readonly x: number; readonly y: number }>();
  const [now, setNow] = useState<Area>();
  const pointOf = (event: PointerEvent) => {
    const box = layer.current?.getBoundingClientRect();
    if (!box) return { x: 0, y: 0 };
    return {
      x: held(((event.clientX - box.left) / box.width) * 1000, 1000),
      y: held(((event.clientY - box.top) / box.height) * 1000, 1000),
    };
  };
  const draw = (event: PointerEvent) => {
    if (from === undefined) return;
    const to = pointOf(event);
    setNow({
      id: 'new',
      x: Math.min(from.x, to.x),
      y: Math.min(from.y, to.y),
      width: Math.abs(to.x - from.x),
      height: Math.abs(to.y - from.y),
    });
  };
  const end = () => {
    if (now && now.width >= LEAST && now.height >= LEAST) {
      onAreas([...areas, { ...now, id: newId() }]);
    }
    setFrom(undefined);
    setNow(undefined);
  };
  const press = (event: KeyboardEvent, area: Area) => {
    const arrow = arrows[event.key];
    if (!arrow) return;
    event.preventDefault();
    event.stopPropagation();
    const [dx, dy] = arrow;
    const next = event.shiftKey
      ? {
          ...area,
          width: Math.max(LEAST, held(area.width + dx, 1000 - area.x)),
          height: Math.max(LEAST, held(area.height + dy, 1000 - area.y)),
        }
      : {
          ...area,
          x: held(area.x + dx, 1000 - area.width),
          y: held(area.y + dy, 1000 - area.height),
        };
    onAreas(areas.map((each) => (each.id === area.id ? next : each)));
  };
  const style = ({ x, y, width, height }: Area) => ({
    left: `${x / 10}%`,
    top: `${y / 10}%`,
    width: `${width / 10}%`,
    height: `${height / 10}%`,
  });
  return (
    <div
      ref={layer}
      className={drawing ? 'board-areas board-areas--drawing' : 'board-areas'}
      onPointerDown={(event) => {
        if (!drawing || event.target !== layer.current) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(pointOf(event));
      }}
      onPointerMove={draw}
      onPointerUp={end}
      onPointerCancel={end}
    >
      {areas.map((area, at) => (
        <button
          key={area.id}
          type="button"
          className="board-area"
          style={style(area)}
          aria-label={t('board.coverOpenIt', { at: at + 1 })}
          onClick={() => onAreas(areas.filter(({ id }) => id !== area.id))}
          onKeyDown={(event) => press(event, area)}
        />
      ))}
      {now && <div className="board-area board-area--new" style={style(now)} />}
    </div>
  );
}
