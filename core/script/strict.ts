/** Functions for scripts refuse what they do not know, with the names they do. */

/** What is wrong with a value, to be read after its name; undefined where it is right. */
export type Check = (value: unknown) => string | undefined;
export type Fields = Readonly<Record<string, Check>>;

export const anything: Check = () => undefined;

export const oneOf =
  (values: readonly unknown[]): Check =>
  (value) =>
    values.includes(value) ? undefined : `is one of ${values.join(', ')}`;

const isFields = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object with these fields and no others. */
export const fields =
  (known: Fields): Check =>
  (value) => {
    if (!isFields(value)) return 'is an object';
    const problem = problemIn(known, value);
    return problem === undefined ? undefined : `is not right: ${problem}`;
  };

/** One of several shapes. */
export const either =
  (...checks: readonly Check[]): Check =>
  (value) => {
    const problems = checks.map((check) => check(value));
    return problems.includes(undefined) ? undefined : problems[problems.length - 1];
  };

export const text: Check = (value) => (typeof value === 'string' ? undefined : 'is a text');
export const count: Check = (value) =>
  typeof value === 'number' && Number.isFinite(value) ? undefined : 'is a number';
export const flag: Check = (value) => (typeof value === 'boolean' ? undefined : 'is true or false');
export const texts: Check = (value) =>
  Array.isArray(value) && value.every((each) => typeof each === 'string')
    ? undefined
    : 'is a list of texts';

function problemIn(known: Fields, input: Readonly<Record<string, unknown>>): string | undefined {
  for (const [name, value] of Object.entries(input)) {
    const check = Object.hasOwn(known, name) ? known[name] : undefined;
    if (check === undefined) {
      const names = Object.keys(known).join(', ');
      return `${name} is not known here. ${names === '' ? 'Nothing is asked for' : `Known: ${names}`}.`;
    }
    const problem = value === undefined ? undefined : check(value);
    if (problem !== undefined) return `${name} ${problem}.`;
  }
  return undefined;
}

/**
 * The function, but that it refuses an input with a field or a value it does not know.
 *
 * @throws RangeError naming the field, and what is known
 */
export function strictly<Input extends readonly unknown[], Output>(
  name: string,
  known: Fields,
  run: (...input: Input) => Output,
): (...input: Input) => Output {
  return (...input) => {
    const [given = {}] = input;
    if (!isFields(given)) throw new RangeError(`${name} takes one object.`);
    const problem = problemIn(known, given);
    if (problem !== undefined) throw new RangeError(`${name}: ${problem}`);
    return run(...input);
  };
}
