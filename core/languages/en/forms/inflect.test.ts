import irregularPlurals from 'irregular-plurals';
import pluralize from 'pluralize';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { wordClassBits } from '../lexicon/word-class';
import { inflect, suffixes, type InflectOptions } from './inflect';
import { irregularPlurals as ownPlurals } from './irregular-plurals';
import { irregularBases, irregularVerb } from './irregular-verbs';

const lexicon = testLexicon();

function form(base: string, suffix: string, options: InflectOptions = {}) {
  const reading = lexicon.find(base)?.readings[0];
  return inflect(base, suffix, { ...(reading ? { reading } : {}), ...options });
}

describe('the rules that are taught', () => {
  // National Curriculum in England, English Appendix 1: Spelling (2013): year 1 (adding s and es;
  // -ing, -ed, -er; -er and -est), year 2 (-ed, -ing, -er, -est, -y to a root in consonant + y, in
  // consonant + e, in one vowel and one consonant; -ment, -ness, -ful, -less, -ly), years 3–4.
  test.each([
    ['cat', 's', 'cats', 'just-add'],
    ['catch', 's', 'catches', 'add-es'],
    ['fly', 's', 'flies', 'y-to-i'],
    ['baby', 's', 'babies', 'y-to-i'],
    ['donkey', 's', 'donkeys', 'keep-y'],
    ['hunt', 'ed', 'hunted', 'add-after-two-consonants'],
    ['hunt', 'er', 'hunter', 'add-after-two-consonants'],
    ['copy', 'ed', 'copied', 'y-to-i'],
    ['happy', 'er', 'happier', 'y-to-i'],
    ['happy', 'est', 'happiest', 'y-to-i'],
    ['hike', 'ed', 'hiked', 'drop-silent-e'],
    ['nice', 'er', 'nicer', 'drop-silent-e'],
    ['nice', 'est', 'nicest', 'drop-silent-e'],
    ['shine', 'y', 'shiny', 'drop-silent-e'],
    ['pat', 'ed', 'patted', 'double-final-consonant'],
    ['hum', 'ed', 'hummed', 'double-final-consonant'],
    ['drop', 'ed', 'dropped', 'double-final-consonant'],
    ['sad', 'er', 'sadder', 'double-final-consonant'],
    ['sad', 'est', 'saddest', 'double-final-consonant'],
    ['fat', 'er', 'fatter', 'double-final-consonant'],
    ['run', 'y', 'runny', 'double-final-consonant'],
    ['mix', 'ed', 'mixed', 'just-add'],
    ['enjoy', 'ment', 'enjoyment', 'just-add'],
    ['sad', 'ness', 'sadness', 'just-add'],
    ['care', 'ful', 'careful', 'just-add'],
    ['hope', 'less', 'hopeless', 'just-add'],
    ['bad', 'ly', 'badly', 'just-add'],
    ['happy', 'ness', 'happiness', 'y-to-i'],
    ['plenty', 'ful', 'plentiful', 'y-to-i'],
    ['penny', 'less', 'penniless', 'y-to-i'],
    ['happy', 'ly', 'happily', 'y-to-i'],
    ['gentle', 'ly', 'gently', 'drop-le'],
    ['simple', 'ly', 'simply', 'drop-le'],
    ['basic', 'ly', 'basically', 'just-add'],
    ['true', 'ly', 'truly', 'irregular'],
    ['limit', 'ed', 'limited', 'just-add'],
    ['prefer', 'ed', 'preferred', 'double-final-consonant'],
    ['garden', 'er', 'gardener', 'just-add'],
    ['change', 'able', 'changeable', 'keep-e'],
    ['notice', 'able', 'noticeable', 'keep-e'],
    ['adore', 'able', 'adorable', 'drop-silent-e'],
    ['panic', 'ed', 'panicked', 'add-k-after-c'],
  ])('%s + %s gives %s: %s', (base, suffix, expected, rule) => {
    const made = form(base, suffix, suffix === 'er' && base !== 'happy' ? wordClassFor(base) : {});
    expect(made.form).toBe(expected);
    expect(made.rule).toBe(rule);
    expect(made.reason).toContain(base);
  });

  function wordClassFor(base: string): InflectOptions {
    return /^(hunt|garden)$/.test(base) ? { wordClass: 'verb' } : {};
  }

  // Common practice: comparison of English adjectives.
  test.each([
    ['good', 'better', 'best'],
    ['bad', 'worse', 'worst'],
    ['big', 'bigger', 'biggest'],
    ['careful', 'more careful', 'most careful'],
    ['beautiful', 'more beautiful', 'most beautiful'],
    ['windy', 'windier', 'windiest'],
    ['narrow', 'narrower', 'narrowest'],
  ])('%s compares as %s, %s', (base, more, most) => {
    expect(form(base, 'er').form).toBe(more);
    expect(form(base, 'est').form).toBe(most);
  });

  test('British and American spelling part at an unstressed l', () => {
    expect(form('travel', 'ed', { spelling: 'uk' }).form).toBe('travelled');
    expect(form('travel', 'ed', { spelling: 'us' }).form).toBe('traveled');
    expect(form('travel', 'ed', { spelling: 'us' }).alternatives).toContain('travelled');
  });

  test('a suffix that is not known is refused with those that are', () => {
    expect(() => inflect('run', 'zz')).toThrow(suffixes.join(', '));
  });
});

