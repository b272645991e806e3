import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

/** What to know before reading, and where to read on afterwards. */
export default readingMaker({
  id: 'facts-first',
  name: 'Facts to know first, and where to read on',
  description: 'Who wrote it, when and where; what the reader needs to know; what to read next.',
  interaction: 'write',
  needs: 'a text',
  asks: [],
  title: 'Facts to know first',
  instruction: 'Find out, and write it down in your own words.',
  make({ text, passage }) {
    const people = passage.people.slice(0, 5);
    const notes = text.annotations
      .filter((mark) => mark.kind === 'note' && mark.text)
      .map((mark) => mark.text ?? '');
    return {
      ...written([
        openItem('Who wrote it, and when?', text.credit, { word: 'author' }),
        openItem('Which people and places are named?', people.join(', '), { word: 'names' }),
        openItem('What does a reader need to know to follow it?', notes[0] ?? '', {
          word: 'facts',
          lines: 3,
        }),
        openItem('What would you like to read next, and where can you find it?', '', {
          word: 'read on',
        }),
      ]),
    };
  },
});
