/** Spanish: lists, texts, cards and handwriting; its words are not taken apart. */
import { loadConcepts } from '../concepts/loaded-concepts';
import { spanishNumbers } from '../number-words/words';
import { romanceStatements } from '../romance-words/loaded-statements';
import { spanishTables } from './tables';
import { spanishSpelling } from './spelling-rules';
import { plainPack } from '../shared/plain-pack';

export const spanish = plainPack({
  tag: 'es',
  name: 'Spanish',
  phrases: { name: 'Nombre', date: 'Fecha' },
  voice: 'es',
  can: new Set([
    'school hand',
    'tables',
    'small words',
    'statements',
    'numbers',
    'spelling rules',
    'course',
    'written stress',
  ]),
  load: loadConcepts,
  tables: () => spanishTables,
  statements: romanceStatements('es'),
  spelling: spanishSpelling,
  numbers: spanishNumbers,
});
