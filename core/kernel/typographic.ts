/** Apostrophes and quotation marks of English as they are printed (common practice). */
export const typographic = (text: string) =>
  text
    .replace(/(?<=[\p{L}\d])'|'(?=(?:s|m|re|ve|ll|d|t)\b)/gu, '’')
    .replace(/(?<![\p{L}\d.,!?])"/gu, '“')
    .replaceAll('"', '”')
    .replace(/(?<![\p{L}\d])'/gu, '‘');
