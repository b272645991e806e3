import type { ChoiceItem } from '../interactions/choice/task';
import type { Maker } from '../making/maker';
import { lines, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  questions: lines('Your questions, one a line: question | right | wrong | wrong', 60),
};

/** The question and its answers; or what is wrong with the line. */
function readLine(line: string):
  | (Omit<ChoiceItem, 'id' | 'options'> & {
      readonly answers: readonly string[];
    })
  | string {
  const [question = '', ...given] = line.split('|').map((each) => each.trim());
  const answers = given.filter((each) => each !== '');
  const different = new Set(answers.map((each) => each.toLowerCase()));
  if (question === '') return 'has no question';
  if (answers.length < 2) return 'needs the right answer and a wrong one, each after a |';
  if (different.size < answers.length) return 'has one answer twice';
  return {
    word: question,
    prompt: question,
    answers,
    reason: `Right is: ${answers[0]}.`,
  };
}

/** Questions that the teacher has written, with answers to choose from. */
const maker: Maker = {
  id: 'own-choices',
  name: 'My own questions',
  group: 'Vocabulary',
  description:
    'Questions that you write, each with its right answer and wrong ones to choose from.',
  interaction: 'choice',
  fewestWords: 1,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a question or more of your own, each with its answers',
  asks: [],
  parameters,
  workedByDefault: false,
  onScreen: 'Read the question. Choose the answer.',

  make({ parameters: given, random }) {
    const { questions = [] } = read(parameters, given);
    const notes: { text: string }[] = [];
    const items = questions.flatMap((line) => {
      if (line.trim() === '') return [];
      const made = readLine(line);
      if (typeof made === 'string') {
        notes.push({ text: `“${line.trim().slice(0, 80)}” ${made}. It was left out.` });
        return [];
      }
      const { answers, ...item } = made;
      const options = answers.map((text, index) => ({ text, right: index === 0 }));
      return [{ ...item, options: numbered(random.shuffle(options), 'option') }];
    });
    return {
      title: given.title ?? 'Choose the answer',
      instruction: given.instruction ?? 'Read each question. Tick the answer.',
      worked: given.worked ?? maker.workedByDefault,
      task: { interaction: 'choice', items: numbered(items) },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
