import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { isFilm, type CuedSound } from '~core/listening/sound-cues';

export interface PlayerHandle {
  /** Plays from a second to another, or to the end. */
  readonly playFrom: (at: number, to?: number) => void;
  /** Where it stands, in seconds. */
  readonly now: () => number;
}

/** A recording or film with the browser's own controls; it can be told where to play. */
export function SoundPlayer({
  sound,
  handle,
  onTime,
}: {
  sound: Pick<CuedSound, 'data' | 'name'>;
  handle: Ref<PlayerHandle>;
  onTime?: ((at: number) => void) | undefined;
}) {
  const player = useRef<HTMLVideoElement>(null);
  const until = useRef<number>(undefined);
  useImperativeHandle(handle, () => ({
    playFrom: (at, to) => {
      const { current } = player;
      if (!current) return;
      until.current = to;
      current.currentTime = at;
      void current.play().catch(() => undefined);
    },
    now: () => player.current?.currentTime ?? 0,
  }));
  useEffect(() => {
    const { current } = player;
    return () => current?.pause();
  }, []);
  const shared = {
    controls: true,
    src: sound.data,
    'aria-label': sound.name,
    onTimeUpdate: () => {
      const { current } = player;
      if (!current) return;
      onTime?.(current.currentTime);
      if (until.current !== undefined && current.currentTime >= until.current) {
        current.pause();
        until.current = undefined;
      }
    },
    onSeeking: () => {
      // Whoever moves it by hand hears on.
      const { current } = player;
      if (current?.paused) until.current = undefined;
    },
  } as const;
  return isFilm(sound) ? (
    // What is said in it is the teacher's text, which stands beside it.
    // eslint-disable-next-line jsx-a11y/media-has-caption
    <video ref={player} className="sound-player sound-player--film" {...shared} />
  ) : (
    // eslint-disable-next-line jsx-a11y/media-has-caption
    <audio ref={player} className="sound-player" {...shared} />
  );
}
