import { numberKindNames, type NumberKindName } from '../../languages/language-pack';
import { grammarMaker } from '../making/grammar-maker';
import { MIXED } from '../making/number-samples';
import { readNumbers } from '../making/read-numbers';
import { type GivenItem, written } from '../making/written';

const DIRECTION = 'Say each one twice, at the speed of speech; the third time slowly.';

const CLOCK = /^(\d{1,2})\s?[.:h]\s?(\d{2})?$/;
const DATE = /^(?:(\d{1,2}) (?:de )?(\p{L}+)|(\p{L}+) (\d{1,2}),?)(?: (?:de )?(\d{4}))?$/u;

/** The other half of the day is said alike; and the clock has a point or a colon. */
function otherTimes(text: string): string[] {
  const [, hour = '', minute = '00'] = CLOCK.exec(text) ?? [];
  if (hour === '') return [];
  return [Number(hour), (Number(hour) + 12) % 24].flatMap((each) =>
    ['.', ':', 'h', ' h '].flatMap((sign) => [
      `${each}${sign}${minute}`,
      `${String(each).padStart(2, '0')}${sign}${minute}`,
    ]),
  );
}

/** A date with the day or the month first, the month whole or short. */
function otherDates(text: string): string[] {
  const [, before, month = '', american = '', after, year] = DATE.exec(text) ?? [];
  const [day, name] = before === undefined ? [after, american] : [before, month];
  if (day === undefined || name === '') return [];
  const end = year === undefined ? '' : ` ${year}`;
  return [name, name.slice(0, 3)].flatMap((each) => [
    `${day} ${each}${end}`,
    `${each} ${day}${end}`,
    `${each} ${day}${year === undefined ? '' : `, ${year}`}`,
  ]);
}

/** What a learner may write as well: signs that a keyboard lacks, and where a sign stands, make no other number. */
function alsoWritten(text: string, kind: NumberKindName): string[] {
  const plain = text.replaceAll('−', '-').replaceAll('–', '-');
  const forms = [
    plain,
    plain.replaceAll('°', ''),
    // Thousands are set apart with a comma, a space or nothing.
    plain.replace(/(?<=\d),(?=\d{3}\b)/g, ''),
    plain.replace(/(?<=\d),(?=\d{3}\b)/g, ' '),
    plain.replace('%', ' %'),
    // A point for the comma of other languages: 3.7 for 3,7.
    plain.replace(/(?<=\d),(?=\d{1,2}(?!\d))/, '.'),
    // 573 € for €573, and $0.15 for 15¢.
    plain.replace(/^([£€$])([\d.,]+)$/, '$2 $1'),
    plain.replace(/^(\d{1,2})¢$/, (_, cents: string) => `$0.${cents.padStart(2, '0')}`),
    ...(kind === 'times' ? otherTimes(plain) : []),
    ...(kind === 'dates' ? otherDates(plain) : []),
  ];
  // Of 4 3/4 the space says that they are two numbers.
  const close = [
    'times',
    'measures',
    'temperatures',
    'ranges',
    'phone numbers',
    'money',
    'percentages',
  ];
  const all = close.includes(kind)
    ? forms.flatMap((form) => [form, form.replace(/\s+/g, '')])
    : forms;
  return [...new Set(all)].filter((form) => form !== text);
}

/** Numbers and measures that are heard, to be written in figures. */
export default grammarMaker({
  id: 'numbers-heard',
  asks: ['numbers'],
  name: 'Write the numbers you hear',
  description:
    'Measures, prices, dates and times are read out, and written in figures: −4 °C, £2.50, 7:45.',
  interaction: 'write',
  doneWith: ['class'],
  sentences: 'own',
  needs: 'numbers of your own, one a line, or none: Wordane makes them up',
  fewest: 3,
  targets: [...numberKindNames, MIXED],
  title: 'Write what you hear',
  instruction: 'Listen to each one twice. Write it in figures, with its unit.',
  make(input) {
    const { numbers, notes } = readNumbers(input, input.wanted);
    const heard = numbers.map(({ text, kind, readings: [said = ''] }) => ({ text, said, kind }));
    // What sounds alike cannot be told apart by ear.
    const apart = heard.filter(
      ({ said }, at) => heard.findIndex((other) => other.said === said) === at,
    );
    return {
      notes,
      ...written(
        apart.map(({ text, said, kind }): GivenItem => ({
          word: text,
          prompt: '',
          answer: text,
          accepted: alsoWritten(text, kind),
          lines: 1,
          reason: `Said: ${said}.`,
        })),
        { script: [DIRECTION, ...apart.map(({ said }, at) => `${at + 1}. ${said}.`)] },
      ),
    };
  },
});
