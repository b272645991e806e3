import { describe, expect, test } from 'vitest';
import american from 'dictionary-en';
import nspell from 'nspell';
import naughty from 'naughty-words';
import { sequenceIndexOf } from '../classes/class-sequence';
import { testLexicon } from '../testing/test-lexicon';
import { pseudowords } from './pseudowords';
import { soundIndex } from '../languages/en/words/sound-index';

const lexicon = testLexicon();
const index = sequenceIndexOf({ accent: 'american', sequence: null });
const speller = nspell(american);

describe('pseudowords', () => {
  const seeds = Array.from({ length: 40 }, (_, seed) => seed + 1);
  const made = seeds.flatMap((seed) =>
    pseudowords(lexicon, { index, step: 14 + (seed % 30), count: 12, seed }),
  );

  test('are never real words, by the lexicon or by a spelling dictionary (hunspell en-US)', () => {
    expect(made.length).toBeGreaterThan(400);
    const real = made.filter(({ word }) => lexicon.find(word) || speller.correct(word));
    expect(real.map((each) => each.word)).toEqual([]);
  });

  test('never sound like a real word', () => {
    const heard = made.filter(({ phonemes }) => {
      const sounds = phonemes.filter((each) => each !== '-').flatMap((each) => each.split(' '));
      return soundIndex(lexicon).said(sounds).length > 0;
    });
    expect(heard.map((each) => each.word)).toEqual([]);
  });

  test('are never rude, in letters or by ear (naughty-words)', () => {
    const rude = new Set(naughty.en);
    const plain = (word: string) => word.replace(/ck|c(?![eiyh])/g, 'k').replace(/(.)\1/g, '$1');
    const rudeByEar = new Set(naughty.en.map(plain));
    expect(made.filter(({ word }) => rude.has(word) || rudeByEar.has(plain(word)))).toEqual([]);
  });

  test('use only what is taught by the step', () => {
    for (const step of [8, 14, 23]) {
      for (const each of pseudowords(lexicon, { index, step, count: 20, seed: step })) {
        expect(each.step).toBeLessThanOrEqual(step);
      }
    }
  });

  test('have the pattern that was asked for', () => {
    const found = pseudowords(lexicon, { index, step: 24, pattern: 'CVCe', count: 15, seed: 4 });
    expect(found).toHaveLength(15);
    for (const each of found) {
      expect(each.patterns).toContain('CVCe');
      expect(each.graphemes).toContain('_e');
    }
  });

  test('are the same for the same seed, and others for another', () => {
    const request = { index, step: 14, count: 10 };
    expect(pseudowords(lexicon, { ...request, seed: 7 })).toEqual(
      pseudowords(lexicon, { ...request, seed: 7 }),
    );
    expect(pseudowords(lexicon, { ...request, seed: 7 })).not.toEqual(
      pseudowords(lexicon, { ...request, seed: 8 }),
    );
  });

  test('are fewer, not wrong, where nothing is taught yet', () => {
    expect(pseudowords(lexicon, { index, step: 0, count: 10, seed: 1 })).toEqual([]);
  });
});
