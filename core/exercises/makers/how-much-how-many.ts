import { quantities } from '../../languages/en/sentence-sets/sentence-sets';
import type { ChoiceItem } from '../interactions/choice/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

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
  make(input) {
    const { wanted, random } = input;
    const items = forClass(quantities, input, ({ sentence, right }) =>
      sentence.replace('___', right),
    )
      .slice(0, wanted)
      .map(({ sentence, right, wrong1, wrong2, reason }): Omit<ChoiceItem, 'id'> => ({
        word: right,
        prompt: asSpelled(sentence.replace('___', '______'), input),
        options: numbered(
          random.shuffle([right, wrong1, wrong2].map((text) => ({ text, right: text === right }))),
          'option',
        ),
        reason: asSpelled(reason, input),
      }));
    return { task: { interaction: 'choice', items: numbered(random.shuffle(items)) } };
  },
});
