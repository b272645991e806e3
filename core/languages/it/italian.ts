/** Italian: lists, texts, cards, handwriting and verbs; its other words are not taken apart. */
import { romanceStatements } from '../romance-words/loaded-statements';
import { plainPack } from '../shared/plain-pack';
import { italianTables } from './tables';

export const italian = plainPack({
  tag: 'it',
  name: 'Italian',
  phrases: { name: 'Nome', date: 'Data' },
  voice: 'it',
  can: new Set(['school hand', 'tables', 'small words', 'statements']),
  tables: () => italianTables,
  statements: romanceStatements('it'),
});
