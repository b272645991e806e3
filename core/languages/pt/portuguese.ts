/** Portuguese: lists, texts, cards, handwriting and verbs; its other words are not taken apart. */
import { romanceStatements } from '../romance-words/loaded-statements';
import { portugueseTables } from './tables';
import { plainPack } from '../shared/plain-pack';

export const portuguese = plainPack({
  tag: 'pt',
  name: 'Portuguese',
  phrases: { name: 'Nome', date: 'Data' },
  voice: 'pt',
  can: new Set(['school hand', 'tables', 'small words', 'statements']),
  tables: () => portugueseTables,
  statements: romanceStatements('pt'),
});
