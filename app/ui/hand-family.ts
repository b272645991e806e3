/** The names under which the fonts of the school hands are loaded; the fonts themselves: `fonts.ts`. */
import type { HandFont } from '~core/paper/hands';

const handFamilies: Readonly<Record<HandFont, string>> = {
  print: 'Edu AU VIC WA NT Pre',
  dots: 'Edu AU VIC WA NT Dots',
  arrows: 'Edu AU VIC WA NT Arrows Variable',
  joined: 'Edu AU VIC WA NT Hand',
  'gb-semi': 'Playwrite GB S Variable',
  'gb-joined': 'Playwrite GB J Variable',
  'us-cursive': 'Playwrite US Trad',
  'fr-cursive': 'Playwrite FR Moderne',
  andika: 'Andika',
  'ie-cursive': 'Playwrite IE',
  'us-modern': 'Playwrite US Modern',
  'nz-cursive': 'Playwrite NZ',
  nsw: 'Edu NSW ACT Foundation',
  qld: 'Edu QLD Beginner',
  sa: 'Edu SA Beginner',
  tas: 'Edu TAS Beginner',
  'de-grund': 'Playwrite DE Grund',
  'es-cursive': 'Playwrite ES',
  'it-modern': 'Playwrite IT Moderna',
  'pt-cursive': 'Playwrite PT',
};

/** The CSS font family of a school hand. */
export function handFamily(font: HandFont): string {
  return `'${handFamilies[font]}'`;
}
