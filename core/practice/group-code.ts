/**
 * Bytes as a code that can be typed: groups of three signs and a check sign, so that a mistyped
 * group is known by its number. The signs are those of Crockford's base 32, which leaves out
 * letters that are taken for figures (https://www.crockford.com/base32.html).
 */
const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const IN_GROUP = 3;
/** A prime, so that a wrong sign and two signs that changed places are both seen. */
const MODULUS = 31;

/** What does not read as a code, and where. */
export class CodeError extends Error {
  override readonly name = 'CodeError';
}

/** The check sign of a group: its signs weighed by their places, and its number among the groups. */
const checkOf = (values: readonly number[], group: number) =>
  SIGNS[
    (values.reduce((sum, value, place) => sum + value * (place + 2), 0) + group * 5) % MODULUS
  ] as string;

/** Bytes as numbers of five bits. */
function toFives(bytes: Uint8Array): number[] {
  const values: number[] = [];
  let held = 0;
  let bits = 0;
  for (const byte of bytes) {
    held = (held << 8) | byte;
    bits += 8;
    while (bits >= 5) {
      bits -= 5;
      values.push((held >> bits) & 31);
    }
    held &= (1 << bits) - 1;
  }
  if (bits > 0) values.push((held << (5 - bits)) & 31);
  return values;
}

/** The bytes of numbers of five bits. */
function fromFives(values: readonly number[]): Uint8Array {
  const bytes: number[] = [];
  let held = 0;
  let bits = 0;
  for (const value of values) {
    held = (held << 5) | value;
    bits += 5;
    if (bits >= 8) {
      bits -= 8;
      bytes.push((held >> bits) & 255);
      held &= (1 << bits) - 1;
    }
  }
  return Uint8Array.from(bytes);
}

/** Bytes as signs without groups, for a QR code and not for typing. */
export const toSigns = (bytes: Uint8Array): string =>
  toFives(bytes)
    .map((value) => SIGNS[value])
    .join('');

/** @throws CodeError where a sign is none of a code */
export function fromSigns(signs: string): Uint8Array {
  const values = [...signs.toUpperCase()].map((sign) => SIGNS.indexOf(sign));
  if (values.includes(-1)) throw new CodeError('This is no code.');
  return fromFives(values);
}

/** Bytes as groups of four signs with a hyphen between them. */
export function toGroups(bytes: Uint8Array): string {
  const values = toFives(bytes);
  const groups: string[] = [];
  for (let at = 0; at < values.length; at += IN_GROUP) {
    const group = values.slice(at, at + IN_GROUP);
    groups.push(group.map((value) => SIGNS[value]).join('') + checkOf(group, groups.length));
  }
  return groups.join('-');
}

/** Signs that are typed for others. */
const meant: Readonly<Record<string, string>> = { O: '0', I: '1', L: '1' };

const signsOf = (code: string) =>
  [...code.toUpperCase().replace(/[\s-]/g, '')].map((sign) => meant[sign] ?? sign);

/** A code as it was written, however it was typed since. */
export function regrouped(code: string): string {
  return signsOf(code)
    .join('')
    .replace(/.{4}(?=.)/g, '$&-');
}

/**
 * The bytes of a code, however it was typed: small letters, spaces, and O for 0.
 *
 * @throws CodeError that says which group is wrong
 */
export function fromGroups(code: string): Uint8Array {
  const signs = signsOf(code);
  const values: number[] = [];
  for (let at = 0; at < signs.length; at += IN_GROUP + 1) {
    const number = at / (IN_GROUP + 1);
    const group = signs.slice(at, at + IN_GROUP + 1);
    const check = group.pop();
    const read = group.map((sign) => SIGNS.indexOf(sign));
    if (check === undefined || read.length === 0) {
      throw new CodeError('The code is cut off: its last group has one sign.');
    }
    if (read.includes(-1) || checkOf(read, number) !== check) {
      throw new CodeError(
        `Group ${number + 1} (${[...group, check].join('')}) is not right. Look at it again.`,
      );
    }
    values.push(...read);
  }
  return fromFives(values);
}
