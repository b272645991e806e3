/**
 * A course of another language: its words and forms unit by unit, as a sequence orders sounds. The
 * usual one is made of the common list of concepts; a teacher writes her own as plain text.
 */
import type { Concept, ConceptLanguage, Concepts } from './concept';

export interface CourseUnit {
  readonly name: string;
  /** Words as a dictionary has them, with or without their article. */
  readonly words: readonly string[];
  /** Forms of verbs that are met from here on, as the tables of forms name them: “imperfect”. */
  readonly forms: readonly string[];
  /** The level it belongs to, where it is known. */
  readonly cefr?: string;
}

export interface Course {
  readonly name: string;
  readonly units: readonly CourseUnit[];
}

/** Themes in the order of first courses (common practice), and the topics of the list that each takes. */
const themes: readonly (readonly [name: string, topics: readonly string[]])[] = [
  ['People', ['people', 'communication', 'country', 'language', 'family']],
  ['First verbs', ['action', 'movement', 'mind']],
  ['Numbers and colours', ['number', 'maths', 'colour', 'shape', 'size', 'quantity']],
  ['At school', ['school', 'reading', 'grammar', 'story']],
  ['Days and hours', ['time']],
  ['Food and drink', ['food', 'drink', 'kitchen']],
  ['At home', ['home', 'place', 'quality', 'tool', 'material', 'technology']],
  ['Animals and plants', ['animals', 'plants', 'nature']],
  ['Body and clothes', ['body', 'clothes', 'health', 'feelings']],
  ['Weather and sea', ['weather', 'sea', 'space', 'science']],
  [
    'Town and travel',
    ['town', 'travel', 'transport', 'shopping', 'money', 'work', 'society', 'law'],
  ],
  ['Free time', ['games', 'sport', 'music', 'art', 'celebration', 'sound']],
];
const OTHER = 'More words';

const levels = ['A1', 'A2'] as const;

/** Forms of verbs by unit, counted from 1: what first courses of Romance languages do when (common practice). */
const formsAt: Readonly<Record<number, readonly string[]>> = {
  2: ['present'],
  13: ['past participle'],
  14: ['preterite', 'simple past'],
  17: ['imperfect'],
  20: ['future'],
  23: ['conditional'],
};

const themeOf = ({ topics, partOfSpeech }: Concept): string => {
  if (partOfSpeech === 'number') return 'Numbers and colours';
  const [first] = topics;
  return themes.find(([, taken]) => first !== undefined && taken.includes(first))?.[0] ?? OTHER;
};

/** The course that a class follows unless its teacher says otherwise: the list by level and theme. */
export function usualCourse(language: ConceptLanguage, { all }: Concepts): Course {
  const names = [...themes.map(([name]) => name), OTHER];
  const units = levels.flatMap((cefr) =>
    names.flatMap((name) => {
      const words = all
        .filter((concept) => concept.cefr === cefr && themeOf(concept) === name)
        .flatMap(({ words: { [language]: said = [] } }) => said.map(({ word }) => word));
      return words.length === 0
        ? []
        : [{ name: `${name}, ${cefr}`, words: [...new Set(words)], cefr }];
    }),
  );
  return {
    name: 'Everyday words, A1 and A2',
    units: units.map((unit, at) => ({ ...unit, forms: formsAt[at + 1] ?? [] })),
  };
}

/** Most units of a course, and most words of a unit. */
export const COURSE_LIMITS = { units: 80, words: 400, length: 60_000 } as const;

const FORMS = /^forms\s*:\s*/iu;

/** A course as it is written: a line with # for each unit, its words with commas, its forms of verbs. */
export const writeCourse = ({ units }: Course): string =>
  units
    .map(({ name, words, forms }) =>
      [`# ${name}`, words.join(', '), ...(forms.length > 0 ? [`forms: ${forms.join(', ')}`] : [])]
        .filter((line) => line !== '')
        .join('\n'),
    )
    .join('\n\n');

const listed = (line: string) =>
  line
    .split(/[,;]/u)
    .map((each) => each.trim())
    .filter((each) => each !== '');

/**
 * Reads a course as it is written.
 *
 * @throws RangeError with what is wrong and where, for the teacher
 */
export function readCourse(text: string): readonly CourseUnit[] {
  const units: { name: string; words: string[]; forms: string[] }[] = [];
  for (const [index, raw] of text.split('\n').entries()) {
    const line = raw.trim();
    if (line === '') continue;
    if (line.startsWith('#')) {
      const name = line.replace(/^#+\s*/u, '');
      if (name === '') throw new RangeError(`Line ${index + 1}: give the unit a name after #.`);
      units.push({ name: name.slice(0, 80), words: [], forms: [] });
      continue;
    }
    const unit = units.at(-1);
    if (!unit) {
      throw new RangeError(
        `Line ${index + 1}: begin a unit first, with a line such as “# Weather”.`,
      );
    }
    if (FORMS.test(line)) unit.forms.push(...listed(line.replace(FORMS, '')));
    else unit.words.push(...listed(line));
  }
  if (units.length === 0) throw new RangeError('Begin each unit with a line such as “# Weather”.');
  if (units.length > COURSE_LIMITS.units) {
    throw new RangeError(
      `A course can have ${COURSE_LIMITS.units} units; this one has ${units.length}.`,
    );
  }
  const full = units.find(({ words }) => words.length > COURSE_LIMITS.words);
  if (full) {
    throw new RangeError(
      `A unit can have ${COURSE_LIMITS.words} words; ${full.name} has ${full.words.length}. Make it two.`,
    );
  }
  return units;
}
