/**
 * What a maker can be asked, declared as plain data: the panel, the defaults,
 * the validation of what is stored and the function `makers` all come from it.
 * A name that is not given means the usual value; nothing else stands for it.
 */

import type { Ink } from '../../kernel/hand-names';
import type { Ruling } from '../../paper/ruling';
import type { Scene } from '../interactions/write/task';

/** Shown only while another parameter has this value. */
export interface ShownWhen {
  readonly parameter: string;
  readonly is: string | number | boolean;
}

interface Declared {
  /** What the panel calls it; empty for what is never shown, because the list or the class gives it. */
  readonly label: string;
  readonly when?: ShownWhen;
}

export interface ChoiceParameter<Value extends string = string> extends Declared {
  readonly kind: 'choice';
  /** Value and what it is called, in order. */
  readonly options: readonly (readonly [Value, string])[];
  readonly usual: Value;
}

/** A choice that the maker settles by its material where none is made. */
export interface OpenChoiceParameter<Value extends string = string> extends Declared {
  readonly kind: 'open choice';
  readonly options: readonly (readonly [Value, string])[];
  /** What the panel calls leaving it to the maker. */
  readonly open: string;
}

export interface FlagParameter extends Declared {
  readonly kind: 'flag';
  readonly usual: boolean;
}

export interface NumberParameter extends Declared {
  readonly kind: 'number';
  readonly least: number;
  readonly most: number;
  /** Absent where the maker settles it by its material. */
  readonly usual?: number;
  /** What the panel offers. */
  readonly offered: readonly number[];
  /** What is counted, for the panel: “words”, “times or more”. */
  readonly unit?: string;
}

export interface TextParameter extends Declared {
  readonly kind: 'text';
  /** Most letters. */
  readonly longest: number;
  readonly lines: number;
}

/** Words, or sentences one a line. */
export interface ListParameter extends Declared {
  readonly kind: 'words' | 'sentences';
  readonly most: number;
}

/** Things with a shape of their own, each with its own piece of the panel. */
export interface ShapedParameter<Shape extends ShapeName = ShapeName> extends Declared {
  readonly kind: Shape;
}

/** Shapes and what a value must be; `undefined` where it is right. */
export const shapes = {
  /** The id of a text of the class. */
  'text of the class': (value: unknown) =>
    typeof value === 'string' && value !== '' ? undefined : 'is the id of a text',
  /** A section of that text, from 0; the whole text where it is not given. */
  section: (value: unknown) =>
    Number.isInteger(value) && (value as number) >= 0 ? undefined : 'is a section, counted from 0',
  /** A picture of the teacher's own. */
  picture: (value: unknown) =>
    isRecord(value) && typeof value['picture'] === 'string' && typeof value['ratio'] === 'number'
      ? undefined
      : 'is a picture with its ratio',
  /** Places on that picture with their names, in shares of its width and height. */
  'places on the picture': (value: unknown) =>
    Array.isArray(value) && value.length <= 24 && value.every(isPin)
      ? undefined
      : 'is a list of 24 places at most, each with x and y from 0 to 1 and a word',
  /** The lines a school hand stands on. */
  ruling: (value: unknown) => (isRecord(value) ? undefined : 'is a ruling'),
  /** The inks of traced letters, one after another. */
  inks: (value: unknown) =>
    isTexts(value) && value.length > 0 && value.length <= 8 ? undefined : 'is a list of inks',
} as const satisfies Readonly<Record<string, (value: unknown) => string | undefined>>;
export type ShapeName = keyof typeof shapes;

/** A place that the teacher has named; its name is empty while she has not. */
export interface Pin {
  readonly x: number;
  readonly y: number;
  readonly word: string;
}

const isShare = (value: unknown) => typeof value === 'number' && value >= 0 && value <= 1;

function isPin(value: unknown): value is Pin {
  return (
    isRecord(value) &&
    isShare(value['x']) &&
    isShare(value['y']) &&
    typeof value['word'] === 'string' &&
    value['word'].length <= 60
  );
}

interface ShapeValues {
  readonly 'text of the class': string;
  readonly section: number;
  readonly picture: Scene;
  readonly 'places on the picture': readonly Pin[];
  readonly ruling: Ruling;
  readonly inks: readonly Ink[];
}

const held = {
  text: (value: unknown) => typeof value === 'string',
  number: (value: unknown) => typeof value === 'number',
  flag: (value: unknown) => typeof value === 'boolean',
  list: (value: unknown) => Array.isArray(value),
  record: isRecord,
} as const;

/** What the list, the class or the sequence gives, or what a part of the screen of its own sets. */
export interface GivenParameter<Value = unknown> extends Declared {
  readonly kind: 'given';
  readonly holds: keyof typeof held;
  /** Of the value, for the compiler alone. */
  readonly type?: Value;
}

export type Parameter =
  | ChoiceParameter
  | OpenChoiceParameter
  | FlagParameter
  | NumberParameter
  | TextParameter
  | ListParameter
  | ShapedParameter
  | GivenParameter;

export type Parameters = Readonly<Record<string, Parameter>>;

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function isTexts(value: unknown): value is readonly string[] {
  return Array.isArray(value) && value.every((each) => typeof each === 'string');
}

// Declared in one line each.

type More = Pick<Declared, 'when'>;

export const choice = <const Value extends string>(
  label: string,
  options: readonly (readonly [Value, string])[],
  usual: NoInfer<Value>,
  more: More = {},
): ChoiceParameter<Value> => ({ kind: 'choice', label, options, usual, ...more });

