/**
 * Learners that are not there: each answers any exercise by its own rule, the same each time for
 * the same seed, with the errors it is known for. For a rehearsal, the demo and the tests.
 */
import type { Task } from '../exercises/interactions';
import { interactionOf } from '../exercises/interactions';
import { Random } from '../kernel/random';
import { nameError } from './name-error';

/** An error that a simulated learner makes wherever it can be made. */
export const habits = [
  'does not double the consonant',
  'keeps the silent e',
  'keeps the y',
  'mixes up b and d',
  'leaves out a vowel',
  'word order',
  'capital letter',
] as const;

export type Habit = (typeof habits)[number];

export interface SimulatedLearner {
  readonly name: string;
  /** Share of the items without a habit that are right, 0 to 1. */
  readonly skill: number;
  readonly habits: readonly Habit[];
}

/** Ways of writing a word wrong by a habit; the word itself where the habit has no place in it. */
const wrongBy: Readonly<Record<Habit, (answer: string) => string>> = {
  'does not double the consonant': (answer) =>
    answer.replace(/([bdfgmnprtz])\1(?=(ing|ed|er|est|y|en)$)/, '$1'),
  'keeps the silent e': (answer) => answer.replace(/([aiou][bcdfgklmnprstvz])(?=ing$)/, '$1e'),
  'keeps the y': (answer) => answer.replace(/ie(?=(s|d|r|st)$)/, (found) => `y${found.slice(1)}`),
  'mixes up b and d': (answer) =>
    [...answer].map((each) => (each === 'b' ? 'd' : each === 'd' ? 'b' : each)).join(''),
  'leaves out a vowel': (answer) => answer.replace(/(?<=[a-z])[aeiou](?=[a-z])/, ''),
  'word order': (answer) => {
    const words = answer.split(' ');
    if (words.length < 3) return answer;
    const [first = '', second = '', ...rest] = words;
    return [second, first, ...rest].join(' ');
  },
  'capital letter': (answer) => (answer === answer.toLowerCase() ? answer : answer.toLowerCase()),
};

/** What the learner writes for an answer; each habit that applies shows, unless it would be named otherwise. */
function written(
  answer: string,
  learner: SimulatedLearner,
  random: Random,
  /** What else there is to choose from. */
  bank: readonly string[] = [],
): string {
  for (const habit of learner.habits) {
    const wrong = wrongBy[habit](answer);
    if (wrong !== answer && nameError(wrong, answer)?.error === habit) return wrong;
  }
  if (random.next() < learner.skill) return answer;
  const wrong = others(bank, answer).filter((entry) => /^[^\s–-]+$/.test(entry));
  if (wrong.length > 0) return wrong[Math.floor(random.next() * wrong.length)] ?? '';
  // A slip of the pen: the last letter is missing.
  return answer.length > 3 ? answer.slice(0, -1) : '';
}

const others = <Value>(values: readonly Value[], right: Value): readonly Value[] =>
  values.filter((value) => value !== right);

/** The answer to one item of a task that is chosen, not written. */
function chosen<Value>(right: Value, all: readonly Value[], skill: number, random: Random): Value {
  const wrong = others(all, right);
  return random.next() < skill || wrong.length === 0
    ? right
    : (wrong[Math.floor(random.next() * wrong.length)] ?? right);
}

/** A spelling in two halves: right, or another whole spelling in its first half. */
function halved(
  gaps: readonly string[],
  bank: readonly string[],
  skill: number,
  random: Random,
): readonly string[] {
  if (random.next() < skill) return gaps;
  const whole = bank.filter((entry) => /^\p{L}+$/u.test(entry));
  return gaps.map((_, at) =>
    at === 0 ? (whole[Math.floor(random.next() * whole.length)] ?? '') : '',
  );
}

/** The response of a simulated learner to a whole task. */
export function simulate(task: Task, learner: SimulatedLearner, seed: number): unknown {
  const random = new Random(
    seed + ([...learner.name].reduce((sum, sign) => sum * 31 + sign.charCodeAt(0), 7) % 100_003),
  );
  const { skill } = learner;
  const entries = <Item extends { readonly id: string }>(
    items: readonly Item[],
    answer: (item: Item) => unknown,
  ) => Object.fromEntries(items.map((item) => [item.id, answer(item)]));
  switch (task.interaction) {
    case 'choice':
      return entries(task.items, ({ options }) => {
        const right = options.find((option) => option.right)?.id ?? '';
        return chosen(
          right,
          options.map(({ id }) => id),
          skill,
          random,
        );
      });
    case 'gap':
      return entries(task.items, ({ pieces, key }) => {
        const gaps = pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer] : []));
        const [only] = gaps;
        return gaps.length === 1 && only === key
          ? [written(only, learner, random)]
          : gaps.length === 1
            ? gaps.map((answer) => written(answer, learner, random, task.bank))
            : halved(gaps, task.bank, skill, random);
      });
    case 'write':
      return entries(task.items, ({ answer }) => written(answer, learner, random));
    case 'order':
      return entries(task.items, ({ key, pieces }) => {
        const habit = learner.habits.includes('word order') && key.length > 2;
        if (!habit && random.next() < skill) return key;
        const [first = '', second = '', ...rest] = key;
        return habit ? [second, first, ...rest] : pieces;
      });
    case 'match': {
      const rights = task.rights.map(({ id }) => id);
      return entries(task.pairs, ({ partner }) => chosen(partner, rights, skill, random));
    }
    case 'sort': {
      const heads = task.headings.map(({ id }) => id);
      return entries(task.cards, ({ home }) => chosen(home, heads, skill, random));
    }
    case 'build': {
      const places = task.places.map(({ id }) => id);
      return entries(task.pieces, ({ place }) => chosen(place, places, skill, random));
    }
    case 'spot':
      return entries(task.items, ({ place }) => (random.next() < skill ? place : []));
    case 'speak':
      return entries(task.items, () => random.next() < skill);
    case 'point': {
      const key = interactionOf(task).keyOf(task) as Record<string, unknown>;
      return entries(task.items, ({ id }) => (random.next() < skill ? key[id] : [0, 0]));
    }
  }
}
