import { takesFor } from '../making/error-names';
import {
  confusableSets,
  confusablesOf,
  type ConfusableSet,
} from '../../languages/en/words/confusables';
import type { ChoiceItem } from '../interactions/choice/task';
import { confusableSentences } from '../../languages/en/sentence-sets/sentence-sets';
import type { MakerNote } from '../making/exercise';
import { asSpelled, forClass } from '../making/for-class';
import type { Maker, MakerInput } from '../making/maker';
import { numbered } from '../making/usable-words';
import { given, read } from '../making/parameters';

const declared = { sets: given<readonly ConfusableSet[]>('list') };

const MOST = 10;

/** A gap for one of the words of a set. */
interface Question {
  readonly words: readonly string[];
  readonly word: string;
  readonly sentence: string;
  readonly reason: string;
  /** What is said to who takes another word. */
  readonly feedback: (other: string) => string | undefined;
}

/** Own sets of the class, or ours with one sentence for each word. */
function fromTable(set: ConfusableSet): Question[] {
  return set.words.map(({ word, meaning, sentence, wordClass }) => ({
    words: set.words.map((each) => each.word),
    word,
    sentence,
    reason: `${word}${wordClass === undefined ? '' : ` (${wordClass})`} means: ${meaning}.${set.tell === undefined ? '' : ` ${set.tell}`}`,
    feedback: (other) => {
      const taken = set.words.find((each) => each.word === other);
      return taken && `${other} means: ${taken.meaning}.`;
    },
  }));
}

/** Sets with several sentences for each word; those of the class's audience first, every word asked once before one is asked twice. */
function fromSentences(word: string, input: MakerInput): Question[] {
  const plain = word.toLowerCase();
  const rows = forClass(
    confusableSentences.filter(({ words }) => words.some((each) => each.toLowerCase() === plain)),
    input,
    ({ sentence }) => sentence,
  );
  const [first] = rows;
  if (first === undefined) return [];
  const own = rows.filter(({ words }) => words.join() === first.words.join());
  const turnOf = (row: (typeof own)[number]) =>
    own.filter(({ right }) => right === row.right).indexOf(row);
  return [...own]
    .sort((left, right) => turnOf(left) - turnOf(right))
    .map(({ words, right, sentence, reason }) => ({
      words: words.map((each) => asSpelled(each, input)),
      word: asSpelled(right, input),
      sentence: asSpelled(sentence, input),
      reason: asSpelled(reason, input),
      feedback: () => undefined,
    }));
}

/** The questions of a word's set: the class's own set, else ours with the most sentences. */
function questionsOf(word: string, input: MakerInput): Question[] {
  const own = read(declared, input.parameters).sets ?? [];
  const [set] = confusablesOf(word, own);
  if (set !== undefined && own.includes(set)) return fromTable(set);
  const written = fromSentences(word, input);
  return written.length > 0 ? written : set === undefined ? [] : fromTable(set);
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
    const sets: Question[][] = [];
    const notes: MakerNote[] = [];
    for (const { word } of words) {
      const found = questionsOf(word, input);
      if (found.length === 0) {
        notes.push({ word, text: `${word} is in no set of confused words. It was left out.` });
        continue;
      }
      const key = (set: readonly Question[]) => set[0]?.words.join();
      if (!sets.some((set) => key(set) === key(found))) sets.push(found);
    }
    // Every word of a set is asked before another set is begun; then one more of each in turn.
    const each = sets.map((set) => ({
      first: set.slice(0, new Set(set.map(({ word }) => word)).size),
      set,
    }));
    const asked = each.flatMap(({ first }) => first).slice(0, MOST);
    for (let turn = 0; turn < 12 && asked.length < Math.min(MOST, 4 * sets.length); turn += 1) {
      for (const { first, set } of each) {
        const next = set[first.length + turn];
        if (next !== undefined && asked.length < MOST) asked.push(next);
      }
    }
    const left = each.filter(({ first }) => !first.every((question) => asked.includes(question)));
    notes.push(
      ...left.map(({ set }) => ({
        text: `There is no room for ${set[0]?.words.join(', ')}: take them in a second exercise.`,
      })),
    );
    const items = asked.map(
      ({ words: options, word, sentence, reason, feedback }): Omit<ChoiceItem, 'id'> => {
        // A sentence that begins with the gap begins with a capital.
        const shown = (text: string) =>
          sentence.startsWith('___') ? text.charAt(0).toUpperCase() + text.slice(1) : text;
        return {
          word,
          prompt: sentence.replace('___', '______'),
          options: numbered(
            random.shuffle(options).map((option) => {
              const said = option === word ? undefined : feedback(option);
              return {
                text: shown(option),
                right: option === word,
                ...(said === undefined ? {} : { feedback: said }),
                ...(option === word ? {} : { error: takesFor(option, word) }),
              };
            }),
            'option',
          ),
          reason,
        };
      },
    );
    const chosen = parameters.shuffle === false ? items : random.shuffle(items);
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
