/** A sequence as CSV: a row a step, with title, spellings, word shapes and sight words. */
import Papa from 'papaparse';
import { readTeaches, writeTeaches } from '../languages/en/sounds/edit-sequence';
import {
  wordShapes,
  type Sequence,
  type SequenceStep,
  type WordShape,
} from '../languages/en/sounds/sequence';

const header = ['step', 'title', 'spellings', 'shapes', 'words by sight'];

export function writeSequenceCsv(sequence: Sequence): string {
  return Papa.unparse({
    fields: header,
    data: sequence.steps.map((step) => [
      step.number,
      step.title,
      writeTeaches(step.teaches),
      step.shapes.join(' '),
      step.sightWords.join(' '),
    ]),
  });
}

/** A file that is no sequence; the message says which row and what is wrong. */
export class SequenceFileError extends Error {
  override readonly name = 'SequenceFileError';
}

/** The cells of a row by the name of their column. */
function cellsOf(row: Readonly<Record<string, string | undefined>>) {
  const cell = (name: string) => row[name]?.trim() ?? '';
  const words = (name: string) =>
    cell(name)
      .split(/[\s,]+/)
      .filter((word) => word !== '');
  return { cell, words };
}

/**
 * Reads what `writeSequenceCsv` writes; columns may stand in any order, and all
 * but `spellings` may be missing.
 *
 * @throws SequenceFileError
 */
export function readSequenceCsv(text: string, id: string, name: string): Sequence {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim().toLowerCase(),
  });
  if (!meta.fields?.includes('spellings')) {
    throw new SequenceFileError(
      'The first row must name the columns, and one of them must be “spellings”. Export a sequence to see how it looks.',
    );
  }
  if (data.length === 0) throw new SequenceFileError('The file has no steps under its first row.');
  const steps = data.map((row, index): SequenceStep => {
    const { cell, words } = cellsOf(row);
    const read = readTeaches(cell('spellings'));
    if (!read.ok) throw new SequenceFileError(`Row ${index + 2}: ${read.message}`);
    const shapes = words('shapes').filter((shape): shape is WordShape =>
      (wordShapes as readonly string[]).includes(shape),
    );
    return {
      number: index + 1,
      title: cell('title') || cell('spellings').slice(0, 60) || `Step ${index + 1}`,
      teaches: read.teaches,
      shapes,
      sightWords: words('words by sight'),
    };
  });
  return { id, name, steps };
}
