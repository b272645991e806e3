import { joinList } from '../../texts/join-list';
import { everyLanguage, openItem, readingMaker, writeTask } from '../reading-maker';

/** A piece of writing with a range of words and words that must be in it: the learner’s text can be checked. */
export default readingMaker({
  id: 'writing-task',
  name: 'Writing task',
  description:
    'So many words, with words that must be used: the learner’s text is checked against both.',
  interaction: 'write',
  needs: 'a text',
  fewest: 1,
  languages: everyLanguage,
  title: 'Now write',
  instruction: 'Write your text, then tick off the list.',
  make({ text, passage, parameters }) {
    const { fewest = 60, most = 100, grammar = '' } = parameters;
    const structures = grammar === '' ? [] : [{ name: grammar, count: parameters.count || 3 }];
    const asked = structures.map(({ name, count }) => `${count} × ${name}`);
    const required = parameters.required ?? passage.keywords.slice(0, 4);
    const topic =
      parameters.topic ||
      (text.kind === 'poem'
        ? `Write a text of your own in answer to “${text.title}”.`
        : `Write about “${text.title}” for someone who has not read it.`);
    return {
      notes: fewest > most ? ['The fewest words are more than the most. Change one of them.'] : [],
      task: writeTask(
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