describe('words made from words', () => {
  const derived = (base: string, suffix: string) =>
    form(base, suffix, { isWord: (word) => lexicon.find(word) !== undefined });

  // National Curriculum in England, English Appendix 1: Spelling (2013), years 3 and 4: endings which
  // sound like /ʃən/, spelt -tion, -sion, -ssion, -cian; and prefixes; its own example words.
  test.each([
    ['invent', 'tion', 'invention', 'add-ion'],
    ['inject', 'tion', 'injection', 'add-ion'],
    ['act', 'tion', 'action', 'add-ion'],
    ['hesitate', 'tion', 'hesitation', 'add-ion'],
    ['complete', 'tion', 'completion', 'add-ion'],
    ['express', 'tion', 'expression', 'add-ssion'],
    ['discuss', 'tion', 'discussion', 'add-ssion'],
    ['confess', 'tion', 'confession', 'add-ssion'],
    ['permit', 'tion', 'permission', 'add-ssion'],
    ['admit', 'tion', 'admission', 'add-ssion'],
    ['expand', 'tion', 'expansion', 'add-sion'],
    ['extend', 'tion', 'extension', 'add-sion'],
    ['comprehend', 'tion', 'comprehension', 'add-sion'],
    ['tense', 'tion', 'tension', 'add-sion'],
    ['divide', 'tion', 'division', 'add-sion'],
    ['decide', 'tion', 'decision', 'add-sion'],
    ['confuse', 'tion', 'confusion', 'add-sion'],
    ['music', 'tion', 'musician', 'add-cian'],
    ['electric', 'tion', 'electrician', 'add-cian'],
    ['magic', 'tion', 'magician', 'add-cian'],
    ['inform', 'tion', 'information', 'add-ation'],
    ['adore', 'tion', 'adoration', 'add-ation'],
    ['prepare', 'tion', 'preparation', 'add-ation'],
    ['admire', 'tion', 'admiration', 'add-ation'],
    ['describe', 'tion', 'description', 'stem-changes'],
    ['appoint', 'dis', 'disappoint', 'add-prefix'],
    ['spell', 'mis', 'misspell', 'add-prefix'],
    ['active', 'in', 'inactive', 'add-prefix'],
    ['legal', 'in', 'illegal', 'prefix-il'],
    ['mature', 'in', 'immature', 'prefix-im'],
    ['possible', 'in', 'impossible', 'prefix-im'],
    ['regular', 'in', 'irregular', 'prefix-ir'],
    ['do', 're', 'redo', 'add-prefix'],
    ['happy', 'un', 'unhappy', 'add-prefix'],
    ['teach', 'er-agent', 'teacher', 'add-after-vowel-team'],
    ['run', 'er-agent', 'runner', 'double-final-consonant'],
    ['bake', 'er-agent', 'baker', 'drop-silent-e'],
    ['invent', 'er-agent', 'inventor', 'agent-or'],
    ['decorate', 'er-agent', 'decorator', 'agent-or'],
    ['beg', 'er-agent', 'beggar', 'agent-ar'],
    ['fog', 'y-adj', 'foggy', 'double-final-consonant'],
    ['ice', 'y-adj', 'icy', 'drop-silent-e'],
    ['wind', 'y-adj', 'windy', 'add-after-two-consonants'],
  ])('%s, %s: %s (%s)', (base, suffix, expected, rule) => {
    const made = derived(base, suffix);
    expect(made.form).toBe(expected);
    expect(made.rule).toBe(rule);
    expect(made.learnerReason).not.toBe('');
  });

  test('most nouns in -tion of the lexicon come from their verb by rule', () => {
    const verbs = lexicon.entries.filter(
      ({ kinds, zipf, word }) =>
        (kinds & wordClassBits.verb) !== 0 && zipf > 3.5 && /(ate|ct|it|ide|ss)$/.test(word),
    );
    const made = verbs.map(({ word }) => derived(word, 'tion').form);
    const known = made.filter((each) => lexicon.find(each) !== undefined);
    expect(known.length).toBeGreaterThan(70);
  });
});

