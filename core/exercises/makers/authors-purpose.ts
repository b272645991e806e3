import { findDevices } from '../../texts/devices/find-devices';
import { SyllableCounter } from '../../texts/analysis/syllable-count';
import { proofOf } from '../../texts/reading/passage';
import { purposeOf } from '../../texts/reading/purpose-of';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

/** Why was it written? To inform, to persuade, to entertain, with the lines that show it. */
export default readingMaker({
  id: 'authors-purpose',
  name: 'Author’s purpose',
  description:
    'To inform, persuade or entertain: an open question with lines that could be evidence.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text',
  title: 'Why was it written?',
  instruction: 'Decide what the author wants most, and prove it with lines from the text.',
  make({ text, passage, lexicon }) {
    const verse = text.kind === 'poem';
    const found = verse ? undefined : purposeOf(passage, lexicon);
    const lines = (found?.lines ?? []).map(proofOf).join(' ');
    const { devices } = findDevices(text.body, lexicon, new SyllableCounter(), verse);
    const picture = devices.find(({ kind }) => kind === 'simile');
    const quoted = picture && text.body.slice(picture.start, picture.end).replace(/\s+/g, ' ');
    return {
      ...written([
        openItem(
          'What does the author want most: to inform, to persuade or to entertain?',
          verse ? 'to entertain, and to make the reader see and feel' : (found?.purpose ?? ''),
          {
            word: 'purpose',
            ...(lines === '' ? {} : { reason: `Its words point to this: ${lines}` }),
          },
        ),
        openItem('Which lines show it? Copy one or two.', lines, { word: 'evidence', lines: 3 }),
        openItem('Who is it written for? How can you tell?', '', { word: 'reader' }),
        openItem(
          'Which words does the author choose to reach that reader?',
          quoted === undefined ? '' : `for example “${quoted}”`,
          { word: 'words' },
        ),
      ]),
    };
  },
});
