import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, test } from 'vitest';
import english from './en.json';
import spanish from './es.json';
import { interfaceLanguages, languageFor, listed } from './interface-language';
import { t, type Phrase } from './t';

const app = fileURLToPath(new URL('..', import.meta.url));

/** Source of the interface, file by file. */
const sources = readdirSync(app, { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
  .map((name) => [name, readFileSync(join(app, name), 'utf8')] as const);

const tables: Readonly<Record<string, Readonly<Record<string, string>>>> = { es: spanish };

const gaps = (phrase: string) => new Set(phrase.match(/\{\{\w+\}\}/g));

/** What a phrase is called in code. */
const called = (key: string) => key.replace(/_(one|other)$/, '');

describe('the tables of phrases', () => {
  test('there is one for every language that can be chosen', () => {
    expect(Object.keys(tables).concat('en').sort()).toEqual(Object.keys(interfaceLanguages).sort());
  });

  test.each(Object.entries(tables))('%s says each phrase of the English table', (_, table) => {
    expect(Object.keys(table)).toEqual(Object.keys(english));
    for (const [key, phrase] of Object.entries<string>(english)) {
      const said = table[key] ?? '';
      expect(said.trim() === '', key).toBe(phrase.trim() === '');
      // A phrase that is put between others keeps its spaces.
      expect([/^\s/.test(said), /\s$/.test(said)], key).toEqual([
        /^\s/.test(phrase),
        /\s$/.test(phrase),
      ]);
      // The name of a class comes as it is wherever English says what is its own.
      const given = gaps(phrase.replace('{{possessive}}', '{{possessive}}{{name}}'));
      for (const gap of gaps(said)) expect(given.has(gap), `${key}: ${gap}`).toBe(true);
      if (!key.endsWith('_one')) expect(gaps(said).size, key).toBe(gaps(phrase).size);
    }
  });

  test('forms for one and for many come together', () => {
    const keys = new Set(Object.keys(english));
    for (const key of keys) {
      if (key.endsWith('_one')) expect(keys.has(`${called(key)}_other`), key).toBe(true);
      if (key.endsWith('_other')) expect(keys.has(`${called(key)}_one`), key).toBe(true);
    }
  });

  test('each phrase is used, and each that is used stands in the table', () => {
    const used = new Set(
      sources.flatMap(([, source]) =>
        [...source.matchAll(/\b(?:t|say|inEnglish)\(\s*'([^']+)'/g)].map(([, key = '']) => key),
      ),
    );
    const known = new Set(Object.keys(english).map(called));
    expect([...used].filter((key) => !known.has(key))).toEqual([]);
    expect([...known].filter((key) => !used.has(key))).toEqual([]);
  });

  test('each gap of an English phrase is filled where it is used', () => {
    for (const [name, source] of sources) {
      for (const [, key = '', rest = ''] of source.matchAll(/\bt\(\s*'([^']+)'(,|\))/g)) {
        const phrase = (english as Record<string, string>)[key] ?? '';
        if (gaps(phrase).size > 0) expect(rest, `${name}: ${key}`).toBe(',');
      }
    }
  });
});

describe('a phrase', () => {
  test('is filled, and counted', () => {
    expect(t('page.addedWord', { count: 1 })).toBe('Added 1 word.');
    expect(t('page.addedWord', { count: 2 })).toBe('Added 2 words.');
    expect(t('page.lessonsFor', { name: 'Kestrels & <b>' })).toBe('Lessons for Kestrels & <b>');
  });

  test('says what stands in a name as it stands there', () => {
    expect(t('page.lessonsFor', { name: '$t(page.shelf) {{name}}' })).toBe(
      'Lessons for $t(page.shelf) {{name}}',
    );
  });

  test('that nobody wrote is not made up', () => {
    expect(t('page.noSuchPhrase' as Phrase)).toBe('page.noSuchPhrase');
  });

  test('of several things has commas and one and, as British print has it', () => {
    expect(listed(['rain', 'hail', 'storm'])).toBe('rain, hail and storm');
    expect(listed(['rain'])).toBe('rain');
  });
});

describe('the language of the interface', () => {
  test.each([
    [null, ['en-GB'], 'en'],
    [null, ['es-MX', 'en'], 'es'],
    [null, ['pt-BR', 'es'], 'es'],
    [null, ['ja'], 'en'],
    [null, [], 'en'],
    ['en', ['es'], 'en'],
    ['es', ['en'], 'es'],
    ['tlh', ['es'], 'es'],
    ['constructor', ['en'], 'en'],
  ])('chosen %s, browser %j: %s', (chosen, ofBrowser, expected) => {
    expect(languageFor(chosen, ofBrowser)).toBe(expected);
  });
});
