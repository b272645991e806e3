/**
 * The seed files of the starter library (`data/library/`): lists as searches, texts as they are
 * read, lessons as the exercises of their stages. What is wrong in one is refused with its line.
 */
import type { WordQuery } from '../search/word-query';
import { stageIds, type StageId } from '../records/lesson';
import { isLibraryLevel, type LibraryLevel } from './library-levels';

export interface ListSeed {
  readonly name: string;
  readonly kind: 'pattern' | 'rule' | 'topic';
  readonly level: LibraryLevel;
  readonly query: WordQuery;
  /** Words that the search finds and the list does not have. */
  readonly without: readonly string[];
}

export interface TextSeed {
  readonly title: string;
  readonly kind: string;
  readonly level: LibraryLevel;
  readonly body: string;
}

/** A part of a stage: what the teacher says or does, or an exercise by its maker. */
export type PartSeed =
  | { readonly note: string }
  | { readonly maker: string; readonly parameters: Readonly<Record<string, unknown>> };

export interface LessonSeed {
  readonly title: string;
  readonly level: LibraryLevel;
  /** Names of the lists and titles of the texts that it is made from. */
  readonly lists: readonly string[];
  readonly text?: string;
  readonly objective: string;
  readonly standards: readonly string[];
  readonly stages: Readonly<Record<StageId, readonly PartSeed[]>>;
}

/** A line of a seed file that cannot be read. */
export class SeedError extends Error {
  override readonly name = 'SeedError';
}

const lines = (table: string) =>
  table
    .trimEnd()
    .split('\n')
    .slice(1)
    .map((line, index) => ({ fields: line.split('\t'), at: index + 2 }));

function levelOf(level: string | undefined, where: string): LibraryLevel {
  if (level === undefined || !isLibraryLevel(level)) {
    throw new SeedError(`${where}: ${level ?? 'nothing'} is no level of the library.`);
  }
  return level;
}

const kinds = ['pattern', 'rule', 'topic'] as const;

export const readListSeeds = (table: string): ListSeed[] =>
  lines(table).map(({ fields, at }) => {
    const [name = '', kind, level, query = '', without = ''] = fields;
    const where = `lists, line ${at}`;
    const known = kinds.find((each) => each === kind);
    if (name === '' || known === undefined) throw new SeedError(`${where}: no name, or no kind.`);
    try {
      return {
        name,
        kind: known,
        level: levelOf(level, where),
        query: JSON.parse(query) as WordQuery,
        without: without.split(' ').filter(Boolean),
      };
    } catch (error) {
      throw new SeedError(`${where}: ${error instanceof Error ? error.message : 'not read'}`);
    }
  });

/** “# Title”, “kind: story · level: Grade 1–2”, and the text. */
export function readTextSeed(file: string): TextSeed {
  const [first = '', second = '', ...rest] = file.trim().split('\n');
  const title = /^# (.+)$/.exec(first)?.[1];
  const facts = /^kind: (.+?) · level: (.+)$/.exec(second);
  if (title === undefined || facts === null) {
    throw new SeedError(`${first || 'A text'}: the title, the kind or the level is missing.`);
  }
  const [, kind = '', level = ''] = facts;
  return { title, kind, level: levelOf(level, title), body: rest.join('\n').trim() };
}

/** `maker-id`, or `maker-id {"parameter":"value"}`; whatever else is a note. */
const MAKER = /^([a-z]+(?:-[a-z]+)*)(?: (\{.*\}))?$/;

function readPart(part: string): PartSeed {
  const [, maker, parameters] = MAKER.exec(part) ?? [];
  return maker === undefined
    ? { note: part }
    : {
        maker,
        parameters: parameters ? (JSON.parse(parameters) as Record<string, unknown>) : {},
      };
}

const several = (field: string | undefined, between: string) =>
  (field ?? '')
    .split(between)
    .map((each) => each.trim())
    .filter(Boolean);

export const readLessonSeeds = (table: string): LessonSeed[] =>
  lines(table).map(({ fields, at }) => {
    const [title = '', level, lists, text = '', objective = '', standards, ...cells] = fields;
    if (cells.length !== stageIds.length) {
      throw new SeedError(`lessons, line ${at}: there are ${cells.length} stages.`);
    }
    return {
      title,
      level: levelOf(level, `lessons, line ${at}`),
      lists: several(lists, '+'),
      ...(text === '' ? {} : { text }),
      objective,
      standards: several(standards, ','),
      stages: Object.fromEntries(
        stageIds.map((stage, index) => [stage, several(cells[index], ' | ').map(readPart)]),
      ) as Record<StageId, PartSeed[]>,
    };
  });
