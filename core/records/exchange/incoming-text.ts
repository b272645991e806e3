/** What a file or a paste gives: the text in our own shape, and by name what could not be kept. */
import type { TextKind } from '../../texts/reading-text';
import type { Annotation } from '../../texts/marks/annotation';

export interface IncomingText {
  /** Headings begin with #, paragraphs and stanzas are parted by an empty line. */
  readonly body: string;
  readonly title?: string;
  readonly author?: string;
  readonly year?: string;
  readonly source?: string;
  readonly licence?: string;
  readonly language?: string;
  readonly kind?: TextKind;
  readonly annotations?: readonly Annotation[];
  /** What was left out, and what was changed, in plain sentences. */
  readonly notes: readonly string[];
}

/** A file that cannot be read; the message says why and what to do. */
export class TextFileError extends Error {
  override readonly name = 'TextFileError';
}

/** Without blanks at its end; one pass, however many blanks a line has. */
function trimmedEnd(line: string): string {
  let end = line.length;
  while (end > 0 && (line[end - 1] === ' ' || line[end - 1] === '\t')) end -= 1;
  return end === line.length ? line : line.slice(0, end);
}

/** Line ends made alike, invisible characters out, no more than one empty line running. */
export function tidyText(text: string): string {
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/^\uFEFF/, '')
    .replace(/[\u200B\u2060\u00AD]/g, '')
    .replaceAll('\u00A0', ' ')
    .split('\n')
    .map(trimmedEnd)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

const rightToLeft = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}]/gu;
const scriptNames = [
  'Latin',
  'Cyrillic',
  'Greek',
  'Hebrew',
  'Arabic',
  'Han',
  'Hiragana',
  'Katakana',
  'Hangul',
  'Devanagari',
] as const;
const scriptPatterns = scriptNames.map(
  (name) => [name, new RegExp(`\\p{Script=${name}}`, 'gu')] as const,
);

/** What a teacher should know of the letters of a text, in plain sentences. */
export function scriptNotes(text: string): string[] {
  const sample = text.slice(0, 200_000);
  const counts = scriptPatterns
    .map(([name, pattern]) => [name, sample.match(pattern)?.length ?? 0] as const)
    .filter(([, count]) => count > 0)
    .sort((left, right) => right[1] - left[1]);
  const total = counts.reduce((sum, [, count]) => sum + count, 0);
  const notes: string[] = [];
  if ((sample.match(rightToLeft)?.length ?? 0) > total * 0.3) {
    notes.push(
      'This text is written from right to left. It is kept as it is and shown that way; its sheets are set from left to right so far.',
    );
  }
  const kana = new Set(['Han', 'Hiragana', 'Katakana']);
  const [first, second] = counts.filter(([name]) => !kana.has(name) || counts[0]?.[0] === name);
  if (first && second && second[1] > total * 0.1 && !(kana.has(first[0]) && kana.has(second[0]))) {
    notes.push(
      `The text mixes ${first[0]} and ${second[0]} letters. Only the words of the class’s language can be measured.`,
    );
  }
  return notes;
}
