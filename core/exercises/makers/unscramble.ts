import { pictureFor } from '../making/picture-of';
import type { OrderItem } from '../interactions/order/task';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';

/** Longer words have too many orders to try, and are hardly ever two words at once. */
const MOST_TRIED = 6;

function* ordersOf(pieces: readonly string[]): Generator<string> {
  if (pieces.length <= 1) yield pieces.join('');
  for (const [index, piece] of pieces.entries()) {
    if (pieces.length <= 1 || pieces.indexOf(piece) < index) continue;
    const others = [...pieces.slice(0, index), ...pieces.slice(index + 1)];
    for (const rest of ordersOf(others)) yield piece + rest;
  }
}

/** Another common word that the same pieces make: net and ten. */
function otherOrder(word: string, pieces: readonly string[], lexicon: Lexicon): string | undefined {
  if (pieces.length > MOST_TRIED) return undefined;
  for (const order of ordersOf(pieces)) {
    if (order !== word.toLowerCase() && (lexicon.find(order)?.zipf ?? 0) >= 3) return order;
  }
  return undefined;
}

/** Graphemes of a word in a mixed order, to be put right. */
const maker: Maker = {
  id: 'unscramble',
  name: 'Put the letters in order',
  group: 'Sounds and spelling',
  description: 'The graphemes of a word out of order; digraphs stay together.',
  interaction: 'order',
  fewestWords: 3,
  needs: 'words of three graphemes or more',
  asks: ['words'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon, profile }) {
    const { used, notes } = usableWords(words, ({ word, entry }) => {
      const { units } = entry.readings[0];
      const pieces = units.flatMap((unit, index) => {
        const letters = word.slice(unit.start, unit.end);
        const afterSplit = units[index - 1]?.grapheme.endsWith('_e') === true;
        // The silent e of a split digraph is a piece of its own.
        return afterSplit ? [letters.slice(0, -1), letters.slice(-1)] : [letters];
      });
      if (pieces.length < 3 || new Set(pieces).size < 2) return 'has too few graphemes to mix';
      if (pieces.length > 10) return 'has more pieces than a row holds';
      return pieces;
    });
    const items = used.flatMap(({ word: { word, entry }, found: key }): Omit<OrderItem, 'id'>[] => {
      const other = otherOrder(word, key, lexicon);
      if (
        other !== undefined &&
        pictureFor(entry.word, { lexicon, profile, parameters }, word) === undefined
      ) {
        const text = `The letters of ${word} also make ${other}, and no picture says which. It was left out.`;
        notes.push({ word, text });
        return [];
      }
      for (let turn = 0; turn < 20; turn += 1) {
        const pieces = random.shuffle(key);
        const shown = pieces.join('');
        // The mix must be no word itself, and nothing rude.
        if (shown === key.join('') || lexicon.find(shown) || lexicon.isUnfit(shown)) continue;
        const picture = pictureFor(entry.word, { lexicon, profile, parameters }, word);
        return [
          {
            word,
            pieces,
            key,
            ...(picture ? { picture } : {}),
            reason: `${word}: ${key.join(' · ')}.`,
          },
        ];
      }
      notes.push({ word, text: `${word} makes other words when it is mixed. It was left out.` });
      return [];
    });
    return {
      title: parameters.title ?? 'Put the letters in order',
      instruction:
        parameters.instruction ??
        'The letters are mixed up. Write the word on the line. Letters in one box stay together.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'order',
        items: numbered(parameters.shuffle === false ? items : random.shuffle(items)),
      },
      notes,
    };
  },

  replacements: (word) => [{ maxSyllables: word.entry?.readings[0].syllables.length ?? 1 }],
  suggestions: () => [{ maxSyllables: 1, pictured: true }],
};

export default maker;
