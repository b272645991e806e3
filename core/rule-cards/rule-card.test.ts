import { describe, expect, test } from 'vitest';
import { checkWord } from '../reach/check-word';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { isSpelled, saidAs } from '../testing/witnesses';
import { suffixes } from '../languages/en/forms/inflect';
import { patternNames } from '../languages/en/sounds/patterns';
import { patternRules } from '../languages/en/rules/pattern-rules';
import { ruleCard, type RuleTopic } from './rule-card';

const lexicon = testLexicon();
const profile = kestrels();
const card = (topic: RuleTopic, given = profile) => ruleCard(topic, given, lexicon);

describe('the card of an ending', () => {
  test('-ing: the rules of the handbooks, each with forms a spell checker passes', () => {
    const { rules, title } = card('ending:ing');
    expect(title).toBe('Adding -ing');
    // National Curriculum in England, English Appendix 1 (2013), years 1 and 2: doubling, dropping e, just adding.
    const texts = rules.map(({ text }) => text).join(' ');
    expect(texts).toMatch(/double it/);
    expect(texts).toMatch(/Silent e at the end: drop it/);
    expect(texts).toMatch(/Two consonants at the end: just add/);
    for (const { examples } of rules) {
      for (const { word, from } of examples) {
        expect([word, isSpelled(word)]).toEqual([word, true]);
        expect(word.startsWith((from ?? '').slice(0, 2))).toBe(true);
      }
    }
  });

  test('-ed names the irregular verbs a class meets', () => {
    expect(card('ending:ed').exceptions.join(' ')).toMatch(/be – was.*bring – brought/);
  });

  test.each(suffixes.filter((suffix) => !['able', 'ish', 'en', 'y'].includes(suffix)))(
    '-%s has examples',
    (suffix) => {
      const { rules } = card(`ending:${suffix}`);
      expect(rules.flatMap(({ examples }) => examples).length).toBeGreaterThan(0);
    },
  );
});

describe('the card of a sound', () => {
  const { rules, exceptions } = card('sound:EY');

  test('long a: every example has EY in the CMU dictionary, no exception has', () => {
    for (const { word } of rules.flatMap(({ examples }) => examples)) {
      expect([word, saidAs(word).includes('EY')]).toEqual([word, true]);
    }
    expect(exceptions).toContain('said');
    // But for words whose spelling no other word of the class has: they.
    for (const word of exceptions.filter((each) => each !== 'they'))
      expect([word, saidAs(word).includes('EY')]).toEqual([word, false]);
  });

  test('a spelling of one word is no line, and its letters are nobody’s exception', () => {
    for (const { text, examples } of rules) {
      expect([text, examples.length > 1]).toEqual([text, true]);
    }
    // au as in gauge: because says nothing about it.
    expect(rules.map(({ text }) => text.split(',')[0])).not.toContain('au');
    expect(exceptions).not.toContain('because');
  });

  test.each(['IY', 'AY', 'OW', 'ER', 'K', 'S', 'F', 'OY', 'AW', 'UW'])(
    '%s: no example is named as breaking the rule, and none is mostly said otherwise',
    (sound) => {
      const { rules: lines, exceptions: broken } = card(`sound:${sound}`);
      const words = lines.flatMap(({ examples }) => examples.map(({ word }) => word));
      expect(words.filter((word) => broken.includes(word))).toEqual([]);
      const said = (word: string) =>
        lexicon.find(word)?.readings[0].units.some(({ phonemes }) => phonemes.includes(sound));
      expect(words.filter((word) => said(word) !== true)).toEqual([]);
    },
  );

  test('the picture is that of the word by which the sound is remembered', () => {
    expect(card('sound:EY').pictured).toBe('rain');
  });

  test('says where a spelling mostly stands', () => {
    // Common practice: ai within a word, ay at its end.
    expect(rules.find(({ text }) => text.startsWith('ai'))?.text).toBe('ai, mostly in the middle');
  });

  test('the examples are within the class’s reach', () => {
    for (const { word } of rules.slice(0, 3).flatMap(({ examples }) => examples)) {
      expect([word, checkWord(word, lexicon.find(word), profile).reach]).toEqual([word, 'secure']);
    }
  });
});

describe('the card of a pattern', () => {
  test.each(patternNames)('%s has a rule in a child’s words and examples', (pattern) => {
    const { rules } = card(`pattern:${pattern}`, kestrels({ step: 60 }));
    expect(rules[0]?.text).toBe(patternRules[pattern]);
    expect(rules[0]?.text).toMatch(/^\S.*\.$/);
    expect(rules[0]?.examples.length).toBeGreaterThanOrEqual(3);
  });

  // Words that every teacher names as breaking the rule (common practice).
  test.each([
    ['CVCe', ['have', 'give', 'come', 'love']],
    ['soft-g', ['get', 'give', 'girl']],
    ['vowel-team', ['said', 'been', 'friend']],
  ] as const)('%s names %o', (pattern, words) => {
    const { exceptions } = card(`pattern:${pattern}`);
    expect(words.filter((word) => exceptions.includes(word)).length).toBeGreaterThanOrEqual(2);
  });

  test('a picture shows one of the examples', () => {
    const { picture, pictured, rules } = card('pattern:CVC');
    expect(picture).toBeDefined();
    expect(rules[0]?.examples.map(({ word }) => word)).toContain(pictured);
  });
});

test('a topic that is not there is refused with what there is', () => {
  expect(() => card('pattern:rhubarb' as RuleTopic)).toThrow(/no rule card for pattern:rhubarb/);
  expect(() => card('ending:rhubarb' as RuleTopic)).toThrow(/ending:ing/);
});
