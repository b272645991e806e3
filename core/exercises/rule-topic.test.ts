import { describe, expect, test } from 'vitest';
import { ruleCard } from '../rule-cards/rule-card';
import { ruleSteps } from '../rule-cards/rule-steps';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { catalogue } from './catalogue';
import { ruleTopicOf } from './rule-topic';

const lexicon = testLexicon();
const topic = (maker: string, words: string, parameters: Readonly<Record<string, unknown>> = {}) =>
  ruleTopicOf({ maker, parameters, words: words.split(' ').filter(Boolean) }, lexicon);

describe('the rule that goes with an exercise', () => {
  test.each([
    ['build-ing', 'hop hope rain', {}, 'ending:ing'],
    ['build-suffix', 'hop hope rain', { suffix: 'ed' }, 'ending:ed'],
    ['sort-by-spelling', 'rain train snail day play cake', {}, 'sound:EY'],
    ['missing-grapheme', 'cat hat hill', { sound: 'AE' }, 'sound:AE'],
    ['sort-hard-soft', 'city cell cat ice', {}, 'pattern:soft-c'],
    ['sort-hard-soft', 'gem giant gate page', {}, 'pattern:soft-g'],
    ['forms-table', 'walk see', { grammar: 'present perfect' }, 'grammar:present perfect'],
    ['conditional-halves', '', { grammar: 'second' }, 'grammar:second conditional'],
    ['conditional-halves', '', {}, 'grammar:first conditional'],
    ['join-sentences', '', { grammar: 'because' }, 'grammar:because clause'],
    ['reported-speech', '', {}, 'grammar:reported speech'],
    ['comparison-forms', '', { grammar: 'superlative' }, 'grammar:superlative'],
  ] as const)('%s of “%s” with %o: %s', (maker, words, parameters, expected) => {
    expect(topic(maker, words, parameters)).toBe(expected);
  });

  test('none where its words have nothing in common', () => {
    expect(topic('word-search', 'lamp storm quickly')).toBeUndefined();
  });

  test('every maker with its usual settings has a card that exists, or none', () => {
    for (const { id } of catalogue) {
      const found = topic(id, 'rain train snail day play tray');
      if (found === undefined) continue;
      const card = ruleCard(found, kestrels(), lexicon);
      expect(card.rules.length, id).toBeGreaterThan(0);
      expect(ruleSteps(card)).toBe(card.rules.length + Number(card.exceptions.length > 0));
    }
  });
});
