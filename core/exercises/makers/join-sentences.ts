import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { combine, joiners, isJoiner } from '../../languages/en/grammar/transform/combine';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const pairedJoiners = ['because', 'and', 'but', 'so', 'when'] as const;

/** Two short sentences to be made one with and, but, because, so or when. */
export default grammarMaker({
  id: 'join-sentences',
  name: 'Join two sentences',
  description: 'Two short sentences become one with and, but, because, so, when.',
  interaction: 'write',
  needs: 'sentences two by two, or none: Wordane has its own',
  targets: ['because', ...joiners.filter((joiner) => joiner !== 'because')],
  usual: 6,
  title: 'Join the sentences',
  instruction: 'Make one sentence of the two.',
  make({ given, bank, wanted, target, lexicon, forms }) {
    const joiner = isJoiner(target) ? target : pairedJoiners[0];
    const pairs: (readonly [string, string])[] =
      given.length > 0
        ? given.flatMap(({ text }, at) =>
            at % 2 === 0 && given[at + 1] ? [[text, given[at + 1]?.text ?? ''] as const] : [],
          )
        : bank.map((clause) => {
            const does = bankSentence(clause, {}, forms).text;
            const why = `${clause.why.charAt(0).toUpperCase()}${clause.why.slice(1)}.`;
            // So turns cause and result round: it is dark, so she lights the lamp.
            return joiner === 'so' ? ([why, does] as const) : ([does, why] as const);
          });
    const items = pairs.flatMap(([first, second]): GivenItem[] => {
      try {
        const made = combine(
          [first, second],
          [analyseSentence(first, lexicon), analyseSentence(second, lexicon)],
          joiner,
        );
        return [
          {
            word: made.result,
            prompt: `${first} ${second} (${joiner})`,
            answer: made.result,
            accepted: made.accepted,
            lines: 2,
            reason: made.changes[0]?.why ?? '',
          },
        ];
      } catch {
        return [];
      }
    });
    const chosen = items.slice(0, wanted);
    return {
      instruction: `Make one sentence of the two with ${joiner}.`,
      notes: given.length > 0 ? shortage(chosen.length, wanted, 'a pair that can be joined') : [],
      ...written(chosen),
    };
  },
});
