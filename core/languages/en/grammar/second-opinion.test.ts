/**
 * Word classes against a general-purpose tagger (compromise, MIT, a development
 * dependency): two that were made apart agree on what is plain, so that a fault of
 * ours shows as a disagreement. Sentences from memory, in the manner of the examples
 * of school grammars; none was used to tune ours.
 */
import nlp from 'compromise';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { tokenise } from './tokens/tokenise';
import type { Tag } from './tagging/tag';
import { tagSentence } from './tagging/tag-sentence';

const lexicon = testLexicon();

const sentences = `
The old farmer slowly opened the heavy gate.
My sister reads a long book every evening.
Heavy rain fell on the quiet village.
We carefully carried the broken chairs upstairs.
A small brown dog barked loudly at the postman.
The children were playing happily in the muddy garden.
He quickly wrote a short letter to his uncle.
The river runs through a deep green valley.
They have never visited the famous castle.
Our teacher kindly explained the difficult question.
The hungry fox waited patiently behind the wooden fence.
She bought fresh bread and ripe apples.
The strong wind broke several branches.
I often drink hot tea in the morning.
The clever girl solved the puzzle easily.
Two young birds sat on a thin branch.
The captain gave a clear order.
His grandmother tells funny stories.
The train arrived late at the station.
A kind nurse helped the frightened boy.
The white snow covered the narrow road.
We finally reached the top of the steep hill.
The baker sells warm rolls.
An enormous wave hit the little boat.
The lazy cat slept peacefully on the soft cushion.
They built a tall tower of wooden bricks.
The museum closes early on Sundays.
Her new coat looks warm.
The thirsty horses drank noisily.
The painter mixed bright colours.
`
  .trim()
  .split('\n');

type WordClass = 'noun' | 'verb' | 'adjective' | 'adverb';

/** The class that our tags stand for; undefined for small words, which the two divide otherwise. */
function ours(tag: Tag): WordClass | undefined {
  if (/^(?:noun|nouns|name)$/.test(tag)) return 'noun';
  if (/^(?:base|present|third|past|participle|ing)$/.test(tag)) return 'verb';
  return tag === 'adjective' || tag === 'adverb' ? tag : undefined;
}

function theirs(tags: readonly string[]): WordClass | undefined {
  if (tags.includes('Verb') && !tags.includes('Copula') && !tags.includes('Auxiliary'))
    return 'verb';
  if (tags.includes('Adjective')) return 'adjective';
  if (tags.includes('Adverb')) return 'adverb';
  if (tags.includes('Noun') && !tags.includes('Pronoun')) return 'noun';
  return undefined;
}

interface Opinion {
  readonly word: string;
  readonly ours: WordClass;
  readonly theirs: WordClass;
}

interface Term {
  readonly normal: string;
  readonly tags: readonly string[];
}

function opinions(sentence: string): Opinion[] {
  const [reading] = tagSentence(tokenise(sentence), lexicon);
  const own = new Map(reading?.tokens.map(({ lower, tag }) => [lower, ours(tag)]));
  const [whole] = nlp(sentence).json() as { readonly terms: readonly Term[] }[];
  return (whole?.terms ?? []).flatMap(({ normal, tags }) => {
    const [mine, other] = [own.get(normal), theirs(tags)];
    return mine !== undefined && other !== undefined
      ? [{ word: normal, ours: mine, theirs: other }]
      : [];
  });
}

/** Differences read by eye in their sentences: here ours is what a school grammar says. */
const settled = new Set(['kindly', 'late', 'early', 'upstairs', 'green', 'frightened']);

describe('the classes of words, by two that know nothing of each other', () => {
  const all = sentences.flatMap(opinions);

  test('nearly all open words are judged by both', () => {
    expect(all.length).toBeGreaterThan(sentences.length * 3);
  });

  test.each(['noun', 'verb', 'adjective', 'adverb'] as const)('agree on each %s', (kind) => {
    const said = all.filter((opinion) => opinion.ours === kind || opinion.theirs === kind);
    const apart = said.filter(
      (opinion) => opinion.ours !== opinion.theirs && !settled.has(opinion.word),
    );
    expect(said.length).toBeGreaterThan(8);
    // What they differ on is shown where it is too much.
    expect(apart.length / said.length, JSON.stringify(apart)).toBeLessThanOrEqual(0.05);
  });
});
