import { hasOperator, negativeOf, withOperator } from '../../languages/en/forms/verb-phrase';
import { capitalised } from '../../languages/en/grammar/frames/bank-sentence';
import { tenseFeatures, tenses } from '../../languages/en/grammar/transform/form-change';
import { grammarMaker } from '../making/grammar-maker';
import type { GapItem } from '../interactions/gap/task';
import { numbered } from '../making/usable-words';

/** A question and the beginning of its answer: Yes, it ___. */
export default grammarMaker({
  id: 'short-answers',
  name: 'Dialogue with short answers',
  description:
    'Does the wind blow? – Yes, it does. The auxiliary of the question comes back in the answer.',
  interaction: 'gap',
  sentences: 'none',
  needs: 'nothing: Wordane makes the questions',
  targets: ['all tenses', ...tenses.filter((tense) => !/perfect continuous/.test(tense))],
  usual: 8,
  title: 'Short answers',
  instruction: 'Read the question. Finish the answer with one word.',
  make({ bank, wanted, target, forms, random }) {
    const mixed = [
      'present simple',
      'past simple',
      'present perfect',
      'future will',
      'present continuous',
    ];
    const items = bank.slice(0, wanted).map((clause, at): Omit<GapItem, 'id'> => {
      const tense = target === 'all tenses' ? (mixed[at % mixed.length] ?? 'past simple') : target;
      const features = { base: clause.verb, ...tenseFeatures(tense) };
      const [operator = '', ...others] = withOperator(features, clause.agreement, forms);
      const rest = [clause.subject, ...others, clause.object, clause.tail]
        .filter((part) => part)
        .join(' ');
      const question = `${capitalised(operator)} ${rest}?`;
      const yes = random.next() < 0.5;
      const answer = yes ? operator : negativeOf(operator, true);
      const lead = `– ${question} – ${yes ? 'Yes' : 'No'}, ${clause.pronoun} `;
      return {
        word: clause.verb,
        pieces: [
          { kind: 'text', text: lead },
          { kind: 'gap', answer, accepted: yes ? [] : [negativeOf(operator, false)] },
          { kind: 'text', text: '.' },
        ],
        key: `${lead}${answer}.`,
        rule: answer,
        reason: hasOperator(features)
          ? `The question begins with ${operator}: so does the answer.`
          : `The question is made with ${operator}: it stands for the verb.`,
      };
    });
    return {
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: [],
        sentences: true,
      },
      paper: { letters: 8 },
    };
  },
});
