import { prepositions } from '../../languages/en/sentence-sets/sentence-sets';
import { choiceOfThree } from '../making/choice-of-three';
import { grammarMaker } from '../making/grammar-maker';

/** A preposition for each gap, of three. */
export default grammarMaker({
  id: 'place-and-time',
  name: 'Prepositions of place and time',
  description: 'In, on, at, under, since, by: the preposition that the sentence takes.',
  interaction: 'choice',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  targets: ['place and time', 'place', 'time'],
  fewest: 3,
  usual: 8,
  title: 'Which preposition?',
  instruction: 'Read the sentence. Tick the preposition that fits.',
  make: (input) => ({
    task: choiceOfThree(
      prepositions.filter(({ kind }) => input.target === 'place and time' || kind === input.target),
      input,
    ),
  }),
});
