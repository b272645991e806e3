/** Faults that teachers of English mark most (common practice; the sentences are our own). */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { findFaults } from './find-faults';

const lexicon = testLexicon();
const shown = (text: string) =>
  findFaults(text, lexicon).map(
    ({ start, end, offer = '' }) => `${text.slice(start, end)} > ${offer}`,
  );

describe('a form that stands where another belongs', () => {
  test.each([
    ['I seen a fox yesterday.', 'seen > saw'],
    ['They done it again.', 'done > did'],
    ['He has went home.', 'went > gone'],
    ['We had already ate the soup.', 'ate > eaten'],
    ['She has broke the jar.', 'broke > broken'],
    ['He must goes now.', 'goes > go'],
    ['She can swims well.', 'swims > swim'],
    ['She is go home.', 'go > going'],
    ['They have eat the cake.', 'eat > '],
    ['I like to reading.', 'reading > '],
    ['I am living here since 2010.', 'living > '],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('pronouns and quantities', () => {
  test.each([
    ['Him likes football.', 'Him > He'],
    ['Them are my boots.', 'Them > They'],
    ['Me and Bram went out.', 'Me and Bram > Bram and I'],
    ['Me and my sister went out.', 'Me and my sister > My sister and I'],
    ['There are much people here.', 'much > many'],
    ['I have less apples than you.', 'less > fewer'],
    ['What means this word?', 'means > '],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('words that sound alike', () => {
  test.each([
    ['Who’s coat is this?', 'Who’s > Whose'],
    ['I no the answer.', 'no > know'],
    ['We past the shop.', 'past > passed'],
    ['He ran threw the gate.', 'threw > through'],
    ['We left are coats in the hut.', 'are > our'],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('a form made by rule where the word has its own', () => {
  test.each([
    ['I runned to the gate.', 'runned > ran'],
    ['She buyed a hat.', 'buyed > bought'],
    ['He catched the ball.', 'catched > caught'],
    ['She thinked about it.', 'thinked > thought'],
    ['We swimmed in the lake.', 'swimmed > swam'],
    ['The womans were singing.', 'womans > women'],
    ['The childs played outside.', 'childs > children'],
    ['Three gooses flew over.', 'gooses > geese'],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('more that sounds alike, and how something is done', () => {
  test.each([
    ['There dog is called Patch.', 'There > Their'],
    ['He through the ball to me.', 'through > threw'],
    ['The wind blue my hat off.', 'blue > blew'],
    ['Bram is taller then Mina.', 'then > than'],
    ['Tell me what is your name.', 'is your name > your name is'],
    ['He plays very good the piano.', 'good > well'],
    ['The mens coats are wet.', 'mens > men’s'],
    ['Her went home.', 'Her > She'],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('short words compared, people, and short forms', () => {
  test.each([
    ['My brother is more old than me.', 'more old > '],
    ['The man which lives here is old.', 'which > who'],
    ['He never don’t listen.', 'don’t > '],
    ['Where is you going?', 'is > are'],
    ['Whats your name?', 'Whats > What’s'],
    ['Him and Bram are late.', 'Him and Bram > '],
    ['I didn’t had time.', 'had > '],
  ])('%s', (text, fault) => expect(shown(text)).toContain(fault));
});

describe('what is right is left alone', () => {
  test.each([
    'I have seen a fox.',
    'Have they done it?',
    'Things he has never seen make him curious.',
    'He had broken the jar.',
    'It was written by hand.',
    'She has come home.',
    'He will be the first.',
    'They are made of wood.',
    'It is cold in there.',
    'I want to sing.',
    'She likes to bring cake.',
    'They are working here today.',
    'Give him a chance, and them too.',
    'He saw me and Bram ran.',
    'There is much to see.',
    'It took less time than that.',
    'What does this word mean?',
    'Who’s coming with us?',
    'I have no idea.',
    'There once was a king.',
    'Some more old boats came.',
    'Where is your boat?',
    'He sings good songs.',
    'We went through the gate.',
    'He went through the gate to the field.',
    'The blue boat left.',
    'Her boat is blue.',
    'I told her it was late.',
    'We were happier then.',
    'We walked past the shop.',
    'He threw the ball through the gate.',
    'The coats we left are wet.',
    'The owls that live in our barn are shy.',
    'They have to go.',
    'He is reading a book.',
    'Those are the ones he left.',
  ])('%s', (text) => expect(shown(text)).toEqual([]));
});
