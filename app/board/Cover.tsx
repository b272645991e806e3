import { useRef } from 'react';
import { t } from '~/phrases/t';

/** A cover over the board from above; its edge is dragged, or moved by the arrow keys. */
export function Cover({ share, onShare }: { share: number; onShare: (share: number) => void }) {
  const box = useRef<HTMLDivElement>(null);
  // It never leaves the board of itself: nothing of it is how covers over parts begin.
  const to = (value: number) => onShare(Math.min(100, Math.max(1, Math.round(value))));
  return (
    <div ref={box} className="board-cover">
      <div className="board-cover__sheet" style={{ blockSize: `${share}%` }} />
      <div
        className="board-cover__edge"
        style={{ insetBlockStart: `${share}%` }}
        role="slider"
        tabIndex={0}
        aria-label={t('board.howMuchOfTheBoard')}
        aria-orientation="vertical"
        aria-valuemin={1}
        aria-valuemax={100}
        aria-valuenow={share}
        aria-valuetext={t('board.perCent', { share })}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') to(share + 5);
          else if (event.key === 'ArrowUp') to(share - 5);
          else return;
          event.preventDefault();
        }}
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={(event) => {
          const area = box.current?.getBoundingClientRect();
          if (event.buttons > 0 && area) to(((event.clientY - area.top) / area.height) * 100);
        }}
      />
    </div>
  );
}
