import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../testing/test-lexicon';
import { readWords } from './read-list';
import { DETAIL_LIMITS, LIST_LIMIT } from './word-list';

const lexicon = testLexicon();
const read = (text: string, ...rest: [string[]?]) => readWords(text, lexicon, ...rest);
const words = (text: string) => read(text).words.map(({ word }) => word);
const rows = (text: string) =>
  read(text).words.map(({ word, definition, translation, note }) =>
    [word, definition, translation, note].filter((each) => each !== undefined).join('|'),
  );

describe('how cells are parted', () => {
  test.each<[string, string, string[]]>([
    ['a word a line', 'rain\nhail\nsnow', ['rain', 'hail', 'snow']],
    ['numbered', '1. rain\n2. hail\n3) snow', ['rain', 'hail', 'snow']],
    ['one row of words', 'rain hail snow', ['rain', 'hail', 'snow']],
    ['commas', 'rain, hail, snow', ['rain', 'hail', 'snow']],
    ['rows of unequal length are words', 'rain, hail, snow\nfog', ['rain', 'hail', 'snow', 'fog']],
    ['a dash', 'rain – water from clouds\nhail – ice', ['rain|water from clouds', 'hail|ice']],
    ['tabs', 'rain\twater\nhail\tice', ['rain|water', 'hail|ice']],
    ['semicolons', 'rain;water\nhail;ice', ['rain|water', 'hail|ice']],
    ['upright lines', 'rain|water\nhail|ice', ['rain|water', 'hail|ice']],
    [
      'a heading, in another order',
      'meaning,word\nwater,rain\nice,hail',
      ['rain|water', 'hail|ice'],
    ],
    [
      'a comma within quotes',
      'word,meaning\nrain,"water, from clouds"',
      ['rain|water, from clouds'],
    ],
    [
      'a line break within quotes',
      'word,meaning\nrain,"water\nfrom clouds"\nhail,ice',
      ['rain|water\nfrom clouds', 'hail|ice'],
    ],
    ['doubled quotes', 'word,meaning\nrain,"the ""wet"" one"', ['rain|the "wet" one']],
    [
      'a ragged row under a heading',
      'word,meaning,note\nrain,water\nhail,ice,cold\nsnow',
      ['rain|water', 'hail|ice|cold', 'snow'],
    ],
    [
      'one ragged row of many',
      'rain,water\nhail,ice\nsnow,flakes\nfog,cloud\nwind,air\nstorm',
      ['rain|water', 'hail|ice', 'snow|flakes', 'fog|cloud', 'wind|air', 'storm'],
    ],
    ['Windows line ends', 'word,meaning\r\nrain,water\r\n', ['rain|water']],
    [
      'a bare sign',
      'rain – wetter than <mist>\nhail – 5 < 6',
      ['rain|wetter than <mist>', 'hail|5 < 6'],
    ],
  ])('%s', (_, text, expected) => {
    expect(rows(text)).toEqual(expected);
  });

  // RFC 4180, section 2: what any program writes that follows it is read back.
  test('CSV as another program writes it', () => {
    const data = [
      ['rain', 'water, "wet"', 'la pluie', 'line one\nline two'],
      ['hail', 'ice', 'la grêle', ''],
    ];
    const csv = Papa.unparse({ fields: ['word', 'meaning', 'french', 'note'], data });
    const { words: found, columns } = read(csv);
    expect(columns).toEqual(['word', 'definition', 'translation', 'note']);
    expect(found[0]).toMatchObject({
      word: 'rain',
      definition: 'water, "wet"',
      translation: 'la pluie',
      note: 'line one\nline two',
    });
  });
});

