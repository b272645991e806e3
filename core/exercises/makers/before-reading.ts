import { openItem, readingMaker } from '../making/reading-maker';
import type { Scene } from '../interactions/write/task';
import { read, shaped } from '../making/parameters';
import { written } from '../making/written';

const parameters = { scene: shaped('picture', 'A map or a picture to look at first') };

/** Where and when, from what stands over the questions. */
function whereAndWhen(scene: Scene | undefined): string {
  if (scene === undefined) return 'Where and when could it take place? What makes you think so?';
  return scene.shows?.startsWith('Map: ')
    ? 'Look at the map. Where in the world does it take place? What do you know about this place?'
    : 'Look at the picture. Where and when could it take place? What makes you think so?';
}

/** What the class brings to the text before it reads: open prompts, with the text's own words to think from. */
export default readingMaker({
  id: 'before-reading',
  name: 'Before reading',
  description: 'What I know, where and when, how it is organised, what I expect: open prompts.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text',
  asks: [],
  title: 'Before you read',
  instruction: 'Look at the title and the first line only. Write what you think.',
  parameters,
  make({ text, passage, parameters: given }) {
    const { scene } = read(parameters, given);
    const words = passage.keywords.slice(0, 8);
    const headings = passage.material.body.match(/^#{1,6} +(.+)$/gm) ?? [];
    const first = passage.sentences[0];
    return {
      ...written(
        [
          openItem(`The title is “${text.title}”. What do you know about this already?`),
          openItem(whereAndWhen(scene), '', { word: 'where and when' }),
          openItem(
            headings.length > 1
              ? 'Read the headings. How is the text organised?'
              : text.kind === 'poem'
                ? 'Look at the lines and the gaps. How is the poem organised?'
                : passage.paragraphs.length === 1
                  ? 'Is it a story, a report, a letter or an explanation? How can you tell?'
                  : 'Look at the paragraphs. How is the text organised?',
            headings.length > 1
              ? `It has ${headings.length} parts: ${headings.map((line) => line.replace(/^#+ +/, '')).join(', ')}.`
              : text.kind === 'poem'
                ? `It has ${passage.paragraphs.length} ${passage.paragraphs.length === 1 ? 'stanza' : 'stanzas'}.`
                : passage.paragraphs.length === 1
                  ? ''
                  : `It has ${passage.paragraphs.length} paragraphs.`,
            { word: 'organised' },
          ),
          openItem(
            'What will it tell you? Use some of the words in the box.',
            first ? `It begins: “${first.text}”` : '',
            { word: 'predict' },
          ),
        ],
        {
          ...(words.length > 0 ? { bank: words.map((word) => ({ word })) } : {}),
          ...(scene ? { scene } : {}),
        },
      ),
    };
  },
});
