import { findItQuestions } from '../../texts/reading/find-it-questions';
import { proofOf, type Passage } from '../../texts/reading/passage';
import { openItem, readingMaker } from '../making/reading-maker';
import { type GivenItem, written } from '../making/written';

/** Paragraphs of one sheet. */
const MOST = 12;

/** Words that a learner reads before a question, at least. */
const FEWEST_WORDS = 30;

type Paragraph = Passage['paragraphs'][number];

/** Short paragraphs, as the turns of a talk, read together. */
function joined(paragraphs: readonly Paragraph[]): Paragraph[] {
  const made: Paragraph[] = [];
  for (const paragraph of paragraphs) {
    const last = made[made.length - 1];
    if (last && last.text.split(/\s+/).length < FEWEST_WORDS) {
      made[made.length - 1] = {
        start: last.start,
        end: paragraph.end,
        text: `${last.text}\n${paragraph.text}`,
      };
    } else made.push(paragraph);
  }
  return made;
}

/** The text with a question after each paragraph: the learner answers and goes on. */
export default readingMaker({
  id: 'questions-between',
  name: 'Questions between the paragraphs',
  description:
    'The text is printed with a question after each paragraph; the learner answers and goes on.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text of some paragraphs',
  printable: false,
  fewest: 1,
  title: 'Read, answer, go on',
  instruction: 'Read to the question. Answer it before you read on.',
  make({ text, passage, random, lexicon }) {
    const questions = findItQuestions(passage, lexicon);
    const readings = text.kind === 'poem' ? passage.paragraphs : joined(passage.paragraphs);
    const last = Math.min(MOST, readings.length);
    const items = readings.slice(0, MOST).map((paragraph, index): GivenItem => {
      const here = questions.filter(
        ({ sentence }) => sentence.start >= paragraph.start && sentence.start < paragraph.end,
      );
      const [found] = random.shuffle(here);
      const read = paragraph.text.trim();
      if (found) {
        return {
          word: found.question,
          prompt: found.question,
          answer: found.answer,
          accepted: found.accepted,
          passage: read,
          lines: 1,
          reason: proofOf(found.sentence),
        };
      }
      const prompt =
        text.kind === 'poem'
          ? 'What do you see or hear in these lines?'
          : index === 0
            ? 'What is this about so far?'
            : index === last - 1
              ? 'How does it end?'
              : 'What is new in this paragraph?';
      return openItem(prompt, '', { passage: read, word: `paragraph ${index + 1}` });
    });
    const left = readings.length - last;
    return {
      ...written(items),
      notes:
        left > 0
          ? [
              `There is room for ${MOST} paragraphs; ${left} more were left out. Choose a section for the rest.`,
            ]
          : [],
    };
  },
});
