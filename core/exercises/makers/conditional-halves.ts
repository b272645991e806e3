import { moveClause } from '../../languages/en/grammar/transform/conditional-change';
import {
  conditionalTypes,
  whyConditional,
  type ConditionalType,
} from '../../languages/en/grammar/frames/conditional-sentence';
import { conditionals } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { matchTask } from '../making/match-task';
import { capitalised } from '../../languages/en/grammar/frames/bank-sentence';

/** If-clauses to be joined to the half that follows from them. */
export default grammarMaker({
  id: 'conditional-halves',
  name: 'Halves of conditionals',
  description: 'If-clauses on the left, what follows from them on the right.',
  interaction: 'match',
  needs: 'sentences with if, or none: Wordane has its own',
  targets: ['first', ...conditionalTypes.filter((type) => type !== 'first')],
  fewest: 3,
  usual: 6,
  title: 'Join the halves',
  instruction: 'Join each if-clause to the half that goes with it.',
  make(input) {
    const { given, wanted, target, random } = input;
    const own = given.flatMap(({ text, analysis }) => {
      if (analysis.conditional !== target || !analysis.sure) return [];
      let whole = text;
      if (!/^if\b/i.test(text)) {
        try {
          whole = moveClause(text, analysis, true).result;
        } catch {
          return [];
        }
      }
      const [condition, result] = whole.split(/,\s+/, 2);
      return condition && result ? [{ condition: `${condition},`, result }] : [];
    });
    const made =
      given.length > 0
        ? []
        : forClass(
            conditionals.filter(({ type }) => type === target),
            input,
            ({ condition, result }) => `${condition} ${result}`,
          ).map(({ condition, result }) => ({
            condition: `${asSpelled(capitalised(condition), input)},`,
            result: `${asSpelled(result, input)}.`,
          }));
    const chosen = [...own, ...made].slice(0, Math.min(wanted, 10));
    return {
      title: `${capitalised(target)} conditional: join the halves`,
      notes: given.length > 0 ? shortage(chosen.length, wanted, `a ${target} conditional`) : [],
      task: matchTask(
        chosen.map(({ condition, result }) => ({
          word: condition,
          left: condition,
          right: { text: result },
          reason: whyConditional[target as ConditionalType],
        })),
        random,
      ),
    };
  },
});
