/**
 * Example sentences of published curricula and grammars, from memory, with the labels
 * that their own pages give them. None was written for Wordane.
 */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { analyseSentence } from './describe/describe-sentence';
import { findInText } from './find/find-in-text';
import { transformSentence } from './transform/transform';

const lexicon = testLexicon();
const read = (sentence: string) => analyseSentence(sentence, lexicon);
const found = (sentence: string, feature: string) =>
  findInText(sentence, feature, lexicon).map(({ text }) => text.toLowerCase());

// National Curriculum in England, English: Glossary for Appendix 2 (2013), from memory: entries
// “present tense”, “past tense”, “perfect”, “progressive”, “modal verb”, “future”.
describe('tense and aspect', () => {
  test.each([
    ['Jamal goes to the pool every day.', 'present simple'],
    ['He can swim.', 'modal'],
    ['The bus arrives at three.', 'present simple'],
    ['My friends are coming to play.', 'present continuous'],
    ['Tom and Chris showed me their new TV.', 'past simple'],
    ['Antonio went on holiday to Brazil.', 'past simple'],
    ['She has downloaded some songs.', 'present perfect'],
    ['I had eaten lunch when you came.', 'past perfect'],
    ['Michael is singing in the store room.', 'present continuous'],
    ['Amanda was making a patchwork quilt.', 'past continuous'],
    ['Usha had been practising for an hour.', 'past perfect continuous'],
    ['I can do this maths work by myself.', 'modal'],
    ['You should help your little brother.', 'modal'],
    ['He will leave tomorrow.', 'future will'],
    ['He may leave tomorrow.', 'modal'],
    ['He leaves tomorrow.', 'present simple'],
    ['He is going to leave tomorrow.', 'future going-to'],
  ])('%s', (sentence, tense) => {
    expect(read(sentence).tenseAspect).toBe(tense);
  });
});

// The same glossary: “sentence”, “command”, “active voice”, “passive”.
describe('types of sentence, and voice', () => {
  test.each([
    ['You are my friend.', 'declarative'],
    ['Why aren’t you my friend?', 'interrogative'],
    ['Be my friend!', 'imperative'],
    ['What a good friend you are!', 'exclamatory'],
    ['John went to his friend’s house.', 'declarative'],
    ['He stayed there till tea-time.', 'declarative'],
  ])('%s is %s', (sentence, type) => {
    expect(read(sentence).type).toBe(type);
  });

  test.each([
    ['The school arranged a visit.', 'active'],
    ['A visit was arranged by the school.', 'passive'],
    ['Our dog ate the cake.', 'active'],
    ['The cake got eaten by our dog.', 'passive'],
    ['The ball is kicked by the boy.', 'passive'],
  ])('%s is %s', (sentence, voice) => {
    expect(read(sentence).voice).toBe(voice);
  });

  test('the passive of the glossary’s active, and back', () => {
    const passive = transformSentence(
      { sentence: 'The school arranged a visit.', to: 'passive' },
      lexicon,
    );
    expect(passive).toMatchObject({ result: 'A visit was arranged by the school.' });
    const active = transformSentence(
      { sentence: 'A visit was arranged by the school.', to: 'active' },
      lexicon,
    );
    expect(active).toMatchObject({ result: 'The school arranged a visit.' });
  });
});

// The same glossary: “preposition”, “adverb”, “adjective”, “determiner”, “article”.
describe('word classes in a text', () => {
  test.each<[string, string, string[]]>([
    ['Tom waved goodbye to Christy.', 'prepositions', ['to']],
    ['She’ll be back from Australia in two weeks.', 'prepositions', ['from', 'in']],
    ['I haven’t seen my dog since this morning.', 'prepositions', ['since']],
    ['Usha soon started snoring loudly.', 'adverbs', ['soon', 'loudly']],
    ['That match was really exciting!', 'adverbs', ['really']],
    ['We don’t get to play games very often.', 'adverbs', ['very', 'often']],
    ['The pupils did some really good work.', 'adjectives', ['good']],
    ['Our teacher wears big, furry boots.', 'adjectives', ['big', 'furry']],
    ['The dog found a bone in an old box.', 'articles', ['the', 'a', 'an']],
  ])('%s: %s', (sentence, feature, words) => {
    expect(found(sentence, feature)).toEqual(words);
  });
});

// Conditionals as course books of English as a foreign language name them (zero to third), from
// memory of the examples in A Practical English Grammar (Thomson and Martinet, 1986), chapter 21.
describe('conditionals', () => {
  test.each([
    ['If he runs he’ll get there in time.', 'first'],
    ['The cat will scratch you if you pull her tail.', 'first'],
    ['If I had a map I would lend it to you.', 'second'],
    ['If someone tried to blackmail me I would tell the police.', 'second'],
    ['If I had known that you were coming I would have met you at the airport.', 'third'],
    ['If he had tried to leave the country he would have been stopped at the frontier.', 'third'],
    ['If you heat ice it turns to water.', 'zero'],
  ])('%s', (sentence, conditional) => {
    expect(read(sentence).conditional).toBe(conditional);
  });
});

// Common Core State Standards, English Language Arts, Language 1 (2010), grades 3 to 5: the forms
// the standard names, in its own examples.
describe('the verb tenses that the standards name', () => {
  test.each([
    ['I walked.', 'past simple'],
    ['I walk.', 'present simple'],
    ['I will walk.', 'future will'],
    ['I was walking.', 'past continuous'],
    ['I am walking.', 'present continuous'],
    ['I had walked.', 'past perfect'],
    ['I have walked.', 'present perfect'],
  ])('%s', (sentence, tense) => {
    expect(read(sentence)).toMatchObject({ tenseAspect: tense, completeness: 'complete' });
  });
});

// Fragments and run-ons as a college handbook shows them, from memory of The Little, Brown Handbook.
describe('whole sentences and others', () => {
  test.each([
    ['Because the storm came early.', 'fragment'],
    ['The end of the long road.', 'fragment'],
    ['The ship was huge, its mast stood thirty feet high.', 'run-on'],
    ['When the rain stopped, we went home.', 'complete'],
  ])('%s', (sentence, completeness) => {
    expect(read(sentence).completeness).toBe(completeness);
  });
});
