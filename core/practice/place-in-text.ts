/** Where in a text the help for an item stands, so that a hint can lead a learner back to it. */
import type { Span } from '../kernel/span';

/** Words that are in every sentence and lead nowhere. */
const small = new Set(
  'a an and are as at be been but by did do does for from had has have he her his i in is it its not of on or she so that the their them they this to was we were what when where which who why will with you your how there then than very can could would'.split(
    ' ',
  ),
);

/** Ends that a word takes on in an answer and has not in the text; rough, and enough to compare by. */
const stem = (word: string) => word.replace(/(?:’s|'s|ies|es|s|ing|ed|ly)$/u, '');

const wordsIn = (text: string): string[] =>
  (text.toLowerCase().match(/[\p{L}\d]+(?:[’'][\p{L}]+)?/gu) ?? [])
    .filter((word) => !small.has(word))
    .map(stem)
    .filter((word) => word.length > 1);

/** The sentences of a text by their places; a line of a poem is one of its own. */
export function sentencesIn(body: string): Span[] {
  const found: Span[] = [];
  // The point of 7.40 or 2.5 ends nothing.
  for (const match of body.matchAll(
    /(?:[^\n.!?]|(?<=\d)\.(?=\d))+(?:[.!?]+[”’"')\]]*|(?=\n|$))/gu,
  )) {
    const lead = match[0].length - match[0].trimStart().length;
    const text = match[0].trim();
    if (text !== '') {
      found.push({ start: match.index + lead, end: match.index + lead + text.length });
    }
  }
  return found;
}

/** What stands between quotation marks. */
const quotedIn = (text: string): string[] =>
  [...text.matchAll(/[“"]([^”"]{8,})[”"]/gu)].map((match) => (match[1] ?? '').trim());

/** Share of what is looked for that a sentence must hold. */
const ENOUGH = 0.34;

/**
 * The sentence of the text that an item is about: the one its reason quotes, else the one that
 * shares most words of weight with what is asked, answered and given as the reason. A word counts
 * the less, the more sentences have it.
 *
 * @returns its place in the body; undefined where no sentence stands out
 */
export function placeInText(
  body: string,
  {
    asked,
    expected,
    reason,
  }: { readonly asked: string; readonly expected: string; readonly reason: string },
): Span | undefined {
  // A question about the whole has no place of its own.
  if (/\bwhole (?:text|story|poem)\b|\btitle\b/i.test(asked)) return undefined;
  for (const quoted of quotedIn(reason)) {
    const start = body.indexOf(quoted.replace(/[.…]+$/u, ''));
    if (start >= 0) {
      return sentencesIn(body).find((each) => each.start <= start && start < each.end);
    }
  }
  const sentences = sentencesIn(body).map((span) => ({
    span,
    words: new Set(wordsIn(body.slice(span.start, span.end))),
  }));
  const weight = (word: string) => {
    const holding = sentences.filter(({ words }) => words.has(word)).length;
    return holding === 0 ? 0 : 1 / holding;
  };
  const sought = [
    ...wordsIn(asked).map((word) => ({ word, times: 1 })),
    ...wordsIn(`${expected} ${reason}`).map((word) => ({ word, times: 2 })),
  ].map(({ word, times }) => ({ word, weight: times * weight(word) }));
  const all = sought.reduce((sum, each) => sum + each.weight, 0);
  if (all === 0) return undefined;
  const ranked = sentences
    .map(({ span, words }) => ({
      span,
      share: sought.reduce((sum, each) => sum + (words.has(each.word) ? each.weight : 0), 0) / all,
    }))
    .sort((one, other) => other.share - one.share);
  const [best, second] = ranked;
  if (best === undefined || best.share < ENOUGH) return undefined;
  return second && second.share === best.share ? undefined : best.span;
}
