/** The six levels of the starter library, each with the class that its things are made for. */
import type { ClassProfile } from '../classes/class-profile';
import { completeClass, type ClassSettings } from '../classes/new-class';

/** From the first letters to upper intermediate; steps are those of the usual sequence. */
const classes = {
  'beginning reader': { level: { system: 'us', value: 'K' }, step: 14, spelling: 'us' },
  'Grade 1–2': { level: { system: 'us', value: 'G2' }, step: 34, spelling: 'us' },
  'Grade 3–4': { level: { system: 'us', value: 'G4' }, step: 54, spelling: 'us' },
  'Grade 5–6': { level: { system: 'us', value: 'G6' }, step: 60, spelling: 'us' },
  A2: { level: { system: 'cefr', value: 'A2' }, step: null },
  'B1–B2': { level: { system: 'cefr', value: 'B2' }, step: null },
} satisfies Readonly<Record<string, ClassSettings>>;

export type LibraryLevel = keyof typeof classes;
export const libraryLevels = Object.keys(classes) as LibraryLevel[];

export const isLibraryLevel = (level: string): level is LibraryLevel =>
  (libraryLevels as string[]).includes(level);

/** A class of this level, with nobody in it. */
export const classAt = (level: LibraryLevel): ClassProfile =>
  completeClass({ id: `library-${libraryLevels.indexOf(level)}`, name: level, ...classes[level] });
