import { matchMaker } from '../making/match-maker';

/** Words to join to the translations that the list gives them. */
export default matchMaker({
  id: 'match-translation',
  name: 'Match word and translation',
  group: 'Vocabulary',
  description: 'Words on the left, their translations from the list on the right, to be joined.',
  needs: 'words with a translation beside them in the list',
  partner: 'translation',
  most: 10,
  onScreen: 'Read the word. Join it to what it means in your language.',
  title: 'Join each word to its translation',
  instruction: 'Read the word. Draw a line from its dot to what it means in your language.',
  replacements: () => [],
  suggestions: () => [],
});
