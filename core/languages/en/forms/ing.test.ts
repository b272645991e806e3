import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { ingForm, type IngRuleName } from './ing';

function inflected(word: string) {
  const entry = testLexicon().find(word);
  return ingForm(word, entry ? { reading: entry.readings[0] } : {});
}

describe('the four rules', () => {
  // National Curriculum in England, English Appendix 1: Spelling (2013), years 1 to 3:
  // adding -ing; patting, humming, hiking, crying, forgetting, beginning, gardening, limiting.
  test.each<[string, string, IngRuleName]>([
    ['pat', 'patting', 'double-final-consonant'],
    ['hum', 'humming', 'double-final-consonant'],
    ['hit', 'hitting', 'double-final-consonant'],
    ['forget', 'forgetting', 'double-final-consonant'],
    ['begin', 'beginning', 'double-final-consonant'],
    ['prefer', 'preferring', 'double-final-consonant'],
    ['quit', 'quitting', 'double-final-consonant'],
    ['jump', 'jumping', 'add-after-two-consonants'],
    ['hunt', 'hunting', 'add-after-two-consonants'],
    ['buzz', 'buzzing', 'add-after-two-consonants'],
    ['hike', 'hiking', 'drop-silent-e'],
    ['make', 'making', 'drop-silent-e'],
    ['write', 'writing', 'drop-silent-e'],
    ['rain', 'raining', 'add-after-vowel-team'],
    ['steer', 'steering', 'add-after-vowel-team'],
    ['garden', 'gardening', 'just-add'],
    ['limit', 'limiting', 'just-add'],
    ['visit', 'visiting', 'just-add'],
    ['cry', 'crying', 'just-add'],
    ['box', 'boxing', 'just-add'],
    ['snow', 'snowing', 'add-after-vowel-team'],
    ['play', 'playing', 'add-after-vowel-team'],
  ])('%s gives %s: %s', (base, form, rule) => {
    expect(inflected(base)).toMatchObject({ form, rule });
  });
});

describe('exceptions', () => {
  // Common practice; every form is in the American Hunspell word list (dictionary-en).
  test.each<[string, string, IngRuleName]>([
    ['die', 'dying', 'ie-to-y'],
    ['tie', 'tying', 'ie-to-y'],
    ['dye', 'dyeing', 'keep-e'],
    ['singe', 'singeing', 'keep-e'],
    ['see', 'seeing', 'keep-e'],
    ['agree', 'agreeing', 'keep-e'],
    ['canoe', 'canoeing', 'keep-e'],
    ['be', 'being', 'keep-e'],
    ['panic', 'panicking', 'add-k-after-c'],
    ['ski', 'skiing', 'just-add'],
  ])('%s gives %s', (base, form, rule) => {
    expect(inflected(base)).toMatchObject({ form, rule });
  });

  test('an unstressed final l is doubled in British spelling only', () => {
    const reading = testLexicon().find('travel')?.readings[0];
    const options = reading ? { reading } : {};
    expect(ingForm('travel', { ...options, spelling: 'uk' }).form).toBe('travelling');
    expect(ingForm('travel', { ...options, spelling: 'us' }).form).toBe('traveling');
    expect(ingForm('travel', options).alternatives).toContain('travelling');
  });
});

test('the forms of the commonest verbs are words of the dictionary', () => {
  // The lexicon's own -ing words come from the Carnegie Mellon dictionary: an outside witness.
  const verbs =
    'ask begin break bring build buy call carry catch choose clean climb close come cook cut dance draw drink drive eat fall feel find fly forget get give go grow hear help hide hit hold hope hurry jump keep know laugh learn leave listen live look lose make meet move open pay plan play pull push put read ride ring run say see sell send shut sing sit skate sleep slip smile speak spell stand start stop swim take talk teach tell think throw touch travel try turn use visit wait walk want wash wear win work write'.split(
      ' ',
    );
  for (const verb of verbs) {
    const { form } = inflected(verb);
    expect(testLexicon().find(form), form).toBeDefined();
  }
});
