/**
 * Items changed by hand. A change is kept with the word it belongs to and the
 * text it replaced, so that it finds its place again when the exercise is made
 * anew, and says so where it finds none.
 */
import type { MakerNote, Task } from './exercise';
import type { WriteItem } from './interactions/write';

export interface HandEdit {
  /** The word of the item. */
  readonly word: string;
  /** The text as the maker wrote it, and as it should be. */
  readonly from: string;
  readonly to: string;
}

/** A text of an item that may be changed. */
export interface EditableText {
  readonly word: string;
  /** What the text is: question, answer, reason … */
  readonly label: string;
  readonly text: string;
  /** What the maker wrote, where it was changed. */
  readonly was?: string;
}

interface Place {
  readonly label: string;
  readonly text: string;
}

type Item = { readonly word: string };

/** The texts of one item of a task, by interaction. */
function placesOf(task: Task): { item: Item; places: Place[] }[] {
  const text = (label: string, value: string | undefined): Place[] =>
    value === undefined || value.trim() === '' ? [] : [{ label, text: value }];
  switch (task.interaction) {
    case 'choice':
      return task.items.map((item) => ({
        item,
        places: [
          ...text('Question', item.prompt),
          ...item.options.flatMap((option) =>
            text(option.right ? 'Right answer' : 'Wrong answer', option.text),
          ),
          ...text('Reason', item.reason),
        ],
      }));
    case 'gap':
      return task.items.map((item) => ({
        item,
        places: [
          ...item.pieces.flatMap((piece) =>
            piece.kind === 'text' ? text('Text', piece.text) : text('Answer', piece.answer),
          ),
          // A key that only repeats the answer changes with it.
          ...(item.pieces.some((piece) => piece.kind === 'gap' && piece.answer === item.key)
            ? []
            : text('Key', item.key)),
          ...text('Reason', item.reason),
        ],
      }));
    case 'match':
      return task.pairs.map((pair) => {
        const right = task.rights.find((side) => side.id === pair.partner);
        return {
          item: pair,
          places: [
            ...text('Left', pair.left.picture ? undefined : pair.left.text),
            ...text('Right', right?.picture ? undefined : right?.text),
            ...text('Reason', pair.reason),
          ],
        };
      });
    case 'order':
      return task.items.map((item) => ({ item, places: text('Reason', item.reason) }));
    case 'sort':
      return task.cards.map((card) => ({
        item: { word: card.text },
        places: text('Reason', card.reason),
      }));
    case 'write':
      return task.items.map((item) => ({
        item,
        places: [
          ...text('Prompt', item.prompt),
          // An open question has room for the teacher's model answer.
          ...(item.open
            ? [{ label: 'Model answer', text: item.answer }]
            : text('Answer', item.answer)),
          ...text('Reason', item.reason),
        ],
      }));
    case 'build':
      return task.pieces.map((piece) => ({
        item: { word: piece.word ?? piece.text },
        places: text('Reason', piece.reason),
      }));
    case 'spot':
    case 'point':
      return task.items.map((item) => ({ item, places: text('Reason', item.reason) }));
    case 'speak':
      return [];
  }
}

/** Every text of a task that may be changed by hand, item by item. */
export function editableTexts(task: Task, edits: readonly HandEdit[] = []): EditableText[] {
  return placesOf(task).flatMap(({ item, places }) =>
    places.map(({ label, text }) => {
      const edit = edits.find((each) => each.word === item.word && each.to === text);
      return { word: item.word, label, text, ...(edit ? { was: edit.from } : {}) };
    }),
  );
}

/** A copy of an item with one of its texts replaced, wherever it stands in it. */
function replaced<Value>(value: Value, from: string, to: string): Value {
  if (typeof value === 'string') return (value === from ? to : value) as Value;
  if (Array.isArray(value)) return value.map((each: unknown) => replaced(each, from, to)) as Value;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [
      name,
      // What an item is about, and how it is found, is not for changing.
      ['id', 'word', 'partner', 'place', 'home', 'kind', 'picture', 'thing'].includes(name)
        ? (each as unknown)
        : replaced(each, from, to),
    ]),
  ) as Value;
}

/** An open question with a model answer; of a table it stands in the first empty cell of the key. */
function withModelAnswer(item: WriteItem, answer: string): WriteItem {
  const empty = item.keyCells?.indexOf('') ?? -1;
  return {
    ...item,
    answer,
    ...(item.keyCells && empty >= 0
      ? { keyCells: item.keyCells.map((cell, index) => (index === empty ? answer : cell)) }
      : {}),
  };
}

function withEdit(task: Task, edit: HandEdit): Task {
  const { word, from, to } = edit;
  const change = <Shape extends Item>(item: Shape): Shape =>
    item.word === word ? replaced(item, from, to) : item;
  switch (task.interaction) {
    case 'match': {
      const ids = new Set(
        task.pairs.filter((pair) => pair.word === word).map((pair) => pair.partner),
      );
      return {
        ...task,
        pairs: task.pairs.map(change),
        rights: task.rights.map((side) =>
          ids.has(side.id) && side.text === from ? { ...side, text: to } : side,
        ),
      };
    }
    case 'sort':
      return {
        ...task,
        cards: task.cards.map((card) =>
          card.text === word && card.reason === from ? { ...card, reason: to } : card,
        ),
      };
    case 'build':
      return {
        ...task,
        pieces: task.pieces.map((piece) =>
          (piece.word ?? piece.text) === word && piece.reason === from
            ? { ...piece, reason: to }
            : piece,
        ),
      };
    case 'gap': {
      const items = task.items.map(change);
      const answers = new Set(
        task.items.flatMap((item) =>
          item.pieces.map((piece) => (piece.kind === 'gap' ? piece.answer : '')),
        ),
      );
      // An answer that was in the box stands there as it is now.
      const bank = answers.has(from)
        ? task.bank.map((entry) => (entry === from ? to : entry))
        : task.bank;
      return { ...task, items, bank };
    }
    // Each interaction is named, because the items of each are of another shape.
    case 'choice':
      return { ...task, items: task.items.map(change) };
    case 'order':
      return { ...task, items: task.items.map(change) };
    case 'write':
      return {
        ...task,
        items: task.items.map((item) =>
          from === '' && item.word === word ? withModelAnswer(item, to) : change(item),
        ),
      };
    case 'spot':
      return { ...task, items: task.items.map(change) };
    case 'point':
      return { ...task, items: task.items.map(change) };
    case 'speak':
      return task;
  }
}

/** A task with its changes in, and a note for each change that found no place. */
export function applyEdits(
  task: Task,
  edits: readonly HandEdit[],
): { readonly task: Task; readonly notes: readonly MakerNote[] } {
  const notes: MakerNote[] = [];
  const changed = edits.reduce((result, edit) => {
    const fits = placesOf(result).some(
      ({ item, places }) =>
        item.word === edit.word && places.some((place) => place.text === edit.from),
    );
    if (fits) return withEdit(result, edit);
    notes.push({
      word: edit.word,
      text: `Your change “${edit.to}” for ${edit.word} has no place in this exercise now. It is kept, and comes back with the item.`,
    });
    return result;
  }, task);
  return { task: changed, notes };
}

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
