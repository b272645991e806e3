/** A script with its times: WebVTT (W3C Candidate Recommendation, 2019). */
import { saidOf, type ListeningPart, type ListeningScript } from './listening-script';

/** Letters that are read in a second at the usual pace: some 150 words a minute; common practice. */
const LETTERS_A_SECOND = 14;

/** How long a part takes to say, in seconds: an estimate, where its sound is not there. */
export const estimatedSeconds = (
  part: ListeningPart,
  script: Pick<ListeningScript, 'pace' | 'numbered'>,
) => Math.max(0.6, saidOf(part, script).length / (LETTERS_A_SECOND * script.pace));

/** Hours, minutes, seconds and thousandths. */
export function clock(seconds: number): string {
  const thousandths = Math.round(seconds * 1000);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${two(Math.floor(thousandths / 3_600_000))}:${two(Math.floor(thousandths / 60_000) % 60)}:${two(Math.floor(thousandths / 1000) % 60)}.${String(thousandths % 1000).padStart(3, '0')}`;
}

export interface Cue {
  readonly part: ListeningPart;
  /** Which of its times it is, from 1. */
  readonly time: number;
  readonly start: number;
  readonly end: number;
}

/**
 * When each part is heard, in seconds.
 *
 * @param secondsOf how long a part takes; an estimate where it is not given
 */
export function cuesOf(
  script: ListeningScript,
  secondsOf: (part: ListeningPart) => number = (part) => estimatedSeconds(part, script),
): Cue[] {
  let at = 0;
  return script.parts.flatMap((part) =>
    Array.from({ length: part.times }, (_, index): Cue => {
      const start = at;
      const end = start + secondsOf(part);
      at = end + part.pause;
      return { part, time: index + 1, start, end };
    }),
  );
}

const escaped = (text: string) =>
  text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replace(/\s+/g, ' ');

/** The cues as a WebVTT file; a speaker is a voice span. */
export function toVtt(script: ListeningScript, cues: readonly Cue[] = cuesOf(script)): string {
  const said = cues.map(({ part, start, end }) => {
    const text = escaped(saidOf(part, script));
    const voiced = part.speaker === '' ? text : `<v ${escaped(part.speaker)}>${text}</v>`;
    return `${part.number}\n${clock(start)} --> ${clock(end)}\n${voiced}\n`;
  });
  return ['WEBVTT', '', ...said].join('\n');
}
