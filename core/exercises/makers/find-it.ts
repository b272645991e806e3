import { findItQuestions, type FoundQuestion } from '../../texts/reading/find-it-questions';
import { proofOf } from '../../texts/reading/passage';
import { readingMaker, shortOf } from '../making/reading-maker';
import { written } from '../making/written';

/** Questions whose answer stands in the text, with the sentence that proves it. */
export default readingMaker({
  id: 'find-it',
  name: 'Find it',
  description:
    'Who, what, when, where, why, how, which and how many: the answer stands in the text, and the key quotes it.',
  interaction: 'write',
  needs: 'a text with plain statements',
  usual: 8,
  title: 'Find it in the text',
  instruction: 'Answer with words from the text.',
  make({ passage, random, lexicon, wanted }) {
    const bySentence = new Map<number, FoundQuestion[]>();
    for (const question of findItQuestions(passage, lexicon)) {
      const { start } = question.sentence;
      bySentence.set(start, [...(bySentence.get(start) ?? []), question]);
    }
    // One question a sentence, from all parts of the text and in its order.
    const starts = random
      .shuffle([...bySentence.keys()])
      .slice(0, wanted)
      .sort((left, right) => left - right);
    const kinds = new Map<string, number>();
    const chosen: FoundQuestion[] = [];
    for (const start of starts) {
      const [last, before] = [chosen.at(-1)?.asks, chosen.at(-2)?.asks];
      // The kinds mixed, at most two of one in a row.
      const [next] = random
        .shuffle(bySentence.get(start) ?? [])
        .sort(
          (left, right) =>
            Number(left.asks === last && last === before) -
              Number(right.asks === last && last === before) ||
            (kinds.get(left.asks) ?? 0) - (kinds.get(right.asks) ?? 0),
        );
      if (next === undefined) continue;
      chosen.push(next);
      kinds.set(next.asks, (kinds.get(next.asks) ?? 0) + 1);
    }
    return {
      notes: shortOf(chosen.length, Math.min(wanted, 3), 'questions that it answers for certain'),
      ...written(
        chosen.map(({ question, answer, accepted, sentence, means }) => ({
          word: question,
          prompt: question,
          answer,
          accepted,
          lines: answer.length > 40 ? 2 : 1,
          reason: means === undefined ? proofOf(sentence) : `${means} ${proofOf(sentence)}`,
        })),
      ),
    };
  },
});
