/** A race at one board: both teams see the same question, and who first touches the right answer has it. */
import type { Random } from '../kernel/random';
import type { BoardItem } from './board-item';
import type { Team } from './line-game';

/** Points that win, and answers to choose from. */
export const RACE_GOAL = 5;
export const RACE_OPTIONS = 3;

interface RaceTask {
  readonly question: string;
  readonly answer: string;
  /** The right one among them, in another order for each team. */
  readonly options: readonly [readonly string[], readonly string[]];
}

export interface Race {
  readonly tasks: readonly RaceTask[];
  readonly at: number;
  readonly points: readonly [number, number];
  /** Teams that touched a wrong answer: they wait for the next question. */
  readonly out: readonly [boolean, boolean];
}

const plain = (text: string) => text.trim().toLowerCase();

/** An answer that is chosen with one touch: a word or two, not a sentence. */
const isShort = (answer: string) => answer.length <= 24;

/** Headings or names that all items share, at most. */
const MOST_HEADINGS = 6;
const BLANK = /_{2,}/;

/**
 * Answers that are surely wrong for an item: those it names; else the other headings, where all items
 * are put under the same few. What fits one gap may fit another, so gaps lend each other nothing.
 */
function wrongFor(item: BoardItem, items: readonly BoardItem[]): readonly string[] {
  if (item.wrong && item.wrong.length > 0) return item.wrong;
  const headings = new Map(items.map(({ answer }) => [plain(answer), answer] as const));
  const shared = headings.size <= MOST_HEADINGS && headings.size < items.length;
  if (!shared || items.some(({ question }) => BLANK.test(question))) return [];
  // A word that stands under two headings is right under both.
  const right = new Set(
    items
      .filter(({ question }) => plain(question) === plain(item.question))
      .map(({ answer }) => plain(answer)),
  );
  return [...headings].flatMap(([key, answer]) => (right.has(key) ? [] : [answer]));
}

const raceable = (items: readonly BoardItem[]): BoardItem[] => {
  const short = items.filter(({ answer }) => answer !== '' && isShort(answer));
  return short.filter((item) => wrongFor(item, short).length > 0);
};

export const hasRace = (items: readonly BoardItem[]): boolean =>
  raceable(items).length >= RACE_GOAL;

export function newRace(items: readonly BoardItem[], random: Random): Race {
  const all = raceable(items);
  const tasks = random.shuffle(all).map((item): RaceTask => {
    const wrong = random.shuffle(wrongFor(item, all)).slice(0, RACE_OPTIONS - 1);
    const options = [item.answer, ...wrong];
    return {
      question: item.question,
      answer: item.answer,
      options: [random.shuffle(options), random.shuffle(options)],
    };
  });
  return { tasks, at: 0, points: [0, 0], out: [false, false] };
}

/** The task that is raced for; undefined where all have been. */
export const raceTask = ({ tasks, at }: Race): RaceTask | undefined => tasks[at];

/** Who has won; `both` where the questions are over and both are even. */
export function raceWinner(race: Race): Team | 'both' | undefined {
  const [one, other] = race.points;
  if (one >= RACE_GOAL) return 0;
  if (other >= RACE_GOAL) return 1;
  if (raceTask(race)) return undefined;
  return one === other ? 'both' : one > other ? 0 : 1;
}

const goOn = (race: Race): Race => ({ ...race, at: race.at + 1, out: [false, false] });

/** A team touches an answer. Right, it has the point; wrong, it waits; when both were wrong, the next comes. */
export function touch(race: Race, team: Team, option: string): Race {
  const task = raceTask(race);
  if (!task || race.out[team] || raceWinner(race) !== undefined) return race;
  const { points, out } = race;
  if (option === task.answer) {
    return goOn({
      ...race,
      points: team === 0 ? [points[0] + 1, points[1]] : [points[0], points[1] + 1],
    });
  }
  const next: readonly [boolean, boolean] = team === 0 ? [true, out[1]] : [out[0], true];
  return next[0] && next[1] ? goOn(race) : { ...race, out: next };
}

/** Nobody knows it. */
export const skip = (race: Race): Race => (raceWinner(race) === undefined ? goOn(race) : race);
