import { joinList } from '../../kernel/join-list';
import { openItem, readingMaker } from '../making/reading-maker';
import { written } from '../making/written';
import { number, openChoice, read, text, words } from '../making/parameters';
import { structureNames } from '../../languages/en/grammar/structures/structure-table';

const sizes = [20, 40, 60, 80, 100, 120, 150, 200, 250, 300, 400, 500];

const declared = {
  fewest: number('Fewest words', {
    least: 1,
    most: 2000,
    usual: 60,
    offered: sizes,
    unit: 'words',
  }),
  most: number('Most words', { least: 1, most: 2000, usual: 100, offered: sizes, unit: 'words' }),
  required: words('Words that must be used', 30),
  grammar: openChoice(
    'Structure that must be used',
    'none',
    structureNames.map((name) => [name, name] as const),
  ),
  count: number('How often', {
    least: 1,
    most: 20,
    usual: 3,
    offered: [1, 2, 3, 4, 5],
    unit: 'times or more',
  }),
  topic: text('What to write', 1000, 2),
};

/** A piece of writing with a range of words and words that must be in it: the learner’s text can be checked. */
export default readingMaker({
  id: 'writing-task',
  name: 'Writing task',
  description:
    'So many words, with words that must be used: the learner’s text is checked against both.',
  interaction: 'write',
  answersAreRead: true,
  parameters: declared,
  needs: 'a text, or what to write in your own words',
  textOptional: true,
  fewest: 1,
  asks: [],
  title: 'Now write',
  instruction: 'Write your text, then tick off the list.',
  make({ text: given, passage, parameters }) {
    const { fewest, most, grammar, count, ...values } = read(declared, parameters);
    const structures = grammar === undefined ? [] : [{ name: grammar, count }];
    const asked = structures.map(({ name, count }) => `${count} × ${name}`);
    const required = values.required ?? passage.keywords.slice(0, 4);
    const topic =
      values.topic ||
      (given.title === ''
        ? 'Write about something that you saw, heard or did this week.'
        : given.kind === 'poem'
          ? `Write a text of your own in answer to “${given.title}”.`
          : `Write about “${given.title}” for someone who has not read it.`);
    return {
      notes: fewest > most ? ['The fewest words are more than the most. Change one of them.'] : [],
      ...written(
        [
          openItem(topic, '', {
            word: 'text',
            lines: Math.max(6, Math.min(22, Math.ceil(most / 8))),
            checks: {
              words: required,
              fewest,
              most,
              text: true,
              ...(structures.length > 0 ? { structures } : {}),
            },
            reason: `Checked: ${fewest} to ${most} words${required.length > 0 ? `, with ${joinList(required, 'and')}` : ''}, a capital to begin and an end mark. The rest is read by the teacher.`,
          }),
        ],
        {
          checklist: [
            `I wrote ${fewest} to ${most} words.`,
            ...(required.length > 0 ? [`I used ${joinList(required, 'and')}.`] : []),
            ...asked.map((each) => `I used ${each}.`),
            'Every sentence begins with a capital letter and has an end mark.',
            'I read it once more aloud.',
          ],
        },
      ),
    };
  },
});
