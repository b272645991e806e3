import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { combine, isJoiner, joiners } from '../../languages/en/grammar/transform/combine';
import { joins, listed } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const usualJoiner = 'because';

interface Pair {
  readonly first: string;
  readonly second: string;
  /** The pair made one, where it was written. */
  readonly model?: string;
}

/** Two short sentences to be made one with and, but, because, so or when. */
export default grammarMaker({
  id: 'join-sentences',
  name: 'Join two sentences',
  description: 'Two short sentences become one with and, but, because, so, when.',
  interaction: 'write',
  needs: 'sentences two by two, the first with the second, or none: Wordane has its own',
  targets: [usualJoiner, ...joiners.filter((joiner) => joiner !== usualJoiner)],
  inOrder: true,
  usual: 6,
  title: 'Join the sentences',
  instruction: 'Make one sentence of the two.',
  make(input) {
    const { given, wanted, target, lexicon, random } = input;
    const joiner = isJoiner(target) ? target : usualJoiner;
    // Pairs that are joined with it most naturally come first.
    const pairsOf = (fits: (fitting: readonly string[]) => boolean) =>
      forClass(
        joins.filter(({ fitting }) => fits(listed(fitting, ','))),
        input,
        ({ first, second }) => `${first} ${second}`,
      );
    const pairs: readonly Pair[] =
      given.length > 0
        ? given.flatMap(({ text }, at) => {
            const second = given[at + 1]?.text;
            return at % 2 === 0 && second !== undefined ? [{ first: text, second }] : [];
          })
        : [
            ...pairsOf((fitting) => fitting[0] === joiner),
            ...pairsOf((fitting) => fitting.indexOf(joiner) > 0),
          ].map(({ first, second, fitting, model }) => ({
            first: asSpelled(first, input),
            second: asSpelled(second, input),
            // The model is written with the joiner that is most natural.
            ...(listed(fitting, ',')[0] === joiner ? { model: asSpelled(model, input) } : {}),
          }));
    const items = pairs.flatMap(({ first, second, model }): GivenItem[] => {
      const item = (answer: string, accepted: readonly string[], reason: string): GivenItem => ({
        word: answer,
        prompt: `${first} ${second} (${joiner})`,
        answer,
        accepted: accepted.filter((other) => other !== answer),
        lines: 2,
        reason,
      });
      try {
        const made = combine(
          [first, second],
          [analyseSentence(first, lexicon), analyseSentence(second, lexicon)],
          joiner,
        );
        const all = [made.result, ...made.accepted];
        return [item(model ?? made.result, all, made.changes[0]?.why ?? '')];
      } catch {
        return model === undefined ? [] : [item(model, [], '')];
      }
    });
    const chosen = items.slice(0, wanted);
    const odd = given.length % 2 === 1 ? given.at(-1)?.text : undefined;
    return {
      instruction: `Make one sentence of the two with ${joiner}.`,
      notes:
        given.length > 0
          ? [
              ...shortage(chosen.length, wanted, 'a pair that can be joined'),
              ...(odd === undefined ? [] : [`“${odd}” has no second sentence. It was left out.`]),
              `Read the pairs: whether ${joiner} fits what they mean is yours to judge.`,
            ]
          : [],
      ...written(given.length > 0 ? chosen : random.shuffle(chosen)),
    };
  },
});
