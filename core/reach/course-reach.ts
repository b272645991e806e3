/**
 * Reach in another language: is a word met by the unit at which the class stands, just ahead, or
 * later? Words stand in the units of a course; their plurals, feminines and verb forms with them.
 */
import { scaleOf } from '../classes/class-level';
import type { ClassProfile } from '../classes/class-profile';
import { cefrLevels, type Level } from '../kernel/level';
import type { Reach } from '../kernel/reach';
import {
  conceptLanguages,
  type ConceptLanguage,
  type Concepts,
} from '../languages/concepts/concept';
import { usualCourse, type Course } from '../languages/concepts/course';
import { loadedConcepts } from '../languages/concepts/loaded-concepts';
import { packOf } from '../languages/registry/registry';
import { functionWords } from '../languages/romance-words/function-words';
import { romanceLanguages, type RomanceLanguage } from '../languages/romance-words/nouns';
import { formsOfRomance } from '../languages/romance/forms-of';
import type { ReachReason, WordReach } from './check-word';

/** Units past the class's own that count as just ahead. */
export const STRETCH_UNITS = 2;

/** Where a form stands in a course. */
interface CourseEntry {
  /** The word as a dictionary has it. */
  readonly word: string;
  /** Of the word, and of the form of the verb where that comes later; counted from 1. */
  readonly unit: number;
  readonly formUnit: number;
  /** “imperfect”, where it is a form of a verb that some unit brings. */
  readonly form?: string;
}

export interface CourseIndex {
  readonly course: Course;
  /** The unit at which the class stands. */
  readonly at: number;
  /** The earliest place of a form; undefined for one that the course lacks. */
  readonly find: (form: string) => CourseEntry | undefined;
  /** True for what holds sentences together. */
  readonly isSmall: (word: string) => boolean;
}

/** The language, where there is a course for it. */
export const courseLanguage = (language: string): ConceptLanguage | undefined =>
  language === 'de' ? undefined : conceptLanguages.find((each) => each === language);

/** True where every word of a text can be found, whatever its form. */
export const hasCourseForms = (language: string): boolean =>
  romanceLanguages.some((each) => each === language);

/** The unit a class stands at by its level, where nobody has said: the last of its level. */
function unitOfLevel({ units }: Course, profile: ClassProfile): number {
  const { to } = scaleOf(profile.level);
  const met = units.filter(
    ({ cefr }) => cefr === undefined || scaleOf({ system: 'cefr', value: cefr }).to <= to,
  );
  return Math.max(1, met.length);
}

/** Forms of a word with the name of the tense, where it is one; articles before nouns taken away. */
function formsIn(language: RomanceLanguage, word: string, concepts: Concepts) {
  const bare = packOf(language).spelling?.bare ?? ((text: string) => text);
  return formsOfRomance(language, word, concepts).flatMap(({ partOfSpeech, forms }) =>
    forms.map(({ form, name }) => ({
      form: bare(form).toLowerCase(),
      ...(partOfSpeech === 'verb' ? { tense: name.replace(/, .*$/u, '') } : {}),
    })),
  );
}

function entriesOf(course: Course, language: ConceptLanguage, concepts: Concepts) {
  const bare = packOf(language).spelling?.bare ?? ((text: string) => text);
  const romance = romanceLanguages.find((each) => each === language);
  const tenseUnits = new Map(
    course.units.flatMap(({ forms }, at) =>
      forms.map((form) => [form.toLowerCase(), at + 1] as const),
    ),
  );
  // A course that speaks of no forms leaves them all to the words.
  const speaksOfForms = tenseUnits.size > 0;
  const found = new Map<string, CourseEntry>();
  const add = (form: string, entry: CourseEntry) => {
    const known = found.get(form);
    const better =
      !known || Math.max(entry.unit, entry.formUnit) < Math.max(known.unit, known.formUnit);
    if (better) found.set(form, entry);
  };
  for (const [at, { words }] of course.units.entries()) {
    for (const written of words) {
      const word = bare(written);
      const unit = at + 1;
      add(word.toLowerCase(), { word, unit, formUnit: unit });
      // Of several words each counts where it stands alone nowhere: not the parts of a name.
      if (!romance || /\s/u.test(word)) continue;
      for (const { form, tense } of formsIn(romance, word, concepts)) {
        const later = tense === undefined ? undefined : tenseUnits.get(tense.toLowerCase());
        const formUnit =
          tense === undefined || !speaksOfForms ? unit : (later ?? course.units.length + 1);
        add(form, { word, unit, formUnit, ...(tense === undefined ? {} : { form: tense }) });
      }
    }
  }
  return found;
}

const indexes = new WeakMap<Course, Map<string, CourseEntry>>();
const usual = new Map<ConceptLanguage, Course>();

