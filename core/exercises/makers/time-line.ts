import { timesIn, type NamedTime, type TimeScale } from '../../texts/reading/dates';
import { proofOf, type Passage, type PassageSentence } from '../../texts/reading/passage';
import { choice, read } from '../making/parameters';
import { openItem, readingMaker, shortOf } from '../making/reading-maker';
import { written, type GivenItem } from '../making/written';

const parameters = {
  given: choice(
    'What is given',
    [
      ['times', 'the dates: learners write what happened'],
      ['events', 'what happened: learners write the dates'],
      ['nothing', 'nothing: dates and events are to be found'],
    ],
    'times',
  ),
};

const columns = [
  { title: 'When', share: 0.26 },
  { title: 'What happened', share: 0.74 },
];

interface Event {
  readonly time: NamedTime;
  readonly sentence: PassageSentence;
  readonly told: string;
}

/** Sentences with a time in them, on the scale that most have; one for each time. */
function eventsOf({ sentences }: Passage): Event[] {
  const all = sentences.flatMap((sentence): Event[] => {
    const [time] = timesIn(sentence.text);
    return time === undefined || sentence.speaker !== undefined
      ? []
      : [{ time, sentence, told: sentence.text.replace(/[.!]+$/, '') }];
  });
  const count = (scale: TimeScale) => all.filter(({ time }) => time.scale === scale).length;
  const scales: TimeScale[] = ['years', 'months', 'week', 'day'];
  const [scale] = scales.sort((one, other) => count(other) - count(one));
  const seen = new Set<number>();
  return all
    .filter(({ time }) => time.scale === scale && !seen.has(time.at) && seen.add(time.at))
    .sort((one, other) => one.time.at - other.time.at);
}

/** What stands before a date and goes with it. */
const SMALL = /\b(?:in|on|at|by|since|from|between|until|before|after|around|about|during)\s*$/i;

/** An event without its date: In 1851 the mill was sold, The mill was sold. */
function withoutTime({ told, time }: Event): string {
  const before = told.slice(0, time.start).replace(SMALL, '').trim();
  // The coldest night was …: a sentence that ends in its date has dots in its place.
  if (time.end === told.length && /\b(?:is|was|were|are|of|the|to|from)$/i.test(before))
    return `${before} …`;
  const left = `${before} ${told.slice(time.end)}`
    .replace(/^[\s,]+/, '')
    .replace(/\s+([,;:])/g, '$1')
    .replace(/,{2,}/g, ',')
    .replace(/\s{2,}/g, ' ')
    .replace(/,\s*$/, '')
    .trim();
  return left.charAt(0).toUpperCase() + left.slice(1);
}

/** A date as it stands on the line: without the small word before it that says no more. */
const labelOf = ({ told, time }: Event) => {
  const plain = time.text.replace(/^(?:at|in|the) /i, '');
  // Since and by say more than on.
  const [, small = ''] =
    /\b(since|by|until|before|after|between) $/i.exec(told.slice(0, time.start)) ?? [];
  if (small !== '')
    return `${small.charAt(0).toUpperCase()}${small.slice(1).toLowerCase()} ${plain}`;
  return plain.charAt(0).toUpperCase() + plain.slice(1);
};

/** A line of time: the dates of a text in order, with what happened at each. */
export default readingMaker({
  id: 'time-line',
  name: 'Time line',
  description: 'Years, days or hours of a text on a line, with what happened at each.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text that names three dates, days or times or more',
  fewest: 3,
  usual: 8,
  parameters,
  workedByDefault: true,
  title: 'When did it happen?',
  instruction: 'Look in the text. Fill in the line of time.',
  make({ passage, parameters: asked, wanted }) {
    const { given } = read(parameters, asked);
    const all = eventsOf(passage);
    const events = all.slice(0, Math.min(10, wanted));
    const enough = events.length >= 3;
    const items = (enough ? events : []).map((event): GivenItem => {
      const when = labelOf(event);
      const what = withoutTime(event);
      const cells = [given === 'times' ? when : '', given === 'events' ? what : ''];
      const keyCells = [when, what];
      if (given !== 'events') {
        return openItem(given === 'times' ? when : '', what, {
          word: when,
          cells,
          keyCells,
          lines: 2,
          reason: proofOf(event.sentence),
        });
      }
      return {
        word: when,
        prompt: what,
        answer: when,
        accepted: [event.time.text, when.toLowerCase(), when.replace(/^\w+ (?=\d)/, '')].filter(
          (each) => each !== when,
        ),
        cells,
        keyCells,
        lines: 2,
        reason: proofOf(event.sentence),
      };
    });
    const left = all.length - events.length;
    return {
      notes: [
        ...shortOf(events.length, 3, 'dates, days or times'),
        ...(enough && left > 0
          ? [`The text has ${left} more: ask for more, or choose a section.`]
          : []),
      ],
      ...written(items, { columns }, { axis: true }),
    };
  },
});
