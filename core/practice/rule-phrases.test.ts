import { describe, expect, test } from 'vitest';
import { nameError } from './name-error';
import { phrases, phrasesOf, tagOf } from './phrases';
import { ruleIn, ruleLanguages, translatedRules } from './rule-phrases';

describe('rules in the learners’ languages', () => {
  test('every language of the phrases has them, each once and all of them', () => {
    expect([...ruleLanguages, 'en'].sort()).toEqual(Object.keys(phrases).sort());
    for (const language of ruleLanguages) {
      const said = translatedRules.map((rule) => ruleIn(language, rule));
      expect(
        said.every((rule) => rule !== undefined && rule !== ''),
        language,
      ).toBe(true);
      expect(new Set(said).size, language).toBe(translatedRules.length);
      // The endings that are spoken of stay English.
      expect(ruleIn(language, translatedRules[0] ?? '')).toContain('-ed');
      expect(ruleIn(language, translatedRules[11] ?? '')).toContain('-ing');
    }
  });

  test.each([
    ['makeing', 'making', 'fr', /e muet/],
    ['runing', 'running', 'de', /verdoppelt/],
    ['flys', 'flies', 'es', /pasa a i|-es/],
    ['jumpt', 'jumped', 'ru', /-ed/],
    ['goed', 'went', 'ja', /過去形/],
  ])('%s for %s is explained in %s', (given, expected, language, says) => {
    const rule = nameError(given, expected)?.rule ?? '';
    expect(ruleIn(language, rule)).toMatch(says);
  });

  test('what is in no table stays as it is; phrases know their language', () => {
    expect(ruleIn('fr', 'a–e: /ā/ is spelled a–e.')).toBeUndefined();
    expect(ruleIn('en', translatedRules[0] ?? '')).toBeUndefined();
    expect(Object.keys(phrases).map((tag) => tagOf(phrasesOf(tag)))).toEqual(Object.keys(phrases));
  });
});
