import type { GapPiece } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { flag, lines, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  sentencesWithGaps: lines('Your sentences, one a line: The ___ turns. | vane / weathervane', 60),
  wordBox: flag('A box with the answers', true),
};

const GAP = /_{3,}/;

interface Line {
  readonly pieces: readonly GapPiece[];
  readonly answers: readonly string[];
}

/** The pieces of a line: what stands between its gaps, and what belongs into each. */
function readLine(line: string): Line | string {
  const [sentence = '', ...given] = line.split('|').map((each) => each.trim());
  const texts = sentence.split(GAP);
  const answers = given.map((each) =>
    each
      .split('/')
      .map((one) => one.trim())
      .filter((one) => one !== ''),
  );
  if (texts.length === 1) return 'has no gap: write ___ where the answer belongs';
  if (answers.length !== texts.length - 1 || answers.some((each) => each.length === 0)) {
    return `has ${texts.length - 1} ${texts.length === 2 ? 'gap' : 'gaps'} and ${answers.length} ${answers.length === 1 ? 'answer' : 'answers'}: write each answer after a |`;
  }
  const pieces = texts.flatMap((text, index): GapPiece[] => {
    const [answer, ...accepted] = answers[index] ?? [];
    return [
      ...(text === '' ? [] : [{ kind: 'text' as const, text }]),
      ...(answer === undefined ? [] : [{ kind: 'gap' as const, answer, accepted }]),
    ];
  });
  return { pieces, answers: answers.map(([answer = '']) => answer) };
}

/** Sentences that the teacher has written, with gaps and what belongs into them. */
const maker: Maker = {
  id: 'own-gaps',
  name: 'My own gaps',
  group: 'Vocabulary',
  description:
    'Sentences that you write, with ___ for each gap and the answers that are right in it.',
  interaction: 'gap',
  fewestWords: 1,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a sentence or more of your own, each with a gap and its answer',
  asks: [],
  parameters,
  workedByDefault: false,
  onScreen: 'Read the sentence. Write what is missing.',

  make({ parameters: given, random }) {
    const { sentencesWithGaps = [], wordBox } = read(parameters, given);
    const notes: { text: string }[] = [];
    const made = sentencesWithGaps.flatMap((line) => {
      if (line.trim() === '') return [];
      const sentence = readLine(line);
      if (typeof sentence !== 'string') return [sentence];
      notes.push({ text: `“${line.trim().slice(0, 80)}” ${sentence}. It was left out.` });
      return [];
    });
    const bank = [...new Set(made.flatMap(({ answers }) => answers))];
    return {
      title: given.title ?? 'What is missing?',
      instruction: given.instruction ?? 'Read each sentence. Write what is missing.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(
          made.map(({ pieces, answers }) => ({
            word: answers.join(', '),
            pieces,
            key: answers.join(', '),
            reason: `Right is: ${answers.join(', ')}.`,
          })),
        ),
        bank: wordBox && given.bank !== false && bank.length > 1 ? random.shuffle(bank) : [],
        sentences: true,
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
