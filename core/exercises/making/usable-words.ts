/** Which words of the material a maker can use, with a note for each that it cannot. */
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { MaterialWord } from '../../search/material-word';
import type { MakerNote } from './exercise';

/** A word of the lexicon. */
export interface KnownMaterial extends MaterialWord {
  readonly entry: LexiconEntry;
}

export interface Usable<Found> {
  readonly used: readonly { readonly word: KnownMaterial; readonly found: Found }[];
  readonly notes: MakerNote[];
}

/**
 * Asks of each known word what the maker needs of it.
 *
 * @param find what is needed, or a reason why the word cannot be used, to be read after it (“has no picture”)
 */
export function usableWords<Found>(
  words: readonly MaterialWord[],
  find: (word: KnownMaterial) => Found | string,
): Usable<Exclude<Found, string>> {
  const used: { word: KnownMaterial; found: Exclude<Found, string> }[] = [];
  const notes: MakerNote[] = [];
  for (const { word, entry } of words) {
    if (entry === undefined) {
      notes.push({
        word,
        text: `${word} is not in the word bank, so it cannot be keyed. It was left out.`,
      });
      continue;
    }
    const found = find({ word, entry });
    if (typeof found === 'string') notes.push({ word, text: `${word} ${found}. It was left out.` });
    else used.push({ word: { word, entry }, found: found as Exclude<Found, string> });
  }
  return { used, notes };
}

/** Items numbered in the order they are shown. */
export function numbered<Item extends object>(items: readonly Item[], prefix = 'item') {
  return items.map((item, index) => ({ ...item, id: `${prefix}-${index + 1}` }));
}
