import { noPicture, pictureFor } from '../making/picture-of';
import type { Maker } from '../making/maker';
import { usableWords } from '../making/usable-words';
import { written } from '../making/written';

/** Pictures with a line to write the word on. */
const maker: Maker = {
  id: 'picture-writing',
  name: 'Write what you see',
  group: 'Vocabulary',
  description: 'A picture and a line: the word is written beside it.',
  interaction: 'write',
  fewestWords: 3,
  needs: 'words that have a picture',
  asks: ['words'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon, profile }) {
    const { used, notes } = usableWords(words, ({ word, entry }) => {
      const picture = pictureFor(entry.word, { lexicon, profile, parameters }, word);
      return picture === undefined
        ? noPicture(entry.word, { lexicon, profile, parameters }, word)
        : { picture };
    });
    const items = used.map(({ word: { word, entry }, found: { picture } }) => ({
      word,
      prompt: '',
      picture,
      answer: word,
      // Another name for the same thing is right too: hen and chicken.
      accepted: lexicon.wordsOfPicture(picture).filter((each) => each !== entry.word),
      lines: 1,
      reason: `It is a picture of ${word}.`,
    }));
    return {
      title: parameters.title ?? 'Write what you see',
      instruction:
        parameters.instruction ?? 'Look at the picture. Say the word. Write it on the line.',
      worked: parameters.worked ?? maker.workedByDefault,
      ...written(parameters.shuffle === false ? items : random.shuffle(items)),
      notes,
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
