/**
 * Words of one spelling and several classes, each told by its sentence: what school grammars use to
 * show that a class is what a word does (common practice; the sentences are our own).
 */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { describe as report } from '../find/sentence-report';

const lexicon = testLexicon();

/** The class of the word between asterisks. */
function classOf(marked: string): string | undefined {
  const start = marked.indexOf('*');
  const sentence = marked.replaceAll('*', '');
  return report(sentence, lexicon).words.find((word) => word.start === start)?.wordClass;
}

describe('noun or verb', () => {
  test.each([
    ['We *water* the beans every evening.', 'verb'],
    ['The *water* in the butt is green.', 'noun'],
    ['Did you *book* the boat?', 'verb'],
    ['The *book* lay on the sill.', 'noun'],
    ['They *can* the peaches in August.', 'verb'],
    ['Throw the *can* into the bin.', 'noun'],
    ['She *can* swim.', 'modal verb'],
    ['The dogs *bark* at night.', 'verb'],
    ['The *bark* of the oak is rough.', 'noun'],
    ['Please *close* the shutters.', 'verb'],
    ['We need a *rest* after the climb.', 'noun'],
    ['You should *rest* now.', 'verb'],
    ['The *train* leaves at six.', 'noun'],
    ['They *train* the horses in the field.', 'verb'],
    ['He took a long *walk*.', 'noun'],
    ['They *walk* to school.', 'verb'],
    ['Her *drawing* won a prize.', 'noun'],
    ['She is *drawing* a map.', 'verb'],
    ['The *wind* is strong.', 'noun'],
    ['*Wind* the wool into a ball.', 'verb'],
    ['A *tear* ran down her cheek.', 'noun'],
    ['Do not *tear* the page.', 'verb'],
    ['The *nail* was rusty.', 'noun'],
    ['We *nail* the boards to the frame.', 'verb'],
    ['The *show* begins at noon.', 'noun'],
    ['*Show* me your hands.', 'verb'],
    ['I *love* thunderstorms.', 'verb'],
    ['Her *love* of stars was well known.', 'noun'],
    ['The *rocks* were slippery.', 'noun'],
    ['The boat *rocks* gently.', 'verb'],
    ['The *leaves* turn yellow.', 'noun'],
    ['The bus *leaves* at nine.', 'verb'],
    ['He *saw* a kite.', 'verb'],
    ['The *saw* is blunt.', 'noun'],
    ['The *matches* were wet.', 'noun'],
    ['This scarf *matches* your coat.', 'verb'],
    ['We *plan* our route.', 'verb'],
    ['The *plan* was simple.', 'noun'],
    ['Frogs *land* on the leaf.', 'verb'],
    ['The *land* is flat here.', 'noun'],
  ])('%s: %s', (sentence, wordClass) => expect(classOf(sentence)).toBe(wordClass));
});

describe('adjective, adverb or noun', () => {
  test.each([
    ['It was a *fast* car.', 'adjective'],
    ['He ran *fast*.', 'adverb'],
    ['The ground is *hard*.', 'adjective'],
    ['They worked *hard*.', 'adverb'],
    ['She caught the *early* train.', 'adjective'],
    ['We arrived *early*.', 'adverb'],
    ['The *light* is on.', 'noun'],
    ['The box is *light*.', 'adjective'],
    ['The *cold* came from the north.', 'noun'],
    ['The soup is *cold*.', 'adjective'],
    ['*Green* suits you.', 'noun'],
    ['The *green* door is locked.', 'adjective'],
    ['He is a *good* cook.', 'adjective'],
    ['She sings *well*.', 'adverb'],
    ['The *well* is deep.', 'noun'],
    ['It is *pretty* cold today.', 'adverb'],
    ['What a *pretty* garden!', 'adjective'],
    ['The *late* bus was full.', 'adjective'],
    ['He came *late*.', 'adverb'],
    ['A *friendly* dog met us.', 'adjective'],
    ['The *daily* count is at noon.', 'adjective'],
    ['She spoke *quietly*.', 'adverb'],
    ['It is *still* raining.', 'adverb'],
    ['The lamps were *bright*.', 'adjective'],
    ['The stars shone *brightly*.', 'adverb'],
  ])('%s: %s', (sentence, wordClass) => expect(classOf(sentence)).toBe(wordClass));
});

describe('the small words', () => {
  test.each([
    ['*That* is my coat.', 'pronoun'],
    ['*That* coat is mine.', 'determiner'],
    ['I know *that* it is late.', 'conjunction'],
    ['The dog *that* barked is ours.', 'relative pronoun'],
    ['*This* tastes odd.', 'pronoun'],
    ['*These* shells are from the beach.', 'determiner'],
    ['*Her* boots are wet.', 'determiner'],
    ['We met *her* at the gate.', 'pronoun'],
    ['*His* is the red one.', 'pronoun'],
    ['*His* hat blew off.', 'determiner'],
    ['He left *before* the storm.', 'preposition'],
    ['He left *before* the storm began.', 'conjunction'],
    ['I have seen it *before*.', 'adverb'],
    ['We waited *until* noon.', 'preposition'],
    ['We waited *until* it stopped.', 'conjunction'],
    ['She went *up* the hill.', 'preposition'],
    ['*Since* Monday it has rained.', 'preposition'],
    ['*Since* you are here, sit down.', 'conjunction'],
    ['He swims *like* a fish.', 'preposition'],
    ['We *like* cheese.', 'verb'],
    ['*Some* of them fell.', 'pronoun'],
    ['*Some* apples fell.', 'determiner'],
    ['*Both* boys ran.', 'determiner'],
    ['*Who* called?', 'question word'],
    ['*Which* path is it?', 'determiner'],
    ['*Although* it was late, we went on.', 'conjunction'],
    ['They stood *between* the huts.', 'preposition'],
    ['He came, *but* he was late.', 'conjunction'],
    ['*Nobody* knew.', 'pronoun'],
    ['*Each* child has a stick.', 'determiner'],
    ['*Six* geese flew over.', 'number'],
    ['*Oh*, what a view!', 'interjection'],
  ])('%s: %s', (sentence, wordClass) => expect(classOf(sentence)).toBe(wordClass));
});
