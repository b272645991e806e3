import type { MakerInput } from '../making/maker';
import { sortMaker } from '../making/sort-maker';

/** The topics that two or more of the words are about, the fullest first; four at most. */
function topicsOf({ words, lexicon }: Pick<MakerInput, 'words' | 'lexicon'>): string[] {
  const counts = lexicon.topicNames.map((topic) => ({
    topic,
    count: words.filter(({ entry }) => entry && lexicon.topicWords(topic).has(entry.word)).length,
  }));
  return counts
    .filter(({ count }) => count >= 2)
    .sort((left, right) => right.count - left.count)
    .slice(0, 4)
    .map(({ topic }) => topic);
}

/** Words under what they are about. */
export default sortMaker({
  id: 'sort-by-topic',
  name: 'Categories',
  group: 'Vocabulary',
  description: 'Words sorted by what they are about: weather, animals, clothes, food …',
  needs: 'words of two topics or more, two of each at least',
  onScreen: 'Put each word where it belongs.',
  title: () => 'What belongs together?',
  instruction: 'Cut out the words. Glue each one where it belongs.',
  homeOf({ word, entry }, input) {
    const chosen = topicsOf(input);
    const own = input.lexicon.topicsOf(entry.word).filter((topic) => chosen.includes(topic));
    if (own.length === 0) return 'belongs to none of the topics';
    if (own.length > 1) return `belongs to two topics (${own.join(', ')}), so it has two homes`;
    return { heading: own[0] as string, reason: `${word} is about ${own[0]}.` };
  },
  replacements(word, input) {
    const own = word.entry ? input.lexicon.topicsOf(word.entry.word) : [];
    const topic = own.find((each) => topicsOf(input).includes(each));
    return topic === undefined ? [] : [{ topic }];
  },
  suggestions: (input) => topicsOf(input).map((topic) => ({ topic })),
});
