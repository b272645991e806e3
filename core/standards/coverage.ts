/** Which standards a lesson serves by what it holds, and what a class has met of its year. */
import { practisedBy, type HeldExercise } from './serves';
import { standardId, type Standard } from './standard';

export interface ServedStandard {
  readonly standard: Standard;
  /** What of it the lesson practises, by the table's names. */
  readonly by: readonly string[];
  /** Everything it asks that can be computed is practised. */
  readonly whole: boolean;
  /** The teacher chose it for the lesson. */
  readonly chosen: boolean;
}

/** What a lesson is, as far as standards ask. */
export interface HeldLesson {
  /** Ids of standards that the teacher chose. */
  readonly chosen: readonly string[];
  readonly exercises: readonly HeldExercise[];
}

/** The standards that a lesson serves: those chosen first, then those of which it practises something. */
export function servedBy(lesson: HeldLesson, standards: readonly Standard[]): ServedStandard[] {
  const keys = new Set(lesson.exercises.flatMap((exercise) => [...practisedBy(exercise)]));
  return standards
    .map((standard) => {
      const by = standard.serves.filter((key) => keys.has(key));
      return {
        standard,
        by,
        whole: by.length > 0 && by.length === standard.serves.length,
        chosen: lesson.chosen.includes(standardId(standard)),
      };
    })
    .filter(({ by, chosen }) => chosen || by.length > 0)
    .sort(
      (one, other) =>
        Number(other.chosen) - Number(one.chosen) ||
        other.by.length / other.standard.serves.length - one.by.length / one.standard.serves.length,
    );
}

export interface DatedLesson extends HeldLesson {
  readonly id: string;
  readonly title: string;
  /** ISO 8601 day; undefined where the lesson has none. */
  readonly date?: string | undefined;
}

export interface Covered {
  readonly standard: Standard;
  /** The lessons that serve it, by their days; those without a day last. */
  readonly lessons: readonly {
    readonly id: string;
    readonly title: string;
    readonly date?: string | undefined;
    readonly whole: boolean;
    readonly chosen: boolean;
  }[];
}

/** Every standard with the lessons that served it; one without lessons was not met yet. */
export function coverageOf(
  lessons: readonly DatedLesson[],
  standards: readonly Standard[],
): Covered[] {
  const served = lessons.map((lesson) => ({
    lesson,
    by: new Map(servedBy(lesson, standards).map((each) => [standardId(each.standard), each])),
  }));
  return standards.map((standard) => ({
    standard,
    lessons: served
      .flatMap(({ lesson: { id, title, date }, by }) => {
        const own = by.get(standardId(standard));
        return own ? [{ id, title, date, whole: own.whole, chosen: own.chosen }] : [];
      })
      .sort((one, other) => (one.date ?? '9').localeCompare(other.date ?? '9')),
  }));
}
