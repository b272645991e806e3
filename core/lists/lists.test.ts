import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import {
  comparedWithText,
  groupedByPattern,
  groupedBySpelling,
  groupedBySyllables,
} from './combine-lists';
import { merged, subtracted } from './join-lists';
import { coverageOf } from './coverage';
import { readWords } from './read-list';
import {
  completeList,
  detailOf,
  LIST_LIMIT,
  withDetail,
  withoutWord,
  withRespelled,
} from './word-list';

const lexicon = testLexicon();
const list = (words: string[], more = {}) =>
  completeList({ id: 'l', classId: 'c', name: 'Storm words', words, ...more });
const wordsOf = (text: string, present: string[] = []) =>
  readWords(text, lexicon, present).words.map((each) => each.word);

describe('reading words from text', () => {
  test.each([
    ['a word a line', 'rain\nhail\n\nstorm', ['rain', 'hail', 'storm']],
    ['a row with commas', 'rain, hail, storm', ['rain', 'hail', 'storm']],
    ['a row with spaces', 'rain hail storm', ['rain', 'hail', 'storm']],
    ['numbered', '1. rain\n2) hail\n- storm', ['rain', 'hail', 'storm']],
    ['spreadsheet columns', 'rain\tla pluie\nhail\tla grêle', ['rain', 'hail']],
    ['CSV with quotes', 'rain,"water, in drops"\nhail,"ice"', ['rain', 'hail']],
    ['word and meaning', 'rain – water in drops\nhail – ice', ['rain', 'hail']],
    ['one word', 'rain', ['rain']],
    ['a byte-order mark and Windows lines', '\uFEFFrain\r\nhail\r\n', ['rain', 'hail']],
    ['quotation marks and full stops', '“rain”\nhail.', ['rain', 'hail']],
    ['two words that belong together', 'ice cream\nrain coat', ['ice cream', 'rain coat']],
  ])('%s', (_, text, expected) => {
    expect(wordsOf(text)).toEqual(expected);
  });

  test('second columns become meanings, and translations in another script', () => {
    expect(readWords('rain\twater\t雨', lexicon).words[0]).toMatchObject({
      definition: 'water',
      translation: '雨',
    });
    expect(readWords('rain\t雨\nsnow\t雪', lexicon).columns).toEqual(['word', 'translation']);
    const headed = readWords('note,word,meaning\nx,rain,water', lexicon);
    expect(headed.words[0]).toMatchObject({ word: 'rain', definition: 'water', note: 'x' });
  });

  test('unknown words, doubles, capitals and plurals are told', () => {
    const read = readWords('Rain\nrain\nzog\nstorm\nstorms\nhail', lexicon, ['hail']);
    expect(read.words.map((each) => each.word)).toEqual(['rain', 'zog', 'storm', 'storms']);
    expect(read.words.find((each) => each.word === 'zog')?.unknown).toBe(true);
    expect(read.words.find((each) => each.word === 'storms')?.pluralOf).toBe('storm');
    expect(read.notes.join(' ')).toMatch(/left out: rain, hail/);
    expect(read.notes.join(' ')).toMatch(/without a capital.*Rain/);
    expect(read.notes.join(' ')).toMatch(/Not in the word bank: zog/);
    expect(read.notes.join(' ')).toMatch(/storms \(storm\)/);
  });

  test('a month keeps its capital', () => {
    expect(wordsOf('Monday')).toEqual(['Monday']);
  });

  test('a word of 200 letters and a list too long are left out with a note, nothing else is lost', () => {
    const many = Array.from({ length: LIST_LIMIT + 5 }, (_, index) => `word${index}x`).join('\n');
    const read = readWords(`${'a'.repeat(200)}\n${many}`, lexicon);
    expect(read.words).toHaveLength(LIST_LIMIT);
    expect(read.notes.join(' ')).toMatch(/Longer than 80 letters/);
    expect(read.notes.join(' ')).toMatch(/5 were left out/);
  });

  test('nothing pasted is nothing read', () => {
    expect(readWords('  \n ', lexicon)).toMatchObject({ words: [], notes: [] });
  });
});

