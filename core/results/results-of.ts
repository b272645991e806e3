/**
 * What a class's slips say of a lesson: by learner, by item, by error. Every answer is marked here
 * anew. Formative: no ranks, no grades.
 */
import type { Task } from '../exercises/interactions';
import { markItem } from '../exercises/mark-item';
import type { Verdict } from '../exercises/interactions/kit/verdict';
import { diagnoseVerdict, NO_ANSWER } from '../practice/diagnose';
import { printOf, type Slip } from '../practice/slip';
import { learnerCopy } from '../exercises/interactions';

/** An exercise of the lesson as it is now. */
export interface GivenExercise {
  readonly id: string;
  readonly title: string;
  readonly task: Task;
  /** The same exercise as it was made for some: with support, or with more to do. */
  readonly versions?: readonly Task[];
}

export interface GivenLesson {
  readonly id: string;
  readonly title: string;
  readonly exercises: readonly GivenExercise[];
  /** Who may answer; anybody where it is not given. */
  readonly learners?: readonly string[];
}

export interface AnsweredItem extends Verdict {
  readonly exercise: string;
  /** The error by its name; absent where it is right. */
  readonly named?: string;
  readonly rule?: string;
}

export interface LearnerResult {
  readonly learner: string;
  readonly score: number;
  readonly outOf: number;
  readonly items: readonly AnsweredItem[];
  readonly errors: readonly {
    readonly error: string;
    readonly count: number;
    readonly rule: string;
  }[];
}

export interface ItemResult {
  readonly exercise: string;
  readonly item: string;
  readonly asked: string;
  readonly expected: string;
  readonly answered: number;
  readonly right: number;
  /** Share of those who answered that have it right, 0 to 1. */
  readonly difficulty: number;
  /**
   * Correlation of the item with the rest of the score, −1 to 1 (point-biserial, rest score);
   * undefined where all or none have it right, or fewer than five answered.
   */
  readonly discrimination?: number;
  /** Wrong answers, the commonest first. */
  readonly wrong: readonly {
    readonly given: string;
    readonly count: number;
    readonly error: string;
  }[];
  /** A plain note where the item itself may be at fault. */
  readonly note?: string;
}

export interface Results {
  readonly lesson: string;
  readonly learners: readonly LearnerResult[];
  readonly items: readonly ItemResult[];
  readonly errors: readonly {
    readonly error: string;
    readonly count: number;
    readonly learners: readonly string[];
  }[];
  /** Slips and answers that are not counted, and why. */
  readonly problems: readonly string[];
}

/** Fewest answers from which something is said of an item. */
const FEWEST = 5;
/** One wrong answer given by so great a share misleads. */
const MISLEADS = 0.5;

/** The latest slip of each learner; the others are named. */
function latest(slips: readonly Slip[], lesson: GivenLesson, problems: string[]): Slip[] {
  const found = new Map<string, Slip>();
  for (const slip of slips) {
    if (slip.lesson !== lesson.id) {
      problems.push(`A slip of ${slip.learner} is of another lesson. It is not counted.`);
      continue;
    }
    if (lesson.learners && !lesson.learners.includes(slip.learner)) {
      problems.push(`${slip.learner} is not on the list of this class. The slip is not counted.`);
      continue;
    }
    const before = found.get(slip.learner);
    if (before === undefined) {
      found.set(slip.learner, slip);
      continue;
    }
    const same = JSON.stringify(before.answers) === JSON.stringify(slip.answers);
    problems.push(
      same
        ? `${slip.learner} has handed in the same slip twice. It counts once.`
        : `${slip.learner} has handed in two slips. The later one counts.`,
    );
    if ((slip.at ?? 0) >= (before.at ?? 0)) found.set(slip.learner, slip);
  }
  return [...found.values()];
}

function itemsOf(slip: Slip, lesson: GivenLesson, problems: string[]): AnsweredItem[] {
  return slip.answers.flatMap(({ exercise: id, response, print }) => {
    const exercise = lesson.exercises.find((each) => each.id === id);
    if (exercise === undefined) {
      problems.push(`${slip.learner} has answered an exercise that is not in the lesson any more.`);
      return [];
    }
    const { task: usual, versions = [] } = exercise;
    const task =
      print === undefined
        ? usual
        : [usual, ...versions].find((each) => print === printOf(learnerCopy(each)));
    if (task === undefined) {
      problems.push(
        `“${exercise.title}” was changed after ${slip.learner} had it. Those answers are not counted.`,
      );
      return [];
    }
    const given = typeof response === 'object' && response !== null ? response : {};
    return markItem(task, given).verdicts.map((verdict): AnsweredItem => {
      const found = diagnoseVerdict(verdict, task);
      return {
        ...verdict,
        exercise: id,
        ...(found ? { named: found.error, rule: found.rule } : {}),
      };
    });
  });
}

