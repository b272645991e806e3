import { useEffect, useState } from 'react';
import { BsClock } from 'react-icons/bs';

/** Minutes and seconds, from milliseconds. */
export const clockSays = (gone: number) => {
  const seconds = Math.max(0, Math.floor(gone / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

/** The time that has gone since an exercise was begun; it stands still when it is done. */
export function Clock({
  started,
  ended,
}: {
  started: number | undefined;
  ended?: number | undefined;
}) {
  const [now, setNow] = useState(() => Date.now());
  const runs = started !== undefined && ended === undefined;
  useEffect(() => {
    if (!runs) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [runs]);
  return (
    <span className="play-clock" role="timer">
      <BsClock aria-hidden="true" />{' '}
      {clockSays(started === undefined ? 0 : (ended ?? Math.max(now, started)) - started)}
    </span>
  );
}
