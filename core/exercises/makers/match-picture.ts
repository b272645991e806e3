import { matchMaker } from '../making/match-maker';

/** Words to join to their pictures. */
export default matchMaker({
  id: 'match-picture',
  name: 'Match word and picture',
  group: 'Vocabulary',
  description: 'Words on the left, pictures on the right, to be joined.',
  needs: 'words that have a picture',
  partner: 'picture',
  most: 8,
  onScreen: 'Read the word. Join it to its picture.',
  title: 'Join each word to its picture',
  instruction: 'Read the word. Draw a line from its dot to the picture.',
  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
});
