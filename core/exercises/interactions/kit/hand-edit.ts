/** Texts of items that a teacher may change by hand, and the change itself. */

export interface HandEdit {
  /** The word of the item. */
  readonly word: string;
  /** The text as the maker wrote it, and as it should be. */
  readonly from: string;
  readonly to: string;
}

/** A text of an item that may be changed. */
export interface EditablePlace {
  /** What the text is: question, answer, reason … */
  readonly label: string;
  readonly text: string;
}

export interface EditableItem {
  readonly word: string;
  readonly places: readonly EditablePlace[];
}

/** A place for a text that is there; nothing for an empty one. */
export const placeFor = (label: string, text: string | undefined): EditablePlace[] =>
  text === undefined || text.trim() === '' ? [] : [{ label, text }];

/** What an item is about, and how it is found, is not for changing. */
const fixed = new Set(['id', 'word', 'partner', 'place', 'home', 'kind', 'picture', 'thing']);

/** A copy with one text replaced, wherever it stands in it. */
export function replaced<Value>(value: Value, from: string, to: string): Value {
  if (typeof value === 'string') return (value === from ? to : value) as Value;
  if (Array.isArray(value)) return value.map((each: unknown) => replaced(each, from, to)) as Value;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [
      name,
      fixed.has(name) ? (each as unknown) : replaced(each, from, to),
    ]),
  ) as Value;
}

/** The items with a change in those it belongs to. */
export const editItems = <Item extends { readonly word: string }>(
  items: readonly Item[],
  { word, from, to }: HandEdit,
): Item[] => items.map((item) => (item.word === word ? replaced(item, from, to) : item));

/** The items with a changed reason, where nothing else of them may be changed. */
export const editReasons = <Item extends { readonly reason: string }>(
  items: readonly Item[],
  wordOf: (item: Item) => string,
  { word, from, to }: HandEdit,
): Item[] =>
  items.map((item) =>
    wordOf(item) === word && item.reason === from ? { ...item, reason: to } : item,
  );

/** Reasons alone, item by item. */
export const reasonPlaces = <Item extends { readonly reason: string }>(
  items: readonly Item[],
  wordOf: (item: Item) => string,
): EditableItem[] =>
  items.map((item) => ({ word: wordOf(item), places: placeFor('Reason', item.reason) }));

/** The changes with one more: a text that was changed before is changed from what the maker wrote. */
export function withHandEdit(
  edits: readonly HandEdit[],
  word: string,
  shown: string,
  to: string,
): HandEdit[] {
  const before = edits.find((edit) => edit.word === word && edit.to === shown);
  const from = before?.from ?? shown;
  const others = edits.filter((edit) => edit !== before);
  return from === to ? others : [...others, { word, from, to }];
}
