import { matchMaker } from '../making/match-maker';

/** Cards with the word on the front and its partner on the back. */
export default matchMaker({
  id: 'two-sided-cards',
  name: 'Two-sided cards',
  group: 'Vocabulary',
  description:
    'Cards to cut out: the word on the front, its picture, meaning or translation on the back.',
  needs: 'words that have a picture, a meaning or a translation',
  partner: 'any',
  cards: 'backs',
  most: 32,
  onScreen: 'Say what is on the back of the card. Turn it over and look.',
  title: 'Word cards',
  instruction: 'Print on both sides. Cut along the dashed lines.',
  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
});
