/** The starter library as it ships: lists with their words, texts with their measures, lessons as their parts. */
import { findWords } from '../search/find-words';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { analyseText } from '../texts/analysis/analyse-text';
import type { SyllableCounter } from '../texts/analysis/syllable-count';
import { classAt, type LibraryLevel } from './library-levels';
import type { LessonSeed, ListSeed, TextSeed } from './seeds';

export interface LibraryList {
  readonly id: string;
  readonly name: string;
  readonly kind: ListSeed['kind'];
  readonly level: LibraryLevel;
  readonly words: readonly string[];
}

export interface LibraryText extends TextSeed {
  readonly id: string;
  readonly words: number;
  readonly sentences: number;
  /** School grade by the formula of Flesch and Kincaid. */
  readonly grade: number;
}

export interface LibraryLesson extends LessonSeed {
  readonly id: string;
}

export interface Library {
  readonly lists: readonly LibraryList[];
  readonly texts: readonly LibraryText[];
  readonly lessons: readonly LibraryLesson[];
}

/** Words of a list: a sheet's worth of a pattern, and more of a topic. */
const SIZE = { pattern: 16, rule: 16, topic: 20 } as const;

/** Letters and digits of a name, with strokes between. */
const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/**
 * The words of a list: what the search finds that a class of its level knows, the most frequent
 * first; where several spellings are asked for, as many of each as can be.
 */
export function wordsOfSeed({ kind, level, query, without }: ListSeed, lexicon: Lexicon): string[] {
  const size = SIZE[kind];
  const { groups } = findWords(lexicon, {
    ...query,
    class: classAt(level),
    knows: 'secure',
    fold: true,
    except: without,
    limit: size,
  });
  const rows = groups.map(({ words }) => words.map(({ entry }) => entry.word));
  const chosen: string[] = [];
  for (let at = 0; at < size && chosen.length < size; at += 1) {
    for (const row of rows) {
      const word = row[at];
      if (word !== undefined && chosen.length < size && !chosen.includes(word)) chosen.push(word);
    }
  }
  // By spelling again, as they were found.
  return rows
    .flat()
    .filter((word, index, all) => chosen.includes(word) && all.indexOf(word) === index);
}

export function makeLibrary(
  seeds: {
    readonly lists: readonly ListSeed[];
    readonly texts: readonly TextSeed[];
    readonly lessons: readonly LessonSeed[];
  },
  lexicon: Lexicon,
  syllables: SyllableCounter,
): Library {
  return {
    lists: seeds.lists.map((seed) => ({
      id: `list-${slug(seed.name)}`,
      name: seed.name,
      kind: seed.kind,
      level: seed.level,
      words: wordsOfSeed(seed, lexicon),
    })),
    texts: seeds.texts.map((seed) => {
      const { counts, readability } = analyseText({ text: seed.body, lexicon, syllables });
      return {
        ...seed,
        id: `text-${slug(seed.title)}`,
        words: counts.words,
        sentences: counts.sentences,
        grade: Math.round(readability.fleschKincaid * 10) / 10,
      };
    }),
    lessons: seeds.lessons.map((seed) => ({ ...seed, id: `lesson-${slug(seed.title)}` })),
  };
}
