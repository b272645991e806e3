import { statementsOf } from '../../texts/reading/statements';
import { proofOf } from '../../texts/reading/passage';
import { joinList } from '../../kernel/join-list';
import { readingMaker, shortOf } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

/** Words that other short texts are about, to set beside the words of this one. */
const elsewhere = [
  ['kitchen', 'bread', 'oven'],
  ['market', 'price', 'shop'],
  ['football', 'goal', 'team'],
  ['hospital', 'doctor', 'medicine'],
  ['train', 'ticket', 'platform'],
  ['beach', 'holiday', 'hotel'],
  ['music', 'piano', 'concert'],
  ['garden', 'flower', 'seed'],
];

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
    const topics = passage.keywords.slice(0, 3);
    const body = passage.material.body.toLowerCase();
    const wrong = random
      .shuffle(elsewhere.filter((group) => group.every((word) => !body.includes(word))))
      .slice(0, 2);
    const gist =
      topics.length < 2 || wrong.length < 2
        ? []
        : [
            {
              word: topics.join(' '),
              prompt: 'Which words tell best what the text is about?',
              options: numbered(
                random.shuffle([
                  { text: joinList(topics, 'and'), right: true },
                  ...wrong.map((group) => ({
                    text: joinList(group, 'and'),
                    right: false,
                    feedback: 'The text does not speak of these.',
                  })),
                ]),
                'option',
              ),
              reason: `${joinList(topics, 'and')} come more often than any other words.`,
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
