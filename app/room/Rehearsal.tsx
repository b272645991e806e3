import { useEffect, useRef, useState } from 'react';
import { rehearse } from './rehearsal';
import type { RoomLesson } from './room-lesson';
import { t } from '~/phrases/t';

/** Speeds of a rehearsal: as a class works, and faster for a look at it. */
const speeds = [
  [1, t('room.asAClassWorks')],
  [8, t('room.eightTimesAsFast')],
] as const;

/** A class that is not there comes in, so that the lesson can be tried alone. */
export function Rehearsal({
  code,
  lesson: { content, exercises, profile, words },
}: {
  code: string;
  lesson: RoomLesson;
}) {
  const end = useRef<() => void>(undefined);
  const [running, setRunning] = useState(false);
  const [speed, setSpeed] = useState<number>(speeds[1][0]);
  useEffect(() => () => end.current?.(), []);
  const names =
    content.names ?? Array.from({ length: 12 }, (_, at) => t('room.learner2', { at: at + 1 }));
  return (
    <details className="room-fold">
      <summary>{t('room.rehearseWithAClassThat')}</summary>
      <p className="small my-2">
        {t('room.madeUpLearnersComeIn', { names: names.length, name: profile.name })}
      </p>
      <select
        className="form-select form-select-sm mb-2"
        aria-label={t('room.howFastTheyAre')}
        value={speed}
        disabled={running}
        onChange={(event) => setSpeed(Number(event.currentTarget.value))}
      >
        {speeds.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        onClick={() => {
          if (running) end.current?.();
          else {
            end.current = rehearse({ code, names, exercises, words, speed, seed: 20_261_128 });
          }
          setRunning(!running);
        }}
      >
        {running ? t('room.theyLeave') : t('room.theyComeIn')}
      </button>
    </details>
  );
}
