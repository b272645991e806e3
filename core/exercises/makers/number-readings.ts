import { numberKindNames } from '../../languages/language-pack';
import { grammarMaker } from '../making/grammar-maker';
import { MIXED } from '../making/number-samples';
import { readNumbers } from '../making/read-numbers';
import { type GivenItem, written } from '../making/written';

/** Numbers of every kind written as they are read aloud. */
export default grammarMaker({
  id: 'number-readings',
  asks: ['numbers'],
  name: 'Read numbers aloud',
  description: '3.7 mm, £2.50, 7:45, 4 July, 21st, ¾: written as they are read aloud.',
  interaction: 'write',
  sentences: 'own',
  needs: 'numbers of your own, one a line, or none: Wordane makes them up',
  fewest: 3,
  targets: [...numberKindNames, MIXED],
  title: 'How do you read it?',
  instruction: 'Write each one in words, as you read it aloud.',
  make(input) {
    const { numbers, notes } = readNumbers(input, input.wanted);
    const items = numbers.map(({ text, readings, rule }): GivenItem => {
      const [answer = '', ...others] = readings;
      return {
        word: text,
        prompt: text,
        answer,
        // Hyphens are a matter of spelling, not of reading.
        accepted: [
          ...new Set([answer, ...others].flatMap((one) => [one, one.replaceAll('-', ' ')])),
        ].filter((one) => one !== answer),
        lines: answer.length > 40 ? 2 : 1,
        reason: rule,
      };
    });
    return { notes, ...written(items) };
  },
});
