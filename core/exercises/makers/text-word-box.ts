import { entryOf } from '../../texts/analysis/word-tokens';
import { senseInContext } from '../../texts/reading/sense-in-context';
import { proofOf } from '../../texts/reading/passage';
import { readingMaker, shortOf } from '../making/reading-maker';
import { matchTask } from '../making/match-task';

const MOST = 8;

/** The hard words of a section beside the meanings that fit where they stand. */
export default readingMaker({
  id: 'text-word-box',
  name: 'Word box of a text',
  description: 'Its harder words to join to the meanings that fit where they stand.',
  interaction: 'match',
  needs: 'a text with some less common words',
  needsMeanings: true,
  fewest: 3,
  workedByDefault: true,
  usual: 6,
  title: 'Words to know before you read',
  instruction: 'Join each word to what it means in this text.',
  make({ text, passage, random, lexicon, meanings, wanted: asked }) {
    const wanted = Math.min(MOST, asked);
    const glosses = new Map(text.glosses.map(({ word, text: said }) => [word.toLowerCase(), said]));
    const chosen = new Set([...text.boxed, ...glosses.keys()].map((word) => word.toLowerCase()));
    const rare = passage.keywords
      .filter((word) => !chosen.has(word))
      .map((word) => ({ word, zipf: lexicon.find(word)?.zipf ?? 9 }))
      .filter(({ zipf }) => zipf < 4.9)
      .sort((left, right) => left.zipf - right.zipf)
      .map(({ word }) => word);
    const taken = new Set<string>();
    const pairs = [...chosen, ...rare].flatMap((word) => {
      if (taken.size === wanted || lexicon.isUnfit(word)) return [];
      const pattern = new RegExp(
        `(?<![\\p{L}])${word.slice(0, Math.max(3, word.length - 1))}`,
        'iu',
      );
      const sentence = passage.sentences.find((each) => pattern.test(each.text));
      const sense =
        meanings && sentence
          ? senseInContext(word, sentence.text, text.body, meanings, lexicon)
          : undefined;
      const meaning = glosses.get(word) ?? (sense?.sure ? sense.definition : undefined);
      const plain = meaning?.toLowerCase() ?? '';
      if (meaning === undefined || meaning.length > 90 || taken.has(plain) || plain.includes(word))
        return [];
      if (entryOf(word, lexicon) === undefined && !glosses.has(word)) return [];
      taken.add(plain);
      return [{ word, meaning, reason: sentence ? proofOf(sentence) : '' }];
    });
    return {
      notes: shortOf(pairs.length, Math.min(wanted, 3), 'words with a short meaning'),
      task: matchTask(
        pairs.map(({ word, meaning, reason }) => ({
          word,
          left: word,
          right: { text: meaning },
          reason,
        })),
        random,
      ),
    };
  },
});
