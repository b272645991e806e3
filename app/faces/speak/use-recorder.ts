/** The microphone: one recording at a time, ended by a press or when it is long enough. */
import { useEffect, useRef, useState } from 'react';
import { LONGEST_RECORDING, type Spoken } from '~core/practice/recording';

/** What browsers record, the smallest first. */
const KINDS = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4'];

const asAddress = (blob: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error('The recording could not be read.'));
    reader.readAsDataURL(blob);
  });

interface Running {
  readonly recorder: MediaRecorder;
  readonly timer: number;
}

export interface Recorder {
  /** The item that is being recorded. */
  readonly item: string | undefined;
  /** The microphone is not there, or may not be used. */
  readonly refused: boolean;
  readonly start: (item: string) => void;
  readonly stop: () => void;
}

export function useRecorder(onSpoken: (item: string, spoken: Spoken) => void): Recorder {
  const [item, setItem] = useState<string>();
  const [refused, setRefused] = useState(false);
  const running = useRef<Running>(undefined);
  const tell = useRef(onSpoken);
  useEffect(() => {
    tell.current = onSpoken;
  });
  const stop = () => {
    clearTimeout(running.current?.timer);
    if (running.current?.recorder.state === 'recording') running.current.recorder.stop();
    running.current = undefined;
  };
  useEffect(() => stop, []);
  const start = async (wanted: string) => {
    stop();
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
      const mimeType = KINDS.find((kind) => MediaRecorder.isTypeSupported(kind));
      const recorder = new MediaRecorder(stream, {
        audioBitsPerSecond: 24_000,
        ...(mimeType === undefined ? {} : { mimeType }),
      });
      const begun = Date.now();
      const chunks: Blob[] = [];
      recorder.ondataavailable = ({ data }) => chunks.push(data);
      recorder.onstop = () => {
        stream.getTracks().forEach((track) => track.stop());
        setItem(undefined);
        const seconds = Math.min((Date.now() - begun) / 1000, LONGEST_RECORDING);
        void asAddress(new Blob(chunks, { type: recorder.mimeType })).then((sound) =>
          tell.current(wanted, { sound, seconds: Math.round(seconds * 10) / 10 }),
        );
      };
      recorder.start();
      const timer = window.setTimeout(stop, LONGEST_RECORDING * 1000);
      running.current = { recorder, timer };
      setRefused(false);
      setItem(wanted);
    } catch {
      setRefused(true);
    }
  };
  return { item, refused, start: (wanted) => void start(wanted), stop };
}
