/** What was packed by deflate (RFC 1951), as text, up to a length: what unpacks to more is refused before it fills the memory. */
import { Inflate, strFromU8 } from 'fflate';

export class TooLong extends Error {
  override readonly name = 'TooLong';
}

/** @throws TooLong; an Error of the unpacker where the bytes are none of its own */
export function unpacked(bytes: Uint8Array, most: number): string {
  const pieces: Uint8Array[] = [];
  let length = 0;
  const inflate = new Inflate((piece) => {
    length += piece.length;
    if (length > most) throw new TooLong('This unpacks to too much.');
    pieces.push(piece);
  });
  inflate.push(bytes, true);
  const whole = new Uint8Array(length);
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return strFromU8(whole);
}
