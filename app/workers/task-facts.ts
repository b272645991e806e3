/** What the panel beside an exercise knows of its task. */
import { acceptedOf } from '~core/exercises/accepted';
import { editableTexts, type EditableText } from '~core/exercises/hand-edits';
import { interactionOf } from '~core/exercises/interactions';
import type { Exercise } from '~core/exercises/making/exercise';

/** What the panel beside an exercise needs to know of its task, so that the screen need not know interactions. */
export interface TaskFacts {
  readonly canShowWorked: boolean;
  readonly hasBank: boolean;
  /** The answers to choose from are given unless the teacher takes them away. */
  readonly bankIsUsual: boolean;
  /** Items with a key, and open questions that have none. */
  readonly keyed: number;
  readonly open: number;
  readonly editable: readonly EditableText[];
  /** Answers right beside the key, by the word of the item. */
  readonly accepted: Readonly<Record<string, readonly string[]>>;
}

export function factsOf({ task, parameters }: Exercise): TaskFacts {
  const interaction = interactionOf(task);
  const open =
    task.interaction === 'write'
      ? task.items.filter((item) => item.open === true && item.answer === '').length
      : 0;
  // What is traced is shown: it has no answer beside itself.
  const traced =
    task.interaction === 'write'
      ? task.items.filter((item) => item.trace !== undefined || item.strokes !== undefined).length
      : 0;
  const bankIsUsual = !(task.interaction === 'gap' && task.crossing);
  // What is formed from a word in brackets has no box: nothing is offered that would do nothing.
  const neverHasOne =
    task.interaction === 'gap' &&
    bankIsUsual &&
    task.bank.length === 0 &&
    parameters.bank !== false;
  return {
    canShowWorked: interaction.canShowWorked(task),
    hasBank: interaction.hasBank(task) && !neverHasOne,
    bankIsUsual,
    keyed: interaction.size(task) - open - traced,
    open,
    editable: editableTexts(task, parameters.edits),
    accepted: Object.fromEntries(acceptedOf(task)),
  };
}
