/** Verbs of a Romance language in a tense, a column for each person. */
import type { TableKind, WordTables } from '../language-pack';

interface Conjugated {
  readonly verb: string;
  readonly tenses: Readonly<Record<string, readonly string[]>>;
  readonly rule: string;
}

/**
 * @param tenses table id to tense, the usual one first
 * @param conjugate throws where a word is no infinitive
 */
export function verbTables(
  name: string,
  persons: readonly string[],
  tenses: Readonly<Record<string, string>>,
  conjugate: (verb: string) => Conjugated,
  start: readonly string[],
): WordTables {
  const kinds: readonly TableKind[] = Object.entries(tenses).map(([id, tense]) => ({
    id,
    name: id === 'usual' ? 'Usual forms' : `${name}: ${tense}`,
    columns: persons,
  }));
  return {
    kinds,
    start,
    row(word, { id }) {
      try {
        const { verb, tenses: all, rule } = conjugate(word);
        const forms = all[tenses[id] ?? ''];
        return (
          forms && {
            word: verb,
            meaning: '',
            cells: forms.map((form) => (form === '' ? [] : [form])),
            rule,
          }
        );
      } catch {
        return undefined;
      }
    },
  };
}
