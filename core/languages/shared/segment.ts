/**
 * A text cut into words, sentences, lines and paragraphs; every piece is a span
 * of UTF-16 offsets [start, end) into the text.
 *
 * A word is a run without white space that has a letter or a digit, so that
 * hyphenated words, contractions, 3.7 and a.m. are one each. A sentence ends at
 * . ! ? … but not in an abbreviation or a decimal, nor before the “said” of a
 * quotation; a paragraph ends its last sentence.
 */
export interface Span {
  readonly start: number;
  readonly end: number;
}

/** A heading begins its line with # signs, as in Markdown; they are never printed. */
const headingPattern = /^#{1,6} +/;

export const isHeading = (line: string) => headingPattern.test(line);
export const headingText = (line: string) => line.replace(headingPattern, '').trim();

/** Every line with something on it, without the white space around it. */
export function linesIn(text: string, within: Span = { start: 0, end: text.length }): Span[] {
  const lines: Span[] = [];
  let at = within.start;
  for (const line of text.slice(within.start, within.end).split('\n')) {
    const before = line.length - line.trimStart().length;
    const length = line.trim().length;
    if (length > 0) lines.push({ start: at + before, end: at + before + length });
    at += line.length + 1;
  }
  return lines;
}

/** Paragraphs of prose and stanzas of a poem: what stands between empty lines, a heading for itself. */
export function paragraphsIn(text: string): Span[] {
  const paragraphs: Span[] = [];
  let open: { start: number; end: number } | undefined;
  let at = 0;
  for (const line of text.split('\n')) {
    const empty = line.trim() === '';
    const heading = isHeading(line);
    if ((empty || heading) && open) {
      paragraphs.push(open);
      open = undefined;
    }
    if (!empty) {
      const start = at + line.length - line.trimStart().length;
      const end = at + line.trimEnd().length;
      if (heading) paragraphs.push({ start, end });
      else if (open) open.end = end;
      else open = { start, end };
    }
    at += line.length + 1;
  }
  return open ? [...paragraphs, open] : paragraphs;
}

/** Words: runs without white space that have a letter or a digit. */
export function wordsIn(text: string, within: Span = { start: 0, end: text.length }): Span[] {
  const words: Span[] = [];
  const run = /\S+/gu;
  run.lastIndex = within.start;
  for (let match = run.exec(text); match && match.index < within.end; match = run.exec(text)) {
    if (/[\p{L}\p{N}]/u.test(match[0])) {
      words.push({ start: match.index, end: Math.min(within.end, match.index + match[0].length) });
    }
  }
  return words;
}

