import { rhymeKey } from '../../languages/en/words/sound-index';
import { sortMaker } from '../making/sort-maker';

/** Words under the word they rhyme with. */
export default sortMaker({
  id: 'sort-by-rhyme',
  name: 'Rhyme sets',
  group: 'Sounds and spelling',
  description: 'Words sorted by their rhyme, however it is spelled.',
  needs: 'words of which two or more rhyme, in two sets at least',
  onScreen: 'Say each word. Put it under the word it rhymes with.',
  title: () => 'Which words rhyme?',
  instruction: 'Cut out the words. Say each one. Glue it under the word it rhymes with.',
  homeOf({ word, entry }, { words }) {
    const key = rhymeKey(entry.readings[0]);
    const rhyming = words.filter((each) => each.entry && rhymeKey(each.entry.readings[0]) === key);
    if (rhyming.length < 2) return 'rhymes with none of the others';
    const [model] = rhyming;
    return { heading: model?.word ?? word, reason: `${word} rhymes with ${model?.word ?? word}.` };
  },
  replacements: (word) => (word.entry ? [{ rhymesWith: word.word }] : []),
  suggestions: ({ words }) =>
    words
      .filter(({ entry }) => entry)
      .slice(0, 3)
      .map(({ word }) => ({ rhymesWith: word })),
});
