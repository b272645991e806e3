/** A list as CSV that `readWords` reads back. */
import Papa from 'papaparse';
import { detailOf, type WordList } from '~core/lists/word-list';

export function listCsv(list: WordList): string {
  // A spreadsheet would take a cell that begins with = for a formula, and run it.
  return Papa.unparse(
    {
      fields: ['word', 'meaning', 'translation', 'note'],
      data: list.words.map((word) => {
        const { definition = '', translation = '', note = '' } = detailOf(list, word);
        return [word, definition, translation, note];
      }),
    },
    { escapeFormulae: true },
  );
}
