import { showSound } from '../../languages/en/sounds/phonemes';
import { showGrapheme } from '../../reach/check-word';
import { handwritingOf } from '../making/handwriting-of';
import type { Maker, MakerInput } from '../making/maker';
import { exampleOf } from '../making/example-of';
import { usableWords } from '../making/usable-words';
import { type GivenItem, written } from '../making/written';
import type { MaterialWord } from '../../search/material-word';
import { choice, read, sentences } from '../making/parameters';
import { handParameters } from '../making/common-parameters';

const declared = {
  dictate: choice(
    'Dictate',
    [
      ['sounds', 'sounds'],
      ['words', 'words'],
      ['sentences', 'sentences'],
    ],
    'words',
  ),
  sentences: sentences({ when: { parameter: 'dictate', is: 'sentences' } }),
  ...handParameters,
};

type Dictated = 'sounds' | 'words' | 'sentences';

const instructions: Readonly<Record<Dictated, string>> = {
  sounds: 'Listen to the sound. Say it. Write the letters that can spell it.',
  words: 'Listen. Say the word. Count its sounds on your fingers. Write it.',
  sentences: 'Listen to the whole sentence. Say it. Write it. Check the capital and the end.',
};

/** What the teacher does, before what she says. */
const directions: Readonly<Record<Dictated, string>> = {
  sounds: 'Say each sound twice, and the word it is heard in.',
  words:
    'Say each word, use it in a sentence, say it again. Then its sounds, if a learner needs them.',
  sentences: 'Say each sentence twice at the speed of speech, then slowly in parts.',
};

/** An item, and what the teacher says for it. */
interface Dictation {
  readonly item: GivenItem;
  readonly say: string;
}

/** One item for each sound of the words: every spelling the words have of it is right. */
function soundItems(used: readonly MaterialWord[]): Dictation[] {
  const spellings = new Map<string, { readonly word: string; readonly letters: Set<string> }>();
  for (const { word, entry } of used) {
    for (const { grapheme, phonemes } of entry?.readings[0].units ?? []) {
      if (phonemes.length === 0) continue;
      const sound = phonemes.join(' ');
      const known = spellings.get(sound) ?? { word, letters: new Set<string>() };
      known.letters.add(showGrapheme(grapheme));
      spellings.set(sound, known);
    }
  }
  return [...spellings].map(([sound, { word, letters }]) => {
    const [answer = '', ...accepted] = letters;
    const said = showSound(sound.split(' '));
    const also = accepted.length > 0 ? `; also ${accepted.join(', ')}` : '';
    return {
      item: {
        word,
        prompt: '',
        answer,
        accepted,
        lines: 1,
        reason: `${said} as in ${word}${also}.`,
      },
      say: `${said}, as in ${word}.`,
    };
  });
}

function wordItem({ word, entry }: MaterialWord, input: MakerInput): Dictation {
  const twin = input.lexicon.twinOf(entry?.word ?? word)?.word;
  const sounds = (entry?.readings[0].units ?? [])
    .filter((unit) => unit.phonemes.length > 0)
    .map((unit) => showSound(unit.phonemes));
  const sentence = exampleOf(word, input);
  return {
    item: {
      word,
      prompt: '',
      answer: word,
      accepted: twin === undefined ? [] : [twin],
      lines: 1,
      reason: sounds.join(' '),
    },
    say: [`${word}.`, ...(sentence === undefined ? [] : [sentence, `${word}.`])].join(' '),
  };
}

/** Sounds, words or sentences the teacher says, and lines for the learner; the script prints with the key. */
const maker: Maker = {
  id: 'dictation',
  name: 'Dictation',
  group: 'Sounds and spelling',
  doneWith: ['partner', 'class'],
  description:
    'Lines for the learner, and a script for the teacher: sounds, words with a sentence, or sentences.',
  interaction: 'write',
  fewestWords: 3,
  needsMeanings: true,
  needs: 'words the class has practised',
  asks: ['sounds'],
  parameters: declared,
  workedByDefault: false,

  make(input) {
    const { words, parameters, random } = input;
    const { dictate } = read(declared, parameters);
    const { used, notes } = usableWords(words, ({ word }) => {
      if (dictate !== 'sentences') return {};
      const sentence = exampleOf(word, input);
      return sentence === undefined
        ? 'has no sentence: write one of your own under Your own sentences'
        : { sentence };
    });
    const ordered = parameters.shuffle === false ? used : random.shuffle(used);
    const given = ordered.map(({ word }) => word);
    const items: Dictation[] =
      dictate === 'sounds'
        ? soundItems(given)
        : dictate === 'words'
          ? given.map((word) => wordItem(word, input))
          : ordered.map(({ word: { word }, found: { sentence = '' } }) => ({
              item: { word, prompt: '', answer: sentence, accepted: [], lines: 2, reason: '' },
              say: sentence,
            }));
    return {
      title: parameters.title ?? 'Dictation',
      instruction: parameters.instruction ?? instructions[dictate],
      worked: parameters.worked ?? maker.workedByDefault,
      ...written(
        items.map(({ item }) => item),
        {
          script: [directions[dictate], ...items.map(({ say }, index) => `${index + 1}. ${say}`)],
          ...handwritingOf(input),
        },
      ),
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
