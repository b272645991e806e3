import { matchMaker } from '../making/match-maker';

/** Tiles with a word at one end and another's partner at the other: they make one ring. */
export default matchMaker({
  id: 'dominoes',
  name: 'Dominoes',
  group: 'Vocabulary',
  description:
    'Tiles to cut out: at one end a word, at the other the picture, meaning or translation of another. Laid right, they make a ring.',
  needs: 'words that have a picture, a meaning or a translation',
  partner: 'any',
  cards: 'dominoes',
  most: 18,
  onScreen: 'Join each word to what belongs to it.',
  title: 'Dominoes',
  instruction:
    'Cut out the tiles. Lay each word beside what belongs to it. The last tile meets the first.',
  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
});
