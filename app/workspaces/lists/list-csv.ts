/** A list as a table that `readWords` reads back: CSV, TSV, or the rows of a spreadsheet. */
import Papa from 'papaparse';
import { detailOf, type WordList } from '~core/lists/word-list';

export const listColumns = ['word', 'meaning', 'translation', 'note'];

export const listRows = (list: WordList): string[][] =>
  list.words.map((word) => {
    const { definition = '', translation = '', note = '' } = detailOf(list, word);
    return [word, definition, translation, note];
  });

/** @param delimiter a comma, or a tab for TSV */
export const listCsv = (list: WordList, delimiter: ',' | '\t' = ','): string =>
  // A spreadsheet would take a cell that begins with = for a formula, and run it.
  Papa.unparse({ fields: listColumns, data: listRows(list) }, { escapeFormulae: true, delimiter });
