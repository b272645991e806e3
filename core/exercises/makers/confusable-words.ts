import {
  confusableSets,
  confusablesOf,
  type ConfusableSet,
} from '../../languages/en/words/confusables';
import type { ChoiceItem } from '../interactions/choice/task';
import type { Maker, MakerInput } from '../making/maker';
import { numbered } from '../making/usable-words';
import { given, read } from '../making/parameters';

const declared = { sets: given<readonly ConfusableSet[]>('list') };

const MOST = 10;

/** The sets that the words belong to, each once, the teacher's own before ours. */
function setsOf({
  words,
  parameters,
}: Pick<MakerInput, 'words' | 'parameters'>): readonly ConfusableSet[] {
  const found = words.flatMap(({ word }) => confusablesOf(word, read(declared, parameters).sets));
  return [...new Set(found)];
}

/** Sentences with a gap, and words that are often taken for each other to choose from. */
const maker: Maker = {
  id: 'confusable-words',
  name: 'Often confused words',
  group: 'Vocabulary',
  description:
    'A sentence with a gap, and the words that are taken for each other: there, their, they’re.',
  interaction: 'choice',
  fewestWords: 2,
  bringsWords: true,
  needs: 'words that are often confused, such as weather, hear, to',
  asks: ['words'],
  parameters: declared,
  workedByDefault: true,

  make(input) {
    const { words, parameters, random } = input;
    const sets = setsOf(input);
    const notes = words
      .filter(({ word }) => confusablesOf(word, read(declared, parameters).sets).length === 0)
      .map(({ word }) => ({
        word,
        text: `${word} is in no set of confused words. It was left out.`,
      }));
    const items = sets.flatMap((set) =>
      set.words.map(({ word, meaning, sentence, wordClass }): Omit<ChoiceItem, 'id'> => {
        // A sentence that begins with the gap begins with a capital.
        const capital = sentence.startsWith('___');
        const shown = (text: string) =>
          capital ? text.charAt(0).toUpperCase() + text.slice(1) : text;
        return {
          word,
          prompt: sentence.replace('___', '______'),
          options: numbered(
            random.shuffle(set.words).map((each) => ({
              text: shown(each.word),
              right: each.word === word,
              ...(each.word === word ? {} : { feedback: `${each.word} means: ${each.meaning}.` }),
            })),
            'option',
          ),
          reason: `${word}${wordClass === undefined ? '' : ` (${wordClass})`} means: ${meaning}.${set.tell === undefined ? '' : ` ${set.tell}`}`,
        };
      }),
    );
    // The class's own sets are never crowded out by ours.
    const isOwn = ({ word }: { readonly word: string }) =>
      (read(declared, parameters).sets ?? []).some((set) =>
        set.words.some((each) => each.word === word),
      );
    const mixed = parameters.shuffle === false ? items : random.shuffle(items);
    const kept = [...mixed.filter(isOwn), ...mixed.filter((item) => !isOwn(item))].slice(0, MOST);
    const chosen = parameters.shuffle === false ? kept : random.shuffle(kept);
    return {
      title: parameters.title ?? 'Which word is right?',
      instruction:
        parameters.instruction ?? 'Read the sentence. Tick the word that belongs in the gap.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: { interaction: 'choice', items: numbered(chosen) },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
  ownStartWords: (parameters) =>
    (read(declared, parameters).sets ?? []).flatMap((set) => set.words[0]?.word ?? []),
  startWords: [
    'weather',
    'hear',
    'to',
    'there',
    ...confusableSets.slice(5, 8).map((set) => set.words[0]?.word ?? ''),
  ],
};

export default maker;
