/** The results of a lesson as CSV: a line for each answer. */
import Papa from 'papaparse';
import type { Results } from '~core/results/results-of';

export const resultsCsv = ({ learners }: Results, titleOf: (exercise: string) => string): string =>
  Papa.unparse(
    {
      fields: ['learner', 'exercise', 'asked', 'given', 'expected', 'right', 'error'],
      data: learners.flatMap(({ learner, items }) =>
        items.map(({ exercise, asked, given, expected, right, named = '' }) => [
          learner,
          titleOf(exercise),
          asked,
          given,
          expected,
          right ? 'yes' : 'no',
          named,
        ]),
      ),
    },
    // A spreadsheet would take a cell that begins with = for a formula, and run it.
    { escapeFormulae: true },
  );
