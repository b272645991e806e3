import { cefrLevels } from '../../kernel/level';
import { situations } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** What the sheet asks for where the class stands on no CEFR level: what beginners say every day. */
const USUAL = 'A2';

/** What to say: a situation, and three phrases of which one fits. */
export default grammarMaker({
  id: 'fitting-phrase',
  name: 'What do you say?',
  description: 'A situation and three phrases: one fits, the others would surprise.',
  interaction: 'choice',
  sentences: 'none',
  needs: 'nothing: Wordane has the situations',
  fewest: 3,
  usual: 8,
  title: 'What do you say?',
  instruction: 'Read what happens. Tick what you say.',
  make(input) {
    const { random, wanted, profile } = input;
    const level = profile?.level.system === 'cefr' ? profile.level.value : USUAL;
    const order = (cefr: string) => (cefrLevels as readonly string[]).indexOf(cefr);
    // The class's own level first, then what it has behind it, then what comes.
    const far = (cefr: string) => {
      const by = order(cefr) - order(level);
      return by > 0 ? 10 + by : -by;
    };
    const ranked = random
      .shuffle(situations)
      .sort((left, right) => far(left.cefr) - far(right.cefr));
    return {
      task: {
        interaction: 'choice',
        items: numbered(
          random.shuffle(ranked.slice(0, wanted)).map(({ situation, right, wrong, does }) => ({
            word: right,
            prompt: asSpelled(situation, input),
            options: numbered(
              random.shuffle([
                { text: asSpelled(right, input), right: true },
                ...wrong.map(({ text, why }) => ({
                  text: asSpelled(text, input),
                  right: false,
                  feedback: asSpelled(why, input),
                })),
              ]),
              'option',
            ),
            reason: `This is what we say for ${does}.`,
          })),
        ),
      },
    };
  },
});
