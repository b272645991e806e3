import { useRef, useState } from 'react';
import { isFilm, sectionsOf, shortClock, type CuedSound } from '~core/listening/sound-cues';
import { SoundPlayer, type PlayerHandle } from '~/ui/SoundPlayer';
import { t } from '~/phrases/t';

/** A recording at the board: played whole, or from one cue to the next. What is said stands nowhere. */
export function BoardSound({ sound }: { sound: CuedSound }) {
  const player = useRef<PlayerHandle>(null);
  const [at, setAt] = useState(0);
  return (
    <section
      className={`board-sound${isFilm(sound) ? ' board-sound--film' : ''}`}
      aria-label={sound.name}
    >
      <SoundPlayer sound={sound} handle={player} onTime={setAt} />
      <div className="board-row" role="group" aria-label={t('board.playFrom')}>
        {sectionsOf(sound.cues, sound.seconds).map((cue) => (
          <button
            key={cue.id}
            type="button"
            className="board-button"
            aria-current={at >= cue.at && at < cue.to ? 'step' : undefined}
            onClick={() => player.current?.playFrom(cue.at, cue.to)}
          >
            {shortClock(cue.at)}
          </button>
        ))}
      </div>
    </section>
  );
}
