import { useRef } from 'react';
import { isFilm, sectionsOf, shortClock } from '~core/listening/sound-cues';
import type { TakeHomeRecording } from '~core/practice/take-home';
import { SoundPlayer, type PlayerHandle } from '~/ui/SoundPlayer';

function Recording({ sound }: { readonly sound: TakeHomeRecording }) {
  const player = useRef<PlayerHandle>(null);
  const cues = sectionsOf(sound.cues, sound.seconds);
  return (
    <section
      className={`home-recording${isFilm(sound) ? ' home-recording--film' : ''}`}
      aria-label={sound.name}
    >
      <SoundPlayer sound={sound} handle={player} />
      {cues.length > 0 && (
        <div className="home-recording__cues" role="group" aria-label={sound.name}>
          {cues.map((cue) => (
            <button
              key={cue.id}
              type="button"
              className="play-button"
              onClick={() => player.current?.playFrom(cue.at, cue.to)}
            >
              {shortClock(cue.at)}
            </button>
          ))}
        </div>
      )}
    </section>
  );
}

/** What is listened to for an exercise: whole, or from one cue to the next. What is said stands nowhere. */
export function Recordings({
  of,
  recordings = [],
}: {
  readonly of: string;
  readonly recordings: readonly TakeHomeRecording[] | undefined;
}) {
  return recordings
    .filter(({ exercises }) => exercises.includes(of))
    .map((sound) => <Recording key={`${sound.name} ${sound.seconds}`} sound={sound} />);
}
