/** Russian: lists, texts and cards; nouns in their cases, adjectives, verb pairs; a course of everyday words. */
import { loadConcepts, loadedConcepts } from '../concepts/loaded-concepts';
import type { WordTables } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { russianNumbers } from './numbers';
import { russianTables } from './tables';

let tables: WordTables | undefined;

export const russian = plainPack({
  tag: 'ru',
  name: 'Russian',
  phrases: { name: 'Имя', date: 'Дата' },
  voice: 'ru',
  can: new Set(['course', 'tables', 'numbers']),
  numbers: russianNumbers,
  load: loadConcepts,
  tables: () => {
    const concepts = loadedConcepts();
    return (tables ??= concepts && russianTables(concepts));
  },
});
