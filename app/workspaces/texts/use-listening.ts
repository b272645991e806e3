/** A listening script played part by part, and its sounds joined into one file. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Accent } from '~core/kernel/accent';
import { joinWav, readWav, secondsOf, type Pcm } from '~core/listening/join-wav';
import { saidOf, type ListeningPart, type ListeningScript } from '~core/listening/listening-script';
import { cuesOf, type Cue } from '~core/listening/vtt';
import { speechAddress } from '~/ui/speak';
import { t } from '~/phrases/t';

/** The server says it; the message is for the teacher. */
async function fetchSound(address: string): Promise<Pcm> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error(t('texts.theVoiceDidNotAnswer'));
  return readWav(new Uint8Array(await answer.arrayBuffer()));
}

export interface Listening {
  /** The part that is heard now, by its number. */
  readonly at: number | undefined;
  readonly problem: string;
  readonly play: (from?: number) => void;
  readonly playOne: (part: ListeningPart) => void;
  readonly stop: () => void;
  /** The whole as a WAV, with the times at which its parts are heard. */
  readonly wav: () => Promise<{ readonly bytes: Uint8Array; readonly cues: readonly Cue[] }>;
}

export function useListening(script: ListeningScript, accent: Accent): Listening {
  const [at, setAt] = useState<number>();
  const [problem, setProblem] = useState('');
  const playing = useRef<{ audio?: HTMLAudioElement; timer?: number }>({});
  const addressOf = useMemo(
    () => (part: ListeningPart) =>
      speechAddress({
        text: saidOf(part, script),
        language: script.language,
        accent,
        pace: script.pace,
      }),
    [script, accent],
  );
  const stop = () => {
    playing.current.audio?.pause();
    clearTimeout(playing.current.timer);
    playing.current = {};
    setAt(undefined);
  };
  useEffect(() => stop, []);
  const say = (part: ListeningPart, then: () => void) => {
    const audio = new Audio(addressOf(part));
    playing.current.audio = audio;
    setAt(part.number);
    audio.onended = () => {
      playing.current.timer = window.setTimeout(then, part.pause * 1000);
    };
    audio.play().catch(() => {
      stop();
      setProblem(t('texts.theVoiceDidNotAnswer'));
    });
  };
  const play = (from = 0) => {
    stop();
    setProblem('');
    const turns = script.parts
      .slice(from)
      .flatMap((part) => Array.from({ length: part.times }, () => part));
    const next = (index: number) => {
      const part = turns[index];
      if (part) say(part, () => next(index + 1));
      else stop();
    };
    next(0);
  };
  const playOne = (part: ListeningPart) => {
    stop();
    setProblem('');
    say(part, stop);
  };
  const wav = async () => {
    const sounds = new Map<number, Pcm>();
    for (const part of script.parts) sounds.set(part.number, await fetchSound(addressOf(part)));
    const silence: Pcm = { rate: 22_050, samples: new Int16Array() };
    const soundOf = (part: ListeningPart) => sounds.get(part.number) ?? silence;
    const bytes = joinWav(
      script.parts.flatMap((part) =>
        Array.from({ length: part.times }, () => ({ sound: soundOf(part), pause: part.pause })),
      ),
    );
    return { bytes, cues: cuesOf(script, (part) => secondsOf(soundOf(part))) };
  };
  return { at, problem, play, playOne, stop, wav };
}
