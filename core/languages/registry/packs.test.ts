import { describe, expect, test } from 'vitest';
import { catalogue } from '../../exercises/catalogue';
import { abilities, canDo } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { languagePacks } from './packs';
import { languageNames, languagesFor, packOf } from './registry';

/** A made-up language, as it would stand in a folder of its own: it knows words and fonts, no more. */
const fernish = plainPack({
  tag: 'x-fern',
  name: 'Fernish',
  direction: 'rtl',
  fonts: ['andika'],
  phrases: { name: 'Nym', date: 'Dag' },
  can: new Set(['words']),
});

describe('a language that is added in its folder and in one line', () => {
  const packs = [...languagePacks, fernish];

  test('stands in every menu of languages', () => {
    expect(languageNames(packs)).toMatchObject({ en: 'English', 'x-fern': 'Fernish' });
    expect(packOf('x-fern', packs)).toBe(fernish);
  });

  test('gets just the exercises that ask for no more than it knows', () => {
    const offered = catalogue.filter(({ asks }) => canDo(fernish, asks)).map(({ id }) => id);
    expect(offered).toEqual(expect.arrayContaining(['pairs', 'match-translation', 'word-search']));
    // Sounds, meanings, grammar and school hands are not known of it.
    for (const id of ['sound-boxes', 'sort-by-spelling', 'crossword', 'verb-form', 'find-it']) {
      expect(offered).not.toContain(id);
    }
    expect(offered).not.toContain('trace-copy-write');
    expect(languagesFor(['words'], packs)).toEqual(['en', 'x-fern']);
  });

  test('has what all languages have: words and sentences are found in its texts', () => {
    const text = 'Wyn. Ryn est!';
    const spans = fernish.tokens.sentences(text);
    expect(spans.map(({ start, end }) => text.slice(start, end))).toEqual(['Wyn.', 'Ryn est!']);
    expect(fernish.tokens.words(text)).toHaveLength(3);
  });
});

describe('the packs there are', () => {
  test('English knows all but what it has not; a language without a pack knows nothing', () => {
    const japanese = ['particles', 'voice change', 'stroke order', 'word spaces', 'furigana'];
    const others = [...japanese, 'statements', 'course', 'spelling rules', 'written stress'];
    expect([...packOf('en').can].sort()).toEqual(
      Object.keys(abilities)
        .filter((each) => !others.includes(each))
        .sort(),
    );
    expect(japanese.every((each) => packOf('ja').can.has(each as 'particles'))).toBe(true);
    for (const tag of ['fr', 'es', 'pt', 'it']) {
      expect([...packOf(tag).can]).toEqual(
        expect.arrayContaining(['statements', 'spelling rules']),
      );
    }
    expect(languagesFor(['written stress'])).toEqual(['pt', 'es']);
    expect(packOf('xx')).toMatchObject({ tag: 'xx', name: 'xx' });
    expect(packOf('xx').can.size).toBe(0);
  });

  test.each(languagePacks)('$name has a tag, fonts, phrases and a voice', (pack) => {
    // BCP 47 (RFC 5646): two or three letters for a language.
    expect(pack.tag).toMatch(/^[a-z]{2,3}$/);
    expect(pack.fonts.length).toBeGreaterThan(0);
    expect(pack.phrases.name).not.toBe('');
    expect(pack.voice).toBeDefined();
  });

  test('measures are read aloud where the pack can', () => {
    expect(packOf('en').numbers?.read('3.7 mm', 'uk').readings[0]).toBe(
      'three point seven millimetres',
    );
    expect(packOf('fr').numbers?.read('3,7 mm', 'uk').readings[0]).toBe(
      'trois virgule sept millimètres',
    );
    expect(packOf('la').numbers).toBeUndefined();
  });
});