describe('against reference libraries', () => {
  // irregular-plurals (npm, MIT): every pair of it that is no learned word must agree.
  test('irregular plurals agree with irregular-plurals', () => {
    const different = [...irregularPlurals]
      .filter(([noun]) => (lexicon.find(noun)?.zipf ?? 0) > 3 && ownPlurals.has(noun))
      .filter(([noun, plural]) => {
        const made = form(noun, 's', { wordClass: 'noun' });
        return made.form !== plural && !made.alternatives.includes(plural);
      })
      .map(([noun, plural]) => `${noun}: ${plural}`);
    expect(different).toEqual([]);
  });

  // pluralize (npm, MIT), on the thousand most frequent nouns.
  test('plurals of common nouns agree with pluralize', () => {
    const nouns = lexicon.entries
      .filter((entry) => entry.kinds === wordClassBits.noun && !entry.word.endsWith('s'))
      .filter(
        (entry) => /^[a-z]+$/.test(entry.word) && pluralize.singular(entry.word) === entry.word,
      )
      .slice(0, 1000);
    const different = nouns
      .map(({ word }) => ({ word, made: form(word, 's', { wordClass: 'noun' }) }))
      // Whether a noun is counted at all is judged otherwise there (peaces, weathers).
      .filter(({ word, made }) => made.rule !== 'not-counted' && pluralize.plural(word) !== word)
      .filter(
        ({ word, made }) => ![made.form, ...made.alternatives].includes(pluralize.plural(word)),
      )
      .map(({ word }) => word);
    // pluralize writes stomaches; thou is a pronoun to it.
    expect(different.filter((word) => word !== 'stomach' && word !== 'thou')).toEqual([]);
  });

  test('the regular past of common verbs is a word of the lexicon', () => {
    const verbs = lexicon.entries
      .filter((entry) => entry.kinds === wordClassBits.verb && entry.zipf > 4)
      .filter((entry) => !/(ed|ing|s|n't)$/.test(entry.word) && /^[a-z]{3,}$/.test(entry.word))
      .filter((entry) => irregularVerb(entry.word) === undefined)
      // Past forms of irregular verbs are no bases.
      .filter(
        (entry) =>
          !irregularBases.some((base) => {
            const forms = irregularVerb(base);
            return forms?.past.includes(entry.word) || forms?.pastParticiple.includes(entry.word);
          }),
      );
    const unknown = verbs.filter(({ word }) => {
      const made = form(word, 'ed', { spelling: 'us' });
      return ![made.form, ...made.alternatives].some((each) => lexicon.find(each) !== undefined);
    });
    expect(verbs.length).toBeGreaterThan(150);
    expect(unknown.length / verbs.length).toBeLessThan(0.06);
  });
});

describe('irregular verbs', () => {
  // Common practice; school tables of irregular verbs.
  test.each([
    ['go', 'went', 'gone'],
    ['see', 'saw', 'seen'],
    ['write', 'wrote', 'written'],
    ['hit', 'hit', 'hit'],
    ['blow', 'blew', 'blown'],
    ['freeze', 'froze', 'frozen'],
  ])('%s, %s, %s', (base, past, participle) => {
    expect(irregularVerb(base)).toMatchObject({ past: [past], pastParticiple: [participle] });
    expect(form(base, 'ed').form).toBe(past);
  });

  test('variants put the spelling of the class first', () => {
    expect(irregularVerb('get', 'us')?.pastParticiple).toEqual(['gotten', 'got']);
    expect(irregularVerb('get', 'uk')?.pastParticiple).toEqual(['got', 'gotten']);
    expect(irregularVerb('learn', 'uk')?.past).toEqual(['learnt', 'learned']);
  });
});
