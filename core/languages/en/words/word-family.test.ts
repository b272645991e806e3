import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { familyOf, rootOf } from './word-family';

const lexicon = testLexicon();
const find = (word: string) => {
  const entry = lexicon.find(word);
  if (!entry) throw new Error(`${word} is not known.`);
  return entry;
};

describe('word families', () => {
  // Derivations that any school grammar gives (common practice).
  test.each([
    ['unhappily', 'happy'],
    ['teachers', 'teach'],
    ['went', 'go'],
    ['children', 'child'],
    ['careless', 'care'],
    ['rain', 'rain'],
    ['mother', 'mother'],
  ])('the root of %s is %s', (word, root) => {
    expect(rootOf(find(word), lexicon).word).toBe(root);
  });

  test('a family is the same whichever of its members is asked, and has not the member itself', () => {
    for (const word of ['happy', 'care', 'teach', 'play', 'use']) {
      const own = find(word);
      const family = familyOf(own, lexicon);
      expect(family).not.toContain(own);
      expect(family.length).toBeGreaterThan(3);
      for (const member of family.slice(0, 5)) {
        const others = new Set([member, ...familyOf(member, lexicon)]);
        expect(others).toEqual(new Set([own, ...family]));
      }
    }
  });

  test('no word stands in a ring of heads', () => {
    for (const entry of lexicon.entries) {
      const root = rootOf(entry, lexicon);
      expect([entry.word, lexicon.headOf(root).word]).toEqual([entry.word, root.word]);
    }
  });
});
