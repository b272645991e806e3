/** Spanish verbs in a tense, a column for each person. */
import type { TableKind, WordTables } from '../language-pack';
import { spanishVerb, type SpanishTense } from './verb-forms';

const PERSONS = ['yo', 'tú', 'él, ella', 'nosotros', 'vosotros', 'ellos'];

const tenses: Readonly<Record<string, SpanishTense>> = {
  usual: 'present',
  preterite: 'preterite',
  imperfect: 'imperfect',
  future: 'future',
  conditional: 'conditional',
  wishes: 'present subjunctive',
};

const kinds: readonly TableKind[] = Object.entries(tenses).map(([id, tense]) => ({
  id,
  name: id === 'usual' ? 'Usual forms' : `Spanish: ${tense}`,
  columns: PERSONS,
}));

export const spanishTables: WordTables = {
  kinds,
  start: ['hablar', 'comer', 'vivir', 'tener'],
  row(word, { id }) {
    try {
      const { verb, tenses: all, rule } = spanishVerb(word);
      const tense = tenses[id];
      return tense && { word: verb, meaning: '', cells: all[tense].map((form) => [form]), rule };
    } catch {
      return undefined;
    }
  },
};
