import { expect, test } from 'vitest';
import rows from '../concepts/concepts.json';
import { conceptLanguages, readConcepts } from '../concepts/concept';
import { commonWords } from './common-words';

const concepts = readConcepts(rows);
const word = (language: 'fr' | 'es' | 'it' | 'ja' | 'ru', english: string) =>
  commonWords(concepts, language).find((each) => each.english === english);

test.each(conceptLanguages)(
  '%s has a thousand words, each once, with level and topic',
  (language) => {
    const words = commonWords(concepts, language);
    expect(words.length).toBeGreaterThan(900);
    expect(new Set(words.map((each) => each.word)).size).toBe(words.length);
    expect(words.every(({ cefr }) => /^A[12]$/.test(cefr))).toBe(true);
  },
);

test('a noun comes with its article; kana and stress are beside the word', () => {
  expect(word('fr', 'horse')?.withArticle).toBe('le cheval');
  expect(word('fr', 'water')?.withArticle).toBe('l’eau');
  expect(word('fr', 'scissors')?.withArticle).toBe('les ciseaux');
  expect(word('es', 'water')?.withArticle).toBe('el agua');
  expect(word('it', 'uncle')?.withArticle).toBe('lo zio');
  expect(word('fr', 'June')?.withArticle).toBe('juin');
  expect(word('fr', 'Monday')?.withArticle).toBe('le lundi');
  expect(word('ja', 'address')).toMatchObject({ word: '住所', said: 'じゅうしょ' });
  expect(word('ru', 'accident')?.said?.normalize('NFD')).toContain('\u0301');
});
