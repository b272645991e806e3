import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { tenseFeatures, tenses } from '../../languages/en/grammar/transform/form-change';
import { grammarMaker, shortage } from '../making/grammar-maker';
import type { OrderItem } from '../interactions/order/task';
import { numbered } from '../making/usable-words';

/** The words of a sentence out of order; what belongs together stays together where there are many. */
export default grammarMaker({
  id: 'word-order',
  name: 'Put the words in order',
  description:
    'A sentence in pieces: the capital letter and the end mark show where it begins and ends.',
  interaction: 'order',
  needs: 'sentences of four to twelve words',
  usual: 6,
  targets: ['past simple', ...tenses.filter((tense) => tense !== 'past simple')],
  title: 'Put the words in order',
  instruction: 'The words are mixed up. Write the sentence on the line.',
  make({ given, bank, wanted, target, forms, random }) {
    const sentences =
      given.length > 0
        ? given
            .filter(({ analysis }) => analysis.completeness === 'complete')
            .map(({ text }) => text)
        : bank.map((clause) => bankSentence(clause, tenseFeatures(target), forms).text);
    const items = sentences.flatMap((sentence): Omit<OrderItem, 'id'>[] => {
      const words = sentence.split(' ');
      if (words.length < 4 || words.length > 12) return [];
      // More than eight pieces are too many: article and noun stay together.
      const key = words.length <= 8 ? words : joined(words);
      for (let turn = 0; turn < 12; turn += 1) {
        const pieces = random.shuffle(key);
        if (pieces.join(' ') === key.join(' ')) continue;
        return [
          {
            word: sentence,
            pieces,
            key,
            reason: `${sentence} Who or what first, then the verb, then the rest.`,
          },
        ];
      }
      return [];
    });
    const chosen = items.slice(0, wanted);
    return {
      notes: given.length > 0 ? shortage(chosen.length, wanted, 'four to twelve words') : [],
      task: { interaction: 'order', items: numbered(chosen), sentence: true },
    };
  },
});

const joined = (words: readonly string[]): string[] => {
  const pieces: string[] = [];
  for (const word of words) {
    const last = pieces[pieces.length - 1];
    if (
      last !== undefined &&
      /^(?:the|a|an|his|her|its|their|our|my|your)$/i.test(last.split(' ').at(-1) ?? '')
    )
      pieces[pieces.length - 1] = `${last} ${word}`;
    else pieces.push(word);
  }
  return pieces;
};
