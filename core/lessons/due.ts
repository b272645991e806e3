/**
 * What waits for a teacher: answers that she has to read, files given home that have not all come
 * back, lessons of the next days that have no exercise yet. Derived from the lessons each time.
 */
import { makerInfo } from '../exercises/catalogue';
import { joinList } from '../kernel/join-list';
import { dayAfter, daysFrom } from '../plan/calendar';
import { readSlip, type Slip } from '../practice/slip';
import { partsOf, type Lesson } from '../records/lesson';

export interface Due {
  readonly kind: 'read' | 'home' | 'make';
  /** The id of the lesson, and what it is called. */
  readonly lesson: string;
  readonly title: string;
  /** The ISO 8601 day it is of; undefined where it has none. */
  readonly day?: string | undefined;
  /** In a sentence without its full stop. */
  readonly says: string;
}

/** Days after which nothing more is waited for. */
const WAITS = 28;
/** Days ahead for which a lesson should be ready: the day itself and the next two. */
const AHEAD = 3;
/** Names that are said; more are counted. */
const MOST_NAMES = 3;

/** Whether anything was written, chosen or said in an answer. */
const isGiven = (response: unknown): boolean =>
  typeof response === 'string'
    ? response.trim() !== ''
    : typeof response === 'object' && response !== null
      ? Object.values(response).some(isGiven)
      : response === true || typeof response === 'number';

/** The slips of a lesson that can be read. */
export const slipsOf = ({ slips = [] }: Lesson): Slip[] =>
  slips.map(readSlip).flatMap((slip) => ('error' in slip ? [] : [slip]));

const named = (names: readonly string[]) =>
  names.length <= MOST_NAMES ? joinList(names, 'and') : `${names.length} learners`;

function toRead(lesson: Lesson, slips: readonly Slip[], since: string): Due[] {
  if ((lesson.plan?.date ?? since) < since) return [];
  const isRead = new Set(
    partsOf(lesson)
      .filter(({ kind, maker }) => kind === 'exercise' && makerInfo(maker)?.answersAreRead)
      .map(({ id }) => id),
  );
  const remarked = new Set(
    (lesson.remarks ?? []).map(({ learner, exercise }) => JSON.stringify([learner, exercise])),
  );
  const waiting = slips.filter(({ learner, answers }) =>
    answers.some(
      ({ exercise, response }) =>
        isRead.has(exercise) &&
        isGiven(response) &&
        !remarked.has(JSON.stringify([learner, exercise])),
    ),
  );
  const names = [...new Set(waiting.map(({ learner }) => learner))];
  return names.length === 0
    ? []
    : [
        {
          kind: 'read',
          lesson: lesson.id,
          title: lesson.title,
          says: `Not read yet: ${named(names)}`,
        },
      ];
}

function atHome(
  lesson: Lesson,
  slips: readonly Slip[],
  learners: readonly string[],
  since: string,
): Due[] {
  const file = (lesson.takeHomes ?? [])
    .filter(({ returned, day }) => returned && day >= since)
    .sort((one, other) => other.day.localeCompare(one.day))
    .at(0);
  if (file === undefined) return [];
  const back = new Set(
    slips
      .filter(({ answers }) => answers.some(({ exercise }) => file.parts.includes(exercise)))
      .map(({ learner }) => learner),
  );
  const away = learners.filter((name) => !back.has(name));
  const on = { kind: 'home', lesson: lesson.id, title: lesson.title, day: file.day } as const;
  if (learners.length === 0) {
    return back.size === 0 ? [{ ...on, says: 'The file given home has not come back' }] : [];
  }
  if (away.length === 0) return [];
  const says =
    back.size === 0
      ? 'The file given home has not come back from anybody'
      : `Not back from home: ${named(away)}`;
  return [{ ...on, says }];
}

function toMake(lesson: Lesson, days: readonly string[]): Due[] {
  const day = lesson.plan?.date ?? '';
  const empty = partsOf(lesson).every(({ kind }) => kind === 'note');
  return days.includes(day) && empty
    ? [{ kind: 'make', lesson: lesson.id, title: lesson.title, day, says: 'Has no exercise yet' }]
    : [];
}

const order = ['make', 'read', 'home'] as const satisfies readonly Due['kind'][];

/**
 * @param learners the names of the class
 * @param today an ISO 8601 day
 * @returns what is to be made by its day, then what is to be read, then what is still at home; in
 *   each the order of the lessons
 */
export function dueOf(
  lessons: readonly Lesson[],
  learners: readonly string[],
  today: string,
): Due[] {
  const ahead = daysFrom(today, AHEAD);
  const since = dayAfter(today, -WAITS);
  const found = lessons.flatMap((lesson) => {
    const slips = slipsOf(lesson);
    return [
      ...toMake(lesson, ahead),
      ...toRead(lesson, slips, since),
      ...atHome(lesson, slips, learners, since),
    ];
  });
  return order.flatMap((kind) => found.filter((due) => due.kind === kind));
}
