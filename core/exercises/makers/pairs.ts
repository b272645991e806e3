import { matchMaker } from '../making/match-maker';

/** Cards to turn over two at a time. */
export default matchMaker({
  id: 'pairs',
  name: 'Pairs',
  group: 'Vocabulary',
  doneWith: ['partner'],
  description: 'Cards to cut out and turn over two at a time: a word and its picture or meaning.',
  needs: 'words that have a picture, a meaning or a translation',
  partner: 'any',
  cards: 'pairs',
  most: 12,
  onScreen: 'Turn over two cards. Keep them if they belong together.',
  title: 'Find the pairs',
  instruction:
    'Cut out the cards. Lay them face down. Turn over two. Keep them if they belong together.',
  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
});
