import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../core/testing/test-lexicon';
import { drawings } from './drawings';
import { headwords } from './wordbook';

const lexicon = testLexicon();

describe('drawings of our own', () => {
  test.each(drawings.map(({ icon, words, svg }) => [icon, words, svg] as const))(
    '%s shows %s, in black lines alone, within its frame',
    (icon, words, svg) => {
      expect(words.filter((word) => !lexicon.find(word))).toEqual([]);
      expect([...lexicon.wordsOfPicture(icon)].sort()).toEqual([...words].sort());
      // A noun or a verb that children know: what else could be drawn so plainly?
      const [first] = words;
      expect(headwords.get(first ?? '')?.[0]?.wordClass ?? 'n').toMatch(/[nv]/);
      expect(svg).not.toMatch(/fill="(?!none)|stroke="(?!#000)|<(text|image|script)/);
      const numbers = [...svg.matchAll(/[MLHVC]\s?(-?\d+(?:\.\d+)?)/g)].map((match) =>
        Number(match[1]),
      );
      expect(numbers.every((value) => value >= 0 && value <= 64)).toBe(true);
      const file = new URL(`../public/pictures/line/${icon}.svg`, import.meta.url);
      expect(existsSync(file) && readFileSync(file, 'utf8')).toBe(svg);
    },
  );

  test('no picture is taken for a word it does not show at once', () => {
    // Taken out after a look: a part, another sense, or a picture that needs its caption.
    for (const word of ['mug', 'siren', 'heel', 'lab', 'full', 'dagger']) {
      expect([word, lexicon.picturesOf(word)]).toEqual([word, []]);
    }
  });
});
