import { findStructureSignals, textStructures } from '../../texts/devices/signals';
import { joinList } from '../../kernel/join-list';
import { readingMaker } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

/** How is it built? Each paragraph with signals, and the structure they show. */
export default readingMaker({
  id: 'text-structure',
  name: 'Text structure',
  description:
    'Order of time, cause and effect, problem and solution, comparing, describing: which, and by which words.',
  interaction: 'choice',
  needs: 'an informational text with signal words',
  fewest: 1,
  usual: 6,
  title: 'How is it built?',
  instruction: 'Read each part. Tick how it is built; the signal words help.',
  make({ passage, wanted }) {
    const items = passage.paragraphs.flatMap(({ text }, index) => {
      const [first, second] = findStructureSignals(text);
      // Only where one structure is clearly signalled the most.
      if (
        first === undefined ||
        first.signals.length < 2 ||
        first.signals.length === second?.signals.length
      )
        return [];
      const words = [
        ...new Set(first.signals.map(({ start, end }) => text.slice(start, end).toLowerCase())),
      ];
      const begin = text.replace(/\s+/g, ' ').trim().split(' ').slice(0, 7).join(' ');
      return [
        {
          word: begin,
          prompt: `Paragraph ${index + 1}: “${begin} …”`,
          options: numbered(
            textStructures.map((name) => ({ text: name, right: name === first.structure })),
            'option',
          ),
          reason: `Its signals: ${joinList(words, 'and')}.`,
        },
      ];
    });
    return {
      notes:
        items.length > 0
          ? []
          : [
              'No paragraph of this text signals one structure clearly. Ask about its structure as an open question.',
            ],
      task: { interaction: 'choice', items: numbered(items.slice(0, wanted)) },
    };
  },
});
