/** Latin: lists, texts and cards; words in their forms. */
import type { LanguagePack, LineAligner, NamedConstruction, WordTables } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { latinLexicon, type LatinRow } from './lexicon';
import { latinTables } from './tables';

let tables: WordTables | undefined;
let align: LineAligner | undefined;
let constructions: ((text: string) => NamedConstruction[]) | undefined;

export const latin: LanguagePack = plainPack({
  tag: 'la',
  name: 'Latin',
  phrases: { name: 'Nomen', date: 'Dies' },
  voice: 'la',
  can: new Set(['tables']),
  load: async () => {
    if (tables) return;
    const [{ default: rows }, { alignLine }, { findConstructions }] = await Promise.all([
      import('./words.json'),
      import('./align'),
      import('./constructions'),
    ]);
    const lexicon = latinLexicon(rows as unknown as readonly LatinRow[]);
    align = (source, translation) => alignLine(source, translation, lexicon);
    constructions = (text) => findConstructions(text, lexicon);
    tables = latinTables(lexicon);
  },
  tables: () => tables,
  align: () => align,
  constructions: () => constructions,
});
