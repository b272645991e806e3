import { typographic } from '../../kernel/typographic';
import { dialogues } from '../../languages/en/sentence-sets/sentence-sets';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { tenses } from '../../languages/en/grammar/transform/form-change';
import type { GapItem } from '../interactions/gap/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** Yes, it ___: the part before the auxiliary, and the auxiliary. */
const shortAnswer = /^((?:Yes|No), (?:I|you|he|she|it|we|they|there)) ?(.+)\.$/;

/** No, I’m not is no auxiliary alone: the gap takes both words, in full or contracted. */
const fullForms: Readonly<Record<string, string>> = {
  "'m not": 'am not',
  "isn't": 'is not',
  "aren't": 'are not',
  "wasn't": 'was not',
  "weren't": 'were not',
  "don't": 'do not',
  "doesn't": 'does not',
  "didn't": 'did not',
  "haven't": 'have not',
  "hasn't": 'has not',
  "hadn't": 'had not',
  "won't": 'will not',
  "wouldn't": 'would not',
  "can't": 'cannot',
  "couldn't": 'could not',
  "shouldn't": 'should not',
  "needn't": 'need not',
};

/** A question and the beginning of its answer: Yes, it ___. */
export default grammarMaker({
  id: 'short-answers',
  name: 'Dialogue with short answers',
  description:
    'Does the wind blow? – Yes, it does. The auxiliary of the question comes back in the answer.',
  interaction: 'gap',
  sentences: 'none',
  needs: 'nothing: Wordane has the questions',
  targets: ['all tenses', ...tenses.filter((tense) => !/perfect continuous/.test(tense))],
  usual: 8,
  title: 'Short answers',
  instruction: 'Read the question. Finish the short answer.',
  make(input) {
    const { wanted, target, random, lexicon } = input;
    const fitting = dialogues.filter(
      ({ question, yes, no }) =>
        shortAnswer.test(yes) &&
        shortAnswer.test(no) &&
        (target === 'all tenses' || analyseSentence(question, lexicon).tenseAspect === target),
    );
    const items = forClass(fitting, input, ({ question, full }) => `${question} ${full}`)
      .slice(0, wanted)
      .map(({ question, yes, no, full }): Omit<GapItem, 'id'> => {
        // What is so is what the whole answer says.
        const says = full.startsWith('No') ? no : yes;
        const [, lead = '', given = ''] = shortAnswer.exec(says) ?? [];
        const whole = fullForms[given];
        const asked = asSpelled(question, input);
        const operator = asked.split(' ')[0] ?? '';
        const printed = typographic(given);
        const glue = given.startsWith("'") ? '' : ' ';
        return {
          word: operator.toLowerCase(),
          pieces: [
            { kind: 'text', text: `– ${asked} – ${lead}${glue}` },
            { kind: 'gap', answer: printed, accepted: whole === undefined ? [] : [whole] },
            { kind: 'text', text: '.' },
          ],
          key: `– ${asked} – ${lead}${glue}${printed}.`,
          rule: printed,
          reason: given.startsWith('needn')
            ? 'Must you? No, you needn’t: it is not necessary.'
            : `The question begins with ${operator}: it comes back in the answer.`,
        };
      });
    return {
      notes:
        items.length < Math.min(wanted, 3)
          ? [
              `Wordane has ${items.length === 0 ? 'no dialogues' : `only ${items.length} of its dialogues`} in the ${target}. Choose another tense, or all tenses.`,
            ]
          : [],
      task: {
        interaction: 'gap',
        items: numbered(random.shuffle(items)),
        bank: [],
        sentences: true,
      },
      paper: { letters: 8 },
    };
  },
});
