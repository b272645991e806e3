/**
 * The class that this tab is about. Each tab keeps its own, so that what is opened beside in a tab
 * of its own leaves the others with their class; a new tab begins with the class chosen last.
 */
const KEY = 'wordane-focus';

export function tabFocus(): string | undefined {
  try {
    return sessionStorage.getItem(KEY) ?? undefined;
  } catch {
    return undefined;
  }
}

export function setTabFocus(classId: string): void {
  try {
    sessionStorage.setItem(KEY, classId);
  } catch {
    // A browser that keeps nothing for a tab has one class for all of them.
  }
}
