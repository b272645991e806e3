/** Records of older versions, completed with what they did not have yet; nothing that was there is changed. */
import type { ClassProfile } from '../classes/class-profile';
import type { WordList } from '../lists/word-list';

/** Version 2 gave classes an accent, a sequence of their own, and words they are never offered. */
export function upgradeClass(stored: object): object {
  return {
    accent: 'american',
    sequence: null,
    hiddenWords: [],
    ...stored,
  } satisfies Partial<ClassProfile>;
}

/** Version 2 gave lists details beside their words, and groups. */
export function upgradeList(stored: object): object {
  return { details: [], groupBy: 'none', ...stored } satisfies Partial<WordList>;
}
