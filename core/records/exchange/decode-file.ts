/** The text of a file, whatever it was encoded in. */
import chardet from 'chardet';

export interface DecodedFile {
  readonly text: string;
  /** The encoding as the WHATWG Encoding Standard names it. */
  readonly encoding: string;
}

/** Of Latin letters in UTF-16 every second byte is zero: the share that tells it. */
const ZERO_SHARE = 0.3;

function zeros(bytes: Uint8Array, first: number): number {
  const sample = bytes.subarray(0, 4000);
  let count = 0;
  for (let at = first; at < sample.length; at += 2) if (sample[at] === 0) count += 1;
  return count / Math.max(1, sample.length / 2);
}

/** How the bytes are encoded: by their mark, by what cannot be anything else, else by the likelihood of the letters. */
export function encodingOf(bytes: Uint8Array): string {
  const [first, second, third] = bytes;
  if (first === 0xef && second === 0xbb && third === 0xbf) return 'utf-8';
  if (first === 0xff && second === 0xfe) return 'utf-16le';
  if (first === 0xfe && second === 0xff) return 'utf-16be';
  if (zeros(bytes, 1) > ZERO_SHARE && zeros(bytes, 0) < 0.05) return 'utf-16le';
  if (zeros(bytes, 0) > ZERO_SHARE && zeros(bytes, 1) < 0.05) return 'utf-16be';
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return 'utf-8';
  } catch {
    const guess = (chardet.detect(bytes) ?? 'windows-1252').toLowerCase();
    // The standard reads ISO 8859-1 as the superset that Windows writes.
    return /^(?:iso-8859-1|ascii|utf-8)$/.test(guess) ? 'windows-1252' : guess;
  }
}

/** The signs 80 to 9F of Windows-1252 (WHATWG Encoding Standard); Node 20 decodes them as control signs. */
const windowsSigns = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

const decode = (bytes: Uint8Array, encoding: string) => {
  const text = new TextDecoder(encoding).decode(bytes);
  return encoding === 'windows-1252'
    ? text.replace(/[\u0080-\u009f]/g, (sign) => windowsSigns[sign.charCodeAt(0) - 0x80] ?? sign)
    : text;
};

/** Decodes a file; an encoding that was chosen goes before the guess. */
export function decodeFile(bytes: Uint8Array, chosen?: string): DecodedFile {
  const encoding = chosen ?? encodingOf(bytes);
  try {
    return { text: decode(bytes, encoding), encoding };
  } catch {
    return { text: decode(bytes, 'windows-1252'), encoding: 'windows-1252' };
  }
}
