import { numberKindNames } from '../../languages/language-pack';
import { grammarMaker } from '../making/grammar-maker';
import { matchTask } from '../making/match-task';
import { MIXED } from '../making/number-samples';
import { readNumbers } from '../making/read-numbers';

/** Numbers in figures joined to how they are read. */
export default grammarMaker({
  id: 'number-match',
  asks: ['numbers'],
  name: 'Join numbers to their words',
  description: 'Figures on the left, how they are read on the right: £2.50, two pounds fifty.',
  interaction: 'match',
  sentences: 'own',
  needs: 'numbers of your own, one a line, or none: Wordane makes them up',
  fewest: 3,
  usual: 8,
  workedByDefault: true,
  targets: [...numberKindNames, MIXED],
  title: 'Which number is it?',
  instruction: 'Read each number. Join it to its words.',
  make(input) {
    const { numbers, notes } = readNumbers(input, input.wanted);
    // What can be read alike would fit twice.
    const apart = numbers.filter(
      ({ readings }, at) =>
        !numbers.slice(0, at).some((other) => other.readings.some((one) => readings.includes(one))),
    );
    const alike = numbers.filter((each) => !apart.includes(each));
    return {
      notes: [
        ...notes,
        ...alike.map(({ text }) => `${text} is read like another number here. It was left out.`),
      ],
      task: matchTask(
        apart.map(({ text, readings: [said = ''], rule }) => ({
          word: text,
          left: text,
          right: { text: said },
          reason: rule,
        })),
        input.random,
      ),
    };
  },
});
