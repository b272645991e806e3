import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { inflectKnown } from './inflect-known';

const lexicon = testLexicon();
const form = (base: string, suffix: string, spelling: 'uk' | 'us' = 'uk') =>
  inflectKnown(base, suffix, lexicon, { spelling });

describe('derived words that no rule spells', () => {
  // The Oxford and Merriam-Webster dictionaries (from memory).
  test.each([
    ['argue', 'ment', 'uk', 'argument', []],
    ['awe', 'ful', 'uk', 'awful', []],
    ['true', 'ly', 'uk', 'truly', []],
    ['judge', 'ment', 'uk', 'judgement', ['judgment']],
    ['judge', 'ment', 'us', 'judgment', ['judgement']],
    ['like', 'able', 'uk', 'likeable', ['likable']],
    ['like', 'able', 'us', 'likable', ['likeable']],
    ['love', 'able', 'uk', 'lovable', ['loveable']],
    ['sense', 'able', 'uk', 'sensible', []],
    ['access', 'able', 'us', 'accessible', []],
    ['notice', 'able', 'uk', 'noticeable', []],
    ['strong', 'en', 'uk', 'strengthen', []],
    ['skill', 'ful', 'uk', 'skilful', ['skillful']],
    ['skill', 'ful', 'us', 'skillful', ['skilful']],
    ['shy', 'er', 'uk', 'shier', ['shyer']],
  ] as const)('%s + %s in %s: %s', (base, suffix, spelling, made, others) => {
    expect(form(base, suffix, spelling)).toMatchObject({ form: made, alternatives: others });
  });
});

describe('both sides of the Atlantic', () => {
  test.each([
    ['colour', 's', 'us', 'colors'],
    ['color', 'ful', 'uk', 'colourful'],
    ['center', 'ed', 'uk', 'centred'],
    ['centre', 'ed', 'us', 'centered'],
    ['analyse', 'ing', 'us', 'analyzing'],
    ['travel', 'ing', 'uk', 'travelling'],
    ['travel', 'ing', 'us', 'traveling'],
  ] as const)('%s + %s in %s: %s', (base, suffix, spelling, made) => {
    expect(form(base, suffix, spelling).form).toBe(made);
  });
});

describe('no form where there is none', () => {
  test.each([
    ['possible', 'un', /unpossible is not in use.*Say impossible\./],
    ['legal', 'un', /Say illegal\./],
    ['happy', 'en', /happien is not in use/],
    ['table', 'er', /table is a noun: only adjectives and adverbs are compared/],
    ['house', 'est', /only adjectives and adverbs/],
    ['green', 'ment', /-ment is put on verbs, and green is none/],
  ])('%s takes no %s', (base, suffix, reason) => {
    const none = form(base, suffix);
    expect([none.form, none.rule]).toEqual(['', 'no-form']);
    expect(none.reason).toMatch(reason);
  });

  test('a word that the bank lacks is formed by its letters', () => {
    expect(form('zug', 'ing').form).toBe('zugging');
  });
});

describe('the true reason', () => {
  // The doubling rule for words of several syllables turns on stress (National Curriculum, Appendix 1, years 3 and 4).
  test.each([
    ['prefer', 'ing', 'preferring', /last syllable of prefer is stressed/, /said strongly/],
    ['occur', 'ed', 'occurred', /last syllable of occur is stressed/, /said strongly/],
    ['begin', 'ing', 'beginning', /last syllable of begin is stressed/, /said strongly/],
    ['visit', 'ing', 'visiting', /not stressed, so the t is not doubled/, /just add/],
    ['worship', 'ed', 'worshipped', /not stressed, yet its p is doubled/, /learn it/],
    ['hop', 'ing', 'hopping', /one short vowel letter \(o\)/, /One short vowel/],
    ['mix', 'ed', 'mixed', /ends in x, which is never doubled/, /just add/],
    ['snow', 'ing', 'snowing', /ends in w, which is never doubled/, /just add/],
    ['play', 'ed', 'played', /vowel letter and y/, /keep the y/],
    ['panic', 'ing', 'panicking', /ends in c: add k/, /add k/],
  ])('%s + %s: %s', (base, suffix, made, reason, learner) => {
    const found = form(base, suffix);
    expect(found.form).toBe(made);
    expect(found.reason).toMatch(reason);
    expect(found.learnerReason).toMatch(learner);
  });
});
