import type { WordList } from './word-list';

/** What the teacher has written beside a word, by the word. */
export type BesideWords = Readonly<
  Record<
    string,
    { readonly definition?: string; readonly translation?: string; readonly picture?: string }
  >
>;

/** What the lists have written beside their words: the last list that says something is right. */
export function besideWords(lists: readonly Pick<WordList, 'details'>[]): BesideWords {
  const found: Record<string, { definition?: string; translation?: string; picture?: string }> = {};
  for (const { word, definition, translation, picture } of lists.flatMap((list) => list.details)) {
    if (!definition && !translation && !picture) continue;
    found[word] = {
      ...found[word],
      ...(definition ? { definition } : {}),
      ...(translation ? { translation } : {}),
      ...(picture ? { picture } : {}),
    };
  }
  return found;
}
