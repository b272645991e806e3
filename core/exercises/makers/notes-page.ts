import { headingText, sectionsIn } from '../../languages/shared/segment';
import { keywordsIn, labelsOf } from '../../texts/reading/passage';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

const columns = [
  { title: 'Part', share: 0.22 },
  { title: 'Main idea', share: 0.38 },
  { title: 'Words to keep', share: 0.2 },
  { title: 'My question', share: 0.2 },
];
const MOST = 8;

/** A page for notes: a row a section, or a paragraph where there are none. */
export default readingMaker({
  id: 'notes-page',
  name: 'Notes page',
  description: 'A row for each part: main idea, words to keep, my question.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text',
  fewest: 1,
  asks: [],
  title: 'My notes',
  instruction: 'After each part, stop and write.',
  make({ text, passage, lexicon, parameters }) {
    const sections = sectionsIn(text.body).filter(({ title }) => title !== '');
    const parts =
      sections.length > 1
        ? sections.map(({ start, end }) => text.body.slice(start, end))
        : passage.paragraphs.map(({ text: body }) => body);
    const names = labelsOf(
      sections.length > 1 ? sections.map(({ title }) => headingText(title)) : parts,
    );
    const words = (body: string) => keywordsIn(body, passage.names, lexicon).slice(0, 3).join(', ');
    const support = parameters.version === 'support';
    return {
      notes:
        parts.length > MOST
          ? [`There is room for ${MOST} parts; choose a section for the others.`]
          : [],
      ...written(
        parts.slice(0, MOST).map((body, at) => {
          const name = names[at] ?? '';
          return openItem(name, words(body), {
            word: name,
            cells: [name, '', support ? words(body) : '', ''],
            keyCells: [name, '', words(body), ''],
            lines: 3,
            reason: 'Open: the main idea in the learner’s own words.',
          });
        }),
        { columns },
      ),
    };
  },
});
