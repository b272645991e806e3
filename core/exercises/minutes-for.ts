/** About how long an exercise takes, by its kind and the number of its items. */
import { interactionOf, type InteractionName, type Task } from './interactions';

/** Minutes for one item, and to read what is to be done or to cut out (common practice). */
const paces: Readonly<Record<InteractionName, { readonly each: number; readonly begin: number }>> =
  {
    choice: { each: 0.5, begin: 1 },
    gap: { each: 0.6, begin: 1 },
    match: { each: 0.4, begin: 2 },
    sort: { each: 0.4, begin: 5 },
    order: { each: 1, begin: 1 },
    spot: { each: 0.3, begin: 1 },
    write: { each: 1.5, begin: 1 },
    speak: { each: 0.15, begin: 2 },
    build: { each: 0.6, begin: 4 },
    point: { each: 0.5, begin: 2 },
  };

/** Whole minutes, five at least and then by fives where it takes longer than ten. */
export function minutesFor(task: Task): number {
  const { each, begin } = paces[task.interaction];
  const minutes = begin + each * interactionOf(task).size(task);
  return minutes <= 10 ? Math.max(3, Math.round(minutes)) : Math.round(minutes / 5) * 5;
}
