import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../../testing/test-lexicon';
import { define } from './meanings';

const lexicon = testLexicon();
const meanings = testMeanings();

/** The sounds of the sense whose definition begins so, as ARPAbet. */
function soundsOf(word: string, start: string): string | undefined {
  const sense = define(word, meanings, lexicon).senses.find(({ definition }) =>
    definition.startsWith(start),
  );
  expect(sense, `${word}: ${start}`).toBeDefined();
  return sense?.reading?.phonemes.join(' ');
}

// Readings by sense as learners' dictionaries give them (from memory), written in the signs of the
// CMU Pronouncing Dictionary.
describe('a sense of a homograph has its own reading', () => {
  test.each([
    ['wind', 'air that moves', 'W IH N D'],
    ['wind', 'to turn', 'W AY N D'],
    ['tear', 'a drop of water', 'T IH R'],
    ['tear', 'to pull paper', 'T EH R'],
    ['live', 'to have your home', 'L IH V'],
    ['bow', 'a knot', 'B OW'],
    ['bow', 'a bent stick', 'B OW'],
    ['bow', 'to bend', 'B AW'],
    ['lead', 'to go first', 'L IY D'],
    ['lead', 'a long strap', 'L IY D'],
    ['row', 'a line of people', 'R OW'],
    ['row', 'to move a boat', 'R OW'],
    ['row', 'a noisy talk', 'R AW'],
    ['close', 'to move something', 'K L OW Z'],
    ['close', 'near', 'K L OW S'],
    ['use', 'to do a job', 'Y UW Z'],
    ['use', 'the job', 'Y UW S'],
    ['read', 'to look at words', 'R IY D'],
    ['minute', 'a length of time', 'M IH N AH T'],
    ['wound', 'a deep cut', 'W UW N D'],
    ['dove', 'a bird', 'D AH V'],
    ['bass', 'a guitar', 'B EY S'],
    ['sow', 'to put seeds', 'S OW'],
    ['sow', 'a grown female pig', 'S AW'],
    ['present', 'a thing that you give', 'P R EH Z AH N T'],
    ['record', 'to keep sounds', 'R IH K AO R D'],
  ])('%s, %s: %s', (word, start, sounds) => {
    expect(soundsOf(word, start)).toBe(sounds);
  });

  test('a word read in one way says nothing of it', () => {
    for (const { reading } of define('rain', meanings, lexicon).senses) {
      expect(reading).toBeUndefined();
    }
  });
});
