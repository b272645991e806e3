import { joinList } from '../../kernel/join-list';
import type { SortCard } from '../interactions/sort/task';
import type { MakerNote } from '../making/exercise';
import type { Maker } from '../making/maker';
import { openChoice, read } from '../making/parameters';
import { inBrackets, readWords, soundName, soundOptions, soundToAsk } from '../making/read-words';
import { numbered } from '../making/usable-words';

const parameters = {
  spoken: openChoice('Which sound', 'the one that most words share', soundOptions()),
};

/** Words of a language that is read by rule, under the spelling that a sound has in them. */
const maker: Maker = {
  id: 'spellings-of-a-sound',
  name: 'Sort the spellings of a sound',
  description:
    'Word cards to cut out and glue under the letters that say one sound: French [ɛ̃] in lapin, pain, ceinture.',
  group: 'Sounds and spelling',
  interaction: 'sort',
  onScreen: 'Say each word. Put it under the letters that say the sound.',
  fewestWords: 4,
  needs: 'French, Italian, Portuguese or Spanish words that share a sound and spell it in two ways',
  asks: ['spelling rules'],
  parameters,
  workedByDefault: false,

  make({ words, parameters: given, random, pack }) {
    const { read: known, notes } = readWords(words, pack);
    const sound = read(parameters, given).spoken ?? soundToAsk(known, pack);
    const cards: Omit<SortCard, 'id'>[] = [];
    const leave = (word: string, why: string): MakerNote => ({
      word,
      text: `${word} ${why}. It was left out.`,
    });
    for (const { word, units } of known) {
      const letters = new Set(
        units.filter((unit) => unit.sound === sound).map((unit) => unit.letters),
      );
      const [home] = letters;
      if (home === undefined) {
        notes.push(leave(word, `does not have ${sound ? inBrackets(sound) : 'the sound'}`));
      } else if (letters.size > 1) {
        notes.push(leave(word, `spells it in two ways (${joinList([...letters], 'and')})`));
      } else {
        const reason = `In ${word} the letters ${home} say ${inBrackets(sound ?? '')}.`;
        cards.push({ text: word, home, reason });
      }
    }
    const headings = [...new Set(cards.map(({ home }) => home))];
    if (headings.length === 1) {
      const [only] = headings;
      notes.push({
        text: `Every word spells the sound with ${only}. Add words with another spelling.`,
      });
    }
    return {
      title: given.title ?? `Letters that say ${sound ? soundName(sound, pack) : 'a sound'}`,
      instruction:
        given.instruction ??
        'Cut out the words. Say each one. Glue it under the letters that say the sound.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'sort',
        headings: headings.map((label) => ({ id: label, label })),
        cards: numbered(given.shuffle === false ? cards : random.shuffle(cards), 'card'),
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
