import { pictureFor } from '../making/picture-of';
import type { ChoiceItem, ChoiceTask } from '../interactions/choice/task';
import { takesFor } from '../making/error-names';
import type { Maker, MakerInput } from '../making/maker';
import { shortMeaning } from '../making/short-meaning';
import { numbered, usableWords } from '../making/usable-words';
import chooseMeaning from './choose-meaning';
import pictureToWord from './picture-to-word';

const MOST = 12;

type Item = Omit<ChoiceItem, 'id'>;

/** Items that another maker makes of one of the words; none where it cannot. */
function itemsOf(maker: Maker, word: string, input: MakerInput): Item[] {
  const { task } = maker.make({
    ...input,
    words: input.words.filter((each) => each.word === word),
    parameters: { ...input.parameters, shuffle: false },
  });
  return (task as ChoiceTask).items.map(({ id: _, ...item }) => item);
}

/** A meaning, and three words of the review to choose from; none of them means nearly the same. */
function wordForMeaning(word: string, input: MakerInput): Item[] {
  const sense = shortMeaning(word, input);
  if (sense === undefined) return [];
  const others = input.random.shuffle(input.words).flatMap((each) => {
    const other = each.word === word ? undefined : shortMeaning(each.word, input);
    const alike =
      other === undefined ||
      other.wordClass !== sense.wordClass ||
      other.definition === sense.definition ||
      sense.near.includes(each.word) ||
      other.near.includes(word) ||
      sense.kindOf === each.word ||
      other.kindOf === word;
    return alike ? [] : [each.word];
  });
  if (others.length < 2) return [];
  return [
    {
      word,
      prompt: sense.definition,
      options: numbered(
        input.random.shuffle([
          { text: word, right: true },
          ...others
            .slice(0, 2)
            .map((text) => ({ text, right: false, error: takesFor(text, word) })),
        ]),
        'option',
      ),
      reason: `${word}: ${sense.definition}.`,
    },
  ];
}

/** Words of several lists, each asked in another way: by its picture, its meaning, or from a meaning. */
const maker: Maker = {
  id: 'mixed-review',
  name: 'Mixed review',
  group: 'Vocabulary',
  doneWith: ['class'],
  description: 'Words of several lists, asked in turn by picture, by meaning, and from a meaning.',
  interaction: 'choice',
  fewestWords: 4,
  needsMeanings: true,
  reviews: true,
  needs: 'words that have a picture or a short meaning',
  asks: ['words', 'meanings'],
  workedByDefault: false,

  make(input) {
    const { words, parameters, random } = input;
    const { used, notes } = usableWords(words, ({ word, entry }) =>
      pictureFor(entry.word, input, word) !== undefined || shortMeaning(word, input) !== undefined
        ? {}
        : 'has neither a picture nor a short meaning',
    );
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, MOST);
    const ways: readonly ((word: string) => Item[])[] = [
      (word) => itemsOf(pictureToWord, word, input),
      (word) => wordForMeaning(word, input),
      (word) => itemsOf(chooseMeaning, word, input),
    ];
    const items = chosen.flatMap(({ word: { word } }, at): Item[] => {
      for (let turn = 0; turn < ways.length; turn += 1) {
        const [item] = ways[(at + turn) % ways.length]?.(word) ?? [];
        if (item !== undefined) return [item];
      }
      notes.push({ word, text: `${word} has nothing to be told from. It was left out.` });
      return [];
    });
    return {
      title: parameters.title ?? 'Do you still know them?',
      instruction:
        parameters.instruction ??
        'Look at each picture, word or meaning. Tick the answer that belongs to it.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: { interaction: 'choice', items: numbered(items) },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
