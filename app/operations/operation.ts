/**
 * What a teacher can do to one record: the fields it needs, what undo calls it,
 * and the step from the record to the record. Steps are pure; reading, merging,
 * validating and writing is done in one place (`storage/perform.ts`).
 */

import { IsOptional } from 'class-validator';

/** A change that cannot be made; the message says why, in words for the teacher. */
export class ChangeError extends Error {
  override readonly name: string = 'ChangeError';
}

export interface Operation<Kept, Input extends object = object> {
  /** The class whose decorators say what the fields must be. */
  readonly input: new () => Input;
  readonly label: (record: Kept, input: Input) => string;
  /** @throws ChangeError where it cannot be done to this record */
  readonly step: (record: Kept, input: Input) => Kept;
}

/** The operations of one kind of record by the intent that asks for them. */
export type Operations<Kept> = Readonly<Record<string, Operation<Kept>>>;

/** One operation with the type of its input kept while it is written. */
export const operation =
  <Kept>() =>
  <Input extends object>(defined: Operation<Kept, Input>): Operation<Kept> =>
    defined as unknown as Operation<Kept>;

/** Nothing is asked for besides the intent. */
export class NoInput {
  @IsOptional() nothing?: never;
}

export { newId } from './new-id';
