/** Material that a sheet is not made for: nothing runs off the paper, and nothing is lost in silence. */
import { beforeAll, describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { makers } from '../exercises/makers';
import { papers } from '../kernel/paper-size';
import { textWidth } from '../paper/measure';
import type { SheetLayout } from '../paper/sheet-layout';
import { inItsLanguage, loadLanguage } from '../testing/language-for';
import { ownMaterial } from '../testing/own-material';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import type { Sheet } from './sheet';
import { layOutSheet } from './sheet';

const lexicon = testLexicon();
const meanings = testMeanings();
const many = lexicon.entries.filter(({ zipf }) => zipf > 4.6).slice(0, 200);
const weather = ['rain', 'hail', 'snow', 'wind', 'storm', 'cloud', 'sun', 'fog'];
/** Forty letters: a place in Wales lends such words to spelling lists. */
const longest = 'rainbow'.repeat(6).slice(0, 40);

interface Hard {
  readonly words: readonly string[];
  readonly parameters?: object;
  readonly layout?: SheetLayout;
}

const cases: Readonly<Record<string, Hard>> = {
  'a title of 300 letters': {
    words: weather,
    parameters: { title: 'The windy week at the weather station of the club '.repeat(6).trim() },
  },
  'an instruction of 900 letters': {
    words: weather,
    parameters: { instruction: 'Read the word, say it and write it down. '.repeat(22).trim() },
  },
  'a title without a space': { words: weather, parameters: { title: 'w'.repeat(120) } },
  'one word': { words: ['rain'] },
  '200 words': { words: many.map(({ word }) => word) },
  'a word of 40 letters': { words: [...weather, longest] },
  'words of several scripts': { words: [...weather, '雨', 'дождь', 'مطر', 'pluie'] },
  'a page across': { words: weather, layout: { paper: 'a4-landscape' } },
  'a small page in two columns': { words: weather, layout: { paper: 'a5', columns: 2 } },
};

/** Everything that stands outside the paper, by what it is. */
function outside(sheet: Sheet): string[] {
  const { width, height } = papers[sheet.paper];
  return sheet.pages.flatMap(({ number, marks }) =>
    marks.flatMap((mark): string[] => {
      if (mark.kind === 'text' && mark.turn === undefined) {
        const wide = textWidth(mark.text, sheet.font, mark.weight, mark.size);
        const left =
          mark.align === 'start'
            ? mark.x
            : mark.align === 'middle'
              ? mark.x - wide / 2
              : mark.x - wide;
        return left < -0.1 || left + wide > width + 0.1 || mark.y > height || mark.y < 0
          ? [`page ${number}: ${mark.text}`]
          : [];
      }
      if (mark.kind === 'box' || mark.kind === 'picture') {
        return mark.x < -0.1 || mark.x + mark.width > width + 0.1 || mark.y + mark.height > height
          ? [`page ${number}: a ${mark.kind}`]
          : [];
      }
      return [];
    }),
  );
}

beforeAll(async () => {
  for (const maker of makers) await loadLanguage(maker);
});

const met = makers.flatMap((maker) =>
  Object.keys(cases).map((name) => [maker.name, name, maker] as const),
);

describe('hard material', () => {
  test.each(met)('%s: %s', (_, name, maker) => {
    const { words, parameters = {}, layout = {} } = cases[name] as Hard;
    const recipe = {
      maker: maker.id,
      words,
      parameters: { ...ownMaterial, ...inItsLanguage(maker), ...parameters },
      seed: 3,
    };
    const profile = kestrels();
    const exercise = makeExercise(recipe, lexicon, meanings, profile);
    // What cannot be made says why.
    if (exercise.short !== undefined) {
      expect(exercise.short.length).toBeGreaterThan(20);
      return;
    }
    const sheet = layOutSheet(exercise, profile, 'Fernhill weather club', undefined, layout);
    expect(sheet.pages.length).toBeGreaterThan(0);
    // Where something had to be too small, the sheet says so itself.
    if (sheet.problems.length === 0) expect(outside(sheet)).toEqual([]);
    else expect(sheet.problems.join(' ')).toMatch(/\.$/);
    const learner = sheet.pages.filter(({ part }) => part === 'learner');
    for (const { marks } of learner) {
      expect(
        marks.filter((mark) => mark.kind === 'text' || mark.kind === 'hand').length,
      ).toBeGreaterThan(1);
    }
  });
});