describe('what is said of it', () => {
  test('doubles, capitals, plurals and strangers are named; nothing goes in silence', () => {
    const { notes, words: found } = read('Rain\nrain\nhail\nhails\nzzyzzx', ['hail']);
    expect(found.map(({ word }) => word)).toEqual(['rain', 'hails', 'zzyzzx']);
    expect(notes.join('\n')).toMatch(/Already there, so left out: rain, hail/);
    expect(notes.join('\n')).toMatch(/Written without a capital, as inside a sentence: Rain/);
    expect(notes.join('\n')).toMatch(/Not in the word bank: zzyzzx/);
    expect(notes.join('\n')).toMatch(/hails \(hail\)/);
  });

  test('what is too long is cut where it stands beside a word, and the rest comes in', () => {
    const long = 'wet '.repeat(400);
    const { words: found, notes } = read(`word,meaning\nrain,${long}\nhail,ice`);
    expect(found[0]?.definition).toHaveLength(DETAIL_LIMITS.definition);
    expect(found[0]?.definition?.endsWith('…')).toBe(true);
    expect(found[1]?.definition).toBe('ice');
    expect(notes.join(' ')).toMatch(/Cut, because .*rain/);
    expect(words(`${'a'.repeat(90)}\nrain`)).toEqual(['rain']);
  });

  test('a hundred thousand lines are told, not thrown', () => {
    const lines = Array.from({ length: 100_000 }, (_, at) => `word${at},meaning ${at}`);
    const { words: found, notes } = read(lines.join('\n'));
    expect(found).toHaveLength(LIST_LIMIT);
    expect(notes.join(' ')).toMatch(/A list can have 500 words: 99500 were left out/);
  });

  test('a cell that a spreadsheet was kept from running is read as it was meant', () => {
    expect(rows("word,meaning\nrain,'=A1+2\nhail,'tis ice")).toEqual([
      'rain|=A1+2',
      "hail|'tis ice",
    ]);
  });

  test('what the columns are can be said', () => {
    const found = readWords('rain,water\nhail,ice', lexicon, [], ['definition', 'word']);
    expect(found.words.map(({ word }) => word)).toEqual(['water', 'ice']);
  });

  test('nothing gives nothing', () => {
    expect(read('')).toEqual({ words: [], notes: [], columns: [] });
    expect(words('\uFEFFrain')).toEqual(['rain']);
  });
});

describe('whose heading and whose capital it is', () => {
  const of = (text: string, language = 'en') =>
    readWords(text, lexicon, [], undefined, language).words.map(({ word, ...more }) =>
      [word, more.definition, more.translation].filter((each) => each !== undefined).join('|'),
    );

  test.each<[string, string, string, string[]]>([
    [
      'its own language heads the words',
      'en',
      'English\tFrench\nrain\tla pluie',
      ['rain|la pluie'],
    ],
    ['so it does in another class', 'fr', 'English\tFrench\nrain\tla pluie', ['la pluie|rain']],
    [
      'a language names itself',
      'fr',
      'Deutsch;Français\nder Regen;la pluie',
      ['la pluie|der Regen'],
    ],
    ['a heading of the teacher’s own', 'en', 'For storms,Meaning\nrain,water', ['rain|water']],
    ['numbers are left out', 'en', 'No.\tWord\n1\train\n2\thail', ['rain', 'hail']],
    ['several columns of words', 'en', 'Noun\tAdjective\nrain\trainy', ['rain', 'rainy']],
    [
      'a square of words',
      'en',
      'rain\thail\tsnow\nfog\tmist\tdew',
      'rain hail snow fog mist dew'.split(' '),
    ],
    ['words about words are no heading', 'en', 'noun\nverb\nadverb', ['noun', 'verb', 'adverb']],
    ['nor side by side', 'en', 'noun\tverb\nadjective\tadverb', ['noun|verb', 'adjective|adverb']],
  ])('%s', (_, language, text, expected) => {
    expect(of(text, language)).toEqual(expected);
  });

  test('the heading is named, so that nothing goes in silence', () => {
    expect(read('Words\nrain\nhail').notes).toEqual(['Taken for the headings: Words.']);
  });

  test('a month keeps its capital, and a name among small letters', () => {
    expect(words('March\nMay\nrain')).toEqual(['March', 'May', 'rain']);
    expect(words('rain\nRose\nhail\nsnow')).toEqual(['rain', 'Rose', 'hail', 'snow']);
    // A program that begins each line with a capital.
    expect(words('Rain\nHail\nMarch')).toEqual(['rain', 'hail', 'March']);
  });

  test('German nouns keep theirs, and are not looked for in the English bank', () => {
    const { words: found, notes } = readWords('Hand\nWind\nSturm', lexicon, [], undefined, 'de');
    expect(found.map(({ word }) => word)).toEqual(['Hand', 'Wind', 'Sturm']);
    expect(notes).toEqual([]);
  });
});
