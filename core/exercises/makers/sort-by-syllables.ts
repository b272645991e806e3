import { syllablesVary } from '../../languages/en/words/syllables-vary';
import { sortMaker } from '../making/sort-maker';

const TRICKY = 'tricky: two ways to say it';

/** Words under the number of their syllables. */
export default sortMaker({
  id: 'sort-by-syllables',
  name: 'Sort by syllables',
  group: 'Sounds and spelling',
  description: 'Words sorted by how many syllables they have.',
  needs: 'words of different lengths',
  onScreen: 'Clap each word. Put it under its number of claps.',
  title: () => 'How many syllables?',
  instruction: 'Cut out the words. Clap each one. Glue it under its number of claps.',
  homeOf({ word, entry }) {
    const { syllables } = entry.readings[0];
    if (syllablesVary(entry.word)) {
      return {
        heading: TRICKY,
        reason: `${word} is said in two ways: clap it as you say it (${syllables.join('·')} is one).`,
      };
    }
    const count = syllables.length;
    return {
      heading: `${count} ${count === 1 ? 'syllable' : 'syllables'}`,
      reason: `${word}: ${syllables.join('·')}.`,
    };
  },
  replacements(word) {
    const count = word.entry?.readings[0].syllables.length ?? 1;
    return [{ minSyllables: count, maxSyllables: count }];
  },
  suggestions: () => [
    { minSyllables: 1, maxSyllables: 1 },
    { minSyllables: 2, maxSyllables: 2 },
    { minSyllables: 3, maxSyllables: 3 },
  ],
});
