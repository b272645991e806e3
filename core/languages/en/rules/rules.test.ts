/** What the rule cards of grammar say, held against what is found in sentences and against a spell checker. */
import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon } from '../../../testing/test-lexicon';
import { isSpelled } from '../../../testing/witnesses';
import { ruleCard } from '../../../rule-cards/rule-card';
import { findInText } from '../grammar/find/find-in-text';
import { structureNames } from '../grammar/structures/structure-table';
import { grammarRuleNames, grammarRules } from './grammar-rules';

const lexicon = testLexicon();
const known = new Set<string>(structureNames);
const found = (sentence: string, name: string) => findInText(sentence, name, lexicon).length > 0;

describe.each(grammarRuleNames)('%s', (name) => {
  const rule = grammarRules[name];
  const card = ruleCard(`grammar:${name}`, kestrels(), lexicon);
  const examples = card.rules.flatMap((line) => line.examples.map(({ word }) => word));

  test('its examples have it', () => {
    expect(examples.length).toBeGreaterThan(0);
    if (!known.has(name)) return;
    expect(examples.filter((each) => !found(each, name))).toEqual([]);
  });

  test('what is wrong is put right, in words that are spelled right', () => {
    for (const [wrong, right] of rule?.mistakes ?? []) {
      expect(right).not.toBe(wrong);
      // Names of the club are in no dictionary.
      const words = right.match(/(?<!\p{L})\p{Ll}+(?:’\p{Ll}+)?/gu) ?? [];
      expect(words.filter((word) => !isSpelled(word.replace('’', "'")))).toEqual([]);
    }
  });

  test('its time line runs from long ago to far ahead', () => {
    for (const { from, to = from } of rule?.timeLine?.events ?? []) {
      expect(from).toBeGreaterThanOrEqual(-1);
      expect(to).toBeLessThanOrEqual(1);
      expect(to).toBeGreaterThanOrEqual(from);
    }
  });
});

/** What is over lies before now, what is to come after it (any school grammar). */
test.each([
  ['past simple', -1],
  ['past perfect', -1],
  ['past continuous', -1],
  ['future will', 1],
] as const)('%s stands on its side of now', (name, side) => {
  for (const { from, to = from } of grammarRules[name]?.timeLine?.events ?? []) {
    expect(Math.sign(from)).toBe(side);
    expect(Math.sign(to)).toBe(side);
  }
});
