/** A class that is not there: for each name a learner with typical errors, for a rehearsal. */
import { Random } from '../kernel/random';
import { habits, simulate, type Habit, type SimulatedLearner } from './simulated-learner';
import { printOf, writeSlip } from './slip';
import { learnerCopy, type Task } from '../exercises/interactions';

/** Shares of a class (common practice: a few know all, most know most, a few need much). */
const skills = [1, 0.95, 0.9, 0.85, 0.8, 0.7, 0.55] as const;

/** Learners of these names; the same seed gives the same class. */
export function simulatedClass(names: readonly string[], seed: number): SimulatedLearner[] {
  const random = new Random(seed);
  return names.map((name) => {
    const skill = skills[Math.floor(random.next() * skills.length)] ?? 1;
    const habit = habits[Math.floor(random.next() * habits.length)] as Habit;
    // Of three learners two have an error of their own.
    return { name, skill, habits: random.next() < 0.66 ? [habit] : [] };
  });
}

/** A slip of each learner, as they would come back. */
export const simulatedSlips = (
  names: readonly string[],
  lesson: string,
  exercises: readonly { readonly id: string; readonly task: Task }[],
  seed: number,
): string[] =>
  simulatedClass(names, seed).map((learner, index) =>
    writeSlip({
      learner: learner.name,
      lesson,
      answers: exercises.map(({ id, task }) => ({
        exercise: id,
        response: simulate(task, learner, seed + index),
        print: printOf(learnerCopy(task)),
      })),
      at: index,
    }),
  );
