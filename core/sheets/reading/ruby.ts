/**
 * Furigana as Japanese plain text writes them: 《 》 after the word they belong
 * to, with ｜ before it where it does not begin with its first kanji (the
 * convention of the Aozora library of public-domain texts).
 */
export interface RubyRun {
  readonly text: string;
  readonly ruby?: string;
  /** Offsets into the word, the signs included. */
  readonly start: number;
  readonly end: number;
}

const rubyPattern = /(?:｜([^｜《》]+)|([\p{Script=Han}々]+))《([^《》]+)》/gu;

export function readRuby(word: string): RubyRun[] {
  const runs: RubyRun[] = [];
  let at = 0;
  for (const match of word.matchAll(rubyPattern)) {
    if (match.index > at)
      runs.push({ text: word.slice(at, match.index), start: at, end: match.index });
    const end = match.index + match[0].length;
    runs.push({ text: match[1] ?? match[2] ?? '', ruby: match[3] ?? '', start: match.index, end });
    at = end;
  }
  if (at < word.length) runs.push({ text: word.slice(at), start: at, end: word.length });
  return runs;
}

/** A text without its furigana, for counting and searching. */
export const withoutRuby = (text: string) =>
  text.replace(rubyPattern, (_, marked?: string, kanji?: string) => marked ?? kanji ?? '');
