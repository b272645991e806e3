import { useRef, useState, type KeyboardEvent, type MouseEvent } from 'react';
import { pictureAddress } from '~/ui/Picture';
import { t } from '~/phrases/t';

interface Ring {
  readonly x: number;
  readonly y: number;
}

const STEP = 20;
const held = (value: number) => Math.round(Math.min(1000, Math.max(0, value)));

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

const place = ({ x, y }: Ring) => ({ left: `${x / 10}%`, top: `${y / 10}%` });

/** Rings on a picture as they are seen by the teacher. */
export function RingsOn({ picture, rings }: { picture: string; rings: readonly Ring[] }) {
  return (
    <div className="room-ring">
      <img src={pictureAddress(picture, 'colour')} alt={t('room.withTheRingsOfThe')} />
      {rings.map((ring, at) => (
        <span key={at} className="room-ring__one" style={place(ring)} />
      ))}
    </div>
  );
}

/** A learner sets her ring: by a touch, or with the arrow keys. */
export function RingFace({
  picture,
  kept,
  onRing,
}: {
  picture: string;
  kept: Partial<Ring> | undefined;
  onRing: (ring: Ring) => void;
}) {
  const field = useRef<HTMLDivElement>(null);
  const isSet = kept?.x !== undefined && kept.y !== undefined;
  const [ring, setRing] = useState<Ring>({ x: kept?.x ?? 500, y: kept?.y ?? 500 });
  const [sent, setSent] = useState(isSet);
  const set = (next: Ring) => {
    setRing(next);
    setSent(true);
    onRing(next);
  };
  const touch = (event: MouseEvent) => {
    const box = field.current?.getBoundingClientRect();
    if (!box || event.detail === 0) return;
    set({
      x: held(((event.clientX - box.left) / box.width) * 1000),
      y: held(((event.clientY - box.top) / box.height) * 1000),
    });
  };
  const press = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (!arrow) return;
    event.preventDefault();
    const [dx, dy] = arrow;
    setRing({ x: held(ring.x + dx), y: held(ring.y + dy) });
    setSent(false);
  };
  return (
    <>
      {/* The keys move the ring itself. */}
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions */}
      <div className="room-ring" ref={field} onClick={touch}>
        <img
          src={pictureAddress(picture, 'colour')}
          alt={t('room.whereTheRingIsSet')}
          draggable={false}
        />
        <button
          type="button"
          className={`room-ring__one${sent ? '' : ' room-ring__one--loose'}`}
          style={place(ring)}
          aria-label={t('room.yourRingArrowKeysMove')}
          onKeyDown={press}
          onClick={(event) => {
            if (event.detail === 0) set(ring);
          }}
        />
      </div>
      <p className="quiet" role="status">
        {sent ? t('room.yourRingIsSetTouch') : t('room.touchThePlaceOrMove')}
      </p>
    </>
  );
}
