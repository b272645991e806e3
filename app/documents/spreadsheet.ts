/** Tables as spreadsheets (Office Open XML, ECMA-376), and back. */
import Papa from 'papaparse';
import { t } from '~/phrases/t';

export type Cell = string | number;

/** The file; its first row is the names of the columns, in bold. */
export async function toSpreadsheet(
  columns: readonly string[],
  rows: readonly (readonly Cell[])[],
): Promise<Blob> {
  const { default: write } = await import('write-excel-file/universal');
  const width = (column: number) =>
    Math.min(60, Math.max(8, ...[columns, ...rows].map((row) => String(row[column] ?? '').length)));
  return write(
    [
      columns.map((value) => ({ value, fontWeight: 'bold' as const })),
      // Every cell is what it says: nothing that begins with = is run.
      ...rows.map((row) =>
        row.map((value) =>
          typeof value === 'number' ? { value, type: Number } : { value, type: String },
        ),
      ),
    ],
    { columns: columns.map((_, index) => ({ width: width(index) })) },
  ).toBlob();
}

/**
 * The first sheet of a file as text with tabs between its columns.
 *
 * @throws Error where it is no spreadsheet; the message says what to do
 */
export async function fromSpreadsheet(file: Blob): Promise<string> {
  const { readSheet } = await import('read-excel-file/universal');
  try {
    const rows = await readSheet(file);
    return Papa.unparse(
      rows.map((row) => row.map((cell) => (cell === null ? '' : String(cell)))),
      { delimiter: '\t', newline: '\n' },
    );
  } catch {
    throw new Error(t('documents.thisIsADocumentOr'));
  }
}
