import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { tenseFeatures, tenses, whyTense } from '../../languages/en/grammar/transform/form-change';
import { contractedVerb } from '../../languages/en/grammar/transform/contractions';
import { grammarMaker, shortage, type GivenSentence } from '../making/grammar-maker';
import type { GapItem } from '../interactions/gap/task';
import { fromWordbook } from '../making/wordbook-sentences';
import { numbered } from '../making/usable-words';

/** Words of time that go with one tense and no other. */
export const timeOf: Readonly<Record<string, readonly string[]>> = {
  'present simple': ['every day', 'every winter', 'on Mondays'],
  'present continuous': ['at the moment', 'right now'],
  'past simple': ['yesterday', 'last week', 'two days ago'],
  'past continuous': ['at eight o’clock yesterday', 'when the bell rang'],
  'present perfect': [
    'three times since Monday',
    'twice since May',
    'many times so far',
    'once since breakfast',
  ],
  'past perfect': ['before we came'],
  'future will': ['tomorrow', 'next week'],
  'future going-to': ['this evening', 'next week'],
};

/** The verb of each sentence in its base form, to be put into a tense. */
export default grammarMaker({
  id: 'verb-form',
  name: 'Verb form from its base',
  description: 'Sentences with the verb left out and its base in brackets: (close) becomes closed.',
  interaction: 'gap',
  needsMeanings: true,
  needs: 'sentences whose verb is in the tense',
  targets: ['past simple', ...tenses.filter((tense) => tense !== 'past simple')],
  title: 'Put the verb in',
  instruction: 'Write the verb in brackets in its right form.',
  make(input) {
    const { given, bank, wanted, target, forms, random } = input;
    const gapIn = ({ text, analysis }: GivenSentence): Omit<GapItem, 'id'> | undefined => {
      const { main } = analysis;
      if (!analysis.sure || main === undefined || analysis.tenseAspect !== target) return undefined;
      const { tokens, inverted, negative } = main.group;
      const first = tokens[0];
      const last = tokens[tokens.length - 1];
      if (first === undefined || last === undefined || inverted || negative) return undefined;
      if (last.at - first.at !== tokens.length - 1 || main.group.passive) return undefined;
      const verb = text.slice(first.start, last.end);
      // I’m, she’s: half a word can be no gap.
      if (/^['’]/.test(verb) || /["“”]/.test(text)) return undefined;
      const base = last.base ?? last.lower;
      return itemOf(text.slice(0, first.start), verb, text.slice(last.end), base, target);
    };
    const own = given.flatMap((sentence) => gapIn(sentence) ?? []);
    const written = given.length > 0 ? [] : fromWordbook(input, wanted, gapIn);
    const times = random.shuffle(timeOf[target] ?? []);
    const made =
      given.length > 0
        ? []
        : bank.slice(0, wanted - written.length).map((clause, at): Omit<GapItem, 'id'> => {
            const time = times[at % times.length] ?? '';
            const { before, verb, after } = bankSentence(
              clause,
              tenseFeatures(target),
              forms,
              time === '' ? {} : { time },
            );
            return itemOf(before, verb, after, clause.verb, target);
          });
    const items = [...own, ...random.shuffle([...written, ...made])].slice(0, wanted);
    return {
      title: `Verbs in the ${target}`,
      instruction: `Write the verb in brackets in the ${target}.`,
      notes: given.length > 0 ? shortage(items.length, wanted, `a verb in the ${target}`) : [],
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: [],
        sentences: true,
      },
      paper: { letters: Math.max(8, ...items.map(({ rule = '' }) => rule.length)) },
    };
  },
});

function itemOf(
  before: string,
  verb: string,
  after: string,
  base: string,
  tense: string,
): Omit<GapItem, 'id'> {
  const subject = before.trim().split(' ').at(-1) ?? '';
  return {
    word: base,
    pieces: [
      ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
      { kind: 'gap', answer: verb, accepted: contractedVerb(subject, verb) },
      { kind: 'text', text: ` (${base})${after}` },
    ],
    key: `${before}${verb}${after}`,
    rule: verb,
    reason: whyTense(tense),
  };
}
