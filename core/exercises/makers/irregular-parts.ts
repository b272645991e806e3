import { formsOfVerb } from '../../languages/en/forms/verb-forms';
import { irregularVerb } from '../../languages/en/forms/irregular-verbs';
import { grammarMaker } from '../making/grammar-maker';
import type { GivenItem } from '../making/written';
import { written } from '../making/written';
import { howMany, read } from '../making/parameters';

const START = 'break write take see go give know speak begin swim'.split(' ');

/** Base, past and participle of irregular verbs, with one form given in each row. */
export default grammarMaker({
  id: 'irregular-parts',
  name: 'Irregular verbs: three forms',
  description: 'A table of base, past and past participle; one form of each row is given.',
  interaction: 'write',
  sentences: 'none',
  needs: 'irregular verbs, or none: the commonest are taken',
  usesWords: true,
  startWords: START,
  fewest: 3,
  title: 'Three forms of the verb',
  instruction: 'Fill in the missing forms of each verb.',
  make({ words, random, parameters, wanted, profile }) {
    const bases = words.map(({ word }) => word.toLowerCase());
    const known = bases.filter((word) => irregularVerb(word) !== undefined);
    const verbs = (known.length > 0 ? known : START).slice(
      0,
      read({ count: howMany() }, parameters).count ?? Math.max(known.length, wanted),
    );
    const notes = bases
      .filter((word) => irregularVerb(word) === undefined)
      .map((word) => ({
        word,
        text: `${word} is no irregular verb in its base form. It was left out.`,
      }));
    const items = (parameters.shuffle === false ? verbs : random.shuffle(verbs)).map(
      (base): GivenItem => {
        const { variants } = formsOfVerb(base, profile ? { spelling: profile.spelling } : {});
        const past = variants.past;
        const participle = variants.pastParticiple;
        const keyCells = [base, past.join(' / '), participle.join(' / ')];
        const accepted = [past[0] ?? '', ...past].flatMap((one) =>
          participle.map((other) => `${one} ${other}`),
        );
        return {
          word: base,
          prompt: base,
          answer: `${past[0] ?? ''} ${participle[0] ?? ''}`,
          accepted: [...new Set(accepted)],
          cells: [base, '', ''],
          keyCells,
          reason: 'These forms follow no rule: they are learnt by heart.',
        };
      },
    );
    return {
      notes,
      ...written(items, {
        columns: [
          { title: 'Base', share: 0.28 },
          { title: 'Past', share: 0.36 },
          { title: 'Past participle', share: 0.36 },
        ],
      }),
    };
  },
});
