import { takesFor } from '../making/error-names';
import type { WordSense } from '../../languages/en/words/meanings';
import { define } from '../../languages/en/words/meanings';
import { offeredAge } from '../../reach/fitness';
import { wordTokens } from '../../texts/analysis/word-tokens';
import type { PassageSentence } from '../../texts/reading/passage';
import { lineNumberAt } from '../../texts/reading/quotation-chart';
import { functionWords } from '../../texts/devices/device';
import { readingMaker, shortOf, type ReadingInput } from '../making/reading-maker';
import { numbered } from '../making/usable-words';
import {
  explainedWords,
  LONGEST_MEANING,
  senseParameters,
  type ExplainedWord,
} from '../making/words-of-text';

/** Other words of its topic that are looked at for meanings near by. */
const MOST_NEIGHBOURS = 60;

/** How much earlier or later than the word its neighbours are understood, at most. */
const YEARS_APART = 3;

interface Wrong {
  readonly text: string;
  readonly feedback: string;
  readonly error: string;
}

const contents = (text: string) =>
  new Set(wordTokens(text).flatMap(({ key }) => (functionWords.has(key) ? [] : [key.slice(0, 5)])));

/** True where two meanings say so much alike that both could be right. */
function isAlike(one: string, other: string): boolean {
  const [left, right] = [contents(one), contents(other)];
  const shared = [...left].filter((word) => right.has(word)).length;
  return shared * 2 >= Math.min(left.size, right.size);
}

/**
 * Two wrong meanings: another sense of the word itself, then meanings of words
 * of its topic and class, near by but not the same.
 */
function wrongMeanings(
  { word, meaning, sense, sentence }: ExplainedWord,
  { lexicon, meanings, random, profile, text }: ReadingInput,
): Wrong[] {
  if (meanings === undefined || sentence === undefined) return [];
  const age = profile ? offeredAge(profile) : 18;
  const plain = (each: WordSense) =>
    each.definition.length <= LONGEST_MEANING &&
    (each.from ?? 0) <= age &&
    !each.definition.includes(word) &&
    !isAlike(each.definition, meaning);
  const own = define(word, meanings, lexicon)
    .senses.filter(
      (each) => each.source === 'wordane' && each.wordClass === sense?.wordClass && plain(each),
    )
    .slice(0, 1)
    .map((each) => ({
      text: each.definition,
      feedback: 'It can mean this, but not in this sentence.',
      error: 'takes another sense of the word',
    }));
  const wordClass = sense?.wordClass ?? 'n';
  const level = lexicon.find(word)?.age ?? 10;
  const topics = sense?.topics ?? lexicon.topicsOf(word);
  const near = new Set([...(sense?.near ?? []), ...(sense?.opposites ?? [])]);
  const body = text.body.toLowerCase();
  const sameTopic = topics.flatMap((topic) => [...lexicon.topicWords(topic)]);
  const sameClass = (other: string) =>
    other !== word &&
    !near.has(other) &&
    // June and Sunday are names, and nothing to take a word for.
    lexicon.find(other)?.word === other.toLowerCase() &&
    Math.abs((lexicon.find(other)?.age ?? 99) - level) <= YEARS_APART;
  const neighbours = random
    .shuffle([...new Set(sameTopic)].filter(sameClass))
    .slice(0, MOST_NEIGHBOURS)
    .flatMap((other): Wrong[] => {
      const [first] = define(other, meanings, lexicon).senses;
      if (first === undefined || first.source !== 'wordane' || first.wordClass !== wordClass)
        return [];
      // What is near the other word is not wrong either.
      if (first.near.includes(word) || !plain(first) || body.includes(other)) return [];
      return [
        { text: first.definition, feedback: `That is ${other}.`, error: takesFor(other, word) },
      ];
    });
  const found: Wrong[] = [];
  for (const each of [...own, ...neighbours]) {
    if (found.length === 2) break;
    if (found.some((other) => isAlike(other.text, each.text))) continue;
    found.push(each);
  }
  return found;
}

/** Where a word stands: of verse the line of the word, not the one in which its sentence begins. */
function whereIs(form: string, { start, end, where }: PassageSentence, { text }: ReadingInput) {
  if (text.kind !== 'poem') return where;
  const word = new RegExp(`(?<!\\p{L})${form}(?!\\p{L})`, 'iu');
  const at = text.body.slice(start, end).search(word);
  return `line ${lineNumberAt(text.body, start + Math.max(0, at))}`;
}

/** What does the word mean here? Three meanings, one that fits. */
export default readingMaker({
  id: 'word-in-context',
  name: 'What the word means here',
  description: 'A word in its sentence and three meanings, one of which fits this text.',
  interaction: 'choice',
  needs: 'a text with some words that are hard for the class',
  needsMeanings: true,
  parameters: senseParameters,
  usual: 5,
  title: 'What does the word mean here?',
  instruction: 'Find the word in the text. Tick the meaning that fits.',
  make(input) {
    const { random, wanted, meanings } = input;
    if (meanings === undefined)
      return {
        task: { interaction: 'choice', items: [] },
        notes: ['The meanings are not loaded yet.'],
      };
    const { words, notes } = explainedWords(input, wanted * 2);
    const items = words.flatMap((each) => {
      const { form, meaning, sentence } = each;
      const wrong = wrongMeanings(each, input);
      if (sentence === undefined || wrong.length < 2) return [];
      return [
        {
          word: form,
          prompt: `${form} (${whereIs(form, sentence, input)})`,
          options: numbered(
            random.shuffle([
              { text: meaning, right: true },
              ...wrong.map((one) => ({ ...one, right: false })),
            ]),
            'option',
          ),
          reason: `“${sentence.text}”`,
          at: sentence.start,
        },
      ];
    });
    const chosen = items.slice(0, wanted).sort((left, right) => left.at - right.at);
    return {
      notes: [
        ...shortOf(chosen.length, Math.min(wanted, 2), 'words with a short meaning'),
        ...(chosen.length < wanted ? notes : []),
      ],
      task: {
        interaction: 'choice',
        items: numbered(chosen.map(({ at: _, ...item }) => item)),
      },
    };
  },
});
