declare module 'wawoff2' {
  /** The font of a WOFF 2 file as TrueType or OpenType. */
  export function decompress(file: Uint8Array): Promise<Uint8Array>;
}
