/**
 * Which way a text is written: by its first letter that has a direction (rule P2 of the Unicode
 * Bidirectional Algorithm, UAX #9).
 */
const strong = /\p{L}/u;
const rightToLeft =
  /[\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/u;

export function isRightToLeft(text: string): boolean {
  const first = strong.exec(text)?.[0];
  return first !== undefined && rightToLeft.test(first);
}
