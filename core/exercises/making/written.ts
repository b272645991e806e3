/** Items that are written: the task, and beside it the lines that paper gives each. */
import type { WriteItem, WritePaper, WriteTask } from '../interactions/write/task';
import { numbered } from './usable-words';

/** An item with what is not given filled in: nothing else accepted, no reason, two lines. */
export type GivenItem = Pick<WriteItem, 'word' | 'prompt' | 'answer'> &
  Partial<WriteItem> & {
    /** Lines to write on, on paper. */
    readonly lines?: number;
  };

const USUAL_LINES = 2;

export function written(
  items: readonly GivenItem[],
  rest: Partial<Omit<WriteTask, 'interaction' | 'items'>> = {},
  paper: Omit<WritePaper, 'lines'> = {},
): { readonly task: WriteTask; readonly paper: WritePaper } {
  const all = numbered(items);
  return {
    task: {
      interaction: 'write',
      script: [],
      ...rest,
      items: all.map(({ lines, ...item }) => ({ accepted: [], reason: '', ...item })),
    },
    paper: {
      ...paper,
      lines: Object.fromEntries(all.map(({ id, lines = USUAL_LINES }) => [id, lines])),
    },
  };
}
