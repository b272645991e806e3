/** A part of a task: some of its items, one of them, or all in another order. Items keep their ids, so that they are marked as before. */
import { canArrange } from '../exercises/arrange-items';
import { keyedItems, type Task } from '../exercises/interactions';
import { Random } from '../kernel/random';

/** Fewest partners or headings between which something is still to be decided. */
const FEWEST_PARTNERS = 3;

type Arranged = Extract<Task, { interaction: 'choice' | 'gap' | 'order' | 'write' }>;
type ArrangedItem = Arranged['items'][number];

/** The items of a task of any kind; they go back only into a task of the same kind. */
const itemsOf = ({ items }: Arranged): readonly ArrangedItem[] => items;
const withItems = (task: Arranged, items: readonly ArrangedItem[]): Task =>
  ({ ...task, items }) as unknown as Task;

/** What an item practises: its rule, the letters or the answer that is right. */
function kindOf(item: ArrangedItem): string {
  if ('options' in item) return item.options.find(({ right }) => right)?.text ?? '';
  if ('rule' in item && item.rule !== undefined) return item.rule;
  if (!('pieces' in item)) return '';
  return item.pieces
    .flatMap((piece) => (typeof piece === 'object' && piece.kind === 'gap' ? [piece.answer] : []))
    .join(' ');
}

/** True where one item can be shown without the others. */
export const canStandAlone = (task: Task): boolean => canArrange(task) && task.items.length > 1;

/** The ids of a task's items, in its order. */
export const itemIds = (task: Task): string[] => keyedItems(task).map(({ id }) => id);

/** A task with only some of its items; whole where its items do not stand each for itself. */
export function onlyItems(task: Task, ids: readonly string[]): Task {
  const has = ({ id }: { readonly id: string }) => ids.includes(id);
  switch (task.interaction) {
    case 'match': {
      const pairs = task.pairs.filter(has);
      const partners = pairs.map(({ partner }) => partner);
      const others = task.rights.filter(({ id }) => !partners.includes(id));
      const room = Math.max(0, FEWEST_PARTNERS - partners.length);
      const kept = new Set([...partners, ...others.slice(0, room).map(({ id }) => id)]);
      return { ...task, pairs, rights: task.rights.filter(({ id }) => kept.has(id)) };
    }
    case 'sort':
      return { ...task, cards: task.cards.filter(has) };
    default:
      return canArrange(task) && task.items.some(has)
        ? withItems(
            task,
            itemsOf(task).filter((item) => has(item)),
          )
        : task;
  }
}

/** The same items in another order; as it is where their order means something. */
export function shuffledTask(task: Task, seed: number): Task {
  const random = new Random(seed);
  switch (task.interaction) {
    case 'match':
      return { ...task, pairs: random.shuffle(task.pairs), rights: random.shuffle(task.rights) };
    case 'sort':
      return { ...task, cards: random.shuffle(task.cards) };
    default:
      return canArrange(task) ? withItems(task, random.shuffle(itemsOf(task))) : task;
  }
}

/**
 * A round of practice: the items that were wrong, each with another one of its kind where another
 * making of the exercise has one: its word in another sentence, else a word of its rule or with the
 * same letters missing; where the word itself is the answer, another word of the spare.
 *
 * @param spare the exercise made with another seed
 * @returns items with the ids of those they stand for
 */
export function roundOf(task: Task, wrong: readonly string[], spare?: Task): Task {
  const round = onlyItems(task, wrong);
  if (spare === undefined || !canArrange(round) || !canArrange(spare)) return round;
  if (spare.interaction !== task.interaction) return round;
  const bare = ({ id: _, ...item }: ArrangedItem) => JSON.stringify(item);
  const known = new Set(canArrange(task) ? itemsOf(task).map(bare) : []);
  const fresh = itemsOf(spare).filter((each) => !known.has(bare(each)));
  const taken = new Set<ArrangedItem>();
  const items = itemsOf(round).map((item) => {
    const free = fresh.filter((each) => !taken.has(each));
    const kind = kindOf(item);
    const other =
      free.find(({ word }) => word === item.word) ??
      free.find((each) => kind !== '' && kindOf(each) === kind) ??
      (kind === '' || kind === item.word ? free[0] : undefined);
    if (other === undefined) return item;
    taken.add(other);
    return { ...other, id: item.id };
  });
  return withItems(round, items);
}
