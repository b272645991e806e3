import { describe, expect, test } from 'vitest';
import { britishLexicon, testLexicon } from '../../../testing/test-lexicon';
import { writeGraphemes, writePhonemes } from './align';
import { britishSequence } from './british-sequence';
import { correspondences } from './correspondences';
import { readIpa } from './ipa';
import { toIpa } from './phonemes';
import { correspondenceKey, SequenceIndex } from './sequence';
import { toBritish } from './to-british';

const lexicon = britishLexicon();
function said(word: string): string {
  const entry = lexicon.find(word);
  if (entry === undefined) throw new Error(`${word} is not in the lexicon`);
  const { units } = entry.readings[0];
  return `${writeGraphemes(units)} ${writePhonemes(units).join(' ')}`;
}

describe('Southern British readings', () => {
  // Wells, Accents of English (1982): the lexical sets START, NORTH, FORCE, NURSE, NEAR, SQUARE, LOT,
  // BATH, PALM and lettER, each with a key word of its own; from memory.
  test.each([
    ['start', 's.t.ar.t S T AA T'],
    ['north', 'n.or.th N AO TH'],
    ['force', 'f.or.ce F AO S'],
    ['nurse', 'n.ur.se N ER S'],
    ['near', 'n.ear N IA'],
    ['square', 's.qu.are S K W EA'],
    ['lot', 'l.o.t L OH T'],
    ['bath', 'b.a.th B AA TH'],
    ['letter', 'l.e.tt.er L EH T AH'],
    ['hairy', 'h.air.y HH EA R IY'],
    ['new', 'n.ew N Y UW'],
    ['tune', 't.u_e.n T Y UW N'],
    ['happy', 'h.a.pp.y HH AE P IY'],
    ['car', 'c.ar K AA'],
    ['fire', 'f.ire F AY AH'],
    ['story', 's.t.or.y S T AO R IY'],
    ['colour', 'c.o.l.our K AH L AH'],
    ['metre', 'm.e.t.re M IY T AH'],
  ])('%s', (word, expected) => {
    const [graphemes, ...sounds] = said(word).split(' ');
    expect(`${graphemes} ${sounds.join(' ')}`).toBe(expected);
  });

  test('there is one for every word, and r is heard only before a vowel', () => {
    expect(lexicon.size).toBe(testLexicon().size);
    const rhotic = lexicon.entries.slice(0, 8000).filter(({ word, readings }) => {
      const sounds = readings[0].units.flatMap((unit) => unit.phonemes);
      const last = sounds[sounds.length - 1];
      return last === 'R' && !word.includes("'");
    });
    expect(rhotic.map((entry) => entry.word)).toEqual([]);
  });

  test('British spellings are words of their own, American ones their twins', () => {
    // National Curriculum in England, English Appendix 1 (2013) spells them so.
    for (const [us, uk] of [
      ['color', 'colour'],
      ['traveling', 'travelling'],
      ['meter', 'metre'],
      ['center', 'centre'],
      ['gray', 'grey'],
      ['realize', 'realise'],
    ] as const) {
      expect(lexicon.twinOf(us)).toEqual({ word: uk, spelling: 'uk' });
      expect(lexicon.twinOf(uk)).toEqual({ word: us, spelling: 'us' });
      expect(lexicon.suits(uk, 'us')).toBe(false);
    }
    expect(lexicon.suits('color', 'uk')).toBe(false);
    expect(lexicon.suits('check', 'uk')).toBe(true);
    expect(lexicon.suits('rain', 'uk')).toBe(true);
  });

  test('homographs keep their readings', () => {
    const readings = lexicon
      .find('tear')
      ?.readings.map((each) => each.units.flatMap((unit) => unit.phonemes));
    expect(readings).toEqual([
      ['T', 'IA'],
      ['T', 'EA'],
    ]);
  });
});

describe('IPA', () => {
  // The signs of the International Phonetic Association, as Oxford dictionaries use them (common practice).
  test.each([
    ['tɹˈeɪn', 'T R EY N', [1]],
    ['stˈɔːm', 'S T AO M', [1]],
    ['wˈɔːtɐ', 'W AO T AH', [1, 0]],
    ['nˈiə', 'N IA', [1]],
    ['tʃˈɒklət', 'CH OH K L AH T', [1, 0]],
  ])('%s', (ipa, phonemes, stresses) => {
    const read = readIpa(ipa);
    expect(read?.phonemes.join(' ')).toBe(phonemes);
    expect(read?.stresses).toEqual(stresses);
  });

  test('a sign that is not known is not guessed', () => {
    expect(readIpa('k¤t')).toBeUndefined();
  });

  test('is written in the accent’s own signs', () => {
    expect(toIpa(['OW'], 'american')).toBe('/oʊ/');
    expect(toIpa(['OW'], 'british')).toBe('/əʊ/');
  });
});

test('by rule from the American reading, most words come out as the speech rules say them', () => {
  const american = testLexicon();
  const words = american.entries.filter((_, rank) => rank % 40 === 0 && rank < 12_000);
  const same = words.filter((entry) => {
    const reading = entry.readings[0];
    const derived = toBritish(reading.units, reading.stresses).phonemes.join(' ');
    const own = lexicon.find(entry.word)?.readings[0].units.flatMap((unit) => unit.phonemes);
    // Weak vowels are a matter of style: ə or ɪ in roses.
    const weak = (sounds: string) => sounds.replace(/\bIH\b/g, 'AH');
    return weak(derived) === weak(own?.join(' ') ?? '');
  });
  expect(same.length / words.length).toBeGreaterThan(0.6);
});

describe('the British sequence', () => {
  const index = new SequenceIndex(britishSequence);
  const known = new Set(
    correspondences.filter((each) => each.accents.includes('british')).map(correspondenceKey),
  );

  test('teaches only correspondences that exist', () => {
    const unknown = britishSequence.steps.flatMap((step) =>
      step.teaches.filter((key) => !known.has(key)),
    );
    expect(unknown).toEqual([]);
  });

  test('reaches 98 of 100 of the 6,000 commonest words', () => {
    const common = lexicon.entries.slice(0, 6000);
    const reached = common.filter((entry) =>
      entry.readings[0].units.every((unit) => index.stepOf(unit) !== undefined),
    );
    expect(reached.length / common.length).toBeGreaterThan(0.98);
  });
});
