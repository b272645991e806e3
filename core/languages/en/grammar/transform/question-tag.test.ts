/** Question tags after Quirk et al. (1985, 11.8 to 11.11) and Swan, from memory; the sentences are our own. */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { analyseSentence } from '../describe/describe-sentence';
import { questionTag } from './question-tag';

const lexicon = testLexicon();
const living = (noun: string) => lexicon.topicsOf(noun).includes('animals');
const tagOf = (sentence: string) =>
  questionTag(sentence, analyseSentence(sentence, lexicon), living)?.tag.replaceAll('’', "'");

describe('the tag of a statement', () => {
  test.each([
    ['It is cold today.', "isn't it"],
    ['They were late.', "weren't they"],
    ['You can swim.', "can't you"],
    ['She has left.', "hasn't she"],
    ['Mina will come.', "won't she"],
    ['Bram likes chess.', "doesn't he"],
    ['The boys play football.', "don't they"],
    ['The bus stopped.', "didn't it"],
    ['We should wait.', "shouldn't we"],
    ['He could have called.', "couldn't he"],
    ['The hut was built in May.', "wasn't it"],
    ['There is a lake behind the hill.', "isn't there"],
    ['There were two owls.', "weren't there"],
    ['This is your coat.', "isn't it"],
    ['Those are our boots.', "aren't they"],
    ['Everyone knows the way.', "don't they"],
    ['Everything is ready.', "isn't it"],
    ['My sister plays the drum.', "doesn't she"],
    ['Mina and Bram went home.', "didn't they"],
    ['You and I are friends.', "aren't we"],
    ['I am late.', "aren't I"],
    ['It has been raining.', "hasn't it"],
    ['They had seen it before.', "hadn't they"],
    ['The wind is going to change.', "isn't it"],
    ['Your uncle grows roses.', "doesn't he"],
    ['She does the shopping.', "doesn't she"],
  ])('%s', (sentence, tag) => expect(tagOf(sentence)).toBe(tag));
});

describe('a positive tag after what says no', () => {
  test.each([
    ['It is not raining.', 'is it'],
    ["You don't like snow.", 'do you'],
    ["She can't come.", 'can she'],
    ["They haven't eaten.", 'have they'],
    ['He never complains.', 'does he'],
    ['Nobody called.', 'did they'],
    ['Nothing happened.', 'did it'],
    ["We won't be late.", 'will we'],
    ['She hardly ever sings.', 'does she'],
    ['I am not late.', 'am I'],
    ["The bus didn't stop.", 'did it'],
    ["There isn't any milk.", 'is there'],
  ])('%s', (sentence, tag) => expect(tagOf(sentence)).toBe(tag));
});
