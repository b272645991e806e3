import { offered } from '../making/offered';
import { define } from '../../languages/en/words/meanings';
import { matchTask } from '../making/match-task';
import type { Maker } from '../making/maker';
import { usableWords } from '../making/usable-words';

/** A partner rarer than this is not known to a class. */
const LEAST_ZIPF = 3.4;
/** A synonym must be better known than that: the rarer of a set are near it in a dictionary only. */
const COMMON_ZIPF = 4;

/** Words to join to a word of the same or the opposite meaning. */
const maker: Maker = {
  id: 'synonyms-opposites',
  name: 'Synonyms and opposites',
  group: 'Vocabulary',
  description: 'Words to join to one that means nearly the same, or the opposite.',
  interaction: 'match',
  fewestWords: 3,
  needsMeanings: true,
  needs: 'words that have a synonym or an opposite',
  asks: ['words', 'meanings'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon, meanings, profile }) {
    const fit = offered({ profile, lexicon });
    const asCommon = (word: string, zipf: number) => {
      const found = lexicon.find(word);
      return found !== undefined && found.zipf >= zipf && fit(found);
    };
    const given = new Set(words.map(({ word }) => word.toLowerCase()));
    const taken = new Set<string>();
    const { used, notes } = usableWords(words, ({ entry }) => {
      const senses = meanings ? define(entry.word, meanings, lexicon).senses : [];
      const free = (word: string) =>
        !taken.has(word) && !given.has(word) && asCommon(word, LEAST_ZIPF);
      const opposite = senses.flatMap((sense) => sense.opposites).find(free);
      const synonym = senses
        .slice(0, 2)
        .flatMap((sense) => sense.near)
        .filter((word) => word.length > 1 && asCommon(word, COMMON_ZIPF))
        .find(free);
      const partner = opposite ?? synonym;
      if (partner === undefined) return 'has no common synonym or opposite in the word bank';
      taken.add(partner);
      return { partner, kind: partner === opposite ? 'the opposite of' : 'nearly the same as' };
    });
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, 8);
    return {
      title: parameters.title ?? 'Same or opposite?',
      instruction:
        parameters.instruction ??
        'Join each word to its partner. Write S if they mean nearly the same, O if they are opposites.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: matchTask(
        chosen.map(({ word: { word }, found }) => ({
          word,
          left: word,
          right: { text: found.partner },
          reason: `${word} is ${found.kind} ${found.partner}.`,
        })),
        random,
      ),
      notes,
    };
  },

  replacements: () => [{ wordClass: 'adjective' }],
  suggestions: () => [{ wordClass: 'adjective', maxSyllables: 2 }],
};

export default maker;