describe('what stands beside a word', () => {
  test('is set, kept with the word, and gone with it', () => {
    const storm = withDetail(list(['storm']), 'Storm', {
      definition: 'bad weather',
      starred: true,
    });
    expect(detailOf(storm, 'storm')).toMatchObject({ definition: 'bad weather', starred: true });
    expect(withDetail(storm, 'storm', { starred: false, definition: '' }).details).toEqual([]);
    expect(withoutWord(storm, 'storm').details).toEqual([]);
  });

  test('stays beside a word that is written otherwise, which keeps its place', () => {
    const words = withDetail(list(['rain', 'strom', 'hail']), 'strom', { note: 'page 3' });
    const mended = withRespelled(words, 'strom', 'storm');
    expect(mended?.words).toEqual(['rain', 'storm', 'hail']);
    expect(mended && detailOf(mended, 'storm').note).toBe('page 3');
    // Only its capital is changed; another word of the list is not written twice.
    expect(withRespelled(words, 'hail', 'Hail')?.words).toEqual(['rain', 'strom', 'Hail']);
    expect(withRespelled(words, 'strom', 'Rain')).toBeUndefined();
  });
});

describe('lists together', () => {
  const one = withDetail(list(['rain', 'hail']), 'rain', { note: 'first' });
  const other = withDetail(list(['Hail', 'storm']), 'storm', { definition: 'wild weather' });

  test('merged: no word twice, what stands beside comes along', () => {
    const both = merged(one, other);
    expect(both.words).toEqual(['rain', 'hail', 'storm']);
    expect(detailOf(both, 'storm').definition).toBe('wild weather');
    expect(detailOf(both, 'rain').note).toBe('first');
  });

  test('subtracted: the words of the other are gone', () => {
    expect(subtracted(one, other).words).toEqual(['rain']);
    expect(subtracted(merged(one, other), one).words).toEqual(['storm']);
  });

  test('in groups: each word is in one', () => {
    const words = ['rain', 'day', 'make', 'train', 'zog'];
    for (const groups of [
      groupedBySpelling(words, lexicon),
      groupedByPattern(words, lexicon),
      groupedBySyllables(words, lexicon),
    ]) {
      expect(groups.flatMap((group) => group.words).sort()).toEqual([...words].sort());
    }
    expect(groupedBySpelling(words, lexicon)[0]).toEqual({ name: 'ai', words: ['rain', 'train'] });
  });
});

describe('a list against a text', () => {
  const text = 'It rained. Rain fell on the hill; the mice ran. RAIN again, and more rain.';
  const compared = comparedWithText(['rain', 'mouse', 'run', 'hail'], text, lexicon);

  test('forms count as their base', () => {
    expect(compared.used).toEqual([
      { word: 'rain', times: 4, forms: ['rained', 'rain'] },
      { word: 'mouse', times: 1, forms: ['mice'] },
      { word: 'run', times: 1, forms: ['ran'] },
    ]);
    expect(compared.unused).toEqual(['hail']);
  });

  test('every word of the text is in the list or among the others', () => {
    const total = text.match(/[a-z]+/gi)?.length ?? 0;
    const counted = [...compared.used, ...compared.others].reduce(
      (sum, each) => sum + each.times,
      0,
    );
    expect(counted).toBe(total);
  });
});

describe('coverage', () => {
  test('says which spellings there are, and words within reach that make them even', () => {
    const coverage = coverageOf(['rain', 'train', 'paint', 'day', 'make'], kestrels(), lexicon);
    expect(coverage.sound).toBe('EY');
    expect(coverage.spellings.map(({ spelling, count }) => [spelling, count])).toEqual([
      ['ai', 3],
      ['ay', 1],
      ['a_e', 1],
    ]);
    const ay = coverage.spellings.find((each) => each.spelling === 'ay');
    expect(ay?.missing).toBe(2);
    for (const word of ay?.suggestions ?? []) expect(word).toMatch(/ay/);
    expect(ay?.suggestions).not.toContain('day');
  });

  test('a list without a sound in common has none', () => {
    expect(coverageOf([], kestrels(), lexicon)).toMatchObject({ sound: undefined, spellings: [] });
  });
});
