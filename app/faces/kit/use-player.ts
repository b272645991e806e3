/** Plays one sound at a time, and ends with the screen. */
import { useEffect, useRef } from 'react';

export interface Player {
  /** Plays a sound from its beginning; what was playing ends. */
  readonly play: (sound: string, onEnded?: () => void) => void;
  readonly stop: () => void;
}

export function usePlayer(): Player {
  const playing = useRef<HTMLAudioElement>(undefined);
  const stop = () => {
    playing.current?.pause();
    playing.current = undefined;
  };
  useEffect(() => stop, []);
  const play = (sound: string, onEnded?: () => void) => {
    stop();
    const audio = new Audio(sound);
    if (onEnded) audio.onended = onEnded;
    playing.current = audio;
    // What cannot be played is passed over.
    audio.play().catch(() => onEnded?.());
  };
  return { play, stop };
}
