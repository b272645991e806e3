import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { sheetStyle } from '../paper/style';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { answerLine, canDoOf, finishBlocks, keyStrip } from './finish';
import { layOutSheet } from './sheet';

const style = sheetStyle(kestrels());
const make = (maker: string, words: string, parameters = {}) =>
  makeExercise(
    { maker, words: words === '' ? [] : words.split(' '), parameters, seed: 4 },
    testLexicon(),
    testMeanings(),
  );
const said = (blocks: ReturnType<typeof finishBlocks>) =>
  blocks
    .flatMap(({ marks }) => marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])))
    .join(' ');

describe('what closes a sheet', () => {
  test('only words that can be drawn are drawn', () => {
    const drawn = said(finishBlocks('draw', make('dictation', 'goat once boat under coat'), style));
    expect(drawn).toMatch(/^Draw one of these: /);
    expect(drawn).not.toMatch(/once|under/);
    expect(said(finishBlocks('draw', make('verb-form', ''), style))).toBe(
      'Draw what one of the sentences says.',
    );
  });

  test('made-up words are read, not spelled or put into sentences', () => {
    const madeUp = make('made-up-words', '', { step: 20 });
    expect(canDoOf(madeUp)).toBe('I can read words that I have never seen before.');
    expect(said(finishBlocks('challenge', madeUp, style))).toContain('make up two more');
  });

  test('a grammar target is named, and a piece of writing claims no answers', () => {
    expect(canDoOf(make('verb-form', '', { grammar: 'past simple' }))).toContain('past simple');
    expect(canDoOf(make('writing-task', ''))).not.toContain('answers');
  });

  test('the strip at the foot has every answer, upside down', () => {
    const sorted = make('sort-by-spelling', 'rain train day play gale lake');
    for (const word of ['rain', 'train', 'day', 'play', 'gale', 'lake'])
      expect(answerLine(sorted)).toContain(word);
    const marks = keyStrip(sorted, style).flatMap((block) => block.marks);
    const texts = marks.filter((mark) => mark.kind === 'text');
    expect(texts.length).toBeGreaterThan(0);
    expect(texts.every((mark) => mark.turn === 180)).toBe(true);
  });
});

describe('a strip of pictures for the young', () => {
  const words = 'boat coat snow goat road rainbow';
  const pictures = (maker: string, look: 'young' | 'plain', list = words) => {
    const profile = kestrels({ look, level: { system: 'uk', value: 'Y1' } });
    const { pages } = layOutSheet(make(maker, list), profile, '', ['learner']);
    return {
      count: pages.length,
      shown: pages.flatMap(({ marks }) => marks.filter(({ kind }) => kind === 'picture')),
    };
  };

  test('stands under words that are read, 18 to 30 mm high, on the same page', () => {
    const { count, shown } = pictures('underline-spelling', 'young');
    expect([count, shown.length]).toEqual([1, 5]);
    for (const mark of shown) {
      if (mark.kind !== 'picture') continue;
      expect(mark.height).toBeGreaterThanOrEqual(18);
      expect(mark.height).toBeLessThanOrEqual(30);
    }
    expect(new Set(shown.map((mark) => (mark.kind === 'picture' ? mark.y : 0))).size).toBe(1);
  });

  test('not in another look, and not where a picture would tell what is to be written', () => {
    expect(pictures('underline-spelling', 'plain').shown).toEqual([]);
    expect(pictures('dictation', 'young').shown).toEqual([]);
    // Two pictures are no strip.
    expect(pictures('underline-spelling', 'young', 'boat coat over most both only').shown).toEqual(
      [],
    );
  });
});

test('an exam gives marks for what has a key, and none for what is cut out', () => {
  const exam = kestrels({ look: 'exam' });
  const totals = (maker: string) =>
    layOutSheet(make(maker, 'rain hail snow train'), exam, '', ['learner'])
      .pages.flatMap(({ marks }) => marks)
      .filter((mark) => mark.kind === 'text' && /^\/ \d+$|^Total/.test(mark.text)).length;
  expect(totals('dictation')).toBeGreaterThan(0);
  expect(totals('bookmarks')).toBe(0);
});
