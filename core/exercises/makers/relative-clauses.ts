import { listed, relatives } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const words = ['who', 'which', 'where', 'whose', 'when'] as const;

/** Two sentences made one with who, which, where, whose or when. */
export default grammarMaker({
  id: 'relative-clauses',
  name: 'Who, which, where: relative clauses',
  description: 'Two sentences become one: I have a friend who can juggle.',
  interaction: 'write',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  targets: ['all of them', ...words],
  fewest: 3,
  usual: 6,
  title: 'One sentence with who, which, where, whose or when',
  instruction: 'Make one sentence of the two. Use the word in brackets.',
  make(input) {
    const { wanted, target, random } = input;
    const fitting = relatives.filter(
      ({ relative }) => target === 'all of them' || relative === target,
    );
    const items = forClass(fitting, input, ({ joined }) => joined)
      .slice(0, wanted)
      .map(({ first, second, relative, joined, others, reason }): GivenItem => ({
        word: joined,
        prompt: `${asSpelled(first, input)} ${asSpelled(second, input)} (${relative})`,
        answer: asSpelled(joined, input),
        accepted: listed(others).map((other) => asSpelled(other, input)),
        lines: joined.length > 55 ? 2 : 1,
        reason: asSpelled(reason, input),
      }));
    return {
      ...(target === 'all of them' ? {} : { title: `One sentence with ${target}` }),
      ...written(random.shuffle(items)),
    };
  },
});
