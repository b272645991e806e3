import type { SortCard } from '../interactions/sort/task';
import type { MakerNote } from '../making/exercise';
import type { Maker } from '../making/maker';
import { numbered } from '../making/usable-words';

/** Words of Spanish and Portuguese under their stressed syllable. */
const maker: Maker = {
  id: 'stressed-syllable',
  name: 'Sort by stressed syllable',
  description:
    'Word cards under their stressed syllable: aguda, llana, esdrújula; oxítona, paroxítona, proparoxítona.',
  group: 'Sounds and spelling',
  interaction: 'sort',
  onScreen: 'Say each word. Put it under the name of its stress.',
  fewestWords: 4,
  needs: 'Spanish or Portuguese words of two syllables or more, with stress on different ones',
  asks: ['written stress'],
  workedByDefault: false,

  make({ words, parameters: given, random, pack }) {
    const names = pack.spelling?.stressNames ?? [];
    const notes: MakerNote[] = [];
    const cards = words.flatMap(({ word }): Omit<SortCard, 'id'>[] => {
      const bare = pack.spelling?.bare(word) ?? word;
      const found = pack.spelling?.stress?.(bare);
      const home = found && names[found.fromEnd];
      if (!found || home === undefined) {
        notes.push({
          word,
          text: `${word} is no single word of two syllables or more that can be read by rule. It was left out.`,
        });
        return [];
      }
      return [{ text: word, home, reason: found.why }];
    });
    const used = names.filter((name) => cards.some(({ home }) => home === name));
    if (used.length === 1) {
      notes.push({ text: `Every word is ${used[0]}. Add words that are stressed elsewhere.` });
    }
    return {
      title: given.title ?? 'Where is the stress?',
      instruction:
        given.instruction ??
        'Cut out the words. Say each one. Glue it under the name of its stress.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'sort',
        headings: used.map((label) => ({ id: label, label })),
        cards: numbered(given.shuffle === false ? cards : random.shuffle(cards), 'card'),
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
