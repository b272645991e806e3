/**
 * What is being typed, kept at once and beside the storage, until the storage has
 * it: it comes back after a crash, after a full disk, and after what it belongs to
 * was removed in another tab.
 */

const PREFIX = 'wordane-draft:';
/** A longer text is kept by its own savings alone: it would take the room of everything else. */
const LONGEST = 400_000;

export interface Draft {
  /** What the field showed when the typing began. */
  readonly from: string;
  readonly text: string;
  /** It could not be kept as it is: it is offered again, not put back. */
  readonly refused?: boolean;
}

const store = () => {
  try {
    return globalThis.localStorage as Storage | undefined;
  } catch {
    // Storage switched off: the field saves itself all the same.
    return undefined;
  }
};

export function keepDraft(place: string, draft: Draft): void {
  if (draft.text.length > LONGEST) return;
  try {
    store()?.setItem(PREFIX + place, JSON.stringify(draft));
  } catch {
    // No room for a draft: the field still saves itself.
  }
}

export const dropDraft = (place: string) => store()?.removeItem(PREFIX + place);

export function draftOf(place: string): Draft | undefined {
  const kept = store()?.getItem(PREFIX + place);
  if (!kept) return undefined;
  try {
    const { from, text, refused } = JSON.parse(kept) as Partial<Draft>;
    return typeof from === 'string' && typeof text === 'string'
      ? { from, text, ...(refused === true ? { refused } : {}) }
      : undefined;
  } catch {
    return undefined;
  }
}

/** Drafts of the fields of an address, by the field's name. */
export function draftsUnder(address: string): { readonly name: string; readonly text: string }[] {
  const all = store();
  if (all === undefined) return [];
  const start = `${PREFIX}${address}#`;
  return Array.from({ length: all.length }, (_, index) => all.key(index) ?? '')
    .filter((key) => key.startsWith(start))
    .flatMap((key) => {
      const draft = draftOf(key.slice(PREFIX.length));
      return draft ? [{ name: key.slice(start.length).split('#')[0] ?? '', text: draft.text }] : [];
    });
}
