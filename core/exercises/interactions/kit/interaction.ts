/**
 * What an interaction is: everything that is known of one way of answering.
 * A folder beside this one defines each; `interactions/index.ts` names them.
 */
import type { DocumentNode } from '../../../paper/document';
import type { Answers, Face } from '../../../paper/face';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import type { EditableItem, HandEdit } from './hand-edit';
import type { Verdict } from './verdict';

/** One item of a key. */
export interface KeyedItem {
  readonly id: string;
  /** What is asked, as text. */
  readonly question: string;
  readonly answer: string;
  /** Other right answers. */
  readonly accepted: readonly string[];
  readonly reason: string;
  readonly word: string;
}

/** How one exercise stands on paper: which answers are written in, and what its interaction asks of paper. */
export interface OnPaper<Paper> {
  readonly answers: Answers;
  readonly needs: Paper;
}

/** An interaction's name, by which a task says which it is. */
export interface AnyTask {
  readonly interaction: string;
}

/**
 * `Paper` holds what only paper needs to know (lines to write on, columns); a
 * screen never sees it, and every field of it may be missing.
 */
export interface Interaction<Task extends AnyTask, Response, Paper extends object = object> {
  /** What is wrong with a task, in plain sentences; an empty list where nothing is. */
  readonly validate: (task: Task) => string[];
  readonly mark: (task: Task, response: Response) => Verdict[];
  /** The words the task uses, in its order: what the reach check looks at. */
  readonly wordsOf: (task: Task) => string[];
  /** The response that has every mark: the key. */
  readonly keyOf: (task: Task) => Response;
  /** Every item with its answer and why: for the key, for a check of what is read, for a spreadsheet. */
  readonly keyedItems: (task: Task) => KeyedItem[];
  /** The task as a learner gets it who answers on a screen: the same items and ids, no answer in it. */
  readonly learnerCopy: (task: Task) => Task;

  readonly editable: (task: Task) => EditableItem[];
  readonly edit: (task: Task, edit: HandEdit) => Task;
  /** The answers right beside the key, by the item's word, where the teacher may give her own. */
  readonly accepted?: (task: Task) => ReadonlyMap<string, readonly string[]>;
  readonly withAccepted?: (task: Task, own: Readonly<Record<string, readonly string[]>>) => Task;

  /** How many items there are, and the task with only the first of them. */
  readonly size: (task: Task) => number;
  readonly first: (task: Task, count: number, needs: Paper) => Task;

  /** Item 1 can be shown worked. */
  readonly canShowWorked: (task: Task) => boolean;
  /** Cut out and played with on paper, so that nothing stands there to be marked; never where left out. */
  readonly isPlayed?: (task: Task) => boolean;
  /** It has answers to choose from that can be given or left out. */
  readonly hasBank: (task: Task) => boolean;

  /** What the learner gets, as a document. */
  readonly nodes: (task: Task, needs: Paper) => DocumentNode[];
  /** What stands before the answers in the key of a document. */
  readonly keyHead?: (task: Task) => DocumentNode[];
  /** False where the key of a document gives the answers alone, the questions being clear from their numbers. */
  readonly namesQuestions: boolean;
  readonly paper: (task: Task, style: SheetStyle, on: OnPaper<Paper>) => Face;
  readonly key: (task: Task, style: SheetStyle, needs: Paper) => Block[];
}
