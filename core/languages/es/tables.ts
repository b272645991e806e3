/** Spanish verbs in a tense, a column for each person. */
import { verbTables } from '../shared/verb-tables';
import { spanishVerb } from './verb-forms';

const tenses = {
  usual: 'present',
  preterite: 'preterite',
  imperfect: 'imperfect',
  future: 'future',
  conditional: 'conditional',
  wishes: 'present subjunctive',
};

export const spanishTables = verbTables(
  'Spanish',
  ['yo', 'tú', 'él, ella', 'nosotros', 'vosotros', 'ellos'],
  tenses,
  spanishVerb,
  ['hablar', 'comer', 'vivir', 'tener'],
);
