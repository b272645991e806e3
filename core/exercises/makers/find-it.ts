import { findItQuestions } from '../../texts/reading/find-it-questions';
import { proofOf } from '../../texts/reading/passage';
import { readingMaker, shortOf } from '../making/reading-maker';
import { written } from '../making/written';

/** Questions whose answer stands in the text, with the sentence that proves it. */
export default readingMaker({
  id: 'find-it',
  name: 'Find it',
  description:
    'Who, what, when, where, why and how many: the answer stands in the text, and the key quotes it.',
  interaction: 'write',
  needs: 'a text with plain statements',
  usual: 6,
  title: 'Find it in the text',
  instruction: 'Answer with words from the text.',
  make({ passage, random, lexicon, wanted }) {
    const all = findItQuestions(passage, lexicon);
    // One question a sentence, the kinds mixed, in the order of the text.
    const taken = new Set<number>();
    const kinds = new Map<string, number>();
    const chosen = random
      .shuffle(all)
      .sort((left, right) => (left.asks === 'what' ? 1 : 0) - (right.asks === 'what' ? 1 : 0))
      .filter(({ sentence, asks }) => {
        const many = (kinds.get(asks) ?? 0) >= Math.ceil(wanted / 3) && all.length > wanted * 2;
        if (taken.has(sentence.start) || many) return false;
        taken.add(sentence.start);
        kinds.set(asks, (kinds.get(asks) ?? 0) + 1);
        return true;
      })
      .slice(0, wanted)
      .sort((left, right) => left.sentence.start - right.sentence.start);
    return {
      notes: shortOf(chosen.length, Math.min(wanted, 3), 'questions that it answers for certain'),
      ...written(
        chosen.map(({ question, answer, accepted, sentence }) => ({
          word: question,
          prompt: question,
          answer,
          accepted,
          lines: answer.length > 40 ? 2 : 1,
          reason: proofOf(sentence),
        })),
      ),
    };
  },
});
