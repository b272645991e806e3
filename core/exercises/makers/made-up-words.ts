import { sequenceIndexOf } from '../../classes/class-sequence';
import { showWord } from '../../languages/en/sounds/phonemes';
import { decodableFrom } from '../../reach/reach-table';
import { pseudowords } from '../../search/pseudowords';
import type { Maker, MakerInput } from '../making/maker';
import { numbered } from '../making/usable-words';
import { given, read } from '../making/parameters';

const declared = { step: given<number>('number') };

/** How many made-up words a check has (common practice: twenty). */
const COUNT = 20;

/** The step up to which words are made: as told, else the latest step that any word of the material needs. */
function stepOf({
  parameters,
  words,
  lexicon,
}: Pick<MakerInput, 'parameters' | 'words' | 'lexicon'>): number {
  const { step } = read(declared, parameters);
  if (step !== undefined) return step;
  const index = sequenceIndexOf({ accent: lexicon.accent, sequence: null });
  const steps = words.flatMap(({ entry }) => (entry ? [decodableFrom(entry, index)] : []));
  return Math.max(14, ...steps.filter((step) => step < 200));
}

/** Made-up words to sound out: what is read cannot have been learned by heart. */
const maker: Maker = {
  id: 'made-up-words',
  name: 'Made-up words to read',
  group: 'Sounds and spelling',
  answersAreRead: true,
  doneWith: ['partner'],
  description: 'Twenty words that do not exist and can be sounded out; the listener ticks.',
  interaction: 'speak',
  fewestWords: 1,
  usesWords: false,
  needs: 'no words: the sounds taught so far',
  asks: ['sounds'],
  parameters: declared,
  workedByDefault: false,

  make(input) {
    const { parameters, random, lexicon } = input;
    const index = sequenceIndexOf({ accent: lexicon.accent, sequence: null });
    const step = stepOf(input);
    const made = pseudowords(lexicon, {
      index,
      step,
      count: COUNT,
      seed: Math.floor(random.next() * 1e9),
    });
    const byStep = [...made].sort((left, right) => left.word.length - right.word.length);
    return {
      title: parameters.title ?? 'Read the made-up words',
      instruction:
        parameters.instruction ??
        'These words are not real. Sound each one out. The listener ticks what is right.',
      worked: false,
      task: {
        interaction: 'speak',
        real: false,
        items: numbered(
          byStep.map(({ word, phonemes }) => {
            const says = showWord(phonemes.map((each) => ({ phonemes: each.split(' ') })));
            return { word, says, reason: `${word} says ${says}.` };
          }),
        ),
      },
      notes:
        made.length < COUNT
          ? [{ text: `Only ${made.length} words can be made from what is taught by step ${step}.` }]
          : [],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
