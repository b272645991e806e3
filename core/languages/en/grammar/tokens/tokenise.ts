/**
 * A sentence cut into words and marks. A contraction is cut in two (do + n’t,
 * she + ’s), each half with its own span, so that the verb in it is a word like
 * any other; a hyphenated word, a decimal and o’clock stay one.
 */
import type { Span } from '../../../shared/segment';
import type { Token } from './token';

const pieces =
  /\d+(?:[.,:]\d+)*(?:st|nd|rd|th|s|%)?|(?:\p{L}\.){2,}|(?:Mr|Mrs|Ms|Dr|St|Prof)\.|[\p{L}\p{N}]+(?:[’'‘ʼ-][\p{L}\p{N}]+)*[’'](?=\s+\p{L})|[\p{L}\p{N}]+(?:[’'‘ʼ-][\p{L}\p{N}]+)*|\.{3}|…|[^\s\p{L}\p{N}]/gu;

export const straight = (text: string) => text.toLowerCase().replace(/[’‘ʼ]/g, "'");

/** Words with an apostrophe that are no contraction. */
const whole = new Set(["o'clock", "ma'am", "o'er", "e'er", "ne'er"]);

/** Negative halves whose first half has letters of its own. */
const negatives: Readonly<Record<string, string>> = {
  "won't": 'will',
  "can't": 'can',
  "shan't": 'shall',
  "ain't": 'is',
};

const endings: Readonly<Record<string, string>> = {
  "'m": 'am',
  "'re": 'are',
  "'ve": 'have',
  "'ll": 'will',
};

/** Where a contraction is cut, with what each half stands for; undefined for any other word. */
function halves(word: string): { at: number; first?: string; second?: string } | undefined {
  if (whole.has(word)) return undefined;
  if (word === 'cannot') return { at: 3 };
  if (word === "let's") return { at: 3, second: 'us' };
  if (word.endsWith("n't") && word.length > 3) {
    const first = negatives[word];
    // The n belongs to the second half: ca + n't, wo + n't, is + n't.
    return { at: word.length - 3, second: 'not', ...(first ? { first } : {}) };
  }
  const apostrophe = word.lastIndexOf("'");
  if (apostrophe <= 0) return undefined;
  const ending = word.slice(apostrophe);
  if (ending in endings) return { at: apostrophe, second: endings[ending] as string };
  if (ending === "'s" || ending === "'d") return { at: apostrophe };
  // The farmers' gate: an apostrophe alone.
  if (ending === "'" && word.endsWith("s'")) return { at: apostrophe };
  return undefined;
}

/** The tokens of a stretch of text, in order. */
export function tokenise(text: string, within: Span = { start: 0, end: text.length }): Token[] {
  const tokens: Token[] = [];
  const add = (start: number, end: number, more: Partial<Token> = {}) => {
    const part = text.slice(start, end);
    tokens.push({
      text: part,
      lower: straight(part),
      start,
      end,
      mark: !/[\p{L}\p{N}]/u.test(part) && !/^[’'‘ʼ]$/u.test(part),
      ...more,
    });
  };
  for (const match of text.slice(within.start, within.end).matchAll(pieces)) {
    const start = within.start + match.index;
    const end = start + match[0].length;
    const cut = halves(straight(match[0]));
    if (cut === undefined) {
      if (/^[’'‘ʼ]$/u.test(match[0])) add(start, end, { mark: true });
      else if (/[’']$/u.test(match[0]) && match[0].length > 1) {
        add(start, end - 1);
        add(end - 1, end, { mark: true });
      } else add(start, end);
      continue;
    }
    // They'd've: the first half can be a contraction itself.
    const again = halves(straight(match[0].slice(0, cut.at)));
    if (again === undefined)
      add(start, start + cut.at, { joined: true, ...(cut.first ? { full: cut.first } : {}) });
    else {
      add(start, start + again.at, { joined: true, ...(again.first ? { full: again.first } : {}) });
      add(start + again.at, start + cut.at, {
        joined: true,
        ...(again.second ? { full: again.second } : {}),
      });
    }
    add(start + cut.at, end, cut.second ? { full: cut.second } : {});
  }
  return tokens;
}
