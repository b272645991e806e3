import { useEffect, useState } from 'react';
import { t } from '~/phrases/t';

/** What the clock counts: until when, of how many seconds, and what is done meanwhile. */
export interface Counting {
  readonly until: number;
  readonly seconds: number;
  readonly says: string;
}

export const timers: readonly (readonly [name: string, seconds: number])[] = [
  [t('board.think'), 60],
  [t('board.pair'), 120],
  [t('board.share'), 180],
];

/** A soft tone of half a second; where sound is not allowed, the clock shows it alone. */
function signal() {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = 523.25;
    volume.gain.setValueAtTime(0.2, audio.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.8);
    tone.connect(volume).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.8);
    tone.onended = () => void audio.close();
  } catch {
    // Seen, if not heard.
  }
}

/** How long is left, large enough for the last row; at its end it says so. */
export function BoardTimer({
  counting,
  sounds,
  onEnd,
}: {
  counting: Counting;
  sounds: boolean;
  onEnd: () => void;
}) {
  const [now, setNow] = useState(() => Date.now());
  const left = Math.max(0, Math.ceil((counting.until - now) / 1000));
  const over = left === 0;
  useEffect(() => {
    if (over) {
      if (sounds) signal();
      return undefined;
    }
    const timer = window.setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, [over, sounds]);
  return (
    <div className={`board-timer${over ? ' board-timer--over' : ''}`} role="timer" aria-live="off">
      <span className="board-timer__says">{counting.says}</span>
      <strong>
        {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}
      </strong>
      <span role="status">{over ? t('board.timeIsUp') : ''}</span>
      <button type="button" className="board-button" onClick={onEnd}>
        {over ? t('board.close') : t('board.endIt')}
      </button>
      <span
        className="board-timer__bar"
        style={{ inlineSize: `${(left / counting.seconds) * 100}%` }}
        aria-hidden="true"
      />
    </div>
  );
}
