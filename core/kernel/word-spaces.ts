/** Blanks between the words of Japanese: books for beginners print them, others do not. */

/** Kana, kanji, and the marks that stand among them. */
const sign = '[\\p{Script=Hiragana}\\p{Script=Katakana}\\p{Script=Han}ー、。？！「」]';
const between = new RegExp(`(?<=${sign})\\s+(?=${sign}|\\d)|(?<=\\d)\\s+(?=${sign})`, 'gu');

/** A text without the blanks between its kana and kanji; all others stay. */
export const withoutWordSpaces = (text: string): string => text.replace(between, '');
