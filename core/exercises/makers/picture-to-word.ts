import { noPicture, pictureFor } from '../making/picture-of';
import { readsFor } from '../making/error-names';
import { offered } from '../making/offered';
import type { ChoiceItem } from '../interactions/choice/task';
import { nearMisses } from '../making/distractors';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';

/** A picture, and the word it shows among near misses. */
const maker: Maker = {
  id: 'picture-to-word',
  name: 'Picture to word',
  group: 'Sounds and spelling',
  description:
    'A picture and three words; only one is what it shows, the others are one sound away.',
  interaction: 'choice',
  fewestWords: 3,
  needs: 'words that have a picture',
  asks: ['words'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon, profile }) {
    const fit = offered({ profile, lexicon });
    const { used, notes } = usableWords(words, ({ word, entry }) => {
      const picture = pictureFor(entry.word, { lexicon, profile, parameters }, word);
      return picture === undefined
        ? noPicture(entry.word, { lexicon, profile, parameters }, word)
        : { picture };
    });
    const answers = new Set(used.map(({ word }) => word.word.toLowerCase()));
    const items = used.flatMap(
      ({ word: { word, entry }, found: { picture } }): Omit<ChoiceItem, 'id'>[] => {
        const wrong = nearMisses(entry, lexicon, random, 2, answers, (candidate) => {
          // A word the same picture shows would be right too.
          return fit(candidate) && !lexicon.picturesOf(candidate.word).includes(picture);
        });
        if (wrong.length < 2) {
          notes.push({ word, text: `${word} has no near misses to choose from. It was left out.` });
          return [];
        }
        const options = random.shuffle([
          { text: word, right: true },
          ...wrong.map((each) => ({
            text: each.word,
            right: false,
            feedback: `That says ${each.word}.`,
            error: readsFor(each, entry, lexicon.accent),
          })),
        ]);
        return [
          {
            word,
            prompt: '',
            picture,
            options: numbered(options, 'option'),
            reason: `The picture shows ${word}.`,
          },
        ];
      },
    );
    return {
      title: parameters.title ?? 'Which word does the picture show?',
      instruction:
        parameters.instruction ?? 'Look at the picture. Read all the words. Tick the one it shows.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'choice',
        items: numbered(parameters.shuffle === false ? items : random.shuffle(items)),
      },
      notes,
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
