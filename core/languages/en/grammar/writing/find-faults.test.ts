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
    ['Last Monday we go to the museum.', 'tense: go > '],
    ['They lives near the sea.', 'agreement: lives > live'],
    ['Bram and Tilde is in the hut.', 'agreement: is > are'],
    ['My sister want a dog.', 'agreement: want > wants'],
    ['The dog run in the garden.', 'agreement: run > runs'],
    ['The winds blows.', 'agreement: blows > blow'],
    ['It rain on the hill.', 'agreement: rain > rains'],
    ['The children runs home.', 'agreement: runs > run'],
    ['My dogs barks at the rain.', 'agreement: barks > bark'],
    ['She walk to school.', 'agreement: walk > walks'],
    ['I saw bird on the roof.', 'article: bird > a bird'],
    ['He bought new car last week.', 'article: new car > a new car'],
    ['She is teacher.', 'article: teacher > a teacher'],
    ['Their going to the station.', 'homophone: Their > They’re'],
    ['I have never scene it.', 'homophone: scene > seen'],
    ['We were are you?', 'homophone: were > where'],
    ['The cat hurt it’s leg.', 'apostrophe: it’s > its'],
    ['He is more taller than me.', 'comparison: more taller > taller'],
    ['He can to swim.', 'verb form: to > '],
    ['I am agree with you.', 'verb form: am agree > agree'],
    ['I look forward to see you.', 'verb form: see > seeing'],
    ['I enjoy to swim.', 'verb form: to > '],
    ['She said me that she was tired.', 'verb form: said me > told me'],
    ['Did you went home?', 'verb form: went > '],
    ['Do you know where is the key?', 'word order: is the key > the key is'],
    ['Where you live?', 'word order: you live > do you live'],
  ])('%s', (text, fault) => {
    expect(shown(text)).toContain(fault);
  });

  test('what is written about it is in the report, asked where it is not sure', () => {
    const report = checkWriting('I dont know were the fox is.', { words: [], fewest: 0 }, lexicon);
    expect(report.faults.map(({ name }) => name)).toEqual(['apostrophe']);
    expect(report.suggestions[0]).toMatch(/^“dont”: .*Perhaps: don’t\.$/);
  });
});

describe('what only looks like a fault is left alone', () => {
  // Each stands beside a pattern that it must not set off.
  test.each([
    'The team like their new hut.',
    'The river cut through the rock.',
    'I need petrol.',
    'We have lunch at noon.',
    'They go home by bus.',
    'She said her mother was ill.',
    'He is more clever than his brother.',
    'We need more water than that.',
    'A can to open is in the bag.',
    'It’s dark in the hut.',
    'Their going away was sad.',
    'She is a teacher.',
    'I saw red deer on the hill.',
    'The scene was quiet.',
    'Bram and Tilde are in the hut.',
    'Where do you live?',
    'I know where the key is.',
    'I look forward to the summer.',
    'The children play in the park every day.',
    'The policeman let him go.',
  ])('%s', (text) => {
    expect(shown(text)).toEqual([]);
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
