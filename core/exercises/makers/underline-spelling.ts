import { showGrapheme } from '../../reach/check-word';
import { showSound } from '../../languages/en/sounds/phonemes';
import type { SpotItem } from '../interactions/spot/task';
import type { Maker } from '../making/maker';
import { findTargetSound, spellingsOf, usedSpellings } from '../../search/target-sound';
import { numbered, usableWords } from '../making/usable-words';
import { given, read } from '../making/parameters';

/** The sound it is about, in ARPAbet; found in the words where it is not given. */
const declared = { sound: given<string>('text') };

const WORDS_IN_ROW = 4;

/** Whole words in rows: the letters that spell one sound are underlined. */
const maker: Maker = {
  id: 'underline-spelling',
  name: 'Underline the spelling',
  group: 'Sounds and spelling',
  description: 'Words in rows; the letters that spell one sound are found and underlined.',
  interaction: 'spot',
  onScreen: (paper) => paper.replace('Underline', 'Choose'),
  fewestWords: 4,
  needs: 'words that share a sound',
  asks: ['sounds'],
  parameters: declared,
  workedByDefault: true,

  make({ words, parameters, random }) {
    const sound = read(declared, parameters).sound ?? findTargetSound(words);
    const ipa = sound === undefined ? '' : showSound(sound.split(' '));
    const { used, notes } = usableWords(words, (word) => {
      const units = sound === undefined ? [] : spellingsOf(word, sound);
      if (units.length === 0) return `does not have ${ipa || 'a sound the other words share'}`;
      return units.length > 1 ? `has ${ipa} twice` : { unit: units[0] as (typeof units)[number] };
    });
    const ordered = parameters.shuffle === false ? used : random.shuffle(used);
    let text = '';
    const items = ordered.map(
      ({ word: { word }, found: { unit } }, index): Omit<SpotItem, 'id'> => {
        text += index === 0 ? '' : index % WORDS_IN_ROW === 0 ? '\n' : '   ';
        const from = text.length;
        text += word;
        const letters = Array.from(
          { length: unit.end - unit.start },
          (_, offset) => from + unit.start + offset,
        );
        // The silent e of a split digraph belongs to the spelling.
        const place = unit.grapheme.endsWith('_e')
          ? [...letters, from + word.indexOf('e', unit.end)]
          : letters;
        return {
          word,
          find: place.map((offset) => word[offset - from] ?? '').join(''),
          place,
          reason: `In ${word}, ${ipa} is spelled ${showGrapheme(unit.grapheme)}.`,
        };
      },
    );
    return {
      title: parameters.title ?? `Where is ${ipa}?`,
      instruction:
        parameters.instruction ?? `Read each word. Underline the letters that spell ${ipa}.`,
      worked: parameters.worked ?? maker.workedByDefault,
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

  replacements(_, { words, parameters }) {
    const sound = read(declared, parameters).sound ?? findTargetSound(words);
    return sound === undefined ? [] : [{ sound }];
  },
  suggestions(input) {
    const sound = read(declared, input.parameters).sound ?? findTargetSound(input.words);
    return sound === undefined
      ? []
      : usedSpellings(input.words, sound).map((spelling) => ({ sound, spelling }));
  },
};

export default maker;
