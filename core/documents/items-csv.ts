/** The items of exercises with their key, for a spreadsheet. */
import Papa from 'papaparse';
import type { Exercise } from '../exercises/making/exercise';
import { keyedItems } from '../exercises/interactions';

export const itemColumns = [
  'exercise',
  'number',
  'word',
  'question',
  'answer',
  'also right',
  'reason',
] as const;

/** One row an item, its cells by the names of their columns. */
export const itemRows = (exercises: readonly Exercise[]) =>
  exercises.flatMap((exercise) =>
    keyedItems(exercise.task).map((item, index) => ({
      exercise: exercise.title,
      number: index + 1,
      word: item.word,
      question: item.question,
      answer: item.answer,
      'also right': item.accepted.join('; '),
      reason: item.reason,
    })),
  );

/**
 * One line an item; RFC 4180, with a line of names.
 *
 * @param delimiter a comma, or a tab for TSV
 */
export const toItemsCsv = (exercises: readonly Exercise[], delimiter: ',' | '\t' = ','): string =>
  Papa.unparse(itemRows(exercises), { newline: '\r\n', escapeFormulae: true, delimiter });
