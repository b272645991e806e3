import { describe, expect, test } from 'vitest';
import { proses } from '../../../../testing/texts';
import { testLexicon, testMeanings } from '../../../../testing/test-lexicon';
import { Random } from '../../../../kernel/random';
import { repairs } from '../../sentence-sets/sentence-sets';
import { checkWriting } from './check-writing';
import { findFaults } from './find-faults';

const lexicon = testLexicon();
const meanings = testMeanings();
const shown = (text: string) =>
  findFaults(text, lexicon).map(
    ({ start, end, name, offer = '' }) => `${name}: ${text.slice(start, end)} > ${offer}`,
  );

// Faults that courses of English warn of (common practice).
describe('a fault has its place, its name and what could stand there', () => {
  test.each([
    ['we saw a heron.', 'capital letter: w > W'],
    ['Can i have a turn?', 'capital letter: i > I'],
    ['Our trip is on friday.', 'capital letter: friday > Friday'],
    ['I can see omar.', 'capital letter: omar > Omar'],
    ['We saw a heron', 'end mark: n > '],
    ['Is it cold in the hut.', 'end mark: . > ?'],
    ['I saw the the fox.', 'double word: the > '],
    ['I saw a owl in the barn.', 'a or an: a > an'],
    ['It took a hour.', 'a or an: a > an'],
    ['He wears an uniform.', 'a or an: an > a'],
    ['We was the first.', 'agreement: was > were'],
    ['She have a blue box.', 'agreement: have > has'],
    ['He don’t like it.', 'agreement: don’t > doesn’t'],
    ['My shoes is full of sand.', 'agreement: is > are'],
    ['There is seven eggs in it.', 'agreement: is > are'],
    ['You should of come.', 'homophone: of > have'],
    ['Their is a fox.', 'homophone: Their > there'],
    ['My shoes are over their.', 'homophone: their > there'],
    ['Can you here the birds?', 'homophone: here > hear'],
    ['I don’t know weather it rains.', 'homophone: weather > whether'],
    ['I dont like it.', 'apostrophe: dont > don’t'],
    ['That bike is her’s.', 'apostrophe: her’s > hers'],
    ['I don’t want no peas.', 'double negative: no > any'],
    ['Bram never said nothing.', 'double negative: nothing > anything'],
    ['Where you are going?', 'word order: you are > are you'],
    ['The wehather is cold.', 'spelling: wehather > weather'],
    ['Yesterday we play in the park.', 'tense: play > '],
  ])('%s', (text, fault) => {
    expect(shown(text)).toContain(fault);
  });

  test('what is written about it is in the report, asked where it is not sure', () => {
    const report = checkWriting('I dont know were the fox is.', { words: [], fewest: 0 }, lexicon);
    expect(report.faults.map(({ name }) => name)).toEqual(['apostrophe']);
    expect(report.suggestions[0]).toMatch(/^“dont”: .*Perhaps: don’t\.$/);
  });
});

describe('correct prose is left alone', () => {
  test('fewer than 2 in 100 sentences of the wordbook', () => {
    const random = new Random(20261127);
    const sentences = random
      .shuffle(meanings.withSentences)
      .slice(0, 1200)
      .flatMap((word) => meanings.sensesOf(word)[0]?.sentences.map(({ text }) => text) ?? []);
    const alarms = sentences.filter((text) => findFaults(text, lexicon).length > 0);
    expect(sentences.length).toBeGreaterThan(3000);
    expect(alarms.length / sentences.length, alarms.slice(0, 20).join('\n')).toBeLessThan(0.02);
  });

  test('none of the mended sentences of the set, and hardly any of the test texts', () => {
    const mended = repairs.filter(({ mended: text }) => findFaults(text, lexicon).length > 0);
    expect(mended.map(({ mended: text }) => text)).toEqual([]);
    const faults = proses.flatMap(({ body }) => findFaults(body, lexicon));
    expect(faults.filter(({ sure, name }) => sure && name !== 'end mark')).toEqual([]);
  });
});
