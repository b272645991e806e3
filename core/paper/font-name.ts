/** The name under which a font is set: the font's own, or with wider spacing. */

const WIDE = '~wide';

/** A font set with wider spacing, named in one with the font so that it is measured and drawn alike. */
export const wideFont = (font: string) => (font.endsWith(WIDE) ? font : `${font}${WIDE}`);
export const isWide = (font: string) => font.endsWith(WIDE);
export const plainFont = (font: string) => font.replace(WIDE, '');
