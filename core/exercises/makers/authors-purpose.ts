import { findDevices } from '../../texts/devices/find-devices';
import { SyllableCounter } from '../../texts/analysis/syllable-count';
import { proofOf, type PassageSentence } from '../../texts/reading/passage';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';

const opinion =
  /\b(?:must|should|need to|best|worst|never|always|important|everyone|surely|of course)\b/i;
const fact = /\b\d[\d,.]*\b|\b(?:percent|per cent|metres?|degrees?|is called|means|measure)\b/i;
const story = /[“"]|\b(?:suddenly|once|that night|one day)\b/i;

/** Why was it written? To inform, to persuade, to entertain, with the lines that show it. */
export default readingMaker({
  id: 'authors-purpose',
  name: 'Author’s purpose',
  description:
    'To inform, persuade or entertain: an open question with lines that could be evidence.',
  interaction: 'write',
  needs: 'a text',
  title: 'Why was it written?',
  instruction: 'Decide what the author wants most, and prove it with lines from the text.',
  make({ text, passage, lexicon }) {
    const with_ = (pattern: RegExp) =>
      passage.sentences.filter(({ text: said }) => pattern.test(said));
    const evidence: readonly (readonly [string, readonly PassageSentence[]])[] = [
      ['to inform', with_(fact)],
      ['to persuade', with_(opinion)],
      ['to entertain', with_(story)],
    ];
    const [most] = [...evidence].sort((left, right) => right[1].length - left[1].length);
    const verse = text.kind === 'poem';
    const likely = verse
      ? 'to entertain, and to make the reader see and feel'
      : (most?.[1].length ?? 0) > 0
        ? (most?.[0] ?? '')
        : '';
    const lines = (most?.[1] ?? []).slice(0, 2).map(proofOf).join(' ');
    const { devices } = findDevices(text.body, lexicon, new SyllableCounter(), verse);
    const sound = devices.find(({ kind }) => kind === 'simile' || kind === 'alliteration');
    return {
      ...written([
        openItem(
          'What does the author want most: to inform, to persuade or to entertain?',
          likely,
          {
            word: 'purpose',
            ...(lines === '' ? {} : { reason: `Its words point to this: ${lines}` }),
          },
        ),
        openItem('Which two lines show it? Copy them.', lines, { word: 'evidence', lines: 3 }),
        openItem('Who is it written for? How can you tell?', '', { word: 'reader' }),
        openItem(
          'Which words does the author choose to reach that reader?',
          sound ? text.body.slice(sound.start, sound.end).replace(/\s+/g, ' ') : '',
          { word: 'words' },
        ),
      ]),
    };
  },
});
