import { pictureFor } from '../making/picture-of';
import { checkSentence } from '../../languages/shared/sentence-check';
import { examplesOf } from '../making/example-of';
import { choiceRows, kindOfWord } from '../making/helper-words';
import type { Maker } from '../making/maker';
import { handwritingOf } from '../making/handwriting-of';
import { usableWords } from '../making/usable-words';
import { type GivenItem, written } from '../making/written';
import { handParameters } from '../making/common-parameters';
import { choice, read } from '../making/parameters';

const MOST_PICTURES = 8;
/** Sentences asked for. */
const MOST_SENTENCES = 4;
const FEWEST_WORDS = 4;

const declared = {
  ...handParameters,
  pictures: choice(
    'Words',
    [
      ['with', 'with their pictures'],
      ['without', 'without pictures'],
    ],
    'with',
  ),
};

const checksOf = (word: string) => ({ words: [word], fewest: FEWEST_WORDS });

/** A box of words with their pictures, and lines for sentences with them. */
const maker: Maker = {
  id: 'writing-bank',
  name: 'Picture and word writing bank',
  group: 'Vocabulary',
  description: 'A box of words with pictures, and lines for sentences that use them.',
  interaction: 'write',
  fewestWords: 3,
  needsMeanings: true,
  needs: 'words to write with; those that have a picture show it',
  asks: ['words', 'meanings'],
  parameters: declared,
  workedByDefault: false,

  make(input) {
    const { words, parameters, random } = input;
    const { used, notes } = usableWords(words, ({ word, entry }) => ({
      picture: pictureFor(entry.word, input, word),
      example: examplesOf(entry.word, input).find(
        (text) => checkSentence(text, checksOf(entry.word)).length === 0,
      ),
    }));
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(
      0,
      MOST_PICTURES,
    );
    // A sentence is asked of words that have a model; where none has one the lines are free.
    const models = chosen.filter(({ found }) => found.example !== undefined);
    const items = (models.length > 0 ? models : chosen)
      .slice(0, MOST_SENTENCES)
      .map(({ word: { word }, found: { example } }): GivenItem => ({
        word,
        prompt: '',
        answer: example ?? '',
        accepted: [],
        ...(example === undefined ? { open: true } : { checks: checksOf(word) }),
        lines: 2,
        reason: `Any good sentence with ${word} is right.`,
      }));
    const pictured = read(declared, parameters).pictures === 'with';
    const bank = chosen.map(({ word: { word }, found: { picture } }) => ({
      word,
      ...(pictured && picture !== undefined ? { picture } : {}),
    }));
    const classOf = new Map(
      chosen.map(({ word: { word, entry } }) => [word, entry?.schoolClasses[0]] as const),
    );
    return {
      title: parameters.title ?? 'Write with these words',
      instruction:
        parameters.instruction ??
        `Choose a word from the box. Write a sentence with it: ${FEWEST_WORDS} words or more, a capital first, an end mark last.`,
      worked: parameters.worked ?? maker.workedByDefault,
      ...written(items, {
        script: ['The sentences are the learner’s own; those given here are models.'],
        bank,
        choices: choiceRows(bank, (word) => kindOfWord(classOf.get(word))),
        ...handwritingOf(input),
      }),
      notes,
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
