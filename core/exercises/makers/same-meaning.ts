import { closestFirst } from '../making/closest-first';
import { bankSentence, capitalised } from '../../languages/en/grammar/frames/bank-sentence';
import { targets, transformSentence } from '../../languages/en/grammar/transform/transform';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';
import { bankConditions, pairText } from '../../languages/en/grammar/frames/clause-bank';
import { conditionalSentence } from '../../languages/en/grammar/frames/conditional-sentence';

/** Changes of one sentence; joining two has a maker of its own. */
const single = targets.filter(
  (target) =>
    !/^(?:and|but|or|so|because|when|while|although|before|after|if|until|reported)$/.test(target),
);

const instructions: Readonly<Record<string, string>> = {
  passive: 'Write each sentence in the passive. Begin with what it is done to.',
  active: 'Write each sentence in the active. Begin with who does it.',
  question: 'Make each sentence a question.',
  statement: 'Make each question a statement.',
  negative: 'Make each sentence say no, with not.',
  positive: 'Take not out of each sentence.',
  full: 'Write the contractions in full.',
  contracted: 'Write each sentence with a contraction.',
  plural: 'Make the subject more than one.',
  singular: 'Make the subject only one.',
};

/** What a bank sentence is like before it is changed. */
function startFor(target: string): {
  features: Parameters<typeof bankSentence>[1];
  before?: string;
} {
  if (target === 'active') return { features: { past: true }, before: 'passive' };
  if (target === 'statement') return { features: {}, before: 'question' };
  if (target === 'positive') return { features: {}, before: 'negative' };
  if (target === 'full') return { features: { perfect: true }, before: 'negative' };
  if (target === 'contracted') return { features: { modal: 'will' } };
  if (target === 'past simple') return { features: {} };
  return {
    features:
      target === 'present simple' ? { past: true } : target === 'passive' ? { past: true } : {},
  };
}

/** A sentence written again in another form. */
export default grammarMaker({
  id: 'same-meaning',
  name: 'Same sentence, other form',
  description:
    'Active to passive, statement to question or negative, full to contracted, tense to tense, one conditional to another.',
  interaction: 'write',
  needs: 'whole sentences',
  targets: single,
  usual: 6,
  title: 'Another form',
  instruction: 'Write each sentence in the other form.',
  make(input) {
    const { given, bank, wanted, target, lexicon, forms, random } = input;
    const start = startFor(target);
    const conditional = / conditional$|^if-clause/.test(target);
    const own = given.filter(({ analysis }) => analysis.sure).map(({ text }) => text);
    const made = conditional
      ? closestFirst(random.shuffle(bankConditions), input, pairText).map(
          (pair) =>
            conditionalSentence(
              pair,
              target === 'first conditional' ? 'second' : 'first',
              forms,
              target !== 'if-clause first',
            ).text,
        )
      : bank.map((clause) => {
          const subject =
            target === 'contracted' || target === 'full' ? clause.pronoun : clause.subject;
          const { text } = bankSentence(clause, start.features, forms, { subject });
          if (start.before === undefined) return text;
          return (
            transformSentence(
              { sentence: text, to: start.before, spelling: forms.spelling },
              lexicon,
            ).result ?? ''
          );
        });
    const items = (given.length > 0 ? own : made).flatMap((sentence): GivenItem[] => {
      if (sentence === '') return [];
      const { result, accepted, changes, sure } = transformSentence(
        { sentence, to: target, spelling: forms.spelling },
        lexicon,
      );
      if (result === null || !sure || result === sentence) return [];
      const why = changes.map(({ why: reason }) => reason).filter((reason) => reason !== '');
      return [
        {
          word: result.toLowerCase(),
          prompt: sentence,
          answer: result,
          accepted,
          lines: result.length > 55 ? 2 : 1,
          reason: [...new Set(why)].join(' '),
        },
      ];
    });
    const chosen = items.slice(0, wanted);
    return {
      title: capitalised(titleOf(target)),
      instruction:
        instructions[target] ??
        (conditional
          ? `Write each sentence ${target.startsWith('if-') ? `with the ${target}` : `as a ${target}`}.`
          : `Write each sentence in the ${target}.`),
      notes:
        given.length > 0
          ? shortage(chosen.length, wanted, `a sentence with the form ${target}`)
          : [],
      ...written(chosen),
    };
  },
});

const titleOf = (target: string) =>
  ({
    question: 'make it a question',
    statement: 'make it a statement',
    negative: 'say no',
    positive: 'without not',
    passive: 'active to passive',
    active: 'passive to active',
    full: 'in full',
    contracted: 'short forms',
    plural: 'one to many',
    singular: 'many to one',
  })[target] ?? target;
