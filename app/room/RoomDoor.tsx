import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';

const spaced = (code: string) => `${code.slice(0, 3)} ${code.slice(3)}`;

/** This machine by a name that no other machine can use. */
const isOwnName = (host: string) => /^(?:localhost|127\.|\[::1\])/.test(host);

/** How learners come in: the address, the code, and both as a picture for a camera. */
export function RoomDoor({ code, large = false }: { code: string; large?: boolean }) {
  const [image, setImage] = useState<string>();
  const [origin, setOrigin] = useState('');
  useEffect(() => {
    setOrigin(location.origin);
    let stale = false;
    void toDataURL(`${location.origin}/room/${code}`, { margin: 1, scale: 8 }).then((made) => {
      if (!stale) setImage(made);
    });
    return () => {
      stale = true;
    };
  }, [code]);
  const host = origin.replace(/^https?:\/\//, '');
  return (
    <section
      className={`room-code${large ? ' room-code--large' : ''}`}
      aria-label={large ? 'The way in, large' : 'The way in'}
    >
      {image && <img src={image} alt={`QR code of ${origin}/room/${code}`} />}
      <div>
        <p className="mb-0">{host}/room</p>
        <p className="room-code__signs">{spaced(code)}</p>
        {isOwnName(host) && (
          <p className="quiet small mb-0">
            Only this machine reaches Wordane under this name. For a class, start it so that others
            do: see “In a classroom” in the README.
          </p>
        )}
      </div>
    </section>
  );
}
