import { takesFor } from '../making/error-names';
import { proofOf } from '../../texts/reading/passage';
import { statementsOf, type Verdict } from '../../texts/reading/statements';
import { readingMaker, shortOf } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

const verdicts: readonly Verdict[] = ['true', 'false', 'not said'];

/** Statements made from the sentences of a text by checked changes. */
export default readingMaker({
  id: 'true-false-not-said',
  name: 'True, false or not said',
  description:
    'Sentences of the text, some changed: another number, name or opposite, or a detail that is not there.',
  interaction: 'choice',
  needs: 'a text with plain statements',
  needsMeanings: true,
  fewest: 3,
  usual: 6,
  title: 'True, false or not said?',
  instruction: 'Read the text again. Tick what is right.',
  make({ passage, random, lexicon, meanings, wanted }) {
    const statements = statementsOf(passage, lexicon, meanings, random, wanted);
    return {
      notes: [
        ...shortOf(statements.length, Math.min(wanted, 3), 'statements that can stand alone'),
        ...(statements.length > 0 && !statements.some(({ verdict }) => verdict === 'not said')
          ? [
              'Nothing here is “not said”: no detail could be added to this text that it surely does not settle.',
            ]
          : []),
      ],
      task: {
        interaction: 'choice',
        items: numbered(
          statements.map(({ text, verdict, sentence, why }) => ({
            word: text,
            prompt: text,
            options: numbered(
              verdicts.map((each) => ({
                text: each,
                right: each === verdict,
                ...(each === verdict ? {} : { error: takesFor(each, verdict) }),
              })),
              'option',
            ),
            reason: `${why[0]?.toUpperCase()}${why.slice(1)}. ${proofOf(sentence)}`,
          })),
        ),
      },
    };
  },
});
