/** Japanese: lists, texts and cards; verbs in their forms. */
import type { LanguagePack, LanguageSentences, WordTables } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { japaneseTables } from './tables';
import { japaneseVerbs, type VerbRow } from './verb-lexicon';

let tables: WordTables | undefined;
let sentences: LanguageSentences | undefined;

export const japanese: LanguagePack = plainPack({
  tag: 'ja',
  name: 'Japanese',
  phrases: { name: 'なまえ', date: '日付' },
  voice: 'ja',
  can: new Set(['tables', 'particles', 'voice change']),
  load: async () => {
    if (tables) return;
    const [{ default: rows }, { japaneseSentences }] = await Promise.all([
      import('./verbs.json'),
      import('./japanese-sentences'),
    ]);
    sentences = japaneseSentences;
    tables = japaneseTables(japaneseVerbs(rows as unknown as readonly VerbRow[]));
  },
  tables: () => tables,
  sentences: () => sentences,
});
