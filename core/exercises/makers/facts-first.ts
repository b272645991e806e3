import { joinList } from '../../kernel/join-list';
import { namedIn } from '../../texts/reading/people-and-places';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

/** What to know before reading, and where to read on afterwards. */
export default readingMaker({
  id: 'facts-first',
  name: 'Facts to know first, and where to read on',
  description: 'Who wrote it, when and where; what the reader needs to know; what to read next.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text',
  title: 'Facts to know first',
  instruction: 'Find out, and write it down in your own words.',
  make({ text, passage }) {
    const { people, places, others } = namedIn(passage);
    const said = [
      people.length > 0 ? `People: ${joinList(people, 'and')}.` : '',
      places.length > 0 ? `Places: ${joinList(places, 'and')}.` : '',
      others.length > 0 ? `Also named: ${joinList(others, 'and')}.` : '',
    ].filter((part) => part !== '');
    const notes = text.annotations
      .filter((mark) => mark.kind === 'note' && mark.text)
      .map((mark) => mark.text ?? '');
    return {
      ...written([
        openItem('Who wrote it, and when?', text.credit, { word: 'author' }),
        ...(said.length > 0
          ? [
              openItem('Which people and places are named?', said.join(' '), {
                word: 'names',
                reason: 'All names of the text.',
              }),
            ]
          : []),
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
