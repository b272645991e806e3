import { labelOf, proofOf } from '../../texts/reading/passage';
import { openItem, readingMaker, shortOf } from '../making/reading-maker';
import { written } from '../making/written';

const feeling =
  /\b(?:smiled|laughed|cried|sighed|shook|trembled|ran|hid|shouted|whispered|stared|frowned|hoped|feared|wished|afraid|happy|sad|angry|proud|worried|tired|lonely|brave|nervous|surprised|waited|stopped|turned|refused|promised|closed|opened|kept|left|gave)\b/i;

/** Why do you think so? Questions whose answer has to be worked out; each points at the sentence it starts from. */
export default readingMaker({
  id: 'work-it-out',
  name: 'Work it out',
  description:
    'Open questions about what the text shows without saying it; each has room for a model answer.',
  interaction: 'write',
  needs: 'a text',
  usual: 4,
  title: 'Work it out',
  instruction: 'The text does not say it straight out. Give your reason with words from the text.',
  make({ passage, random, wanted }) {
    const shown = passage.sentences.filter(
      ({ text, words }) => words >= 4 && words <= 26 && !/^["“]/.test(text) && !text.endsWith('?'),
    );
    const telling = shown.filter(({ text }) => feeling.test(text));
    const pool = [
      ...random.shuffle(telling),
      ...random.shuffle(shown.filter((each) => !telling.includes(each))),
    ];
    const asked = [
      (quoted: string) => `“${quoted}” Why does this matter?`,
      (quoted: string) => `“${quoted}” What does this tell you that is not said?`,
      (quoted: string) => `“${quoted}” How would you feel there, and why?`,
      (quoted: string) => `“${quoted}” What might happen next? Which words make you think so?`,
    ];
    const chosen = pool.slice(0, wanted).sort((left, right) => left.start - right.start);
    const items = chosen.map((sentence, index) => {
      const person = passage.people.find((name) => sentence.text.startsWith(`${name} `));
      const ask = asked[index % asked.length] ?? asked[0];
      const prompt =
        person && index % asked.length === 0
          ? `“${sentence.text}” Why do you think ${person} did this?`
          : (ask?.(sentence.text) ?? sentence.text);
      return openItem(prompt, '', {
        word: labelOf(sentence.text),
        lines: 3,
        reason: `Begin from here. ${proofOf(sentence)}`,
      });
    });
    return {
      ...written(items),
      notes: shortOf(items.length, Math.min(2, wanted), 'sentences to ask about'),
    };
  },
});
