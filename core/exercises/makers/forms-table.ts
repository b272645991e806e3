import { typographic } from '../../kernel/typographic';
import { conjugate } from '../../languages/en/forms/conjugate';
import { verbFormsOf } from '../../languages/en/forms/verb-form-of';
import { formsOfVerb } from '../../languages/en/forms/verb-forms';
import { metAsVerb } from '../../languages/en/words/met-as-verb';
import { tenseFeatures, tenses, whyTense } from '../../languages/en/grammar/transform/form-change';
import { grammarMaker } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

/** Verbs of state, which have no continuous in careful use (Quirk et al. 1985, 4.29, from memory). */
const stateVerbs = new Set(
  `be know like love hate want need prefer understand believe belong own contain consist cost deserve exist
   matter mean remember forget recognise recognize realise realize resemble seem possess suppose wish agree
   disagree depend fit include involve lack owe satisfy hear`.split(/\s+/),
);

/** A verb in one tense for every person: positive, negative, question, short answers. */
export default grammarMaker({
  id: 'forms-table',
  name: 'Table of a tense',
  description:
    'One verb in one tense for I, you, he … : positive, negative, question and short answers.',
  interaction: 'write',
  sentences: 'none',
  needs: 'one verb in its base form, or none: walk is taken',
  usesWords: true,
  startWords: ['walk'],
  fewest: 1,
  targets: tenses,
  title: 'Table of a tense',
  instruction: 'Fill in the table. The first row shows how.',
  make({ words, target, forms, meanings }) {
    const named = words.map(({ word }) => word.toLowerCase());
    // Of several words the first that is met as a verb before all, then one that is met so too.
    const metAs = (word: string) => {
      // Of a verb in two words, as switch off, the first.
      const [first = ''] = word.split(' ');
      const base = verbFormsOf(first, forms.lexicon).some(({ form }) => form === 'base');
      return base ? metAsVerb(first, forms.lexicon, meanings) : 'never';
    };
    const verb =
      named.find((word) => metAs(word) === 'first') ??
      named.find((word) => metAs(word) === 'also') ??
      // Who asks for the one word wants that one.
      (named.length === 1 ? named.find((word) => metAs(word) === 'rarely') : undefined) ??
      'walk';
    const left = named.filter((word) => word !== verb);
    const rows = conjugate(verb, tenseFeatures(target), forms);
    const items = rows.map((row): GivenItem => {
      const short = typographic(`${row.shortYes} ${row.shortNo}`);
      const negative = typographic(row.negative);
      const question = typographic(row.question);
      const answer = `${row.positive} ${negative} ${question} ${short}`;
      return {
        word: verb,
        prompt: row.person,
        answer,
        accepted: row.variants
          .flatMap((other) => row.shortNos.map((no) => `${other} ${row.shortYes} ${no}`))
          .filter((other) => other !== answer),
        cells: [row.person, '', '', '', ''],
        keyCells: [row.person, row.positive, negative, question, short],
        reason: whyTense(target),
      };
    });
    const stative = target.includes('continuous') && stateVerbs.has(verb);
    const { regular, reason } = formsOfVerb(verb, forms);
    return {
      title: `${verb}: ${target}`,
      notes: [
        ...(named.length > 0 && left.length === named.length
          ? [`None of these words is met as a verb: ${verb} is taken. Add a verb in its base form.`]
          : left.length > 0
            ? [`The table is for one verb: ${verb}.`]
            : []),
        ...(regular ? [] : [{ word: verb, text: reason }]),
        ...(stative
          ? [
              {
                word: verb,
                text: `${verb} is a verb of state: it is hardly ever used in the ${target}. Take a simple tense, or a verb of doing.`,
              },
            ]
          : []),
      ],
      ...written(items, {
        columns: [
          { title: 'Who', share: 0.12 },
          { title: 'Positive', share: 0.2 },
          { title: 'Negative', share: 0.23 },
          { title: 'Question', share: 0.23 },
          { title: 'Yes, … No, …', share: 0.22 },
        ],
      }),
    };
  },
});
