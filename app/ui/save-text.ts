import { saveAs } from 'file-saver';

/** Saves a text as a file, a CSV file unless told otherwise. */
export function saveText(name: string, text: string, type = 'text/csv'): void {
  saveAs(new Blob([text], { type: `${type};charset=utf-8` }), name);
}
