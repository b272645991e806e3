/** A class with everything set to what most would choose. */
import type { ClassProfile } from './class-profile';

export type ClassSettings = Partial<ClassProfile>;

/** Fills what is not given: Year 2, British spelling, A4, Andika, the first step, nobody on the roster. */
export function completeClass(settings: ClassSettings): ClassProfile {
  return {
    id: 'class',
    name: 'This class',
    language: 'en',
    level: { system: 'uk', value: 'Y2' },
    spelling: 'uk',
    accent: 'american',
    sequence: null,
    paper: 'a4',
    font: 'andika',
    step: 1,
    roster: [],
    knownWords: [],
    hiddenWords: [],
    ...settings,
  };
}
