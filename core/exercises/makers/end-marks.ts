import { takesFor } from '../making/error-names';
import { sentencesByKind, whyKind } from '../making/sentence-kinds';
import { article, grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

const marks = ['.', '?', '!'] as const;
const names = {
  uk: { '.': 'full stop (.)', '?': 'question mark (?)', '!': 'exclamation mark (!)' },
  us: { '.': 'period (.)', '?': 'question mark (?)', '!': 'exclamation point (!)' },
} as const;

/** Commands that are as often shouted as said. */
const urgent = /^(?:stand|stop|look|watch|wait|run|help|go|come|hurry|listen|don)\b/i;

/** Sentences without an end mark: full stop, question mark or exclamation mark. */
export default grammarMaker({
  id: 'end-marks',
  name: 'Which end mark?',
  description: 'Full stop, question mark or exclamation mark for each sentence.',
  interaction: 'choice',
  needs: 'sentences of two types or more, or none: Wordane has its own',
  fewest: 3,
  usual: 8,
  title: 'Which end mark?',
  instruction: 'Read each sentence aloud. Tick its end mark.',
  make(input) {
    // A strong command may have either mark: it is no fair question.
    const named = names[input.profile?.spelling ?? 'uk'];
    const items = sentencesByKind(input).filter(
      ({ mark, kind, text }) => mark.length === 1 && !(kind === 'Command' && urgent.test(text)),
    );
    return {
      task: {
        interaction: 'choice',
        items: numbered(
          items.map(({ text, kind, mark }) => ({
            word: text.replace(/[.!?]+$/, ''),
            prompt: `${text.replace(/[.!?]+$/, '')} ___`,
            options: numbered(
              marks.map((each) => ({
                text: named[each],
                right: each === mark,
                ...(each === mark
                  ? {}
                  : {
                      feedback: `This is ${article(kind)} ${kind.toLowerCase()}.`,
                      error: takesFor(named[each], named[mark as '.']),
                    }),
              })),
              'option',
            ),
            reason: `${whyKind[kind]} It ends with ${article(named[mark as '.'])} ${named[mark as '.']}.`,
          })),
        ),
      },
    };
  },
});
