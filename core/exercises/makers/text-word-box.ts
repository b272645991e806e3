import { proofOf } from '../../texts/reading/passage';
import { matchTask } from '../making/match-task';
import { readingMaker, shortOf } from '../making/reading-maker';
import { explainedWords, senseParameters } from '../making/words-of-text';

const MOST = 8;

/** The hard words of a section beside the meanings that fit where they stand. */
export default readingMaker({
  id: 'text-word-box',
  name: 'Word box of a text',
  description: 'Its harder words to join to the meanings that fit where they stand.',
  interaction: 'match',
  needs: 'a text with some words that are hard for the class',
  needsMeanings: true,
  parameters: senseParameters,
  fewest: 3,
  workedByDefault: true,
  usual: 6,
  title: 'Words to know before you read',
  instruction: 'Join each word to what it means in this text.',
  make(input) {
    const wanted = Math.min(MOST, input.wanted);
    const { words, notes } = explainedWords(input, wanted);
    return {
      notes: [
        ...shortOf(words.length, Math.min(wanted, 3), 'words with a short meaning'),
        ...notes,
      ],
      task: matchTask(
        words.map(({ word, meaning, sentence }) => ({
          word,
          left: word,
          right: { text: meaning },
          reason: sentence ? proofOf(sentence) : '',
        })),
        input.random,
      ),
    };
  },
});
