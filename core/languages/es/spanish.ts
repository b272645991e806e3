/** Spanish: lists, texts, cards and handwriting; its words are not taken apart. */
import { romanceStatements } from '../romance-words/loaded-statements';
import { spanishTables } from './tables';
import { plainPack } from '../shared/plain-pack';

export const spanish = plainPack({
  tag: 'es',
  name: 'Spanish',
  phrases: { name: 'Nombre', date: 'Fecha' },
  voice: 'es',
  can: new Set(['school hand', 'tables', 'small words', 'statements']),
  tables: () => spanishTables,
  statements: romanceStatements('es'),
});
