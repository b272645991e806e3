/** The choice interaction: one answer is picked of several. QTI 3 counterpart: choiceInteraction. */
export interface ChoiceOption {
  readonly id: string;
  readonly text: string;
  readonly right: boolean;
  /** What to say to a learner who picks it although it is wrong. */
  readonly feedback?: string;
  /** The error that picking it shows, by its name. */
  readonly error?: string;
}

export interface ChoiceItem {
  readonly id: string;
  /** The word the item is about. */
  readonly word: string;
  /** What is asked; empty where a picture asks. */
  readonly prompt: string;
  /** What is read before the item, where the item stands between paragraphs. */
  readonly passage?: string;
  /** Name of a shipped picture. */
  readonly picture?: string;
  readonly options: readonly ChoiceOption[];
  /** Why the key is right, in the learner's words. */
  readonly reason: string;
}

export interface ChoiceTask {
  readonly interaction: 'choice';
  readonly items: readonly ChoiceItem[];
}

/** Item id to the id of the option that was picked. */
export type ChoiceResponse = Readonly<Record<string, string>>;
