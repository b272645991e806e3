import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { GapItem } from '../interactions/gap/task';
import type { Maker, MakerInput } from '../making/maker';
import { exampleOf, wholeWord } from '../making/example-of';
import { partnerOf } from '../making/partners';
import { numbered, usableWords } from '../making/usable-words';
import { flag, read, sentences } from '../making/parameters';

const declared = {
  sentences: sentences(),
  hints: flag('Give a hint where two words would fit', true),
};

const MOST = 10;

interface Sentence {
  /** Before and after the gap. */
  readonly before: string;
  readonly after: string;
  /** Whether the sentence alone settles the answer. */
  readonly source: 'sentence' | 'meaning';
}

function split(sentence: string, word: string): Pick<Sentence, 'before' | 'after'> | undefined {
  const found = wholeWord(word).exec(sentence);
  return found
    ? {
        before: sentence.slice(0, found.index),
        after: sentence.slice(found.index + found[0].length),
      }
    : undefined;
}

/** The teacher's own sentence first, then one of our own examples, then the meaning as a clue. */
function sentenceOf(entry: LexiconEntry, word: string, input: MakerInput): Sentence | undefined {
  const sentence = exampleOf(word, input);
  const cut = sentence === undefined ? undefined : split(sentence, word);
  if (cut) return { ...cut, source: 'sentence' };
  const meaning = partnerOf({ word, entry }, 'meaning', input);
  return typeof meaning === 'string'
    ? undefined
    : { before: `Meaning: ${meaning.text}. Word: `, after: '', source: 'meaning' };
}

/** Sentences with the word left out, and the words to choose from. */
const maker: Maker = {
  id: 'sentence-gaps',
  name: 'Sentence gaps',
  group: 'Vocabulary',
  description:
    'Each word is left out of a sentence: your own, one of ours, or its meaning. A hint keeps one answer right.',
  interaction: 'gap',
  fewestWords: 3,
  needsMeanings: true,
  needs: 'words with an example sentence or a short meaning',
  asks: ['words', 'meanings'],
  parameters: declared,
  workedByDefault: true,

  make(input) {
    const { words, parameters, random, lexicon } = input;
    const { used, notes } = usableWords(
      words,
      ({ word, entry }) => sentenceOf(entry, word, input) ?? 'has no sentence and no short meaning',
    );
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, MOST);
    /** Other words of the box that would fit the gap by class and topic: two good fillings. */
    const rivals = (entry: LexiconEntry) => {
      const topics = new Set(lexicon.topicsOf(entry.word));
      return chosen
        .map(({ word }) => word)
        .filter(
          (other) =>
            other.entry !== entry &&
            (other.entry.kinds & entry.kinds) !== 0 &&
            lexicon.topicsOf(other.entry.word).some((topic) => topics.has(topic)),
        )
        .map((other) => other.word);
    };
    const hinted = read(declared, parameters).hints;
    const items = chosen.map(({ word: { word, entry }, found }): Omit<GapItem, 'id'> => {
      const fits = found.source === 'meaning' ? [] : rivals(entry);
      const meaning = fits.length > 0 ? partnerOf({ word, entry }, 'meaning', input) : '';
      const explained = partnerOf({ word, entry }, 'meaning', input);
      const hint = hinted && typeof meaning !== 'string' ? ` (${meaning.text})` : '';
      if (fits.length > 0 && hint === '') {
        notes.push({
          word,
          text: `${fits[0] ?? ''} may fit the gap for ${word} as well. Give the hints, or change the sentence.`,
        });
      }
      const capital = found.source !== 'meaning' && found.before.trim() === '';
      const answer = capital ? word.charAt(0).toUpperCase() + word.slice(1) : word;
      const after = found.after + hint;
      return {
        word,
        pieces: [
          ...(found.before === '' ? [] : [{ kind: 'text' as const, text: found.before }]),
          { kind: 'gap', answer, accepted: [] },
          ...(after === '' ? [] : [{ kind: 'text' as const, text: after }]),
        ],
        key: `${found.before}${answer}${found.after}`,
        reason: typeof explained === 'string' ? '' : `${word}: ${explained.text}.`,
      };
    });
    const bank = [...new Set(chosen.map(({ word }) => word.word))];
    return {
      title: parameters.title ?? 'Fill the gap',
      instruction:
        parameters.instruction ?? 'Read the whole sentence. Write the word that fits the gap.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: parameters.bank === false ? [] : random.shuffle(bank),
        sentences: true,
      },
      paper: { letters: Math.max(5, ...chosen.map(({ word }) => word.word.length)) },
      notes,
    };
  },

  replacements: () => [{ topic: 'weather' }],
  suggestions: () => [{ topic: 'weather' }],
};

export default maker;
