/** The standards that are known: the shipped ones, fetched when they are first asked for, and those read in. */
import { standardsFromTable, type Standard } from '~core/standards/standard';
import { allOf } from '~/storage/repository';

let known: Promise<readonly Standard[]> | undefined;

export const shippedStandards = (): Promise<readonly Standard[]> =>
  (known ??= import('../../data/standards/standards.tsv?raw').then(
    ({ default: table }) => standardsFromTable(table).standards,
    (error: unknown) => {
      known = undefined;
      throw error;
    },
  ));

export async function standards(): Promise<readonly Standard[]> {
  const [shipped, own] = await Promise.all([shippedStandards(), allOf('standards')]);
  return [...shipped, ...own.flatMap((set) => set.standards)];
}
