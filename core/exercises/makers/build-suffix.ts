import { basesOf, builtForm, prefixes, shownSuffix } from '../../languages/en/forms/built-form';
import { suffixNames } from '../../languages/en/forms/suffix-names';
import { ruleText, type Suffix } from '../../languages/en/forms/inflect';
import type { GapItem } from '../interactions/gap/task';
import type { Maker, MakerInput } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';
import { choice, read } from '../making/parameters';

const declared = {
  suffix: choice(
    'Ending or beginning',
    Object.entries(suffixNames) as [keyof typeof suffixNames, string][],
    'ed',
  ),
};

const suffixOf = ({ parameters }: Pick<MakerInput, 'parameters'>): Suffix =>
  read(declared, parameters).suffix;

/** Base words with an ending or a beginning to add; each answer names its rule. */
const maker: Maker = {
  id: 'build-suffix',
  name: 'Build with an ending',
  group: 'Sounds and spelling',
  description:
    'Base words to which -ed, -s, -er, -est, -ly, -y, -ness, un-, re- … is added, with the rule.',
  interaction: 'gap',
  fewestWords: 3,
  needs: 'words that take the ending',
  asks: ['words', 'forms'],
  parameters: declared,
  workedByDefault: true,

  make(input) {
    const { words, parameters, random, lexicon } = input;
    const suffix = suffixOf(input);
    const shown = shownSuffix(suffix);
    const front = prefixes.has(suffix);
    const { used, notes } = usableWords(words, (word) => builtForm(word, suffix, lexicon));
    const items: Omit<GapItem, 'id'>[] = used.map(({ word: { word }, found }) => ({
      word,
      pieces: [
        { kind: 'text', text: front ? `${shown} + ${word} = ` : `${word} + ${shown} = ` },
        { kind: 'gap', answer: found.form, accepted: found.alternatives },
      ],
      key: found.form,
      rule: ruleText(found.rule).name,
      reason: found.reason,
    }));
    const ordered = numbered(parameters.shuffle === false ? items : random.shuffle(items));
    const rules = [...new Set(ordered.map((item) => item.rule ?? ''))];
    const named = front ? `${shown}-` : `-${shown}`;
    return {
      title: parameters.title ?? `Build words with ${named}`,
      instruction:
        parameters.instruction ??
        (front
          ? `Put ${named} before each word. Read the new word: what does it mean now?`
          : `Add ${named} to each word. Look at its last letters first: what must you do?`),
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: ordered,
        bank: parameters.bank === false || rules.length < 2 ? [] : rules,
      },
      paper: { letters: Math.max(6, ...ordered.map((item) => item.key.length)) },
      notes,
    };
  },

  replacements: (_, input) =>
    (basesOf[suffixOf(input)] ?? []).map((wordClass) => ({ wordClass, maxSyllables: 2 })),
  suggestions: (input) =>
    (basesOf[suffixOf(input)] ?? []).map((wordClass) => ({ wordClass, maxSyllables: 1 })),
};

export default maker;
