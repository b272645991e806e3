/** Which tab this is, and which are open: undo takes back what its own tab did. */

import { newId } from '~/operations/new-id';

const LOCK = 'wordane-tab-';
const KEY = 'wordane-tab';

let own: string | undefined;

function read(): string {
  try {
    const before = sessionStorage.getItem(KEY);
    if (before !== null) return before;
    const made = newId();
    sessionStorage.setItem(KEY, made);
    return made;
  } catch {
    return newId();
  }
}

/** The same through every reload of the tab. */
export const thisTab = (): string => (own ??= read());

/**
 * Holds this tab's name for as long as it is open. A tab that was opened as a copy
 * of another has its name too, and takes one of its own.
 */
export async function beOpen(): Promise<void> {
  const { locks } = navigator as { locks?: LockManager };
  if (locks === undefined) return;
  const hold = () =>
    new Promise<boolean>((held) => {
      void locks.request(LOCK + thisTab(), { ifAvailable: true }, (lock) => {
        held(lock !== null);
        // Never let go of: the browser does, when the tab closes.
        return lock === null ? undefined : new Promise(() => undefined);
      });
    });
  if (await hold()) return;
  own = newId();
  try {
    sessionStorage.setItem(KEY, own);
  } catch {
    // The name is kept as long as the page is.
  }
  await hold();
}

/** Names of the tabs that are open; none where the browser does not say. */
export async function openTabs(): Promise<Set<string>> {
  const locks = (globalThis.navigator as { locks?: LockManager } | undefined)?.locks;
  const { held = [] } = (await locks?.query().catch(() => undefined)) ?? {};
  return new Set(
    held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])),
  );
}
