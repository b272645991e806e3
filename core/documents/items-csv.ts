/** The items of exercises with their key, for a spreadsheet. */
import Papa from 'papaparse';
import type { Exercise } from '../exercises/making/exercise';
import { keyedItems } from '../exercises/interactions';

/** One line an item; RFC 4180, with a line of names. */
export function toItemsCsv(exercises: readonly Exercise[]): string {
  const rows = exercises.flatMap((exercise) =>
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
  return Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true });
}
