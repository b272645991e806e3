/** Portuguese verbs in a tense, a column for each person. */
import { verbTables } from '../shared/verb-tables';
import { portuguesePersons, portugueseVerb } from './verb-forms';

const tenses = {
  usual: 'present',
  preterite: 'preterite',
  imperfect: 'imperfect',
  future: 'future',
  conditional: 'conditional',
  wishes: 'present subjunctive',
};

export const portugueseTables = verbTables(
  'Portuguese',
  portuguesePersons,
  tenses,
  portugueseVerb,
  ['falar', 'comer', 'partir', 'ter'],
);
