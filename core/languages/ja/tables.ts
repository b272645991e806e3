/** Forms of Japanese verbs side by side. */
import type { TableKind, WordTables } from '../language-pack';
import { japaneseVerbForms } from './japanese-verb';
import { verbFormNames, type VerbFormName } from './verb-forms';
import type { JapaneseVerb } from './verb-lexicon';

const columns: Readonly<Record<string, readonly VerbFormName[]>> = {
  usual: ['masu', 'nai', 'te', 'ta'],
  polite: ['masu', 'masen', 'mashita', 'masendeshita'],
  plain: ['nai', 'ta', 'nakatta', 'te'],
  voices: ['passive', 'causative', 'causativePassive', 'potential'],
  conditions: ['ba', 'tara', 'volitional', 'imperative'],
};

const named = (id: string) =>
  (columns[id] ?? []).map((name) =>
    verbFormNames[name].replace(/^./, (first) => first.toUpperCase()),
  );

const kinds: readonly TableKind[] = [
  { id: 'usual', name: 'Usual forms', columns: named('usual') },
  { id: 'polite', name: 'Japanese: polite forms', columns: named('polite') },
  { id: 'plain', name: 'Japanese: plain forms', columns: named('plain') },
  { id: 'voices', name: 'Japanese: passive, causative, potential', columns: named('voices') },
  { id: 'conditions', name: 'Japanese: conditions and plans', columns: named('conditions') },
];

export const japaneseTables = (
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
): WordTables => ({
  kinds,
  start: ['書く', '食べる', '飲む', '来る'],
  row(word, { id }) {
    try {
      const [made] = japaneseVerbForms(word, verbs);
      if (made === undefined) return undefined;
      const cells = (columns[id] ?? []).map((name) => [
        ...new Set([
          made.written[name],
          ...(made.kana ? [made.kana[name]] : []),
          ...(made.also[name] ?? []),
        ]),
      ]);
      const reading = made.reading === made.verb || made.reading === '' ? '' : ` (${made.reading})`;
      return {
        word: `${made.verb}${reading}`,
        meaning: made.meaning,
        cells,
        rule: `${made.class}: ${made.rule}`,
      };
    } catch {
      return undefined;
    }
  },
});
