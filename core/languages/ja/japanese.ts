/** Japanese: lists, texts and cards; verbs and adjectives in their forms, counters; kana and kanji stroke by stroke. */
import type { LanguagePack, LanguageSentences, WordTables } from '../language-pack';
import { loadConcepts } from '../concepts/loaded-concepts';
import { plainPack } from '../shared/plain-pack';
import { strokeOrder, type StrokeRow } from './stroke-order';
import { japaneseAdjectives } from './adjective-forms';
import { countersOf, type CounterRow } from './counters';
import { japaneseTables } from './tables';
import { japaneseVerbs, type VerbRow } from './verb-lexicon';

let tables: WordTables | undefined;
let sentences: LanguageSentences | undefined;
let strokes: ReturnType<typeof strokeOrder> | undefined;

export const japanese: LanguagePack = plainPack({
  tag: 'ja',
  name: 'Japanese',
  phrases: { name: 'なまえ', date: '日付' },
  voice: 'ja',
  can: new Set([
    'tables',
    'particles',
    'voice change',
    'stroke order',
    'word spaces',
    'furigana',
    'course',
  ]),
  load: async () => {
    if (tables) return;
    const [{ default: rows }, { default: signs }, { japaneseSentences }] = await Promise.all([
      import('./words.json'),
      import('./strokes.json'),
      import('./japanese-sentences'),
      loadConcepts(),
    ]);
    sentences = japaneseSentences;
    strokes = strokeOrder(signs as unknown as readonly StrokeRow[]);
    tables = japaneseTables(
      japaneseVerbs(rows as unknown as readonly VerbRow[]),
      japaneseAdjectives(rows as readonly (readonly string[])[]),
      countersOf(rows as unknown as readonly CounterRow[]),
    );
  },
  tables: () => tables,
  sentences: () => sentences,
  strokes: () => strokes,
});
