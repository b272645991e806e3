/** For tests: what an operation makes of a record as it would be kept, and what undo calls it. */
import { openRecord } from '~core/records/open-record';
import type { Operations } from '../operation';

/** @throws where the record that comes of it is refused */
export const keptAfter =
  <Kept extends object>(kind: Parameters<typeof openRecord>[0], operations: Operations<Kept>) =>
  (
    present: Kept,
    intent: string,
    input: object,
  ): { readonly kept: Kept; readonly label: string } => {
    const found = operations[intent];
    if (found === undefined) throw new Error(`There is no operation ${intent}.`);
    const read = openRecord(kind, found.step(present, input));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    return {
      kept: JSON.parse(JSON.stringify(read.value)) as Kept,
      label: found.label(present, input),
    };
  };
