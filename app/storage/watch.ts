/** Tells a tab when anything kept has changed, in this tab or another. */
import { liveQuery } from 'dexie';
import { database } from './database';

/** Calls back after each change from now on; gives the function that ends it. */
export function watchChanges(onChange: () => void): () => void {
  let first = true;
  const subscription = liveQuery(async () => {
    const latest = await database.changes.orderBy('id').last();
    const undone = await database.changes.filter((change) => change.undone === 1).count();
    return `${latest?.id ?? 0}-${undone}`;
  }).subscribe({
    next: () => {
      if (first) first = false;
      else onChange();
    },
    error: (error: unknown) => console.error(error),
  });
  return () => subscription.unsubscribe();
}
