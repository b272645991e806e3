/** Word families: the words that are forms of one headword, or are built on it with prefixes and suffixes. */
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';

const families = new WeakMap<Lexicon, ReadonlyMap<LexiconEntry, readonly LexiconEntry[]>>();

/** The word at the bottom of a word: happy for unhappily. */
export function rootOf(entry: LexiconEntry, lexicon: Lexicon): LexiconEntry {
  let root = entry;
  for (let depth = 0; depth < 4; depth += 1) {
    const head = lexicon.headOf(root);
    if (head === root) return root;
    root = head;
  }
  return root;
}

function allFamilies(lexicon: Lexicon): ReadonlyMap<LexiconEntry, readonly LexiconEntry[]> {
  let found = families.get(lexicon);
  if (found === undefined) {
    const made = new Map<LexiconEntry, LexiconEntry[]>();
    for (const entry of lexicon.entries) {
      const root = rootOf(entry, lexicon);
      const family = made.get(root);
      if (family) family.push(entry);
      else made.set(root, [entry]);
    }
    found = made;
    families.set(lexicon, found);
  }
  return found;
}

/** The other words of a word's family, the most frequent first. */
export function familyOf(entry: LexiconEntry, lexicon: Lexicon): readonly LexiconEntry[] {
  const all = allFamilies(lexicon).get(rootOf(entry, lexicon)) ?? [];
  return all.filter((each) => each !== entry);
}
