import { define } from '../../languages/en/words/meanings';
import { questionTag } from '../../languages/en/grammar/transform/question-tag';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { typeSets } from '../../languages/en/sentence-sets/sentence-sets';
import type { GapItem } from '../interactions/gap/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage, type GivenSentence } from '../making/grammar-maker';
import { fromWordbook } from '../making/wordbook-sentences';
import { numbered } from '../making/usable-words';

const MOST_WORDS = 9;

/** How a meaning begins that is one of a person or an animal. */
const living =
  /\b(?:person|people|somebody|someone|man|woman|boy|girl|child|who|whose|animal|bird|insect|fish|dog|cat|horse|pet|soldier|member|leader|worker)\b/;

/** A statement and the question at its end. */
export default grammarMaker({
  id: 'question-tags',
  name: 'Question tags',
  description: 'It is cold, isn’t it? You don’t mind, do you? The tag of each statement.',
  interaction: 'gap',
  needsMeanings: true,
  needs: 'statements, or none: Wordane has its own',
  fewest: 3,
  usual: 8,
  title: 'Isn’t it?',
  instruction: 'Write the question tag.',
  make(input) {
    const { given, wanted, random, lexicon, meanings } = input;
    const isLiving = (noun: string) => {
      const sense =
        meanings &&
        define(noun, meanings, lexicon).senses.find(({ wordClass }) => wordClass === 'n');
      return sense === undefined || living.test(sense.definition);
    };
    const itemOf = ({ text, analysis }: GivenSentence): Omit<GapItem, 'id'> | undefined => {
      const found = text.endsWith('.') ? questionTag(text, analysis, isLiving) : undefined;
      if (found === undefined) return undefined;
      const lead = `${text.replace(/\.$/, '')}, `;
      return {
        word: found.tag,
        pieces: [
          { kind: 'text', text: lead },
          { kind: 'gap', answer: found.tag, accepted: found.accepted },
          { kind: 'text', text: '?' },
        ],
        key: `${lead}${found.tag}?`,
        rule: found.tag,
        reason: found.negative
          ? `The statement says yes, so the tag says no: ${found.auxiliary} with not, and ${found.pronoun}.`
          : `The statement says no, so the tag says yes: ${found.auxiliary} ${found.pronoun}.`,
      };
    };
    // In speech a tag follows what is short, and no “, not jeans”; and who says “I was late, wasn’t I?”
    const spoken = (sentence: GivenSentence) =>
      sentence.analysis.clauses.length === 1 &&
      sentence.text.split(' ').length <= MOST_WORDS &&
      !/^I\b|, (?:not|only|of course)\b/.test(sentence.text)
        ? itemOf(sentence)
        : undefined;
    const own = given.flatMap((sentence) => itemOf(sentence) ?? []);
    const found = given.length > 0 ? [] : fromWordbook(input, wanted * 3, spoken);
    // As many that say no as there are, up to half: most statements say yes.
    const negative = found.filter(({ rule = '' }) => !/n’t /.test(rule));
    const positive = found.filter((item) => !negative.includes(item));
    const few = negative.slice(0, Math.floor(wanted / 2));
    const written = [...few, ...positive].slice(0, wanted);
    const set =
      given.length > 0 || written.length >= wanted
        ? []
        : forClass(typeSets, input, ({ statement }) => statement).flatMap(({ statement }) => {
            const text = asSpelled(statement, input);
            return spoken({ text, analysis: analyseSentence(text, lexicon) }) ?? [];
          });
    const items = [...own, ...written, ...set].slice(0, wanted);
    return {
      notes:
        given.length > 0
          ? shortage(
              items.length,
              wanted,
              'a statement whose subject is surely he, she, it or they',
            )
          : [],
      task: {
        interaction: 'gap',
        items: numbered(random.shuffle(items)),
        bank: [],
        sentences: true,
      },
      paper: { letters: 14 },
    };
  },
});
