/**
 * Items changed by hand. A change is kept with the word it belongs to and the
 * text it replaced, so that it finds its place again when the exercise is made
 * anew, and says so where it finds none.
 */
import { interactionOf, type Task } from './interactions';
import type { EditablePlace, HandEdit } from './interactions/kit/hand-edit';
import type { MakerNote } from './making/exercise';

export { withHandEdit, type HandEdit } from './interactions/kit/hand-edit';

/** A text of an item that may be changed. */
export interface EditableText extends EditablePlace {
  readonly word: string;
  /** What the maker wrote, where it was changed. */
  readonly was?: string;
}

/** Every text of a task that may be changed by hand, item by item. */
export function editableTexts(task: Task, edits: readonly HandEdit[] = []): EditableText[] {
  return interactionOf(task)
    .editable(task)
    .flatMap(({ word, places }) =>
      places.map(({ label, text }) => {
        const edit = edits.find((each) => each.word === word && each.to === text);
        return { word, label, text, ...(edit ? { was: edit.from } : {}) };
      }),
    );
}

/** A task with its changes in, and a note for each change that found no place. */
export function applyEdits(
  task: Task,
  edits: readonly HandEdit[],
): { readonly task: Task; readonly notes: readonly MakerNote[] } {
  const notes: MakerNote[] = [];
  const changed = edits.reduce((result, edit) => {
    const fits = editableTexts(result).some(
      ({ word, text }) => word === edit.word && text === edit.from,
    );
    if (fits) return interactionOf(result).edit(result, edit);
    notes.push({
      word: edit.word,
      text: `Your change “${edit.to}” for ${edit.word} has no place in this exercise now. It is kept, and comes back with the item.`,
    });
    return result;
  }, task);
  return { task: changed, notes };
}
