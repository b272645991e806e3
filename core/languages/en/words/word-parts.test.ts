import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { wordParts } from './word-parts';

const lexicon = testLexicon();
function parts(word: string) {
  const entry = lexicon.find(word);
  if (entry === undefined) throw new Error(`${word} is not in the lexicon`);
  return wordParts(entry, lexicon);
}
const written = (word: string) =>
  parts(word)
    .parts.map((part) => part.text + (part.from ? `(${part.from})` : ''))
    .join('+');

describe('the parts of a word', () => {
  // National Curriculum in England, English Appendix 1: Spelling (2013): compound words (year 1),
  // suffixes and prefixes (years 1 to 4), with its example words where they are in the lexicon.
  test.each([
    ['football', 'foot+ball'],
    ['playground', 'play+ground'],
    ['farmyard', 'farm+yard'],
    ['bedroom', 'bed+room'],
    ['blackberry', 'black+berry'],
    ['unhappy', 'un+happy'],
    ['undo', 'un+do'],
    ['unfair', 'un+fair'],
    ['unlock', 'un+lock'],
    ['disappoint', 'dis+appoint'],
    ['disagree', 'dis+agree'],
    ['disobey', 'dis+obey'],
    ['misbehave', 'mis+behave'],
    ['mislead', 'mis+lead'],
    ['impossible', 'im+possible'],
    ['illegal', 'il+legal'],
    ['irregular', 'ir+regular'],
    ['rewrite', 're+write'],
    ['antisocial', 'anti+social'],
    ['hoping', 'hop(hope)+ing'],
    ['hopping', 'hopp(hop)+ing'],
    ['happier', 'happi(happy)+er'],
    ['happiness', 'happi(happy)+ness'],
    ['sadly', 'sad+ly'],
    ['gently', 'gent(gentle)+ly'],
    ['courageous', 'courage+ous'],
    ['poisonous', 'poison+ous'],
    ['invention', 'invent+ion'],
    ['dogs', 'dog+s'],
    ['babies', 'babi(baby)+es'],
    ['carefully', 'care+ful+ly'],
  ])('%s: %s', (word, expected) => {
    expect(written(word)).toBe(expected);
  });

  test('the rule at the seam is told', () => {
    expect(parts('hopping').rule?.name).toBe('double the final consonant');
    expect(parts('hoping').rule?.name).toBe('drop the silent e');
    expect(parts('babies').rule?.name).toBe('y becomes i');
    expect(parts('raining').rule?.reason).toContain('rain');
  });

  test('an irregular form names its base', () => {
    expect(parts('blew')).toMatchObject({ kind: 'irregular', parts: [{ from: 'blow' }] });
    expect(parts('mice').rule?.reason).toBe('mice is the plural of mouse.');
  });

  // Words that only look as if they had parts (common practice).
  test.each(
    'corner mother carpet season button kitten mister pretend under only question city'.split(' '),
  )('%s has no parts', (word) => {
    expect(parts(word).kind).toBe('simple');
  });
});
