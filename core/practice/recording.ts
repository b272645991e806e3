/**
 * What a learner said, as it travels with a slip: behind the code stand lines that begin with R1,
 * one a recording. A sound is data of a stated kind (Opus, AAC or WAV) and a stated size; it is
 * played and never run.
 */
import { strToU8 } from 'fflate';
import { crc32 } from './slip';

export interface Spoken {
  /** Seconds, to a tenth. */
  readonly seconds: number;
  /** The sound as a data address. */
  readonly sound: string;
}

export interface Recorded extends Spoken {
  /** The id of the exercise in its lesson, and of its item. */
  readonly exercise: string;
  readonly item: string;
}

/** A recording ends by itself after so many seconds. */
export const LONGEST_RECORDING = 90;

/** Signs of one sound: ninety seconds of Opus at 32 kbit/s, or eight of WAV, as base64. */
export const MOST_SOUND = 1_400_000;
const MOST_RECORDINGS = 200;

const SOUND = /^data:audio\/(?:webm|ogg|mp4|wav)(?:;codecs=[\w."-]+)?;base64,[A-Za-z0-9+/]+={0,2}$/;

/** True for the sound of a recording and for nothing else. */
export const isSound = (text: string) => text.length <= MOST_SOUND && SOUND.test(text);

const checkOf = (line: string) => crc32(strToU8(line)).toString(36);

/** The slip with what was said, as the text of a file. */
export const withRecordings = (slip: string, recordings: readonly Recorded[]): string =>
  [
    slip,
    ...recordings.map(({ exercise, item, seconds, sound }) => {
      const line = [exercise, item, seconds.toFixed(1), sound].join('\t');
      return `R1\t${checkOf(line)}\t${line}`;
    }),
  ].join('\n');

export interface ReadRecordings {
  /** What stood before the recordings: the slip. */
  readonly rest: string;
  readonly recordings: readonly Recorded[];
  /** Why some were left out, in sentences. */
  readonly refused: readonly string[];
}

function readLine(line: string): Recorded | string {
  const [, check, ...fields] = line.split('\t');
  const [exercise, item, seconds, sound] = fields;
  if (fields.length !== 4 || checkOf(fields.join('\t')) !== check) {
    return 'A recording is cut off or was changed. The rest of the slip is read.';
  }
  if (!exercise || !item || exercise.length > 200 || item.length > 200 || !sound) {
    return 'A recording does not say what it belongs to. The rest of the slip is read.';
  }
  if (!isSound(sound)) {
    return 'What stands where a recording should be is no sound, or is too long. The rest of the slip is read.';
  }
  const length = Number(seconds);
  return {
    exercise,
    item,
    seconds: Number.isFinite(length) ? Math.min(Math.max(0, length), LONGEST_RECORDING) : 0,
    sound,
  };
}

/** Takes the recordings out of what was handed in. */
export function readRecordings(text: string): ReadRecordings {
  const lines = text.split(/\r?\n/);
  const isRecording = (line: string) => line.startsWith('R1\t');
  const spoken = lines.filter(isRecording);
  const read = spoken.slice(0, MOST_RECORDINGS).map(readLine);
  const refused = read.filter((each) => typeof each === 'string');
  return {
    rest: lines.filter((line) => !isRecording(line)).join('\n'),
    recordings: read.filter((each) => typeof each !== 'string'),
    refused: [
      ...new Set(refused),
      ...(spoken.length > MOST_RECORDINGS
        ? [`A slip can bring ${MOST_RECORDINGS} recordings; the others were left out.`]
        : []),
    ],
  };
}