function learnerResult(learner: string, items: readonly AnsweredItem[]): LearnerResult {
  const errors = new Map<string, { count: number; rule: string }>();
  for (const { named, rule = '' } of items) {
    if (named === undefined) continue;
    errors.set(named, { count: (errors.get(named)?.count ?? 0) + 1, rule });
  }
  return {
    learner,
    score: Math.max(
      0,
      items.reduce((sum, { score }) => sum + score, 0),
    ),
    outOf: items.reduce((sum, { outOf }) => sum + outOf, 0),
    items,
    errors: [...errors]
      .map(([error, each]) => ({ error, ...each }))
      .sort((one, other) => other.count - one.count),
  };
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Pearson's correlation; undefined where one side does not vary. */
export function correlation(
  ones: readonly number[],
  others: readonly number[],
): number | undefined {
  const [one, other] = [mean(ones), mean(others)];
  let both = 0;
  let first = 0;
  let second = 0;
  ones.forEach((value, index) => {
    const [a, b] = [value - one, (others[index] ?? 0) - other];
    both += a * b;
    first += a * a;
    second += b * b;
  });
  return first === 0 || second === 0 ? undefined : both / Math.sqrt(first * second);
}

function itemResult(
  exercise: GivenExercise,
  item: string,
  learners: readonly LearnerResult[],
): ItemResult {
  const answers = learners.flatMap((learner) => {
    const found = learner.items.find((each) => each.exercise === exercise.id && each.item === item);
    return found ? [{ found, rest: learner.score - found.score }] : [];
  });
  const right = answers.filter(({ found }) => found.right).length;
  const counts = new Map<string, { count: number; error: string }>();
  for (const { found } of answers) {
    if (found.right) continue;
    counts.set(found.given, {
      count: (counts.get(found.given)?.count ?? 0) + 1,
      error: found.named ?? '',
    });
  }
  const wrong = [...counts]
    .map(([given, each]) => ({ given, ...each }))
    .sort((one, other) => other.count - one.count);
  const [commonest] = wrong.filter(({ given }) => given !== '');
  const answered = answers.length;
  const discrimination =
    answered < FEWEST
      ? undefined
      : correlation(
          answers.map(({ found }) => (found.right ? 1 : 0)),
          answers.map(({ rest }) => rest),
        );
  const misleads =
    answered >= FEWEST && commonest !== undefined && commonest.count / answered >= MISLEADS;
  const [first] = answers;
  return {
    exercise: exercise.id,
    item,
    asked: first?.found.asked ?? '',
    expected: first?.found.expected ?? '',
    answered,
    right,
    difficulty: answered === 0 ? 0 : right / answered,
    ...(discrimination === undefined ? {} : { discrimination }),
    wrong,
    ...(misleads
      ? {
          note: `This item misleads: ${commonest.count} of ${answered} gave “${commonest.given}”.`,
        }
      : discrimination !== undefined && discrimination < -0.2
        ? {
            note: 'Those who had the rest right have this wrong more often. Look at the item again.',
          }
        : {}),
  };
}

/** The results of a lesson from its slips. */
export function resultsOf(slips: readonly Slip[], lesson: GivenLesson): Results {
  const problems: string[] = [];
  const learners = latest(slips, lesson, problems).map((slip) =>
    learnerResult(slip.learner, itemsOf(slip, lesson, problems)),
  );
  const items = lesson.exercises.flatMap((exercise) => {
    const ids = new Set(
      learners.flatMap((learner) =>
        learner.items.filter((each) => each.exercise === exercise.id).map(({ item }) => item),
      ),
    );
    return [...ids].map((item) => itemResult(exercise, item, learners));
  });
  const errors = new Map<string, { count: number; learners: string[] }>();
  for (const { learner, errors: own } of learners) {
    for (const { error, count } of own) {
      if (error === NO_ANSWER) continue;
      const before = errors.get(error) ?? { count: 0, learners: [] };
      errors.set(error, {
        count: before.count + count,
        learners: [...before.learners, learner],
      });
    }
  }
  return {
    lesson: lesson.id,
    learners: learners.sort((one, other) => one.learner.localeCompare(other.learner)),
    items,
    errors: [...errors]
      .map(([error, each]) => ({ error, ...each }))
      .sort((one, other) => other.count - one.count),
    problems: [...new Set(problems)],
  };
}
