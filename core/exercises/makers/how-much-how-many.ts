import { quantities } from '../../languages/en/sentence-sets/sentence-sets';
import { choiceOfThree } from '../making/choice-of-three';
import { grammarMaker } from '../making/grammar-maker';

/** A word of quantity for each gap, of three. */
export default grammarMaker({
  id: 'how-much-how-many',
  name: 'Some, any, much, many',
  description:
    'Nouns that can be counted and nouns that cannot: some, any, much, many, few, little.',
  interaction: 'choice',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  fewest: 3,
  usual: 8,
  title: 'How much? How many?',
  instruction: 'Read the sentence. Tick the word that fits.',
  make: (input) => ({
    task: choiceOfThree(quantities, input),
  }),
});
