import { senseInContext } from '../../texts/reading/sense-in-context';
import { define } from '../../languages/en/words/meanings';
import { readingMaker, shortOf } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

const LONGEST = 80;

/** What does the word mean here? Three meanings, one that fits. */
export default readingMaker({
  id: 'word-in-context',
  name: 'What the word means here',
  description: 'A word in its sentence and three meanings, one of which fits this text.',
  interaction: 'choice',
  needs: 'a text with some less common words',
  needsMeanings: true,
  usual: 5,
  title: 'What does the word mean here?',
  instruction: 'Find the word in the text. Tick the meaning that fits.',
  make({ text, passage, random, lexicon, meanings, wanted }) {
    if (meanings === undefined)
      return {
        task: { interaction: 'choice', items: [] },
        notes: ['The meanings are not loaded yet.'],
      };
    const words = passage.keywords
      .filter((word) => (lexicon.find(word)?.zipf ?? 9) < 5.2 && !lexicon.isUnfit(word))
      .sort((left, right) => (lexicon.find(left)?.zipf ?? 9) - (lexicon.find(right)?.zipf ?? 9))
      .slice(0, wanted * 3);
    const items = random.shuffle(words).flatMap((word) => {
      const sentence = passage.sentences.find(({ text: said }) =>
        new RegExp(`(?<!\\p{L})${word}`, 'iu').test(said),
      );
      const sense = sentence
        ? senseInContext(word, sentence.text, text.body, meanings, lexicon)
        : undefined;
      if (
        sentence === undefined ||
        sense === undefined ||
        !sense.sure ||
        sense.definition.length > LONGEST ||
        sense.definition.includes(word)
      )
        return [];
      // Other senses of the word itself make the best wrong answers, then meanings of other words of the text.
      const others = [
        ...define(word, meanings, lexicon).senses.filter(
          (each) => each.definition !== sense.definition && each.wordClass !== sense.wordClass,
        ),
        ...random
          .shuffle(passage.keywords.filter((each) => each !== word))
          .slice(0, 12)
          .flatMap((each) => define(each, meanings, lexicon).senses.slice(0, 1)),
      ].filter(
        ({ definition, near }) =>
          definition.length <= LONGEST &&
          definition !== sense.definition &&
          !definition.includes(word) &&
          !near.includes(word),
      );
      const wrong = [
        ...new Map(others.map((each) => [each.definition.toLowerCase(), each])).values(),
      ].slice(0, 2);
      if (wrong.length < 2) return [];
      return [
        {
          word,
          prompt: `${word} (${sentence.where})`,
          options: numbered(
            random.shuffle([
              { text: sense.definition, right: true },
              ...wrong.map(({ definition }) => ({ text: definition, right: false })),
            ]),
            'option',
          ),
          reason: `“${sentence.text}”`,
        },
      ];
    });
    return {
      notes: shortOf(items.length, Math.min(wanted, 2), 'words with a short meaning'),
      task: { interaction: 'choice', items: numbered(items.slice(0, wanted)) },
    };
  },
});
