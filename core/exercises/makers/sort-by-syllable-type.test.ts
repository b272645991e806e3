/** The six kinds of syllable, and how words are divided: common practice of structured literacy teaching, words from memory. */
import { describe, expect, test } from 'vitest';
import { keyOf } from '../../testing/key-of';

const wordsOf = (text: string) => text.split(' ');

describe('words of one syllable go to the kind that they are', () => {
  const kinds: Readonly<Record<string, string>> = {
    closed: 'cat bed pig dog cup stamp spend shrimp lost jump fish crunch',
    open: 'go me hi she no we so flu',
    'split digraph': 'make hope time cube these plate stone smile flute crane',
    'vowel team': 'rain play boat tree moon coin cloud snow high spoon bread fruit',
    'vowel with r': 'car fork bird her turn shark storm first burst germ',
  };

  test.each(Object.entries(kinds))('%s', (kind, text) => {
    // A sort has two headings or more: some words of another kind stand beside them.
    const others = kind === 'closed' ? ['go', 'me'] : ['cat', 'bed'];
    const words = wordsOf(text);
    const key = keyOf('sort-by-syllable-type', [...words, ...others]);
    for (const word of words) expect([word, key[word]]).toEqual([word, kind]);
  });

  test.each(wordsOf('table candle puzzle simple apple bottle little purple'))(
    '%s ends in a consonant and le',
    (word) => {
      const key = keyOf('sort-by-syllable-type', [word, 'cat', 'bed', 'go', 'me']);
      expect(key[word]).toBe('consonant + le');
    },
  );
});

describe('words go under the number of their syllables', () => {
  test.each([
    [1, 'sun rain storm cloud frost bridge stretched thought'],
    [2, 'rabbit pencil window thunder sunshine umpire weather lightning'],
    [3, 'umbrella telephone elephant holiday important tomato beginning banana'],
    [4, 'thermometer watermelon information caterpillar January helicopter'],
  ])('%i', (count, text) => {
    const beside = count === 1 ? ['rabbit', 'pencil'] : ['sun', 'rain'];
    const key = keyOf('sort-by-syllables', [...wordsOf(text), ...beside]);
    for (const word of wordsOf(text))
      expect([word, key[word]]).toEqual([word, `${count} syllable${count === 1 ? '' : 's'}`]);
  });
});

// Between two consonants; before one where the vowel is long, after it where it is short; compounds
// and affixes whole: common practice.
describe('words are cut where the trade cuts them', () => {
  test.each([
    ['two consonants', 'rab·bit nap·kin pup·pet kit·ten but·ton sud·den hap·pen bas·ket pic·nic'],
    ['the vowel before is long', 'ti·ger ro·bot mu·sic pi·lot o·pen la·dy spi·der pa·per'],
    ['the vowel before is short', 'lem·on riv·er cab·in wag·on mel·on sev·en pan·ic'],
    ['a consonant with le', 'ta·ble can·dle puz·zle ap·ple bub·ble ti·tle'],
    ['letters that belong together', 'rock·et laugh·ter weath·er teach·er lead·er'],
    ['compounds', 'sun·set rain·bow snow·man pan·cake foot·ball some·one'],
    ['prefixes and suffixes', 'un·til re·turn play·ing kind·ness care·ful end·less dis·like'],
    ['three syllables', 'um·brel·la po·ta·to im·por·tant Sep·tem·ber fan·tas·tic'],
  ])('%s', (_, text) => {
    const cut = wordsOf(text);
    const key = keyOf(
      'syllable-cutting',
      cut.map((word) => word.replaceAll('·', '')),
    );
    expect(Object.values(key).sort()).toEqual([...cut].sort());
  });
});
