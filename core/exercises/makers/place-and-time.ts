import { prepositions } from '../../languages/en/sentence-sets/sentence-sets';
import type { ChoiceItem } from '../interactions/choice/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

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
  make(input) {
    const { wanted, target, random } = input;
    const items = forClass(
      prepositions.filter(({ kind }) => target === 'place and time' || kind === target),
      input,
      ({ sentence, right }) => sentence.replace('___', right),
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
