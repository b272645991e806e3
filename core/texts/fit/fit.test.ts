import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { proses } from '../../testing/texts';
import { wordTokens } from '../analysis/word-tokens';
import { findStructures } from './structures';
import { swapInText, textSwaps } from './swaps';
import { longSentence, textReach } from './text-reach';
import { formsOf, inForm } from './word-form';
import { openPassage } from '../reading/passage';
import { completeMaterial } from '../reading/text-material';

const lexicon = testLexicon();
const meanings = testMeanings();
const grade4 = completeClass({ level: { system: 'us', value: 'G4' }, step: null });
const reach = (text: string, profile = grade4, settled: string[] = []) =>
  textReach({ text, profile, lexicon, meanings, settled });

describe('what stops a class', () => {
  test('each word in its place with a reason; names and units stop nobody', () => {
    const text = 'Asha and Bram measured the precipitation: 42 mm of rain.';
    const { spans, total, secure } = reach(text);
    const words = spans.filter(({ kind }) => kind === 'word');
    expect(words.map(({ text: word }) => word)).toEqual(['precipitation']);
    for (const span of words) {
      expect(text.slice(span.start, span.end)).toBe(span.text);
      expect(span.reasons.length).toBeGreaterThan(0);
    }
    expect(total - secure).toBe(1 + 1);
  });

  test('an inflected form is no harder than its base, where the class reads freely', () => {
    const [form] = reach('She hampered it.').spans;
    const [base] = reach('They hamper it.').spans;
    expect(form?.reach).toBe(base?.reach);
    expect(form?.reach).toBe('stretch');
    // A class on the sequence has to decode the form itself.
    expect(reach('She hampered it.', kestrels({ step: 10 })).spans.length).toBeGreaterThan(0);
  });

  test('what is settled is within reach, and shown no more', () => {
    const text = 'The barometer fell.';
    expect(reach(text).spans.map(({ text: word }) => word)).toEqual(['barometer']);
    expect(reach(text, grade4, ['Barometer']).spans).toEqual([]);
  });

  test('long sentences, longer ones for older classes', () => {
    const long = `${'the rain fell on the hill and '.repeat(6)}it stopped.`;
    const found = reach(`It rained. ${long}`).spans.filter(({ kind }) => kind === 'sentence');
    expect(found).toHaveLength(1);
    expect(found[0]?.reasons[0]?.text).toMatch(/^46 words/);
    const older = completeClass({ level: { system: 'us', value: 'G11' }, step: null });
    expect(longSentence(older).stretch).toBeGreaterThan(longSentence(grade4).stretch);
  });

  // Sentences written for this test; the names of the structures are common practice.
  test.each([
    ['If we had known, we would have stayed.', 'third conditional'],
    ['The bridge had fallen before noon.', 'past perfect'],
    ['The gate was opened by the wind.', 'passive'],
    ['The keeper, whose lamp was lit, waited.', 'whose'],
    ['Never had they seen such a storm.', 'verb before its subject'],
    ['Having waited, we left.', 'participle that opens'],
  ])('%s', (sentence, name) => {
    const names = findStructures(sentence, kestrels(), lexicon).map((found) => found.name);
    expect(names.some((each) => each.startsWith(name))).toBe(true);
    expect(
      findStructures('The rain fell. We had a lamp. It was cold.', kestrels(), lexicon),
    ).toEqual([]);
  });
});

describe('swaps', () => {
  const swapsOf = (text: string, word: string) => {
    const token = wordTokens(text).find((each) => each.text === word);
    if (!token) throw new Error(`${word} is not in the text.`);
    return textSwaps({ text, token, profile: grade4, lexicon, meanings }).map((swap) => swap.word);
  };

  test('keep the form and the capital', () => {
    for (const swap of swapsOf('The club commenced at six.', 'commenced'))
      expect(swap).toMatch(/^(?:started|began)$/);
    expect(swapsOf('The club commenced at six.', 'commenced')).toContain('started');
    for (const swap of swapsOf('Enormous waves came.', 'Enormous')) expect(swap).toMatch(/^[A-Z]/);
  });

  test('whatever the word, a swap is within reach and another word', () => {
    const words = lexicon.entries.filter(({ zipf }) => zipf > 2.6 && zipf < 3.6).slice(0, 1500);
    fc.assert(
      fc.property(fc.constantFrom(...words), ({ word }) => {
        const text = `They saw the ${word} there.`;
        for (const swap of swapsOf(text, word)) {
          expect(swap).not.toBe(word);
          expect(lexicon.isUnfit(swap)).toBe(false);
          expect(
            reach(`x ${swap.toLowerCase()}`).spans.filter(({ text: each }) => each === swap),
          ).toEqual([]);
        }
      }),
      { numRuns: 300, seed: 20261125 },
    );
  });

  test('a and an follow the word that comes after them', () => {
    const text = 'It was a calm day.';
    expect(swapInText(text, { start: 9, end: 13 }, 'easy', lexicon)).toBe('It was an easy day.');
    // hour begins with a vowel sound, unit with none.
    expect(swapInText('An age passed.', { start: 3, end: 6 }, 'hour', lexicon)).toBe(
      'An hour passed.',
    );
    expect(swapInText('An item broke.', { start: 3, end: 7 }, 'unit', lexicon)).toBe(
      'A unit broke.',
    );
  });

  test('forms are found and made again', () => {
    // Irregular forms as any grammar lists them.
    expect(formsOf('blew', lexicon)[0]).toMatchObject({ base: 'blow', form: 'ed' });
    expect(formsOf('mice', lexicon)[0]).toMatchObject({ base: 'mouse', form: 's' });
    expect(formsOf('hoping', lexicon)[0]).toMatchObject({ base: 'hope', form: 'ing' });
    expect(inForm('begin', 'ed', lexicon, 'uk')).toBe('began');
    expect(inForm('break', 'participle', lexicon, 'uk')).toBe('broken');
    expect(inForm('big', 'er', lexicon, 'uk')).toBe('bigger');
    expect(inForm('beautiful', 'er', lexicon, 'uk')).toBeUndefined();
  });
});

test('a text is checked for another class at once', () => {
  const text = proses[1]?.body ?? '';
  const adults = completeClass({ level: { system: 'cefr', value: 'C1' }, step: null });
  const share = (profile: typeof adults) => {
    const { secure, total } = reach(text, profile);
    return secure / total;
  };
  expect(share(adults)).toBeGreaterThan(share(grade4));
  expect(share(grade4)).toBeGreaterThan(share(kestrels({ step: 10 })));
});

describe('a word that no class is given', () => {
  const body = 'The wind rose at noon. The slag heap shook. The gate fell down.';

  test('is marked in the teacher’s own text, which stays as it is', () => {
    const { spans } = textReach({
      text: body,
      profile: completeClass({ id: 'c', name: 'C' }),
      lexicon,
    });
    const marked = spans.filter(({ reasons }) => reasons.some(({ kind }) => kind === 'unfit'));
    expect(marked).toMatchObject([{ text: 'slag', reach: 'beyond' }]);
  });

  test('and nothing is asked of its sentence', () => {
    const { sentences } = openPassage(completeMaterial(body), lexicon);
    expect(sentences.map(({ text }) => text)).toEqual([
      'The wind rose at noon.',
      'The gate fell down.',
    ]);
  });
});
