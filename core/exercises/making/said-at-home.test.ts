import { describe, expect, test } from 'vitest';
import { phrases } from '../../practice/phrases';
import { interactions, type InteractionName } from '../interactions';
import { makeExercise } from '../make-exercise';
import { testLexicon } from '../../testing/test-lexicon';
import { homeLanguages, saidAtHome } from './said-at-home';

/** The script that each language is written in (Unicode Script property). */
const scripts: Readonly<Record<string, RegExp>> = {
  fr: /^[\p{Script=Latin}\P{L}]+$/u,
  es: /^[\p{Script=Latin}\P{L}]+$/u,
  pt: /^[\p{Script=Latin}\P{L}]+$/u,
  de: /^[\p{Script=Latin}\P{L}]+$/u,
  it: /^[\p{Script=Latin}\P{L}]+$/u,
  pl: /^[\p{Script=Latin}\P{L}]+$/u,
  ru: /^[\p{Script=Cyrillic}\P{L}]+$/u,
  uk: /^[\p{Script=Cyrillic}\P{L}]+$/u,
  ja: /^[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\P{L}]+$/u,
  ar: /^[\p{Script=Arabic}\P{L}]+$/u,
  zh: /^[\p{Script=Han}\P{L}]+$/u,
};

const names = Object.keys(interactions) as InteractionName[];

describe('what is to be done, in a language of the learners’ homes', () => {
  test('ships for every language that has phrases, and for every interaction, in its own script', () => {
    expect([...homeLanguages, 'en'].sort()).toEqual(Object.keys(phrases).sort());
    for (const language of homeLanguages) {
      const said = names.map(
        (interaction) => saidAtHome(language, { maker: '', interaction })?.text,
      );
      expect(new Set(said).size, language).toBe(names.length);
      for (const line of said) expect(line, language).toMatch(scripts[language] ?? /$^/);
    }
  });

  test('a maker whose learners do something of its own has its own line', () => {
    const line = (maker: string) => saidAtHome('fr', { maker, interaction: 'write' })?.text;
    expect(line('dictation')).toBe('Écoute et écris.');
    expect(line('writing-task')).toBe('Lis, puis écris.');
    expect(line('trace-copy-write')).not.toBe(line('writing-task'));
  });

  test.each([undefined, '', 'tlh'])('none for %s', (language) => {
    expect(saidAtHome(language, { maker: 'dictation', interaction: 'write' })).toBeUndefined();
  });

  test('is a line of the exercise, beside its instruction', () => {
    const recipe = { maker: 'unscramble', words: ['rain', 'cloud', 'storm', 'wind'], seed: 1 };
    const plain = makeExercise({ ...recipe, parameters: {} }, testLexicon());
    const also = makeExercise({ ...recipe, parameters: { alsoIn: 'ru' } }, testLexicon());
    expect(plain.also).toBeUndefined();
    expect(also.also).toEqual({ language: 'ru', text: expect.stringMatching(/\.$/) as string });
    expect(also.instruction).toBe(plain.instruction);
    expect(also.task).toEqual(plain.task);
  });
});
