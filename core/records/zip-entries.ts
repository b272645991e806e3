/**
 * What a zip says of its files (PKWARE APPNOTE 6.3: end of central directory
 * 4.3.16, file headers 4.3.12), so that an altered byte is noticed: the reader of
 * zips that ships does not compare the checksums.
 */

/** CRC-32 as zip uses it (ISO 3309: polynomial 0xEDB88320, reflected). */
export function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (let at = 0; at < bytes.length; at += 1) {
    crc = (crc >>> 8) ^ (table[(crc ^ (bytes[at] ?? 0)) & 0xff] ?? 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

const table = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte;
  for (let bit = 0; bit < 8; bit += 1) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1;
  return value;
});

const END = 0x06054b50;
const HEADER = 0x02014b50;
const END_LENGTH = 22;
const LONGEST_COMMENT = 0xffff;

export interface ZipEntry {
  readonly name: string;
  readonly crc: number;
  /** Bytes as they are unpacked. */
  readonly size: number;
}

/** The files that a zip lists; undefined where it has no list that can be read. */
export function zipEntries(bytes: Uint8Array): ZipEntry[] | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const first = Math.max(0, bytes.length - END_LENGTH - LONGEST_COMMENT);
  let end = bytes.length - END_LENGTH;
  while (end >= first && view.getUint32(end, true) !== END) end -= 1;
  if (end < first) return undefined;
  const entries: ZipEntry[] = [];
  let at = view.getUint32(end + 16, true);
  for (let left = view.getUint16(end + 10, true); left > 0; left -= 1) {
    if (at + 46 > bytes.length || view.getUint32(at, true) !== HEADER) return undefined;
    const length = view.getUint16(at + 28, true);
    entries.push({
      name: new TextDecoder().decode(bytes.subarray(at + 46, at + 46 + length)),
      crc: view.getUint32(at + 16, true),
      size: view.getUint32(at + 24, true),
    });
    at += 46 + length + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
  }
  return entries;
}
