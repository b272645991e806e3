import { automatedReadability } from 'automated-readability';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { colemanLiau } from 'coleman-liau';
import { daleChallFormula } from 'dale-chall-formula';
import fc from 'fast-check';
import { flesch } from 'flesch';
import { fleschKincaid } from 'flesch-kincaid';
import { gunningFog } from 'gunning-fog';
import { smogFormula } from 'smog-formula';
import { spacheFormula } from 'spache-formula';
import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon } from '../../testing/test-lexicon';
import { poems, proses, testSyllables } from '../../testing/texts';
import { analyseText } from './analyse-text';
import { isFamiliar } from './familiar';
import { daleChallGrade } from './readability';
import {
  linesIn,
  looksLikeVerse,
  paragraphsIn,
  sectionsIn,
  sentencesIn,
  wordsIn,
} from '../../languages/shared/segment';

const lexicon = testLexicon();
const syllables = testSyllables();
const analyse = (text: string, more = {}) => analyseText({ text, lexicon, syllables, ...more });
const cut = (text: string) =>
  sentencesIn(text, false).map(({ start, end }) => text.slice(start, end));

describe('sentences', () => {
  // Common practice of punctuation; the traps named in style guides: abbreviations, decimals, quotations.
  test.each<[string, number]>([
    ['It rained. It stopped.', 2],
    ['Is it over? Yes! Good.', 3],
    ['Dr. Hill read the gauge.', 1],
    ['Mrs. Lind met Mr. Okoro at St. Anne’s.', 1],
    ['We had 3.7 mm of rain. It froze.', 2],
    ['They met at 7 a.m. on Monday.', 1],
    ['They met at 7 a.m. Nobody was late.', 2],
    ['It opens at 9 a.m. Monday is free.', 1],
    ['Bring a rope, a lamp, etc. Come early.', 2],
    ['“Stop!” said Bram.', 1],
    ['“Is it raining?” Asha asked. Nobody knew.', 2],
    ['“Is it raining?” asked the old keeper.', 1],
    ['“It has stopped.” Asha shut the door.', 2],
    ['Asha said, “It has stopped.” Bram laughed.', 2],
    ['It blew… and stopped.', 1],
    ['It blew... Then it stopped.', 2],
    ['What?! No.', 2],
    ['J. Smith kept the log.', 1],
    ['So it was I. Then it rained.', 2],
    ['See no. 5 in the list.', 1],
    ['The answer was no. We went home.', 2],
    ['He wrote to example.org about it.', 1],
    ['It came from the U.S. last year.', 1],
    ['(It was late.) We slept.', 2],
    ['no sentence end here', 1],
    ['First paragraph without an end\n\nSecond one', 2],
  ])('%s', (text, count) => {
    expect(cut(text)).toHaveLength(count);
  });

  test('a sentence of verse runs on over the end of a stanza', () => {
    const verse =
      'The wind came up the hill\nand nobody was near,\n\nand still the gate stood still\nfor all of us to hear.';
    expect(looksLikeVerse(verse)).toBe(true);
    expect(sentencesIn(verse)).toHaveLength(1);
  });

  test('every span lies in the text, in order, and no word is lost', () => {
    const piece = fc.constantFrom(
      'Rain',
      'fell',
      '.',
      '!',
      ' ',
      '\n\n',
      '“Stop',
      '”',
      'Dr.',
      '3.7',
      '…',
      'said',
      '\n',
      'a.m.',
      ',',
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 40 }), (pieces) => {
        const text = pieces.join(' ');
        const sentences = sentencesIn(text, false);
        let last = 0;
        for (const { start, end } of sentences) {
          expect(start).toBeGreaterThanOrEqual(last);
          expect(end).toBeGreaterThan(start);
          last = end;
        }
        const inside = sentences.flatMap((sentence) => wordsIn(text, sentence)).length;
        expect(inside).toBe(wordsIn(text).length);
      }),
      { numRuns: 500, seed: 20261125 },
    );
  });
});

describe('words, lines, sections', () => {
  test('a word is a run without white space that has a letter or a digit', () => {
    const text = 'well-known weather — 3.7 mm, isn’t it? … at 7 a.m.';
    // The rule itself, said another way.
    const expected = text.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run));
    expect(wordsIn(text).map(({ start, end }) => text.slice(start, end))).toEqual(expected);
    expect(expected).toHaveLength(9);
  });

  test('headings begin sections, and are no paragraphs of what they head', () => {
    const text = 'Before.\n\n# One\nFirst line.\nSecond line.\n\n## Two\n\nThird.';
    expect(sectionsIn(text).map(({ title }) => title)).toEqual(['', 'One', 'Two']);
    expect(paragraphsIn(text)).toHaveLength(5);
    expect(linesIn('a\n\n  b  \nc')).toEqual([
      { start: 0, end: 1 },
      { start: 5, end: 6 },
      { start: 9, end: 10 },
    ]);
  });
});

describe('syllables', () => {
  test('are those of the first pronunciation in the CMU dictionary, for every word of it', () => {
    const wrong: string[] = [];
    for (const [word, sounds] of Object.entries(dictionary)) {
      if (!/^[a-z]+$/.test(word)) continue;
      const count = sounds.match(/\d/g)?.length ?? 0;
      if (count > 0 && count < 10 && syllables.count(word) !== count) wrong.push(word);
    }
    expect(wrong).toEqual([]);
  });

  // Counted by ear (common practice).
  test.each<[string, number]>([
    ['storm.', 1],
    ['“Wonderful!”', 3],
    ['daisy-chain', 3],
    ['isn’t', 2],
    ['a.m.', 2],
    ['U.S.', 2],
    ['Bram’s', 1],
    ['foxes’', 2],
    ['3.7', 4],
    ['1998', 5],
    ['2026', 5],
    ['42', 3],
    ['6.30', 5],
    ['1,000', 3],
    ['zogwump', 2],
    ['…', 0],
  ])('%s', (word, count) => {
    expect(syllables.count(word)).toBe(count);
  });
});

