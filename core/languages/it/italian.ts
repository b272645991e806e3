/** Italian: lists, texts, cards, handwriting, verbs, and what its letters say. */
import { loadConcepts } from '../concepts/loaded-concepts';
import { italianNumbers } from '../number-words/words';
import { romanceStatements } from '../romance-words/loaded-statements';
import { italianSpelling } from './spelling-rules';
import { plainPack } from '../shared/plain-pack';
import { italianTables } from './tables';

export const italian = plainPack({
  tag: 'it',
  name: 'Italian',
  phrases: { name: 'Nome', date: 'Data' },
  voice: 'it',
  can: new Set([
    'school hand',
    'tables',
    'small words',
    'statements',
    'numbers',
    'spelling rules',
    'course',
  ]),
  load: loadConcepts,
  tables: () => italianTables,
  statements: romanceStatements('it'),
  spelling: italianSpelling,
  numbers: italianNumbers,
});
