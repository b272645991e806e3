/** Latin: lists, texts and cards; words in their forms. */
import type { LanguagePack, WordTables } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { latinLexicon, type LatinRow } from './lexicon';
import { latinTables } from './tables';

let tables: WordTables | undefined;

export const latin: LanguagePack = plainPack({
  tag: 'la',
  name: 'Latin',
  phrases: { name: 'Nomen', date: 'Dies' },
  voice: 'la',
  can: new Set(['tables']),
  load: async () => {
    if (tables) return;
    const { default: rows } = await import('./words.json');
    tables = latinTables(latinLexicon(rows as unknown as readonly LatinRow[]));
  },
  tables: () => tables,
});
