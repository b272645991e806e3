/** French: lists, texts, cards, handwriting and verbs; its other words are not taken apart. */
import { romanceStatements } from '../romance-words/loaded-statements';
import { frenchTables } from './tables';
import { plainPack } from '../shared/plain-pack';

export const french = plainPack({
  tag: 'fr',
  name: 'French',
  phrases: { name: 'Nom', date: 'Date' },
  voice: 'fr',
  can: new Set(['school hand', 'tables', 'small words', 'statements']),
  tables: () => frenchTables,
  statements: romanceStatements('fr'),
});
