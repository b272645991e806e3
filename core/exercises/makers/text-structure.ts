import { joinList } from '../../kernel/join-list';
import { textStructures } from '../../texts/devices/signals';
import { structureOf } from '../../texts/reading/structure-of';
import { readingMaker } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

/** Words of a paragraph that it is known by. */
const OPENING = 7;
/** Signals that a reason names. */
const MOST_NAMED = 5;

const options = (right: string) =>
  numbered(
    textStructures.map((name) => ({ text: name, right: name === right })),
    'option',
  );

const named = (signals: readonly string[]) =>
  joinList(
    signals.slice(0, MOST_NAMED).map((each) => `“${each}”`),
    'and',
  );

/** How is it built? Each paragraph with signals, and the structure they show; then the whole. */
export default readingMaker({
  id: 'text-structure',
  name: 'Text structure',
  description:
    'Order of time, cause and effect, problem and solution, comparing, describing: which, and by which words.',
  interaction: 'choice',
  needs: 'a text with signal words',
  fewest: 1,
  usual: 6,
  title: 'How is it built?',
  instruction: 'Read each part. Tick how it is built; the signal words help.',
  make({ passage, wanted }) {
    const { paragraphs } = passage;
    const items = paragraphs.flatMap(({ text }, index) => {
      const found = structureOf(text);
      if (found === undefined) return [];
      const words = text.replace(/\s+/g, ' ').trim().split(' ');
      const begin = words.slice(0, OPENING).join(' ');
      return [
        {
          word: begin,
          prompt: `Paragraph ${index + 1}: “${begin} …”`,
          options: options(found.structure),
          reason: `Its signals: ${named(found.signals)}.`,
        },
      ];
    });
    const whole =
      paragraphs.length > 1
        ? structureOf(paragraphs.map(({ text }) => text).join('\n\n'))
        : undefined;
    const all =
      whole === undefined
        ? items
        : [
            ...items.slice(0, wanted - 1),
            {
              word: 'the whole text',
              prompt: 'The whole text',
              options: options(whole.structure),
              reason: `From beginning to end it is signalled by ${named(whole.signals)}.`,
            },
          ];
    return {
      notes:
        all.length > 0
          ? []
          : [
              'No paragraph of this text signals one structure clearly. Ask about its structure as an open question.',
            ],
      task: { interaction: 'choice', items: numbered(all.slice(0, wanted)) },
    };
  },
});
