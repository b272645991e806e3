import type { Method } from '../../texts/marks/method';
import { findMethod } from '../../texts/marks/methods';
import { quotationChart } from '../../texts/reading/quotation-chart';
import { labelOf } from '../../texts/reading/passage';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

const columns = [
  { title: 'What is said', share: 0.34 },
  { title: 'What is meant', share: 0.36 },
  { title: 'Is it …?', share: 0.3 },
];

/** Where what is meant is not what is said: in images and in the voice, and in methods of the teacher's own. */
function meansMore(about: string | undefined, own: readonly Method[]): boolean {
  const method = findMethod(about ?? '', own);
  if (method === undefined || own.includes(method)) return true;
  return method.family === 'image' || method.family === 'voice';
}

/** What is said, what is meant, and which method it is: for irony, metaphor and other ways of not saying it straight. */
export default readingMaker({
  id: 'device-chart',
  name: 'Device chart: said and meant',
  description:
    'Three columns: what is said, what is meant, and whether it is the device that is taught.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text; marked methods give the key',
  fewest: 1,
  usual: 5,
  title: 'Said and meant',
  instruction: 'Write what is meant, and which device it is, or “no device”.',
  make({ text, passage, random, wanted }) {
    const charted = quotationChart({
      ...text,
      annotations: [...text.annotations],
      methods: text.methods.map((method) => ({ ...method })),
    });
    const rows = charted.filter(({ mark }) => meansMore(mark.about, text.methods));
    const marked = rows.map(({ quotation, method, effect, why, mark }) => ({
      said: quotation,
      meant: effect || why,
      is: `yes: ${method}`,
      reason: findMethod(mark.about ?? '', text.methods)?.definition ?? '',
    }));
    const inMark = (start: number, end: number) =>
      text.annotations.some((mark) => mark.start < end && mark.end > start);
    // Plain sentences among them, so that not every row is a device.
    const plain = random
      .shuffle(
        passage.sentences.filter(
          ({ start, end, words, text: said }) =>
            words <= 14 &&
            words > 2 &&
            !inMark(start, end) &&
            !rows.some((row) => row.quotation === said),
        ),
      )
      .slice(0, Math.max(1, Math.min(2, wanted - marked.length)))
      .map(({ text: said }) => ({
        said,
        meant: '',
        is: marked.length > 0 ? 'not marked by your teacher' : '',
        reason: '',
      }));
    const mixed = random.shuffle([...marked.slice(0, wanted), ...plain]);
    return {
      notes:
        marked.length > 0
          ? []
          : [
              charted.length === 0
                ? 'No method is marked in this text yet, so the key is open. Mark some under Texts.'
                : 'The methods marked in this text are of sound, shape or words, where nothing else is meant than is said. Mark an image or irony under Texts, or take the quotation chart.',
            ],
      ...written(
        mixed.map(({ said, meant, is, reason }) =>
          openItem(said, [meant, is].filter((part) => part !== '').join(' · '), {
            word: labelOf(said),
            cells: [said, '', ''],
            keyCells: [said, meant, is],
            ...(reason === '' ? {} : { reason }),
          }),
        ),
        { columns },
      ),
    };
  },
});
