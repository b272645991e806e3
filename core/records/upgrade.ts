/** Records of older versions, completed with what they did not have yet; nothing that was there is changed. */
import type { ClassProfile } from '../classes/class-profile';
import type { WordList } from '../lists/word-list';
import type { Lesson, LessonPart } from './lesson';

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

/** What stood for “as usual” before version 4: such a name is now left out. */
const sentinels: readonly (readonly [name: string, value: unknown])[] = [
  ['section', -1],
  ['count', 0],
  ['grammar', ''],
  ['textId', ''],
  ['topic', ''],
  ['character', ''],
];

/** The exercises that are about a sound. */
const withSound = new Set(['missing-grapheme', 'sort-by-spelling', 'underline-spelling']);

function upgradePart(part: LessonPart): LessonPart {
  const kept = Object.entries(part.parameters ?? {}).filter(
    ([name, value]) =>
      value !== null &&
      value !== undefined &&
      !sentinels.some(([each, usual]) => each === name && usual === value) &&
      // A plan gave the lesson's sound to every exercise, also to those that have none.
      !(name === 'sound' && !withSound.has(part.maker)),
  );
  return { ...part, parameters: Object.fromEntries(kept) };
}

const isList = (value: unknown): value is readonly unknown[] => Array.isArray(value);
const isRecord = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** Version 4 gave parameters their declarations. What has no stages or parts is left for validation to name. */
export function upgradeLesson(stored: object): object {
  const { stages } = stored as Partial<Lesson>;
  if (!isList(stages)) return stored;
  return {
    ...stored,
    stages: stages.map((stage) =>
      isRecord(stage) && isList(stage.parts)
        ? {
            ...stage,
            parts: stage.parts.map((part) => (isRecord(part) ? upgradePart(part) : part)),
          }
        : stage,
    ),
  };
}
