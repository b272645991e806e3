import { comparisons, listed } from '../../languages/en/sentence-sets/sentence-sets';
import type { GapItem } from '../interactions/gap/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

const irregular: Readonly<Record<string, string>> = {
  good: 'good, better, best',
  bad: 'bad, worse, worst',
  far: 'far, further, furthest',
};

/** Why it is -er or more, in a learner's words. */
function whyForm(base: string, right: string, degree: string): string {
  const known = irregular[base];
  if (known !== undefined) return `A form to learn by heart: ${known}.`;
  const what = degree === 'comparative' ? 'Two are compared' : 'One of three or more is picked out';
  if (/^(?:more|most) /.test(right)) {
    return `${what}: a longer word takes ${right.split(' ')[0]}.`;
  }
  const ending = degree === 'comparative' ? '-er' : '-est';
  if (base.endsWith('y')) return `${what}: y turns to i before ${ending}.`;
  if (base.endsWith('e')) return `${what}: after e only ${ending.replace('e', '')} is added.`;
  if (right.length === base.length + ending.length)
    return `${what}: the last letter is doubled before ${ending}.`;
  return `${what}: a short word takes ${ending}.`;
}

/** Adjectives and adverbs to be put into the comparative or the superlative. */
export default grammarMaker({
  id: 'comparison-forms',
  name: 'Bigger, biggest: compare',
  description:
    'A snail is slower than a rabbit; the tallest of all: comparatives and superlatives.',
  interaction: 'gap',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  targets: ['comparative and superlative', 'comparative', 'superlative'],
  fewest: 3,
  usual: 8,
  title: 'Compare',
  instruction: 'Write the word in brackets in the form that compares.',
  make(input) {
    const { wanted, target, random } = input;
    const fitting = comparisons.filter(
      ({ degree }) => target === 'comparative and superlative' || degree === target,
    );
    const items = forClass(fitting, input, ({ sentence, right }) =>
      sentence.replace('___', listed(right)[0] ?? ''),
    )
      .slice(0, wanted)
      .map(({ sentence, base, right, degree }): Omit<GapItem, 'id'> => {
        const [answer = '', ...accepted] = listed(right);
        const [before = '', after = ''] = asSpelled(sentence, input).split('___');
        return {
          word: base,
          pieces: [
            ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
            { kind: 'gap', answer, accepted },
            { kind: 'text', text: ` (${base})${after}` },
          ],
          key: `${before}${answer}${after}`,
          rule: answer,
          reason: whyForm(base, answer, degree),
        };
      });
    return {
      task: {
        interaction: 'gap',
        items: numbered(random.shuffle(items)),
        bank: [],
        sentences: true,
      },
      paper: { letters: 12 },
    };
  },
});
