import { kindsOfSentence, sentencesByKind, whyKind } from '../making/sentence-kinds';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** Sentences without their end marks to be sorted: statement, question, command, exclamation. */
export default grammarMaker({
  id: 'sentence-types',
  name: 'Sort the sentence types',
  description:
    'Statements, questions, commands and exclamations on cards, without their end marks.',
  interaction: 'sort',
  needs: 'sentences of two types or more, or none: Wordane has its own',
  fewest: 4,
  usual: 12,
  onScreen: 'Put each sentence under its kind, and give it its end mark.',
  workedByDefault: false,
  title: 'What kind of sentence?',
  instruction: 'Cut the cards out. Put each sentence under its kind, and give it its end mark.',
  make(input) {
    const cards = sentencesByKind(input);
    const kinds = kindsOfSentence.filter((kind) => cards.some((card) => card.kind === kind));
    return {
      notes:
        kinds.length < 2
          ? ['Your sentences are all of one kind: write a question or a command too.']
          : [],
      task: {
        interaction: 'sort',
        headings: kinds.map((kind) => ({ id: kind, label: kind })),
        cards: numbered(
          cards.map(({ text, kind, mark }) => ({
            text: text.replace(/[.!?]+$/, ''),
            completed: `${text.replace(/[.!?]+$/, '')}${mark.charAt(0)}`,
            home: kind,
            reason: `${whyKind[kind]} It ends with ${mark}`,
          })),
          'card',
        ),
      },
    };
  },
});
