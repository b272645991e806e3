import { ingForm, ingRules, type IngRuleName } from '../../languages/en/forms/ing';
import { whyNoVerb } from '../../languages/en/words/verb-in-use';
import type { MakerNote } from '../making/exercise';
import type { GapItem } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import type { MaterialWord } from '../../search/material-word';

/** The four rules a class practises; each suggestion fills one of them. */
const taughtRules: readonly IngRuleName[] = [
  'double-final-consonant',
  'add-after-two-consonants',
  'drop-silent-e',
  'add-after-vowel-team',
];

function inflect({ word, entry }: MaterialWord) {
  return ingForm(word, entry ? { reading: entry.readings[0] } : {});
}

/** Base words to which -ing is added, each answer with its rule. */
const maker: Maker = {
  id: 'build-ing',
  name: 'Build with -ing',
  description: 'Base words to which -ing is added; each answer names its rule.',
  group: 'Sounds and spelling',
  interaction: 'gap',
  fewestWords: 3,
  needs: 'verbs that take -ing',
  asks: ['words', 'forms'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon, meanings }) {
    const notes: MakerNote[] = [];
    const items: GapItem[] = [];
    for (const word of words) {
      if (word.entry === undefined) {
        const text = `${word.word} is not in the word bank, so its -ing form cannot be proved. It was left out.`;
        notes.push({ word: word.word, text });
        continue;
      }
      const why = whyNoVerb(word.entry, lexicon, meanings);
      if (why !== undefined) {
        notes.push({ word: word.word, text: `${word.word} ${why}. It was left out.` });
        continue;
      }
      const { form, rule, reason, alternatives } = inflect(word);
      items.push({
        id: `item-${items.length + 1}`,
        word: word.word,
        pieces: [
          { kind: 'text', text: `${word.word} + ing = ` },
          { kind: 'gap', answer: form, accepted: alternatives },
        ],
        key: form,
        rule: ingRules[rule].name,
        reason,
      });
    }
    const ordered = parameters.shuffle === false ? items : random.shuffle(items);
    return {
      title: parameters.title ?? 'Build words with -ing',
      instruction:
        parameters.instruction ??
        'Add -ing to each word. Look at its last letters first: what must you do?',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: ordered.map((item, index) => ({ ...item, id: `item-${index + 1}` })),
        bank:
          parameters.bank === false
            ? []
            : Object.values(ingRules)
                .map((rule) => rule.name)
                .filter((name) => ordered.some((item) => item.rule === name)),
      },
      paper: { letters: Math.max(6, ...items.map((item) => item.key.length)) },
      notes,
    };
  },

  replacements(word) {
    return word.entry === undefined ? [] : [{ ingRule: inflect(word).rule, wordClass: 'verb' }];
  },

  kindOf(word) {
    return inflect(word).rule;
  },

  suggestions({ words }) {
    const present = new Set(words.map((word) => inflect(word).rule));
    const missing = taughtRules.filter((rule) => !present.has(rule));
    return (missing.length > 0 ? missing : taughtRules).map((ingRule) => ({
      ingRule,
      wordClass: 'verb' as const,
    }));
  },
};

export default maker;
