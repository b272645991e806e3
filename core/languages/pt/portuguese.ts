/** Portuguese: lists, texts, cards, handwriting, verbs, and what its letters say. */
import { loadConcepts } from '../concepts/loaded-concepts';
import { portugueseNumbers } from '../number-words/words';
import { romanceStatements } from '../romance-words/loaded-statements';
import { portugueseTables } from './tables';
import { portugueseSpelling } from './spelling-rules';
import { plainPack } from '../shared/plain-pack';

export const portuguese = plainPack({
  tag: 'pt',
  name: 'Portuguese',
  phrases: { name: 'Nome', date: 'Data' },
  voice: 'pt',
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
  tables: () => portugueseTables,
  statements: romanceStatements('pt'),
  spelling: portugueseSpelling,
  numbers: portugueseNumbers,
});
