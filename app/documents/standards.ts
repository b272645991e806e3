/** The shipped standards, fetched when they are first asked for. */
import { standardsFromTable, type Standard } from '~core/standards/standard';

let known: Promise<readonly Standard[]> | undefined;

export const standards = (): Promise<readonly Standard[]> =>
  (known ??= import('../../data/standards/standards.tsv?raw').then(
    ({ default: table }) => standardsFromTable(table).standards,
    (error: unknown) => {
      known = undefined;
      throw error;
    },
  ));
