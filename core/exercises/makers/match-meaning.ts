import { matchMaker } from '../making/match-maker';

/** Words to join to their meanings. */
export default matchMaker({
  id: 'match-meaning',
  name: 'Match word and meaning',
  group: 'Vocabulary',
  description: 'Words on the left, short meanings on the right, to be joined.',
  needs: 'words with a short meaning',
  partner: 'meaning',
  most: 8,
  onScreen: 'Read the word and all the meanings. Join each word to its meaning.',
  title: 'Join each word to its meaning',
  instruction: 'Read the word and all the meanings. Draw a line from dot to dot.',
  replacements: () => [{ maxSyllables: 3 }],
  suggestions: () => [{ topic: 'weather' }],
});
