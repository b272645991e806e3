/** What a kind of written number is: a date, a price, a time … : how it is known, read aloud and made up. */
import type { Random } from '../../../kernel/random';
import type { NumberKindName } from '../../language-pack';
import type { Spelling } from '../../../kernel/spelling';

export interface NumberKind {
  readonly name: NumberKindName;
  /** Every accepted reading, the preferred first; undefined where the text is none of this kind. */
  readonly read: (text: string, variety: Spelling) => string[] | undefined;
  /** Why it is read so, for a learner. */
  readonly rule: (text: string, variety: Spelling) => string;
  /** One of the kind, made up. */
  readonly sample: (random: Random, variety: Spelling) => string;
}

/** A whole number from `least` to `most`. */
export const between = (random: Random, least: number, most: number) =>
  least + Math.floor(random.next() * (most - least + 1));

/** Digits without what parts them: 1,000 and 1 000. */
export const plainDigits = (digits: string) => digits.replace(/[, \u00A0\u2009\u202F]/g, '');

/** Digits as they may be written: with commas or thin spaces between thousands. */
export const WHOLE = String.raw`\d{1,3}(?:[,\u00A0\u2009\u202F ]\d{3})+|\d+`;