/** Abbreviations that stand before something and never end a sentence. */
const before = new Set(
  'mr mrs ms dr prof rev sr jr st mt gen col capt sgt lt hon vs e.g i.e cf approx fig figs vol pp ed eds ch'.split(
    ' ',
  ),
);
/** Abbreviations that may end one: they do where a capital follows that begins no name they go with. */
const either = new Set(
  'a.m p.m etc inc ltd co u.s u.k u.s.a e.u jan feb mar apr jun jul aug sept sep oct nov dec'.split(
    ' ',
  ),
);
/** Abbreviations of a number: only before a digit. */
const numbered = new Set(['no', 'nos', 'p', 'art', 'sec']);
const weekdays = /^(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\b/;

const speechVerbs =
  'said|says|say|asked|asks|replied|replies|answered|answers|cried|cries|shouted|shouts|whispered|whispers|called|calls|added|adds|exclaimed|muttered|murmured|yelled|screamed|laughed|sighed|begged|told|thought|wondered|explained|continued|agreed|warned|remarked|observed|growled|snapped|gasped|sang|repeated|demanded|insisted|suggested|announced|declared|inquired|enquired|began|went on';
const speaker = `(?:(?:the|a|an|my|his|her|our|their|old|young|little|poor|Mr\\.?|Mrs\\.?|Ms\\.?|Miss|Dr\\.?|Aunt|Uncle|King|Queen)\\s+)*[\\p{L}’'-]+(?:\\s+and\\s+[\\p{L}’'-]+)?`;
const saidAfter = new RegExp(
  `^\\s+(?:${speechVerbs})\\b|^\\s+${speaker}\\s+(?:${speechVerbs})\\b`,
  'u',
);

/** True where the full stop at `at` belongs to an abbreviation, a decimal or an initial. */
function stopsShort(text: string, at: number): boolean {
  const next = text[at + 1] ?? '';
  // 3.7, a.m, example.org: no white space follows.
  if (/[\p{L}\p{N}]/u.test(next)) return true;
  const word = /[\p{L}\p{N}.]*$/u.exec(text.slice(Math.max(0, at - 24), at))?.[0] ?? '';
  const key = word.toLowerCase();
  const rest = /^\s+(\S{0,24})/u.exec(text.slice(at + 1, at + 40))?.[1] ?? '';
  if (rest === '') return false;
  if (before.has(key)) return true;
  if (numbered.has(key)) return /^\d/.test(rest);
  if (either.has(key)) {
    if (weekdays.test(rest)) return true;
    // Sept. 4: a month before its day.
    return /^\d/.test(rest) && /^[a-z]{3,4}$/.test(key);
  }
  // An initial, but not the word I.
  return (
    /^(?:\p{Lu}\.)*\p{Lu}$/u.test(word) &&
    word !== 'I' &&
    /^\p{Lu}/u.test(rest) &&
    word.length === 1
  );
}

/** True where what follows the end mark goes on with the same sentence. */
function goesOn(text: string, from: number, quoted: boolean): boolean {
  const rest = text.slice(from, from + 160);
  if (quoted && saidAfter.test(rest)) return true;
  if (!/^\s/u.test(rest)) return rest !== '' && !/^[\p{Lu}"“‘'(]/u.test(rest);
  return /^\s+["“‘'([—–-]*\p{Ll}/u.test(rest);
}

const markPattern = /(?:[.!?…]|\.{2,})+/gu;
const closers = /^["'”’»)\]]*/u;

/** The sentences of one paragraph. */
function sentencesOfParagraph(text: string, paragraph: Span): Span[] {
  const sentences: Span[] = [];
  const body = text.slice(0, paragraph.end);
  let start = paragraph.start;
  markPattern.lastIndex = start;
  for (let match = markPattern.exec(body); match; match = markPattern.exec(body)) {
    const mark = match[0];
    const last = match.index + mark.length - 1;
    if (mark === '.' && stopsShort(body, match.index)) continue;
    const closing = closers.exec(body.slice(last + 1, last + 6))?.[0] ?? '';
    const end = last + 1 + closing.length;
    // A quotation that ends with a full stop is followed by no “said” of its own.
    if (goesOn(body, end, /["'”’»]/.test(closing) && mark !== '.')) continue;
    if (/[\p{L}\p{N}]/u.test(body.slice(start, end))) {
      sentences.push({ start: start + leading(body, start), end });
      start = end;
    }
  }
  const rest = body.slice(start);
  if (/[\p{L}\p{N}]/u.test(rest)) {
    sentences.push({ start: start + leading(body, start), end: start + rest.trimEnd().length });
  }
  return sentences;
}

const leading = (text: string, from: number) => /^\s*/u.exec(text.slice(from))?.[0].length ?? 0;

/**
 * The sentences of a text.
 *
 * @param verse in verse a sentence may run on over the end of a stanza
 */
export function sentencesIn(text: string, verse = looksLikeVerse(text)): Span[] {
  const paragraphs = paragraphsIn(text);
  if (!verse) return paragraphs.flatMap((paragraph) => sentencesOfParagraph(text, paragraph));
  // Stanzas that do not end with an end mark are read on into the next.
  const joined: { start: number; end: number }[] = [];
  for (const paragraph of paragraphs) {
    const last = joined[joined.length - 1];
    const heading = isHeading(text.slice(paragraph.start, paragraph.end));
    const open =
      last !== undefined &&
      !isHeading(text.slice(last.start, last.end)) &&
      !/[.!?…]["'”’»)\]]*$/u.test(text.slice(last.start, last.end));
    if (open && !heading) last.end = paragraph.end;
    else joined.push({ ...paragraph });
  }
  return joined.flatMap((paragraph) => sentencesOfParagraph(text, paragraph));
}

/** Letters of a line of verse, at most (common practice: a line of verse does not fill the page). */
const VERSE_LINE = 62;

/** True where most paragraphs are broken into several short lines. */
export function looksLikeVerse(text: string): boolean {
  const lines = linesIn(text).filter(({ start, end }) => !isHeading(text.slice(start, end)));
  const paragraphs = paragraphsIn(text).length;
  if (lines.length < 3) return false;
  const short = lines.filter(({ start, end }) => end - start <= VERSE_LINE).length;
  return short >= lines.length * 0.9 && lines.length >= paragraphs * 1.8;
}

/** Letters of a stretch: digits and signs are none. */
export const lettersIn = (text: string) => text.match(/\p{L}/gu)?.length ?? 0;

export interface Section extends Span {
  /** Of the heading it begins with; empty where there is none. */
  readonly title: string;
}

/** Chapters and sections: each begins with a heading; what stands before the first is one too. */
export function sectionsIn(text: string): Section[] {
  const headings = paragraphsIn(text).filter(({ start, end }) => isHeading(text.slice(start, end)));
  const starts = headings.map(({ start, end }) => ({
    start,
    title: headingText(text.slice(start, end)),
  }));
  const first = starts[0]?.start ?? text.length;
  if (text.slice(0, first).trim() !== '' || starts.length === 0)
    starts.unshift({ start: 0, title: '' });
  return starts.map(({ start, title }, index) => ({
    title,
    start,
    end: starts[index + 1]?.start ?? text.length,
  }));
}
