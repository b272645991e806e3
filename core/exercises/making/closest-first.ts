import { checkWord } from '../../reach/check-word';
import type { MakerInput } from './maker';

/** What the class can read comes first; the order is otherwise kept. */
export function closestFirst<Item>(
  items: readonly Item[],
  { profile, lexicon }: Pick<MakerInput, 'profile' | 'lexicon'>,
  textOf: (item: Item) => string,
): readonly Item[] {
  if (profile === undefined) return items;
  const past = (item: Item) =>
    (textOf(item).match(/[\p{L}’']+/gu) ?? []).filter(
      (word) => checkWord(word, lexicon.find(word.toLowerCase()), profile).reach !== 'secure',
    ).length;
  return items
    .map((item) => ({ item, past: past(item) }))
    .sort((left, right) => left.past - right.past)
    .map(({ item }) => item);
}
