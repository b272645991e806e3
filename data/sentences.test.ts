import { describe, expect, test } from 'vitest';
import {
  comparisons,
  conditionals,
  confusableSentences,
  contrasts,
  dialogues,
  grows,
  habits,
  joins,
  listed,
  measures,
  passives,
  planners,
  prepositions,
  quantities,
  relatives,
  repairs,
  reportedSet,
  situations,
  typeSets,
  audiences,
} from '../core/languages/en/sentence-sets/sentence-sets';
import { joiners } from '../core/languages/en/grammar/transform/combine';
import { comparativeForms } from '../core/testing/comparatives';
import { testLexicon } from '../core/testing/test-lexicon';

const lexicon = testLexicon();
const gaps = (sentence: string) => sentence.split('___').length - 1;

describe('the sentence sets', () => {
  const all = Object.entries({
    ...{ comparisons, conditionals, confusableSentences, contrasts, dialogues, grows, habits },
    ...{
      joins,
      measures,
      passives,
      planners,
      prepositions,
      quantities,
      relatives,
      repairs,
      reportedSet,
    },
    typeSets,
  });

  test.each(all)('%s: for all three audiences, no line twice, nothing unfit', (_, rows) => {
    for (const who of audiences) {
      expect(rows.filter((row) => row.who === who).length, who).toBeGreaterThanOrEqual(8);
    }
    const lines = rows.map((row) => JSON.stringify(row));
    expect(new Set(lines).size).toBe(lines.length);
    const words = lines.join(' ').match(/[A-Za-z]+/g) ?? [];
    expect(words.filter((word) => lexicon.isLeftOut(word))).toEqual([]);
  });

  test('a gap is one gap, and the answers to choose from are different', () => {
    for (const { sentence, right, wrong, cue } of contrasts) {
      expect(gaps(sentence), sentence).toBe(1);
      expect(right, sentence).not.toBe(wrong);
      expect(sentence.toLowerCase(), sentence).toContain(cue.toLowerCase());
    }
    for (const { sentence, right, wrong1, wrong2 } of [...prepositions, ...quantities]) {
      expect(gaps(sentence), sentence).toBe(1);
      expect(new Set([right, wrong1, wrong2]).size, sentence).toBe(3);
    }
    for (const { sentence } of [...comparisons, ...habits, ...measures])
      expect(gaps(sentence)).toBe(1);
  });

  test('each set of confused words asks each of its words, in six sentences or more', () => {
    const sets = new Set(confusableSentences.map(({ words }) => words.join('/')));
    expect(sets.size).toBeGreaterThanOrEqual(90);
    for (const set of sets) {
      const rows = confusableSentences.filter(({ words }) => words.join('/') === set);
      expect(rows.length, set).toBeGreaterThanOrEqual(6);
      for (const word of set.split('/')) {
        expect(
          rows.some(({ right }) => right.toLowerCase() === word.toLowerCase()),
          `${set}: ${word}`,
        ).toBe(true);
      }
      for (const { sentence } of rows) expect(gaps(sentence), sentence).toBe(1);
    }
  });

  test('joiners are known, and none both fits and does not', () => {
    for (const { fitting, unfit, first } of joins) {
      const yes = listed(fitting, ',');
      const no = listed(unfit, ',');
      expect(yes.length, first).toBeGreaterThan(0);
      for (const joiner of [...yes, ...no]) expect(joiners).toContain(joiner);
      expect(
        yes.filter((joiner) => no.includes(joiner)),
        first,
      ).toEqual([]);
    }
  });

  // Comparison as handbooks of English teach it (common practice), computed by code of its own.
  test('comparatives and superlatives are those of the rule or of the irregular few', () => {
    for (const { base, right, degree } of comparisons) {
      const [answer = ''] = listed(right);
      expect(comparativeForms(base)[degree as 'comparative'], base).toContain(answer);
    }
  });

  // Units as handbooks of style have them (common practice): no s before a noun, after one and half a.
  test('a unit has its s after every number but one, and none before a noun', () => {
    for (const { kind, sentence, base, right } of measures) {
      expect(right, sentence).toBe(kind === 'more or fewer than one' ? `${base}s` : base);
      expect(/-___/.test(sentence), sentence).toBe(kind === 'before a noun');
      if (kind === 'one') expect(sentence).toMatch(/\b(?:one|1) ___/i);
      if (kind === 'a part of one')
        expect(sentence).toMatch(/\b(?:half|quarters?|third) (?:of )?an? ___/);
    }
  });

  test('what stands in the gap is not written behind it as well', () => {
    for (const { sentence, base, right } of [...habits, ...contrasts, ...measures]) {
      const [, after = ''] = sentence.split('___');
      const verbs = [base, ...listed(right)].map((each) => each.split(' ').at(-1) ?? '');
      for (const verb of verbs) {
        expect(after.toLowerCase().startsWith(` ${verb.toLowerCase()} `), sentence).toBe(false);
      }
    }
  });

  test('a relative clause holds its word, and a situation three different phrases', () => {
    for (const { relative, joined } of relatives) expect(joined).toContain(` ${relative} `);
    for (const { right, wrong } of situations) {
      expect(new Set([right, ...wrong.map(({ text }) => text)]).size).toBe(3);
    }
  });

  test('a plan says who, did what and why, and its whole has the reason', () => {
    for (const { whole, why, pictures } of planners) {
      expect(whole).toContain(why);
      expect(listed(pictures, ',').length).toBeGreaterThan(0);
    }
  });

  test('a growing sentence holds the noun that an adjective goes to', () => {
    for (const { sentence, noun, adjectives } of grows) {
      expect(sentence).toMatch(new RegExp(`\\b${noun}\\b`));
      expect(listed(adjectives, ',').length).toBeGreaterThan(0);
    }
  });
});
