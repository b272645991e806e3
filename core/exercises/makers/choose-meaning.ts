import { takesFor } from '../making/error-names';
import { offered } from '../making/offered';
import type { ChoiceItem } from '../interactions/choice/task';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';
import { shortMeaning } from '../making/short-meaning';

/** Questions on one sheet. */
const MOST = 8;
/** Distractors come from so many common words. */
const COMMON = 2800;

/** A word, and its meaning among the meanings of other words of the same class. */
const maker: Maker = {
  id: 'choose-meaning',
  name: 'Choose the meaning',
  group: 'Vocabulary',
  description: 'A word and three meanings; two belong to other words of the same kind.',
  interaction: 'choice',
  fewestWords: 3,
  needsMeanings: true,
  needs: 'words with a short meaning',
  asks: ['words', 'meanings'],
  workedByDefault: false,

  make(input) {
    const { words, parameters, random, lexicon } = input;
    const fit = offered(input);
    const { used, notes } = usableWords(
      words,
      ({ entry }) => shortMeaning(entry.word, input) ?? 'has no short meaning in the word bank',
    );
    const own = new Set(used.map(({ found }) => found.definition));
    const items = used.flatMap(({ word: { word, entry }, found }): Omit<ChoiceItem, 'id'>[] => {
      // The other words of the exercise first, then common words of the same class and level.
      const start = Math.floor(random.next() * COMMON);
      const common = Array.from(
        { length: 400 },
        (_, step) => lexicon.entries[200 + ((start + step) % COMMON)],
      );
      const others = [
        ...random
          .shuffle(used.filter((each) => each.word.entry !== entry))
          .map((each) => each.word.entry),
        ...common.filter(
          (each) =>
            each !== undefined &&
            fit(each) &&
            (each.kinds & entry.kinds) !== 0 &&
            Math.abs(each.level - entry.level) < 2,
        ),
      ].filter((each) => each !== undefined);
      const wrong: { text: string; feedback: string; error: string }[] = [];
      for (const other of others) {
        if (wrong.length === 2) break;
        const sense = shortMeaning(other.word, input);
        if (sense === undefined || sense.wordClass !== found.wordClass) continue;
        // A synonym's meaning could be right too.
        if (found.near.includes(other.word) || sense.near.includes(word)) continue;
        if (sense.definition === found.definition || found.kindOf === other.word) continue;
        if (wrong.some((each) => each.text === sense.definition)) continue;
        wrong.push({
          text: sense.definition,
          feedback: `That is ${other.word}.`,
          error: takesFor(other.word, word),
        });
      }
      if (wrong.length < 2) {
        notes.push({
          word,
          text: `${word} has no other meanings to choose from. It was left out.`,
        });
        return [];
      }
      const options = random.shuffle([
        { text: found.definition, right: true },
        ...wrong.map((each) => ({ ...each, right: false })),
      ]);
      return [
        {
          word,
          prompt: word,
          options: numbered(options, 'option'),
          reason: found.example ?? `${word}: ${found.definition}.`,
        },
      ];
    });
    return {
      title: parameters.title ?? 'What does the word mean?',
      instruction: parameters.instruction ?? 'Read the word. Tick the meaning that is right.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'choice',
        items: numbered(
          (parameters.shuffle === false ? items : random.shuffle(items)).slice(0, MOST),
        ),
      },
      notes:
        own.size < used.length
          ? [...notes, { text: 'Two words have one meaning; leave one out.' }]
          : notes,
    };
  },

  replacements: () => [{ maxSyllables: 3 }],
  suggestions: () => [{ topic: 'weather' }],
};

export default maker;
