/** A sentence built of chosen words: blanks between them, none before its end mark, a capital first. */

/** Kinds of words in a bank, each told by its border as well as its colour. */
export const wordKinds = {
  people: 'Who',
  things: 'People and things',
  doing: 'Doing',
  how: 'What like',
  where: 'Where and joining',
  small: 'Small words',
} as const;
export type WordKind = keyof typeof wordKinds;

export const endMarks = ['.', '?', '!'] as const;

const isMark = (part: string) => /^[.,?!]$/.test(part);

/** The parts of a sentence: its words and marks. */
export const partsOfSentence = (text: string): string[] => text.match(/[^\s.,?!]+|[.,?!]/gu) ?? [];

/** The sentence with one more word, or with its end mark. */
export function withPart(text: string, part: string): string {
  const parts = partsOfSentence(text);
  const ends = parts.length > 0 && /[.?!]$/.test(parts[parts.length - 1] ?? '');
  if (isMark(part)) {
    if (parts.length === 0) return text;
    // A second mark takes the place of the first.
    return joined(ends ? [...parts.slice(0, -1), part] : [...parts, part]);
  }
  return joined([...parts, part]);
}

/** The sentence without its last word or mark. */
export const withoutLast = (text: string): string => joined(partsOfSentence(text).slice(0, -1));

function joined(parts: readonly string[]): string {
  let text = '';
  parts.forEach((part, at) => {
    const first = at === 0 || /[.?!]$/.test(parts[at - 1] ?? '');
    const word = first ? part.charAt(0).toLocaleUpperCase() + part.slice(1) : part;
    text += at === 0 || isMark(part) ? word : ` ${word}`;
  });
  return text;
}
