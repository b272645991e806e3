import { habits } from '../../languages/en/sentence-sets/sentence-sets';
import type { GapItem } from '../interactions/gap/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** What was so for a long time and is no more: used to and the base form. */
export default grammarMaker({
  id: 'used-to',
  name: 'Used to: then and now',
  description: 'We used to live in a flat, but now we have a house: what was so and is no more.',
  interaction: 'gap',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  fewest: 3,
  usual: 8,
  title: 'Then and now',
  instruction: 'Write the verb in brackets with used to.',
  make(input) {
    const { wanted, random } = input;
    const items = forClass(habits, input, ({ sentence, right }) => sentence.replace('___', right))
      .slice(0, wanted)
      .map(({ sentence, base, right }): Omit<GapItem, 'id'> => {
        const [before = '', after = ''] = asSpelled(sentence, input).split('___');
        const answer = asSpelled(right, input);
        const negative = base.startsWith('not ');
        const verb = base.replace(/^not /, '');
        return {
          word: verb,
          pieces: [
            ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
            {
              kind: 'gap',
              answer,
              accepted: negative
                ? [`did not use to ${verb}`, `never used to ${verb}`, `used not to ${verb}`]
                : [],
            },
            { kind: 'text', text: ` (${base})${after}` },
          ],
          key: `${before}${answer}${after}`,
          rule: answer,
          reason: negative
            ? 'After didn’t the verb use has no d: didn’t use to.'
            : 'It was so for a long time and is no more: used to and the base form.',
        };
      });
    return {
      task: {
        interaction: 'gap',
        items: numbered(random.shuffle(items)),
        bank: [],
        sentences: true,
      },
      paper: { letters: 17 },
    };
  },
});
