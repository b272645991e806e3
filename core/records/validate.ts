/** One validation for forms, imports and storage: a plain object in, a checked object or plain sentences out. */
import 'reflect-metadata/lite';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

export type Validated<Shape> =
  | { readonly ok: true; readonly value: Shape }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

export interface FieldProblem {
  /** Path to the field, for example `roster.2.name`. */
  readonly field: string;
  readonly text: string;
}

function flatten(errors: readonly ValidationError[], path: string): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = path === '' ? error.property : `${path}.${error.property}`;
    const own = Object.values(error.constraints ?? {}).map((text) => ({ field, text }));
    return [...own, ...flatten(error.children ?? [], field)];
  });
}

/** Checks an object against a class's decorators; fields the class does not know are problems too. */
export function validateAs<Shape extends object>(
  shape: ClassConstructor<Shape>,
  plain: unknown,
): Validated<Shape> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { ok: false, problems: [{ field: '', text: 'This is not an object with fields.' }] };
  }
  const value = plainToInstance(shape, plain);
  const errors = validateSync(value, { whitelist: true, forbidNonWhitelisted: true });
  if (errors.length > 0) return { ok: false, problems: flatten(errors, '') };
  return { ok: true, value };
}
