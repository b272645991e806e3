/** French verbs in a tense, a column for each person. */
import { verbTables } from '../shared/verb-tables';
import { frenchPersons, frenchVerb } from './verb-forms';

const tenses = {
  usual: 'present',
  imperfect: 'imperfect',
  future: 'future',
  conditional: 'conditional',
  'simple past': 'simple past',
  wishes: 'present subjunctive',
};

export const frenchTables = verbTables('French', frenchPersons, tenses, frenchVerb, [
  'parler',
  'finir',
  'vendre',
  'avoir',
]);
