/**
 * The words of the English programme of study (national curriculum in England, English Appendix 1:
 * Spelling, 2013, Open Government Licence; from memory): those that classes must know by the end of
 * Year 4 and Year 6, and the examples of its headings. What the word bank says of them is held
 * against the year in which the appendix sets them.
 */
import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../../testing/test-lexicon';
import { analyseWord } from './analyse-word';

const lexicon = testLexicon();
const meanings = testMeanings();
function known(word: string) {
  const found = analyseWord(word, lexicon);
  if (!found.known) throw new Error(`${word} is not in the word bank`);
  return found;
}

const wordsOf = (text: string) => text.trim().split(/\s+/);

const years3and4 =
  wordsOf(`accident actual address answer appear arrive believe bicycle breath breathe
  build busy business calendar caught centre century certain circle complete consider continue decide
  describe different difficult disappear early earth eight enough exercise experience experiment extreme
  famous favourite February forward fruit grammar group guard guide heard heart height history imagine
  increase important interest island knowledge learn length library material medicine mention minute
  natural naughty notice occasion often opposite ordinary particular peculiar perhaps popular position
  possess possible potatoes pressure probably promise purpose quarter question recent regular reign
  remember sentence separate special straight strange strength suppose surprise therefore though thought
  through various weight woman women`);

const years5and6 =
  wordsOf(`accommodate accompany achieve aggressive amateur ancient apparent appreciate
  attached available average awkward bargain bruise category cemetery committee communicate community
  competition conscience conscious controversy convenience correspond criticise curiosity definite
  desperate determined develop dictionary disastrous embarrass environment equip especially exaggerate
  excellent existence explanation familiar foreign forty frequently government guarantee harass hindrance
  identity immediately individual interfere interrupt language leisure lightning marvellous mischievous
  muscle necessary neighbour nuisance occupy occur opportunity parliament persuade physical prejudice
  privilege profession programme pronunciation queue recognise recommend relevant restaurant rhyme rhythm
  sacrifice secretary shoulder signature sincere soldier stomach sufficient suggest symbol system
  temperature thorough twelfth variety vegetable vehicle yacht`);

describe.each([
  ['Years 3 and 4', years3and4, 6],
  ['Years 5 and 6', years5and6, 9],
])('the words of %s', (_, words, latest) => {
  test('are in the word bank, each with a meaning', () => {
    const missing = words.filter((word) => lexicon.find(word) === undefined);
    expect(missing).toEqual([]);
    const mute = words.filter((word) =>
      [word, known(word).headword].every((one) => meanings.sensesOf(one).length === 0),
    );
    expect(mute).toEqual([]);
  });

  test('at least nine in ten are rated at the years they are set for, or below', () => {
    const late = words.filter((word) => {
      const year = /^Y(\d+)$/.exec(known(word).level.ukYear)?.[1];
      return year !== undefined && Number(year) > latest;
    });
    expect(late.length, late.join(' ')).toBeLessThanOrEqual(words.length / 10);
  });

  test('are spelled by their graphemes, letter for letter', () => {
    for (const word of words) {
      const letters = known(word).graphemes.replace(/[._]/g, '').split('').sort().join('');
      expect([word, letters]).toEqual([word, word.toLowerCase().split('').sort().join('')]);
    }
  });
});

describe('homophones and near-homophones that the appendix names', () => {
  test.each(
    wordsOf(`there/their hare/hair here/hear to/too one/won see/sea be/bee blue/blew bare/bear son/sun
      night/knight ball/bawl berry/bury brake/break fair/fare grate/great groan/grown heel/heal knot/not
      mail/male main/mane meat/meet missed/mist peace/piece plain/plane rain/reign scene/seen whether/weather
      whose/who's aisle/isle aloud/allowed altar/alter ascent/assent bridal/bridle cereal/serial
      led/lead morning/mourning past/passed principal/principle profit/prophet
      stationary/stationery steal/steel waist/waste`).map(
      (pair) => pair.split('/') as [string, string],
    ),
  )('%s, %s', (one, other) => {
    expect(known(one).homophones).toContain(other);
  });
});

describe('prefixes and suffixes by the appendix’ headings', () => {
  const first = (word: string) => known(word).parts[0]?.text;
  const last = (word: string) => known(word).parts.at(-1)?.text;

  test.each([
    ['dis-', 'disappoint disagree disobey'],
    ['mis-', 'misbehave mislead misspell'],
    ['in-', 'inactive incorrect'],
    ['il-', 'illegal illegible'],
    ['im-', 'immortal impossible impatient imperfect'],
    ['ir-', 'irregular irrelevant irresponsible'],
    ['re-', 'redo return reappear redecorate'],
    ['sub-', 'subdivide subheading submarine submerge'],
    ['inter-', 'interact international intercity'],
    ['super-', 'supermarket superstar'],
    ['anti-', 'antiseptic anticlockwise antisocial'],
    ['auto-', 'autobiography autograph'],
    ['un-', 'unhappy undo unload unfair unlock'],
  ])('%s', (prefix, text) => {
    for (const word of wordsOf(text)) {
      if (lexicon.find(word) === undefined) continue;
      expect([word, first(word)]).toEqual([word, prefix.replace('-', '')]);
    }
  });

  test.each([
    ['-ation', 'information adoration preparation admiration sensation'],
    ['-ly', 'sadly completely usually finally comically happily angrily'],
    ['-ous', 'poisonous dangerous mountainous famous various courageous'],
    ['-ful', 'careful playful hopeful plentiful painful'],
    ['-less', 'hopeless careless endless'],
    ['-ness', 'sadness darkness happiness'],
    ['-ment', 'enjoyment movement treatment'],
    ['-able', 'adorable changeable noticeable dependable comfortable reasonable'],
    ['-ible', 'possible horrible terrible visible incredible sensible'],
  ])('%s', (suffix, text) => {
    const ending = suffix.replace('-', '');
    const wrong = wordsOf(text).filter((word) => {
      if (lexicon.find(word) === undefined) return false;
      const part = last(word) ?? '';
      // A word whose root is no word of its own may stay whole.
      return !part.endsWith(ending) && part !== word && !ending.endsWith(part);
    });
    expect(wrong).toEqual([]);
  });
});

describe('silent letters that the appendix sets', () => {
  test.each([
    ['k', 'knock know knee knit knife'],
    ['g', 'gnat gnaw'],
    ['w', 'write written wrote wrong wrap'],
    ['b', 'lamb thumb comb doubt'],
    ['t', 'castle whistle listen'],
    ['n', 'autumn column solemn'],
    ['s', 'island'],
    ['h', 'hour honest rhyme'],
  ])('%s', (letter, text) => {
    for (const word of wordsOf(text)) {
      const { graphemes, phonemes, patterns } = known(word);
      const silent =
        patterns.includes('silent-letter') ||
        graphemes
          .split('.')
          .some(
            (grapheme, at) =>
              grapheme.includes(letter) && (grapheme.length > 1 || phonemes[at] === '-'),
          );
      expect([word, silent]).toEqual([word, true]);
    }
  });
});
