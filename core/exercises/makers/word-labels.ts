import { pictureFor } from '../making/picture-of';
import { flag, read } from '../making/parameters';
import { spokenGrid } from '../making/cut-outs';
import type { Maker } from '../making/maker';

const parameters = { labelPictures: flag('With pictures, where there are some', true) };

/** Labels for envelopes, trays and things in the room. */
const maker: Maker = {
  id: 'word-labels',
  name: 'Labels',
  group: 'Vocabulary',
  paperOnly: true,
  description:
    'A label for each word, with its picture: for envelopes, trays and things in the room.',
  interaction: 'speak',
  isCards: true,
  onScreen: 'Read each word aloud.',
  fewestWords: 1,
  needs: 'a word',
  asks: [],
  parameters,
  workedByDefault: false,

  make({ words, parameters: given, lexicon, profile }) {
    const { labelPictures } = read(parameters, given);
    const all = [...new Map(words.map((word) => [word.word, word] as const)).values()];
    const pictures = Object.fromEntries(
      all.flatMap(({ word, entry }): [string, string][] => {
        const picture = labelPictures
          ? pictureFor(entry?.word ?? word, { lexicon, profile, parameters: given }, word)
          : undefined;
        return picture === undefined ? [] : [[word, picture]];
      }),
    );
    const texts = all.map(({ word }) => word);
    return {
      title: given.title ?? 'Labels',
      instruction: given.instruction ?? 'Cut out the labels.',
      worked: false,
      task: spokenGrid(texts),
      paper: { cutOut: { form: 'label', groups: [texts], pictures } },
      notes: [],
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
