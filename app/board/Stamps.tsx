import type { KeyboardEvent } from 'react';
import { stampSigns, type Stamp, type StampSign } from '~core/board/drawn';
import { t } from '~/phrases/t';

const STEP = 15;
const held = (value: number) => Math.min(980, Math.max(20, value));

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** A sign of the station, told by its shape as well as by its colour. */
export function StampDrawing({ sign }: { sign: StampSign }) {
  const line = { stroke: 'var(--ink)', strokeWidth: 3, strokeLinejoin: 'round' } as const;
  return (
    <svg viewBox="0 0 60 60" aria-hidden="true">
      {sign === 'sun' && (
        <>
          <circle cx="30" cy="30" r="13" fill="#f0b429" {...line} />
          <path
            d="M30 4v8M30 48v8M4 30h8M48 30h8M12 12l6 6M42 42l6 6M48 12l-6 6M18 42l-6 6"
            fill="none"
            {...line}
          />
        </>
      )}
      {sign === 'cloud' && (
        <path
          d="M16 44a11 11 0 0 1 0-22 15 15 0 0 1 28-2 12 12 0 0 1 1 24Z"
          fill="#dfe6ea"
          {...line}
        />
      )}
      {sign === 'drop' && (
        <path
          d="M30 6c10 15 15 22 15 30a15 15 0 0 1-30 0c0-8 5-15 15-30Z"
          fill="#8ec0e4"
          {...line}
        />
      )}
      {sign === 'gust' && (
        <path
          d="M6 24h30a8 8 0 1 0-8-8M6 34h42M6 44h24a7 7 0 1 1-7 7"
          fill="none"
          {...line}
          strokeWidth={5}
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}

/** Stamps on the board: the arrow keys move one, Delete or a click takes it away. */
export function Stamps({
  stamps,
  onStamps,
}: {
  stamps: readonly Stamp[];
  onStamps: (stamps: readonly Stamp[]) => void;
}) {
  const remove = (stamp: Stamp) => onStamps(stamps.filter((each) => each !== stamp));
  const press = (event: KeyboardEvent, stamp: Stamp) => {
    const arrow = arrows[event.key];
    if (event.key === 'Delete' || event.key === 'Backspace') remove(stamp);
    else if (arrow) {
      const [dx, dy] = arrow;
      onStamps(
        stamps.map((each) =>
          each === stamp ? { ...each, x: held(each.x + dx), y: held(each.y + dy) } : each,
        ),
      );
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div className="board-stamps">
      {stamps.map((stamp, at) => (
        <button
          key={stamp.id}
          type="button"
          className="board-stamp"
          style={{ left: `${stamp.x / 10}%`, top: `${stamp.y / 10}%` }}
          aria-label={t('board.stampTakeItAway', {
            at: at + 1,
            stampSigns: stampSigns[stamp.sign],
          })}
          onClick={() => remove(stamp)}
          onKeyDown={(event) => press(event, stamp)}
        >
          <StampDrawing sign={stamp.sign} />
        </button>
      ))}
    </div>
  );
}