export const openChoice = <const Value extends string>(
  label: string,
  open: string,
  options: readonly (readonly [Value, string])[],
  more: More = {},
): OpenChoiceParameter<Value> => ({ kind: 'open choice', label, open, options, ...more });

export const flag = (label: string, usual: boolean, more: More = {}): FlagParameter => ({
  kind: 'flag',
  label,
  usual,
  ...more,
});

export const number = <const Range extends Omit<NumberParameter, 'kind' | 'label' | 'when'>>(
  label: string,
  range: Range,
  more: More = {},
): NumberParameter & Range => ({ kind: 'number', label, ...range, ...more });

/** How many items; as many as the material gives, or as is usual, where it is not given. */
export const howMany = (offered: readonly number[] = [3, 4, 5, 6, 8, 10, 12]): NumberParameter =>
  number('How many', { least: 1, most: 40, offered });

export const text = (
  label: string,
  longest: number,
  lines = 1,
  more: More = {},
): TextParameter => ({
  kind: 'text',
  label,
  longest,
  lines,
  ...more,
});

export const words = (label: string, most: number, more: More = {}): ListParameter => ({
  kind: 'words',
  label,
  most,
  ...more,
});

export const sentences = (more: More = {}): ListParameter => ({
  kind: 'sentences',
  label: 'Your own sentences, one a line',
  most: 200,
  ...more,
});

/** Lines that the teacher writes, each an item of its own. */
export const lines = (label: string, most: number, more: More = {}): ListParameter => ({
  kind: 'sentences',
  label,
  most,
  ...more,
});

export const shaped = <const Shape extends ShapeName>(
  kind: Shape,
  label: string,
  more: More = {},
): ShapedParameter<Shape> => ({ kind, label, ...more });

export const given = <Value>(holds: keyof typeof held): GivenParameter<Value> => ({
  kind: 'given',
  label: '',
  holds,
});

// Read with their types.

type ValueOf<Of> =
  Of extends ChoiceParameter<infer Value>
    ? Value
    : Of extends OpenChoiceParameter<infer Value>
      ? Value | undefined
      : Of extends FlagParameter
        ? boolean
        : Of extends NumberParameter
          ? Of extends { readonly usual: number }
            ? number
            : number | undefined
          : Of extends TextParameter
            ? string
            : Of extends ListParameter
              ? readonly string[] | undefined
              : Of extends ShapedParameter<infer Shape>
                ? ShapeValues[Shape] | undefined
                : Of extends GivenParameter<infer Value>
                  ? Value | undefined
                  : never;

/** Names and values: what is stored of a recipe, and what a script gives. */
export type Given = Readonly<Record<string, unknown>>;

const usualOf = (parameter: Parameter): unknown =>
  'usual' in parameter ? parameter.usual : parameter.kind === 'text' ? '' : undefined;

/** The values of declared parameters: what is given and right, else what is usual. */
export function read<Of extends Parameters>(
  declared: Of,
  values: Given,
): { readonly [Name in keyof Of]: ValueOf<Of[Name]> } {
  return Object.fromEntries(
    Object.entries(declared).map(([name, parameter]) => {
      const value = values[name];
      const right = value !== undefined && problemOf(parameter, value) === undefined;
      return [name, right ? value : usualOf(parameter)];
    }),
  ) as { readonly [Name in keyof Of]: ValueOf<Of[Name]> };
}

/** What is wrong with a value, to be read after its name; undefined where it is right. */
export function problemOf(parameter: Parameter, value: unknown): string | undefined {
  switch (parameter.kind) {
    case 'given':
      return held[parameter.holds](value) ? undefined : `is a ${parameter.holds}`;
    case 'choice':
    case 'open choice': {
      const known = parameter.options.map(([each]) => each);
      return known.includes(value as string)
        ? undefined
        : `is one of ${known.map((each) => each || '“”').join(', ')}`;
    }
    case 'flag':
      return typeof value === 'boolean' ? undefined : 'is true or false';
    case 'number':
      return Number.isInteger(value) &&
        (value as number) >= parameter.least &&
        (value as number) <= parameter.most
        ? undefined
        : `is a whole number from ${parameter.least} to ${parameter.most}`;
    case 'text':
      return typeof value === 'string' && value.length <= parameter.longest
        ? undefined
        : `is a text of ${parameter.longest} letters at most`;
    case 'words':
    case 'sentences':
      return isTexts(value) && value.length <= parameter.most
        ? undefined
        : `is a list of ${parameter.most} texts at most`;
    default:
      return shapes[parameter.kind](value);
  }
}

/** True where a parameter is shown beside the values there are. */
export const isShown = ({ label, when }: Parameter, values: Given, declared: Parameters) =>
  label !== '' &&
  (when === undefined ||
    (values[when.parameter] ??
      (declared[when.parameter] ? usualOf(declared[when.parameter] as Parameter) : undefined)) ===
      when.is);

/** Everything that is wrong with given values, a sentence each; empty where nothing is. */
export function parameterProblems(declared: Parameters, values: Given, of: string): string[] {
  return Object.entries(values).flatMap(([name, value]): string[] => {
    if (value === undefined) return [];
    const parameter = declared[name];
    if (parameter === undefined) {
      return [
        `${of} knows no parameter ${name}. It knows ${Object.keys(declared).join(', ') || 'none'}.`,
      ];
    }
    const problem = problemOf(parameter, value);
    return problem === undefined ? [] : [`${name} ${problem}.`];
  });
}
