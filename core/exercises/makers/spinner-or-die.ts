import { choice, read } from '../making/parameters';
import { inGroups, spokenGrid } from '../making/cut-outs';
import type { Maker } from '../making/maker';

const parameters = {
  form: choice(
    'To cut out',
    [
      ['spinner', 'spinners of up to eight words'],
      ['die', 'dice of six words'],
    ],
    'spinner',
  ),
};

/** Faces of a die, and the most fields of a spinner that can still be read. */
const SIDES = { die: 6, spinner: 8 } as const;

/** A spinner or a die of one's own words, to cut out. */
const maker: Maker = {
  id: 'spinner-or-die',
  name: 'Spinner or die',
  group: 'Vocabulary',
  doneWith: ['partner'],
  paperOnly: true,
  description:
    'A spinner for a pencil and a paper clip, or a die to fold, with your words on it: what comes up is said.',
  interaction: 'speak',
  isCards: true,
  onScreen: 'Take the words in any order. Say a sentence with each.',
  fewestWords: 3,
  needs: 'three words or more',
  asks: [],
  parameters,
  workedByDefault: false,

  make({ words, parameters: given, random }) {
    const { form } = read(parameters, given);
    const all = [...new Set(words.map(({ word }) => word))];
    const ordered = given.shuffle === false ? all : random.shuffle(all);
    return {
      title: given.title ?? (form === 'die' ? 'Word dice' : 'Spinner'),
      instruction:
        given.instruction ??
        (form === 'die'
          ? 'Cut out the die, fold it and glue the tabs. Throw it, and say a sentence with the word on top.'
          : 'Cut out the circle. Hold a paper clip in its middle with a pencil, and flick it. Say a sentence with the word.'),
      worked: false,
      task: spokenGrid(ordered),
      paper: { cutOut: { form, groups: inGroups(ordered, SIDES[form]) } },
      notes: [],
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 2 }],
};

export default maker;
