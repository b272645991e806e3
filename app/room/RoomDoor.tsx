import { toDataURL } from 'qrcode';
import { useEffect, useId, useState } from 'react';
import { t } from '~/phrases/t';

const spaced = (code: string) => `${code.slice(0, 3)} ${code.slice(3)}`;

/** This machine by a name that no other machine can use. */
const isOwnName = (host: string) => /^(?:localhost|127\.|\[::1\])/.test(host);

const KEY = 'wordane room address';

/** An address as it was written, with what goes without saying; empty where it cannot be one. */
function originOf(written: string): string {
  const text = written.trim();
  if (text === '') return '';
  try {
    return new URL(/^https?:\/\//i.test(text) ? text : `http://${text}`).origin;
  } catch {
    return '';
  }
}

/** The address under which a class reaches this server: this page's own, or the one that was written. */
export function useRoomAddress() {
  const [written, setWritten] = useState(() => {
    try {
      return localStorage.getItem(KEY) ?? '';
    } catch {
      return '';
    }
  });
  const own = typeof location === 'undefined' ? '' : location.origin;
  const lonely = isOwnName(own.replace(/^https?:\/\//, ''));
  const set = (next: string) => {
    setWritten(next);
    try {
      localStorage.setItem(KEY, next);
    } catch {
      // It holds for as long as the page is open.
    }
  };
  return { origin: (lonely && originOf(written)) || own, lonely, written, set };
}
export type RoomAddress = ReturnType<typeof useRoomAddress>;

/** How learners come in: the address, the code, and both as a picture for a camera. */
export function RoomDoor({
  code,
  address,
  large = false,
}: {
  code: string;
  address: RoomAddress;
  large?: boolean;
}) {
  const id = useId();
  const { origin, lonely, written, set } = address;
  const [image, setImage] = useState<string>();
  useEffect(() => {
    let stale = false;
    void toDataURL(`${origin}/room/${code}`, { margin: 1, scale: 8 }).then((made) => {
      if (!stale) setImage(made);
    });
    return () => {
      stale = true;
    };
  }, [origin, code]);
  const host = origin.replace(/^https?:\/\//, '');
  return (
    <section
      className={`room-code${large ? ' room-code--large' : ''}`}
      aria-label={large ? t('room.theWayInLarge') : t('room.theWayIn')}
    >
      {image && <img src={image} alt={`QR code of ${origin}/room/${code}`} />}
      <div>
        <p className="mb-0">{host}/room</p>
        <p className="room-code__signs">{spaced(code)}</p>
      </div>
      {lonely && !large && (
        <div className="room-code__address">
          <label htmlFor={id} className="quiet small">
            {t('room.onlyThisMachineHasThis')}
          </label>
          <input
            id={id}
            className="form-control form-control-sm"
            placeholder="192.168.1.20:4310"
            value={written}
            onChange={(event) => set(event.currentTarget.value)}
          />
        </div>
      )}
    </section>
  );
}