/** The course of a class: its own, else the usual one; undefined where there is none or its words are not loaded. */
export function courseOf(profile: ClassProfile): Course | undefined {
  const language = courseLanguage(profile.language);
  const concepts = loadedConcepts();
  if (!language || !concepts) return undefined;
  if (profile.course) return profile.course;
  const made = usual.get(language) ?? usualCourse(language, concepts);
  usual.set(language, made);
  return made;
}

/** The course of a class with where each form stands in it; undefined as for `courseOf`. */
export function courseIndexOf(profile: ClassProfile): CourseIndex | undefined {
  const language = courseLanguage(profile.language);
  const concepts = loadedConcepts();
  const course = courseOf(profile);
  if (!language || !concepts || !course) return undefined;
  const entries = indexes.get(course) ?? entriesOf(course, language, concepts);
  indexes.set(course, entries);
  const romance = romanceLanguages.find((each) => each === language);
  return {
    course,
    at: Math.min(profile.unit ?? unitOfLevel(course, profile), course.units.length),
    find: (form) => entries.get(form),
    isSmall: (word) => romance !== undefined && functionWords[romance].has(word),
  };
}

const reachAt = (unit: number, at: number): Reach =>
  unit <= at ? 'secure' : unit <= at + STRETCH_UNITS ? 'stretch' : 'beyond';

const unitName = ({ units }: Course, unit: number) =>
  `unit ${unit}, ${units[unit - 1]?.name ?? ''}`;

/** Where the level of the unit lies, for the ruler; undefined where its teacher has not said one. */
function levelAt({ units }: Course, unit: number): Level | undefined {
  const cefr = cefrLevels.find((each) => each === units[unit - 1]?.cefr);
  return cefr && scaleOf({ system: 'cefr', value: cefr }).middle;
}

function reasonOf(entry: CourseEntry, index: CourseIndex, profile: ClassProfile): ReachReason {
  const { course, at } = index;
  const { word, unit, formUnit, form } = entry;
  const later = formUnit > unit && formUnit > at;
  if (unit <= at && later) {
    const when =
      formUnit > course.units.length
        ? 'is not in the course'
        : `comes in ${unitName(course, formUnit)}`;
    return { kind: 'structure', text: `A form of ${word}: the ${form} ${when}.` };
  }
  const text =
    unit <= at
      ? `${profile.name} met it in ${unitName(course, unit)}.`
      : `It comes in ${unitName(course, unit)}.`;
  return { kind: unit <= at ? 'known' : 'meaning', text, step: unit };
}

/** The reach of one word that stands in a course, in any of its forms. */
function checkOne(
  written: string,
  key: string,
  index: CourseIndex,
  profile: ClassProfile,
): WordReach {
  const entry = index.find(key);
  const needed = entry === undefined ? Infinity : Math.max(entry.unit, entry.formUnit);
  // Una is a form of unir, too: a small word is what it is read as.
  if (needed > index.at && index.isSmall(key)) {
    const text = 'A small word that holds sentences together: met from the first lesson on.';
    return { word: written, reach: 'secure', level: 0, reasons: [{ kind: 'known', text }] };
  }
  if (!entry) {
    const text = 'Not in the course. Count it as known if the class has met it.';
    return {
      word: written,
      reach: 'beyond',
      level: undefined,
      reasons: [{ kind: 'unknown', text }],
    };
  }
  return {
    word: written,
    reach: reachAt(needed, index.at),
    level: levelAt(index.course, needed),
    reasons: [reasonOf(entry, index, profile)],
  };
}

const worst = (one: WordReach, other: WordReach): WordReach => {
  const order: readonly Reach[] = ['secure', 'stretch', 'beyond'];
  return order.indexOf(other.reach) > order.indexOf(one.reach) ? other : one;
};

/**
 * The reach of what stands in a list of another language: a word with its article, or several
 * words, which are as hard as the hardest of them where the course has not the whole.
 */
export function checkInCourse(
  written: string,
  index: CourseIndex,
  profile: ClassProfile,
): WordReach {
  const isKnown = (word: string) =>
    profile.knownWords.some((each) => each.toLowerCase() === word.toLowerCase());
  const bare = (packOf(profile.language).spelling?.bare(written) ?? written).toLowerCase();
  if (isKnown(written) || isKnown(bare)) {
    const text = `${profile.name} know this word: it is on the class’s own list.`;
    return { word: written, reach: 'secure', level: undefined, reasons: [{ kind: 'known', text }] };
  }
  const parts = bare.match(/[\p{L}\p{M}]+/gu) ?? [bare];
  const whole = checkOne(written, bare, index, profile);
  if (parts.length < 2 || whole.reasons[0]?.kind !== 'unknown') return whole;
  return parts
    .map((part) => ({ ...checkOne(part, part, index, profile), word: written }))
    .reduce(worst);
}
