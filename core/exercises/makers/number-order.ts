import { numberKindNames, type NumberKindName } from '../../languages/language-pack';
import type { OrderItem } from '../interactions/order/task';
import { grammarMaker } from '../making/grammar-maker';
import { MIXED } from '../making/number-samples';
import { readNumbers, type ReadNumber } from '../making/read-numbers';
import { sizeOfMeasure, type Size } from '../making/size-of-measure';
import { numbered } from '../making/usable-words';

/** How many numbers stand in one item. */
const TOGETHER = 4;
/** So many times the numbers that are needed are made up, to choose neighbours from. */
const AS_MANY = 3;

/** Kinds that have a size; of a date or a telephone number none is larger. */
const sized: readonly NumberKindName[] = numberKindNames.filter(
  (kind) => !['dates', 'times', 'phone numbers', 'ranges', 'years', 'ordinals'].includes(kind),
);

type Sized = ReadNumber & { readonly size: Size };

/** Numbers that measure the same in groups of four, or three where so many are left; no two of a size. */
function groupsOf(numbers: readonly Sized[]): Sized[][] {
  const groups: Sized[][] = [];
  for (const number of numbers) {
    const room = groups.find(
      (group) =>
        group.length < TOGETHER &&
        group[0]?.size.of === number.size.of &&
        group[0].kind === number.kind &&
        group.every(({ size }) => size.amount !== number.size.amount),
    );
    if (room) room.push(number);
    else groups.push([number]);
  }
  return groups.filter((group) => group.length >= 3);
}

/** Numbers and measures to be written in order, from small to large. */
export default grammarMaker({
  id: 'number-order',
  asks: ['numbers'],
  name: 'From small to large',
  description: 'Numbers, measures, prices or temperatures put in order of size: 8 mm, 2 cm, 1 m.',
  interaction: 'order',
  sentences: 'own',
  needs: 'numbers of your own that measure the same, one a line, or none: Wordane makes them up',
  fewest: 1,
  usual: 6,
  targets: [...sized, MIXED],
  title: 'From small to large',
  instruction: 'Write the numbers in order. Begin with the smallest.',
  make(input) {
    const { random, wanted, target } = input;
    const own = (input.parameters['sentences'] as readonly string[] | undefined) ?? [];
    const { numbers, notes } = readNumbers(
      input,
      (target === MIXED ? numberKindNames.length : AS_MANY) * TOGETHER * wanted,
    );
    const measured = numbers.flatMap((number): Sized[] => {
      const size = sized.includes(number.kind) ? sizeOfMeasure(number.text) : undefined;
      return size === undefined ? [] : [{ ...number, size }];
    });
    // Of those made up, neighbours stand together: what lies far apart is too easy. Temperatures are
    // read on one scale, the cold ones beside the warm.
    const near =
      own.length > 0 || target === 'temperatures'
        ? measured
        : [...measured].sort((one, other) => one.size.amount - other.size.amount);
    const groups = random.shuffle(groupsOf(near)).slice(0, wanted);
    const used = new Set(groups.flat().map(({ text }) => text));
    const left = own.length > 0 ? numbers.filter((number) => !used.has(number.text)) : [];
    const items = groups.map((group): Omit<OrderItem, 'id'> => {
      const right = [...group].sort((one, other) => one.size.amount - other.size.amount);
      const key = right.map(({ text }) => text);
      let pieces = random.shuffle(key);
      // Never in order already.
      if (pieces.every((piece, at) => piece === key[at])) pieces = [...pieces].reverse();
      const units = new Set(key.map((text) => text.replace(/[\d.,/\s−-]/g, '')));
      return {
        word: key[0] ?? '',
        pieces,
        key,
        reason:
          units.size > 1
            ? `From small to large: ${key.join(', ')}. Turn all into one unit to compare them.`
            : (right[1]?.size.amount ?? 0) < 0
              ? `From small to large: ${key.join(', ')}. Below nought the larger figure is the smaller number.`
              : `From small to large: ${key.join(', ')}.`,
      };
    });
    return {
      notes: [
        ...notes,
        ...(left.length > 0
          ? [`No three others measure the same as ${left.map(({ text }) => text).join(', ')}.`]
          : []),
      ],
      task: { interaction: 'order', sentence: true, row: true, items: numbered(items) },
    };
  },
});
