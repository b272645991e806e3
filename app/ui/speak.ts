/** Saying words, sounds and sentences: by a voice of the device where it has one, else by the server's. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Accent } from '~core/kernel/accent';
import { t } from '~/phrases/t';

export type Spoken =
  | {
      readonly text: string;
      readonly language: string;
      readonly accent: Accent;
      /** 1 as usual, less for slower; the server's voice alone can be told. */
      readonly pace?: number;
    }
  | { readonly sound: string; readonly accent: Accent };

const tagOf = (language: string, accent: Accent) =>
  language === 'en' ? (accent === 'british' ? 'en-GB' : 'en-US') : language;

/** A voice that speaks without the network, or undefined. */
function deviceVoice(tag: string): SpeechSynthesisVoice | undefined {
  if (typeof speechSynthesis === 'undefined') return undefined;
  const local = speechSynthesis.getVoices().filter((voice) => voice.localService);
  return (
    local.find((voice) => voice.lang.replace('_', '-') === tag) ??
    (tag.includes('-') ? undefined : local.find((voice) => voice.lang.startsWith(tag)))
  );
}

/** Where the server says it. */
export function speechAddress(spoken: Spoken): string {
  const fields: Record<string, string> =
    'sound' in spoken
      ? { sound: spoken.sound, accent: spoken.accent }
      : {
          text: spoken.text,
          language: spoken.language,
          accent: spoken.accent,
          ...(spoken.pace === undefined || spoken.pace === 1
            ? {}
            : { pace: spoken.pace.toFixed(2) }),
        };
  return `/speech?${new URLSearchParams(fields).toString()}`;
}

export interface Speaker {
  readonly say: (spoken: Spoken) => void;
  readonly stop: () => void;
  readonly speaking: boolean;
  /** Why nothing is heard, in words for the teacher. */
  readonly problem: string | undefined;
}

/** One voice at a time: a new utterance ends the one before. */
export function useSpeaker(): Speaker {
  const audio = useRef<HTMLAudioElement | undefined>(undefined);
  const [speaking, setSpeaking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const stop = useCallback(() => {
    audio.current?.pause();
    audio.current = undefined;
    if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
    setSpeaking(false);
  }, []);
  useEffect(() => stop, [stop]);
  const say = useCallback(
    (spoken: Spoken) => {
      stop();
      setProblem(undefined);
      setSpeaking(true);
      // A single sound is never given to a device voice: it would read a letter name.
      const voice =
        'text' in spoken ? deviceVoice(tagOf(spoken.language, spoken.accent)) : undefined;
      if (voice && 'text' in spoken) {
        const utterance = new SpeechSynthesisUtterance(spoken.text);
        utterance.voice = voice;
        utterance.rate = 0.9;
        utterance.onend = () => setSpeaking(false);
        utterance.onerror = () => setSpeaking(false);
        speechSynthesis.speak(utterance);
        return;
      }
      const playing = new Audio(speechAddress(spoken));
      audio.current = playing;
      playing.onended = () => setSpeaking(false);
      playing.onerror = () => {
        setSpeaking(false);
        setProblem(t('frame.theVoiceCouldNotBe'));
      };
      playing.play().catch((error: unknown) => {
        // A newer utterance interrupts this one: that is no fault.
        if ((error as Error).name !== 'AbortError') setSpeaking(false);
      });
    },
    [stop],
  );
  return { say, stop, speaking, problem };
}
