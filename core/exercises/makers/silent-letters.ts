import type { SpotItem } from '../interactions/spot/task';
import type { Maker } from '../making/maker';
import { readWords } from '../making/read-words';
import { numbered } from '../making/usable-words';

const WORDS_IN_ROW = 3;

/** Words in rows: the letters that are written and not heard are underlined. */
const maker: Maker = {
  id: 'silent-letters',
  name: 'Letters that are not heard',
  description: 'Words in rows; the letters that are written but say nothing are underlined.',
  group: 'Sounds and spelling',
  interaction: 'spot',
  onScreen: (paper) => paper.replace('Underline', 'Choose'),
  fewestWords: 4,
  needs: 'French, Italian, Portuguese or Spanish words with a silent letter (petit, hora, hanno)',
  asks: ['spelling rules'],
  workedByDefault: true,

  make({ words, parameters: given, random, pack }) {
    const { read: known, notes } = readWords(words, pack);
    const used = known.filter(({ word, units }) => {
      const silent = units.some(({ sound }) => sound === '');
      if (!silent) {
        notes.push({ word, text: `Every letter of ${word} is heard. It was left out.` });
      }
      return silent;
    });
    let text = '';
    const items = (given.shuffle === false ? used : random.shuffle(used)).map(
      ({ word, units }, index): Omit<SpotItem, 'id'> => {
        text += index === 0 ? '' : index % WORDS_IN_ROW === 0 ? '\n' : '   ';
        const from = text.length;
        text += word;
        const place = units
          .filter(({ sound }) => sound === '')
          .flatMap(({ start, end }) =>
            Array.from({ length: end - start }, (_, offset) => start + offset),
          );
        const find = place.map((at) => word[at] ?? '').join('');
        return {
          word,
          find,
          place: place.map((at) => from + at),
          reason: `${[...find].join(', ')} of ${word} ${place.length === 1 ? 'is' : 'are'} not heard.`,
        };
      },
    );
    return {
      title: given.title ?? 'Letters that are not heard',
      instruction:
        given.instruction ?? 'Say each word. Underline the letters that you do not hear.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'spot',
        text,
        layout: 'text',
        letters: true,
        items: numbered(items),
        listed: false,
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
