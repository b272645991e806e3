import { quotationChart, quote, lineNumberAt } from '../../texts/reading/quotation-chart';
import { findDevices } from '../../texts/devices/find-devices';
import { SyllableCounter } from '../../texts/analysis/syllable-count';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

const columns = [
  { title: 'Quotation', share: 0.24 },
  { title: 'Line', share: 0.08 },
  { title: 'Method', share: 0.23 },
  { title: 'Effect', share: 0.24 },
  { title: 'Why?', share: 0.21 },
];

/** Methods that are offered where the teacher has marked none yet. */
const offered = ['simile', 'alliteration', 'anaphora', 'repetition'] as const;

/** The quotation chart of a text's marks: the learner writes effect and reason, and in the stretch version the method. */
export default readingMaker({
  id: 'quotation-chart',
  name: 'Quotation chart',
  description:
    'Quotation, line, method, effect, why: from your marks; the key holds your model answers.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text with marked methods',
  asks: [],
  fewest: 1,
  workedByDefault: false,
  title: 'Quotation chart',
  instruction: 'What does each quotation do, and why? Write in the empty boxes.',
  make({ text, lexicon, parameters }) {
    const rows = quotationChart({
      ...text,
      annotations: [...text.annotations],
      methods: text.methods.map((method) => ({ ...method })),
    });
    const found =
      rows.length > 0
        ? rows.map(({ quotation, where, method, effect, why }) => ({
            quotation,
            where,
            method,
            effect,
            why,
          }))
        : findDevices(text.body, lexicon, new SyllableCounter(), text.kind === 'poem')
            .devices.filter(({ kind }) => offered.some((each) => each === kind))
            .slice(0, 5)
            .map((device) => ({
              quotation: quote(text.body, device.parts[0] ?? device, text.kind === 'poem'),
              where: String(lineNumberAt(text.body, device.start)),
              method: device.kind,
              effect: '',
              why: '',
            }));
    const hideMethod = parameters.version === 'stretch';
    const support = parameters.version === 'support';
    return {
      notes:
        rows.length > 0
          ? []
          : found.length > 0
            ? [
                'Nothing is marked in this text yet, so what a machine finds is offered. Mark methods under Texts to choose your own.',
              ]
            : [
                'Nothing is marked in this text yet, and nothing was found in it. Mark methods under Texts.',
              ],
      ...written(
        found.map(({ quotation, where, method, effect, why }) =>
          openItem(quotation, [method, effect, why].filter((part) => part !== '').join(' · '), {
            word: quotation,
            cells: [`“${quotation}”`, where, hideMethod ? '' : method, support ? effect : '', ''],
            keyCells: [`“${quotation}”`, where, method, effect, why],
            lines: 3,
          }),
        ),
        { columns },
      ),
    };
  },
});
