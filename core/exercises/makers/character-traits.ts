import { labelOf, proofOf } from '../../texts/reading/passage';
import { openItem, readingMaker } from '../making/reading-maker';
import { read, text as textField } from '../making/parameters';
import { written } from '../making/written';

const columns = [
  { title: 'What the text says', share: 0.5 },
  { title: 'So this person is …', share: 0.24 },
  { title: 'Because …', share: 0.26 },
];

const declared = { character: textField('About whom', 60) };

/** Lines in which a person says or does something, and what they show. */
export default readingMaker({
  id: 'character-traits',
  name: 'Character traits with evidence',
  description: 'Lines about one person, and room for the trait each shows and why.',
  interaction: 'write',
  parameters: declared,
  needs: 'a text with a named person',
  fewest: 1,
  usual: 5,
  title: 'What is this person like?',
  instruction: 'Read each line. Write what it shows about the person.',
  make({ passage, parameters, wanted }) {
    const counts = passage.people
      .map((name) => ({
        name,
        lines: passage.sentences.filter(
          ({ text, speaker }) =>
            speaker === name || new RegExp(`(?<!\\p{L})${name}(?!\\p{L})`, 'u').test(text),
        ),
      }))
      .sort((left, right) => right.lines.length - left.lines.length);
    const { character } = read(declared, parameters);
    const person = counts.find(({ name }) => name === character) ?? counts[0];
    if (person === undefined || person.lines.length === 0) {
      return {
        ...written([], { columns }),
        notes: [
          'No person is named in this text. Choose another text, or ask an open question instead.',
        ],
      };
    }
    return {
      title: `What is ${person.name} like?`,
      ...written(
        person.lines.slice(0, wanted).map((sentence) =>
          openItem(sentence.text, '', {
            word: labelOf(sentence.text),
            cells: [sentence.text, '', ''],
            keyCells: [sentence.text, '', ''],
            reason: `Open: any trait that the line bears out. ${proofOf(sentence)}`,
          }),
        ),
        { columns },
      ),
    };
  },
});
