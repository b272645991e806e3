import { conjugate } from '../../forms/english/conjugate';
import { formsOfVerb } from '../../forms/english/verb-forms';
import { tenseFeatures, tenses, whyTense } from '../../grammar/transform/form-change';
import { grammarMaker } from '../grammar-maker';
import { writeTask, type GivenItem } from '../reading-maker';

/** A verb in one tense for every person: positive, negative, question. */
export default grammarMaker({
  id: 'forms-table',
  name: 'Table of a tense',
  description: 'One verb in one tense for I, you, he … : positive, negative and question.',
  interaction: 'write',
  needs: 'one verb in its base form, or none: walk is taken',
  usesWords: true,
  startWords: ['walk'],
  fewest: 1,
  targets: tenses,
  title: 'Table of a tense',
  instruction: 'Fill in the table. The first row shows how.',
  make({ words, target, lexicon, profile }) {
    const verb = (words[0]?.word ?? 'walk').toLowerCase();
    const source = { lexicon, ...(profile ? { spelling: profile.spelling } : {}) };
    const rows = conjugate(verb, tenseFeatures(target), source);
    const items = rows.map((row): GivenItem => {
      const answer = `${row.positive} ${row.negative} ${row.question}`;
      return {
        word: verb,
        prompt: row.person,
        answer,
        accepted: row.variants.filter((other) => other !== answer),
        cells: [row.person, '', '', ''],
        keyCells: [row.person, row.positive, row.negative, row.question],
        reason: whyTense(target),
      };
    });
    const { regular, reason } = formsOfVerb(verb, source);
    return {
      title: `${verb}: ${target}`,
      notes: regular ? [] : [{ word: verb, text: reason }],
      task: writeTask(items, {
        columns: [
          { title: 'Who', share: 0.16 },
          { title: 'Positive', share: 0.26 },
          { title: 'Negative', share: 0.29 },
          { title: 'Question', share: 0.29 },
        ],
      }),
    };
  },
});
