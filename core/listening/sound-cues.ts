/** A teacher's own recording and its cues: where a part of it begins, set while it plays or read from WebVTT. */
import { clock } from './vtt';

export interface SoundCue {
  readonly id: string;
  /** Seconds from the beginning. */
  readonly at: number;
  /** What is said from here on, or what the part is called. */
  readonly label: string;
}

export interface SoundSection extends SoundCue {
  /** Where the next begins, or the recording ends. */
  readonly to: number;
}

/** A recording or film with its cues, as it is played. */
export interface CuedSound {
  readonly name: string;
  /** Sound or film as a data URL. */
  readonly data: string;
  readonly seconds: number;
  readonly cues: readonly SoundCue[];
}

export const isFilm = ({ data }: Pick<CuedSound, 'data'>): boolean =>
  data.startsWith('data:video/');

/** Cues of one recording. */
export const MOST_CUES = 200;
export const CUE_LENGTH = 200;

/** Two cues nearer than this are one, in seconds. */
const APART = 0.2;

/** Cues as they are heard. */
export const inOrder = (cues: readonly SoundCue[]) =>
  [...cues].sort((one, other) => one.at - other.at);

/** With one cue more, in order; where one stands so near that nobody could hear between them, nothing is added. */
export const withCue = (cues: readonly SoundCue[], cue: SoundCue): readonly SoundCue[] =>
  cues.some(({ at }) => Math.abs(at - cue.at) < APART) ? cues : inOrder([...cues, cue]);

/** A cue earlier or later by so many seconds; never before the beginning nor past the end. */
export const movedAt = (at: number, by: number, seconds: number): number =>
  Math.round(Math.min(seconds, Math.max(0, at + by)) * 100) / 100;

/** The parts of a recording, each to where the next begins. */
export const sectionsOf = (cues: readonly SoundCue[], seconds: number): SoundSection[] =>
  inOrder(cues).map((cue, index, all) => ({
    ...cue,
    to: Math.max(cue.at, all[index + 1]?.at ?? seconds),
  }));

/** The label of the next cue: the first line of the text that no cue has yet; its number where there is none. */
export function nextLabel(body: string, cues: readonly SoundCue[]): string {
  const used = new Set(cues.map(({ label }) => label));
  const line = body
    .split('\n')
    .map((each) => each.trim().slice(0, CUE_LENGTH))
    .find((each) => each !== '' && !used.has(each));
  return line ?? `Part ${cues.length + 1}`;
}

/** Minutes and seconds as they are said: 0:28. */
export const shortClock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

const TIME = /^(?:(\d+):)?(\d{1,2}):(\d{2})[.,](\d{3})\s+-->/;

/** What is written of a cue, without its marks. */
const plainOf = (rows: readonly string[]) =>
  rows
    .join(' ')
    .replace(/<v(?:\.[^ >]*)?\s+([^>]+)>/g, '$1: ')
    .replace(/<[^>]*>/g, '')
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&nbsp;', ' ')
    .replaceAll('&amp;', '&')
    .replace(/\s+/g, ' ')
    .trim();

/** The cues of a WebVTT file (W3C); empty where there is none. */
export function readVttCues(source: string, newId: () => string): SoundCue[] {
  const blocks = source
    .replace(/\r\n?/g, '\n')
    .replace(/^\uFEFF/, '')
    .split(/\n{2,}/);
  const cues = blocks.flatMap((block): SoundCue[] => {
    const rows = block.split('\n');
    const row = rows.findIndex((each) => TIME.test(each));
    if (row < 0 || /^(?:NOTE|STYLE|REGION)\b/.test(block)) return [];
    const [, hours = '0', minutes = '0', seconds = '0', thousandths = '0'] =
      TIME.exec(rows[row] ?? '') ?? [];
    // In whole thousandths first: their sum is exact.
    const at =
      ((Number(hours) * 60 + Number(minutes)) * 60_000 +
        Number(seconds) * 1000 +
        Number(thousandths)) /
      1000;
    return [{ id: newId(), at, label: plainOf(rows.slice(row + 1)).slice(0, CUE_LENGTH) }];
  });
  return inOrder(cues).slice(0, MOST_CUES);
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** The cues as a WebVTT file, to be used beside the recording elsewhere. */
export const cuesToVtt = (cues: readonly SoundCue[], seconds: number): string =>
  [
    'WEBVTT',
    ...sectionsOf(cues, seconds).map(
      ({ at, to, label }, index) =>
        `\n${index + 1}\n${clock(at)} --> ${clock(Math.max(to, at + 0.001))}\n${escaped(label)}`,
    ),
    '',
  ].join('\n');

/** The loudest that is still taken for silence, as a share of the loudest possible. */
const SILENT = 0.005;

/** True where nothing can be heard in samples of −1 to 1. */
export const isSilent = (samples: ArrayLike<number>): boolean => {
  for (let at = 0; at < samples.length; at += 1) {
    if (Math.abs(samples[at] ?? 0) > SILENT) return false;
  }
  return true;
};
