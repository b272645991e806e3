import { joinList } from '../../kernel/join-list';
import type { SortCard } from '../interactions/sort/task';
import type { Maker } from '../making/maker';
import { read, text } from '../making/parameters';
import { lettersToAsk, readWords, soundName } from '../making/read-words';
import { numbered } from '../making/usable-words';

const parameters = { spelled: text('Which letters (c, g, s, ill …)', 6) };

const SILENT = 'silent';

/** Words of a language that is read by rule, under what one letter says in them. */
const maker: Maker = {
  id: 'sounds-of-a-letter',
  name: 'Sort the sounds of a letter',
  description:
    'Word cards to cut out and glue under what a letter says in them: c of Spanish in casa and in cena.',
  group: 'Sounds and spelling',
  interaction: 'sort',
  onScreen: 'Say each word. Put it under what the letter says.',
  fewestWords: 4,
  needs:
    'French, Italian, Portuguese or Spanish words with a letter that says two things (c, g, s)',
  asks: ['spelling rules'],
  parameters,
  workedByDefault: false,

  make({ words, parameters: given, random, pack }) {
    const { read: known, notes } = readWords(words, pack);
    const heard = (sound: string) => (sound === '' ? SILENT : sound);
    const letters =
      read(parameters, given).spelled?.trim().toLowerCase() || lettersToAsk(known) || '';
    const cards: Omit<SortCard, 'id'>[] = [];
    for (const { word, units } of known) {
      const sounds = new Set(
        units.filter((unit) => unit.letters === letters).map((unit) => heard(unit.sound)),
      );
      const [home] = sounds;
      if (home === undefined || sounds.size > 1) {
        const why =
          home === undefined
            ? `does not have ${letters} as letters of one sound`
            : `has ${letters} with two sounds (${joinList(
                [...sounds].map((sound) => (sound === SILENT ? sound : `[${sound}]`)),
                'and',
              )})`;
        notes.push({ word, text: `${word} ${why}. It was left out.` });
        continue;
      }
      const says = home === SILENT ? 'is silent' : `says [${home}]`;
      cards.push({ text: word, home, reason: `In ${word}, ${letters} ${says}.` });
    }
    const headings = [...new Set(cards.map(({ home }) => home))];
    if (headings.length === 1) {
      notes.push({
        text: `${letters} says the same in every word. Add words in which it does not.`,
      });
    }
    return {
      title: given.title ?? `What ${letters} says`,
      instruction:
        given.instruction ??
        `Cut out the words. Say each one. Glue it under what ${letters} says in it.`,
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'sort',
        headings: headings.map((id) => ({
          id,
          label: id === SILENT ? SILENT : soundName(id, pack),
        })),
        cards: numbered(given.shuffle === false ? cards : random.shuffle(cards), 'card'),
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
