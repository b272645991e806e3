/** Italian verbs in a tense, a column for each person. */
import { verbTables } from '../shared/verb-tables';
import { italianPersons, italianVerb } from './verb-forms';

const tenses = {
  usual: 'present',
  imperfect: 'imperfect',
  future: 'future',
  conditional: 'conditional',
  'simple past': 'simple past',
  wishes: 'present subjunctive',
};

export const italianTables = verbTables('Italian', italianPersons, tenses, italianVerb, [
  'parlare',
  'vedere',
  'dormire',
  'capire',
]);
