/** A sentence in the spelling of a class: words that the other side of the Atlantic spells otherwise are replaced by their twins. */
import type { Spelling } from '../../../kernel/spelling';
import type { Lexicon } from './lexicon';

const capitalLike = (model: string, word: string) =>
  /^\p{Lu}/u.test(model) ? (word[0]?.toUpperCase() ?? '') + word.slice(1) : word;

/**
 * The text with every word in this spelling.
 *
 * @param marks places in the text, moved along with it
 */
export function inSpelling<Mark extends { readonly start: number; readonly end: number }>(
  text: string,
  spelling: Spelling,
  lexicon: Lexicon,
  marks: readonly Mark[] = [],
): { text: string; marks: Mark[] } {
  let result = '';
  let at = 0;
  const moved = marks.map((mark) => ({ ...mark }));
  for (const found of text.matchAll(/[A-Za-z]+/g)) {
    const word = found[0];
    const twin = lexicon.suits(word.toLowerCase(), spelling)
      ? undefined
      : lexicon.twinOf(word.toLowerCase());
    if (twin === undefined) continue;
    const replaced = capitalLike(word, twin.word);
    result += text.slice(at, found.index) + replaced;
    at = found.index + word.length;
    const by = replaced.length - word.length;
    marks.forEach((mark, index) => {
      const own = moved[index] as { start: number; end: number };
      if (mark.start > found.index) own.start += by;
      if (mark.end > found.index) own.end += by;
    });
  }
  return { text: result + text.slice(at), marks: moved };
}
