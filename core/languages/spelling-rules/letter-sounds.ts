/**
 * What the letters of a word say, by rule: for languages whose spelling tells the sound well enough
 * to be taught by it. A language is a table of rules and a list of words that follow none.
 */
import type { LetterSound } from '../word-spelling';

/**
 * Letters, what stands before and after them, what they say. Before and after are regular
 * expressions at the place of the letters; empty where anything may stand there.
 */
export type SpellingRule = readonly [letters: string, before: string, after: string, sound: string];

interface ReadyRule {
  readonly letters: string;
  readonly before: RegExp | undefined;
  readonly after: RegExp | undefined;
  readonly sound: string;
}

export type ReadLetters = (word: string) => readonly LetterSound[] | undefined;

/** A word taken apart by hand: "f e=a mm=m e=" – letters that say themselves stand alone. */
function byHand(parts: string): LetterSound[] {
  let at = 0;
  return parts.split(' ').map((part) => {
    const [letters = '', sound = letters] = part.split('=');
    const start = at;
    at += letters.length;
    return { letters, sound, start, end: at };
  });
}

const ready = ([letters, before, after, sound]: SpellingRule): ReadyRule => ({
  letters,
  before: before === '' ? undefined : new RegExp(`(?:${before})$`, 'u'),
  after: after === '' ? undefined : new RegExp(`^(?:${after})`, 'u'),
  sound,
});

/**
 * Reads a word from left to right: at each place the first rule that holds.
 *
 * @param exceptions words taken apart by hand, one a line
 * @returns undefined for a word with a sign of which no rule speaks
 */
export function letterReader(rules: readonly SpellingRule[], exceptions: string): ReadLetters {
  const byFirst = new Map<string, ReadyRule[]>();
  for (const rule of rules.map(ready)) {
    const first = rule.letters.charAt(0);
    byFirst.set(first, [...(byFirst.get(first) ?? []), rule]);
  }
  const known = new Map(
    exceptions
      .trim()
      .split('\n')
      .map((line) => {
        const found = byHand(line.trim());
        return [found.map(({ letters }) => letters).join(''), found] as const;
      }),
  );
  return (word) => {
    const text = word.normalize('NFC').toLowerCase();
    const own = known.get(text);
    if (own) return own;
    const found: LetterSound[] = [];
    for (let at = 0; at < text.length;) {
      const left = text.slice(0, at);
      const rule = byFirst.get(text.charAt(at))?.find(({ letters, before, after }) => {
        if (!text.startsWith(letters, at)) return false;
        const right = text.slice(at + letters.length);
        return (before?.test(left) ?? true) && (after?.test(right) ?? true);
      });
      if (!rule) return undefined;
      const end = at + rule.letters.length;
      found.push({ letters: rule.letters, sound: rule.sound, start: at, end });
      at = end;
    }
    return found;
  };
}
