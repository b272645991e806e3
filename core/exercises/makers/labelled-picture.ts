import type { Maker } from '../making/maker';
import { sceneOf } from '../interactions/point/scene-layout';
import { numbered } from '../making/usable-words';
import { pictured } from './find-in-picture';

const MOST = 9;

/** A picture of several things, each with a line for its label. */
const maker: Maker = {
  id: 'labelled-picture',
  name: 'Label the picture',
  group: 'Vocabulary',
  description: 'A picture of several things; each gets its word, from a box or from memory.',
  interaction: 'point',
  fewestWords: 3,
  needs: 'words that have a picture',
  asks: ['words'],
  workedByDefault: true,

  make(input) {
    const { parameters, random } = input;
    const { used, notes } = pictured(input);
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, MOST);
    const scene = sceneOf(
      chosen.map(({ found }) => found.picture),
      random,
      0.9,
      0.075,
    );
    return {
      title: parameters.title ?? 'Label the picture',
      instruction:
        parameters.instruction ?? 'Look at the picture. Write the word under each thing.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'point',
        scene,
        answer: 'label',
        bank: parameters.bank === false ? [] : random.shuffle(chosen.map(({ word }) => word.word)),
        items: numbered(
          chosen.map(({ word: { word } }, index) => ({
            word,
            thing: scene.things[index]?.id ?? '',
            reason: `This is the picture of ${word}.`,
          })),
        ),
      },
      notes,
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
