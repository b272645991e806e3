/**
 * A script of what is heard: parts in their order, who says each, how often, how slowly, and the
 * silence after it. It is computed from lines, sentences, a text or a dialogue (“Mina: Look!”).
 */
import { sentencesIn } from '../languages/shared/segment';

export interface ListeningPart {
  /** Counts from 1. */
  readonly number: number;
  /** Who says it; empty where nobody is named. */
  readonly speaker: string;
  readonly text: string;
  /** How often it is said. */
  readonly times: number;
  /** Seconds of silence after each time. */
  readonly pause: number;
}

export interface ListeningScript {
  readonly title: string;
  /** BCP 47. */
  readonly language: string;
  /** 1 as usual, less for slower. */
  readonly pace: number;
  /** Each part begins with its number. */
  readonly numbered: boolean;
  readonly speakers: readonly string[];
  readonly parts: readonly ListeningPart[];
}

export interface ScriptRequest {
  readonly text: string;
  readonly title?: string;
  readonly language?: string;
  readonly times?: number;
  readonly pause?: number;
  readonly pace?: number;
  readonly numbered?: boolean;
  /** What is a part: a line, a sentence, or a paragraph; of a dialogue it is always a line. */
  readonly by?: 'line' | 'sentence' | 'paragraph';
}

/** A line that somebody says: a name of at most three words, then a colon. */
const spoken =
  /^\s*(?:[-–—]\s*)?((?:\p{Lu}[\p{L}\p{M}'’.-]*)(?:\s+\p{L}[\p{L}\p{M}'’.-]*){0,2})\s*[::]\s+(\S.*)$/u;

const linesOf = (text: string) =>
  text
    .split(/\r?\n/)
    .map((line) => line.replace(/^#+\s*/, '').trim())
    .filter((line) => line !== '');

interface Line {
  readonly speaker: string;
  readonly text: string;
}

/** Lines with their speakers; undefined where fewer than two lines, or not most of them, name one. */
function dialogueOf(text: string): Line[] | undefined {
  const lines = linesOf(text);
  const named = lines.map((line) => spoken.exec(line));
  const count = named.filter((found) => found !== null).length;
  if (count < 2 || count < lines.length / 2) return undefined;
  const made: Line[] = [];
  for (const [index, line] of lines.entries()) {
    const found = named[index];
    const last = made.at(-1);
    if (found) made.push({ speaker: found[1] ?? '', text: found[2] ?? '' });
    // A line without a name goes on with what was said before, or stands before the dialogue.
    else if (last) made[made.length - 1] = { ...last, text: `${last.text} ${line}` };
    else made.push({ speaker: '', text: line });
  }
  return made;
}

function piecesOf(text: string, by: NonNullable<ScriptRequest['by']>): Line[] {
  const dialogue = dialogueOf(text);
  if (dialogue) return dialogue;
  const plain = (pieces: readonly string[]) =>
    pieces
      .map((piece) => piece.replace(/\s+/g, ' ').trim())
      .filter((piece) => piece !== '')
      .map((piece) => ({ speaker: '', text: piece }));
  if (by === 'line') return plain(linesOf(text));
  if (by === 'paragraph')
    return plain(text.split(/\n\s*\n/).map((piece) => piece.replace(/^#+\s*/, '')));
  return plain(
    sentencesIn(text).map(({ start, end }) => text.slice(start, end).replace(/^#+\s*/, '')),
  );
}

const between = (value: number | undefined, least: number, most: number, usual: number) =>
  value === undefined || !Number.isFinite(value) ? usual : Math.min(most, Math.max(least, value));

/** The script of a text. */
export function listeningScript({
  text,
  title = '',
  language = 'en',
  times,
  pause,
  pace,
  numbered = false,
  by = 'sentence',
}: ScriptRequest): ListeningScript {
  const lines = piecesOf(text, by);
  return {
    title,
    language,
    pace: between(pace, 0.5, 1.5, 1),
    numbered,
    speakers: [...new Set(lines.map(({ speaker }) => speaker).filter((name) => name !== ''))],
    parts: lines.map((line, index) => ({
      ...line,
      number: index + 1,
      times: Math.round(between(times, 1, 5, 1)),
      pause: between(pause, 0, 60, 1),
    })),
  };
}

/** What is read aloud of a part: with its number where parts are numbered. */
export const saidOf = (
  { number, text }: ListeningPart,
  { numbered }: Pick<ListeningScript, 'numbered'>,
) => (numbered ? `${number}. ${text}` : text);