describe('counts and formulas', () => {
  /** The counts once more, in another way: by splitting at white space. */
  function counted(text: string) {
    const words = text.split(/\s+/).filter((run) => /[\p{L}\p{N}]/u.test(run));
    return {
      word: words.length,
      letter: (text.match(/\p{L}/gu) ?? []).length,
      character: (text.match(/[\p{L}\p{N}]/gu) ?? []).length,
      syllable: words.reduce((sum, word) => sum + syllables.count(word), 0),
      polysillabicWord: words.filter((word) => syllables.count(word) >= 3).length,
    };
  }
  // Sentences counted by eye.
  const sentencesByEye = [5, 8, 11];
  test.each(
    proses.map((prose, index) => [prose.title, prose.body, sentencesByEye[index]] as const),
  )('%s', (_, text, sentence) => {
    const { counts, readability, inputs } = analyse(text);
    const own = { ...counted(text), sentence: sentence ?? 0 };
    expect(counts).toEqual({
      sentences: own.sentence,
      words: own.word,
      syllables: own.syllable,
      letters: own.letter,
    });
    // The reference packages of the same names, from the counts above.
    expect(readability.fleschReadingEase).toBeCloseTo(flesch(own), 1);
    expect(readability.fleschKincaid).toBeCloseTo(fleschKincaid(own), 1);
    expect(readability.smog).toBeCloseTo(smogFormula(own), 1);
    expect(readability.colemanLiau).toBeCloseTo(colemanLiau(own), 1);
    expect(readability.ari).toBeCloseTo(automatedReadability(own), 1);
    expect(readability.gunningFog).toBeCloseTo(
      gunningFog({ ...own, complexPolysillabicWord: inputs.complexWords }),
      1,
    );
    expect(readability.daleChall).toBeCloseTo(
      daleChallFormula({ ...own, difficultWord: inputs.hardWords }),
      1,
    );
    expect(readability.spache).toBeCloseTo(
      spacheFormula({ ...own, unfamiliarWord: inputs.unfamiliarWords }),
      1,
    );
  });

  test('long words that Gunning does not count: names, joined easy words, -es and -ed', () => {
    // Gunning 1952, as handbooks give his rule.
    const { inputs } = analyse(
      'On Monday Amelia wanted an umbrella. The well-water-house was created in Fernhilliam. It was important.',
    );
    expect(inputs.polysyllables).toBeGreaterThan(inputs.complexWords);
    expect(analyse('It was important. The umbrella was enormous.').inputs.complexWords).toBe(3);
  });

  test('the Dale–Chall grades', () => {
    // Dale & Chall 1948, table of grades.
    expect(daleChallGrade(4.9)).toBe('grade 4 and below');
    expect(daleChallGrade(5.5)).toBe('grades 5–6');
    expect(daleChallGrade(9.5)).toBe('college');
  });

  test('forms of familiar words are familiar', () => {
    for (const word of [
      'walked',
      'running',
      'babies',
      'bigger',
      'went',
      'mice',
      'don’t',
      'quickly',
      'play-time',
    ])
      expect(isFamiliar(word, 'dale-chall'), word).toBe(true);
    for (const word of ['precipitation', 'photosynthesis', 'zogwump'])
      expect(isFamiliar(word, 'dale-chall')).toBe(false);
  });
});

describe('what is said of a text', () => {
  test('an empty text, a short one, one without sentence ends, verse', () => {
    expect(analyse('').notes).toEqual(['There is no word in this text yet.']);
    expect(analyse('It rained.').notes.join(' ')).toContain('Too short to say');
    expect(analyse('rain rain rain').notes.join(' ')).toContain('No full stop');
    expect(analyse(poems[0]?.body ?? '').notes.join(' ')).toContain('verse');
    expect(analyse('La lluvia cae.', { language: 'es' }).notes.join(' ')).toContain(
      'made for English',
    );
  });

  test('names, vocabulary, and what a class can decode', () => {
    const { profile, decodable } = analyse(proses[2]?.body ?? '', {
      profile: kestrels({ step: 23 }),
    });
    expect(profile.names).toEqual(expect.arrayContaining(['okoro', 'asha', 'bram']));
    expect(profile.names).not.toContain('nobody');
    expect(profile.tokens).toBeGreaterThan(profile.types);
    expect(decodable?.total).toBeGreaterThan(decodable?.secure ?? 0);
    expect(decodable?.others).toContain('water');
    const all = profile.frequency.reduce((sum, band) => sum + band.words, 0);
    const named = profile.tokens - all;
    expect(named).toBeGreaterThan(5);
  });

  test('the run along the text covers every word once', () => {
    const text = `# One\n${proses[1]?.body}\n\n# Two\n${proses[0]?.body}`;
    const { run, counts, sections } = analyse(text);
    expect(run.length).toBeGreaterThanOrEqual(2);
    expect(sections.map(({ title }) => title)).toEqual(['One', 'Two']);
    expect(sections.reduce((sum, section) => sum + section.counts.words, 0)).toBe(counts.words);
    for (const [index, point] of run.entries())
      expect(point.at).toBeGreaterThanOrEqual(run[index - 1]?.at ?? 0);
  });
});
