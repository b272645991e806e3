import { describe, expect, test } from 'vitest';
import { britishLexicon, testLexicon } from '../../../testing/test-lexicon';
import { analyseWord } from './analyse-word';

const american = testLexicon();
const british = britishLexicon();
const divided = (word: string) => american.find(word)?.readings[0].syllables.join('·');

describe('written syllables', () => {
  // As American school dictionaries divide them (from memory, after Merriam-Webster).
  test.each(
    `states·man spokes·man ex·haust·ed dis·cre·tion dis·play mis·take need·n't rac·ism tour·ism prism rhythm
     en·thu·si·asm drain·age pack·age cab·bage vil·lage edg·es bridg·es badg·er care·ful·ly hope·ful kind·ness
     teach·er farm·er writ·ing hop·ing run·ning swim·mer want·ed jump·ing hap·pi·ness hap·pi·er ta·ble lit·tle
     ap·ple cas·tle gam·bling un·hap·py re·write dis·a·gree rain·bow snow·man news·pa·per po·ta·to
     el·e·phant um·brel·la reg·is·ter na·tion·al eth·i·cal mu·si·cal ma·jor·i·ty spir·it mir·a·cle cur·ren·cy
     neu·tral·ize or·gan·ize chanc·es com·pe·ten·cy`.split(/\s+/),
  )('%s', (syllables) => {
    const word = syllables.replaceAll('·', '');
    expect(divided(word)).toBe(syllables);
  });

  test('whatever the division, the letters are the word’s', () => {
    for (const lexicon of [american, british]) {
      const wrong = lexicon.entries.filter((entry) =>
        entry.readings.some((reading) => reading.syllables.join('') !== entry.word),
      );
      expect(wrong.map(({ word }) => word)).toEqual([]);
    }
  });

  test('each syllable has one stress to tell, also where two vowels are written as one', () => {
    for (const word of ['fire', 'our', 'hour', 'rhythm', 'racism', 'entire', 'table']) {
      const analysis = analyseWord(word, american);
      if (!analysis.known) throw new Error(`${word} is not known.`);
      expect([word, analysis.stress.length]).toEqual([word, analysis.syllables.length]);
      expect(analysis.stress).toContain(1);
    }
  });

  test('a syllable without a vowel letter is only that of -n’t', () => {
    const bare = american.entries
      .filter(({ word }) => !/n't$|^(psst|hmm|shh)/.test(word))
      .filter((entry) => entry.readings[0].syllables.some((part) => !/[aeiouyé]/i.test(part)));
    expect(bare.length).toBeLessThan(american.size * 0.001);
  });
});

describe('readings of a noun and its verb', () => {
  // Stress tells the noun from the verb (common practice; any learner's dictionary).
  test.each(['subject', 'object', 'record', 'present', 'import', 'export', 'protest', 'insult'])(
    '%s: the noun is stressed at its start, the verb at its end',
    (word) => {
      for (const lexicon of [american, british]) {
        const stress = Object.fromEntries(
          lexicon.find(word)?.readings.map(({ wordClass, stresses }) => [wordClass, stresses]) ??
            [],
        );
        expect(stress['n']?.[0]).toBe(1);
        expect(stress['v']?.at(-1)).toBe(1);
      }
    },
  );
});

describe('Southern British vowels', () => {
  const vowel = (word: string) =>
    british
      .find(word)
      ?.readings[0].units.flatMap((unit) => unit.phonemes)
      .filter((phoneme) => phoneme === 'AA' || phoneme === 'AE')[0];
  // The lexical set BATH (Wells 1982), with forms.
  test.each(
    'bath baths path grass class classes chance chances dance danced dancing laugh half plant'.split(
      ' ',
    ),
  )('%s has the vowel of palm', (word) => {
    expect(vowel(word)).toBe('AA');
  });
  // The lexical set TRAP.
  test.each('trap cat cats gas mass massive classical passive ant fancy'.split(' '))(
    '%s has the vowel of trap',
    (word) => {
      expect(vowel(word)).toBe('AE');
    },
  );
});
