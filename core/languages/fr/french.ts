/** French: lists, texts, cards, handwriting, verbs, and what its letters say. */
import { loadConcepts } from '../concepts/loaded-concepts';
import { frenchNumbers } from '../number-words/words';
import { romanceStatements } from '../romance-words/loaded-statements';
import { frenchTables } from './tables';
import { frenchSpelling } from './spelling-rules';
import { plainPack } from '../shared/plain-pack';

export const french = plainPack({
  tag: 'fr',
  name: 'French',
  phrases: { name: 'Nom', date: 'Date' },
  voice: 'fr',
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
  tables: () => frenchTables,
  statements: romanceStatements('fr'),
  spelling: frenchSpelling,
  numbers: frenchNumbers,
});
