import { inGroups, spokenGrid } from '../making/cut-outs';
import type { Maker } from '../making/maker';

/** Words of one bookmark. */
const MOST = 12;

/** Strips with the words, to lie in a book and be read again. */
const maker: Maker = {
  id: 'bookmarks',
  name: 'Bookmarks',
  group: 'Vocabulary',
  paperOnly: true,
  description: 'Strips to cut out with the words on them: read, ticked, and kept in a book.',
  interaction: 'speak',
  isCards: true,
  onScreen: 'Read each word aloud.',
  fewestWords: 3,
  needs: 'three words or more',
  asks: [],
  workedByDefault: false,

  make({ words, parameters: given }) {
    // Words stand as the list has them: a bookmark is looked up, not puzzled over.
    const all = [...new Set(words.map(({ word }) => word))];
    const title = given.title ?? 'Words I can read';
    return {
      title,
      instruction: given.instruction ?? 'Read the words. Tick those that you can read.',
      worked: false,
      task: spokenGrid(all),
      paper: { cutOut: { form: 'bookmark', title, groups: inGroups(all, MOST) } },
      notes: [],
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 2 }],
};

export default maker;
