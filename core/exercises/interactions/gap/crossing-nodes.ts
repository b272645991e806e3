/** Words that cross as the nodes of a document: a table of squares, then the clues. */
import type { DocumentNode } from '../../../paper/document';
import { clueNumbers } from './crossing-words';
import { crossingLetters, type GapTask } from './task';

/** Squares with their numbers; the letters in place of the clues where `filled`. */
export function crossingNodes(task: GapTask, filled: boolean): DocumentNode[] {
  const { crossing } = task;
  if (crossing === undefined) return [];
  const squares = crossingLetters(task, crossing);
  const numbers = clueNumbers(crossing.entries);
  const starts = new Map(
    crossing.entries.map(({ item, row, column }) => [`${row} ${column}`, numbers.get(item) ?? 0]),
  );
  const rows = Array.from({ length: crossing.rows }, (_, row) =>
    Array.from({ length: crossing.columns }, (__, column) => {
      const place = `${row} ${column}`;
      const letter = squares.get(place)?.[0];
      if (letter === undefined) return '';
      const number = starts.get(place);
      return filled ? letter : number === undefined ? '□' : String(number);
    }),
  );
  const grid: DocumentNode = { kind: 'table', head: false, rows };
  return filled ? [grid] : [grid, ...clueNodes(task, false), ...clueNodes(task, true)];
}

function clueNodes({ crossing, items }: GapTask, down: boolean): DocumentNode[] {
  const numbers = clueNumbers(crossing?.entries ?? []);
  const entries = (crossing?.entries ?? []).filter((entry) => entry.down === down);
  if (entries.length === 0) return [];
  const clues = entries
    .map((entry) => ({
      number: numbers.get(entry.item) ?? 0,
      pieces: items.find((item) => item.id === entry.item)?.pieces ?? [],
    }))
    .sort((left, right) => left.number - right.number)
    .map(({ number, pieces }): DocumentNode => ({
      kind: 'text',
      text: `${number}  ${pieces.map((piece) => (piece.kind === 'text' ? piece.text : '')).join('')}`,
    }));
  return [{ kind: 'heading', text: down ? 'Down' : 'Across' }, ...clues];
}
