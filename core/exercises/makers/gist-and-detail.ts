import { statementsOf } from '../../texts/reading/statements';
import { gistOf } from '../../texts/reading/gist';
import { proofOf } from '../../texts/reading/passage';
import { joinList } from '../../kernel/join-list';
import { readingMaker, shortOf } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

/** First what it is about, then what it says: gist before detail. */
export default readingMaker({
  id: 'gist-and-detail',
  name: 'Gist, then detail',
  description:
    'One question about the whole, to read quickly for; then statements to read closely for.',
  interaction: 'choice',
  needs: 'a text with plain statements',
  needsMeanings: true,
  fewest: 3,
  usual: 6,
  title: 'Read twice',
  instruction: 'Read quickly and answer question 1. Read again slowly for the rest.',
  make({ passage, random, lexicon, meanings, wanted }) {
    const found = gistOf(passage, lexicon);
    const gist =
      found === undefined
        ? []
        : [
            {
              word: found.main.join(' '),
              prompt: 'Which words tell best what the whole text is about?',
              options: numbered(
                random.shuffle([
                  { text: joinList(found.main, 'and'), right: true },
                  ...random
                    .shuffle(found.details)
                    .slice(0, 2)
                    .map(({ things, part }) => ({
                      text: joinList(things, 'and'),
                      right: false,
                      error: 'takes a detail for the whole',
                      feedback: `These come once, in ${passage.paragraphs.length > 2 ? `paragraph ${part}` : 'one part'} only.`,
                    })),
                ]),
                'option',
              ),
              reason: `The text tells of ${joinList(found.main, 'and')} from beginning to end; the others come once.`,
            },
          ];
    const detail = statementsOf(passage, lexicon, meanings, random, wanted - gist.length).map(
      ({ text, verdict, sentence, why }) => ({
        word: text,
        prompt: text,
        options: numbered(
          (['true', 'false', 'not said'] as const).map((each) => ({
            text: each,
            right: each === verdict,
          })),
          'option',
        ),
        reason: `${why[0]?.toUpperCase()}${why.slice(1)}. ${proofOf(sentence)}`,
      }),
    );
    const items = [...gist, ...detail];
    return {
      notes: shortOf(items.length, Math.min(3, wanted), 'questions of this kind'),
      task: { interaction: 'choice', items: numbered(items) },
    };
  },
});
