import { beforeAll, describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { makeExercise } from '../exercises/make-exercise';
import type { Exercise } from '../exercises/making/exercise';
import { makers } from '../exercises/makers';
import { startWords } from '../exercises/start-words';
import { inItsLanguage, loadLanguage, wordsToTry } from '../testing/language-for';
import { ownMaterial } from '../testing/own-material';
import type { ClassProfile } from '../classes/class-profile';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf } from '../texts/reading/text-material';
import { textWidth } from '../paper/measure';
import { papers } from '../kernel/paper-size';
import { layOutSheet } from './sheet';

const lexicon = testLexicon();
const meanings = testMeanings();
const beside = Object.fromEntries(
  ['rain', 'hail', 'snow', 'cat'].map((word, index) => [
    word,
    { translation: ['pluie', 'grêle', 'neige', 'chat'][index] ?? '' },
  ]),
);
const stories = fernhillDemo(lexicon).texts.map(materialOf);
const material = [
  'rain',
  'hail',
  'train',
  'snail',
  'lake',
  'snake',
  'day',
  'play',
  'cloud',
  'snow',
  'rainbow',
  'snowman',
  'city',
  'cat',
  'happy',
  'big',
];

/** What is cut out and said, or traced, has nothing to be keyed. */
const keyless = new Set([
  'spinner-or-die',
  'bookmarks',
  'word-labels',
  'trace-copy-write',
  'stroke-order',
  'letters-and-joins',
]);

beforeAll(async () => {
  for (const maker of makers) await loadLanguage(maker);
});

describe.each(makers.map((maker) => [maker.name, maker] as const))('%s on paper', (_, maker) => {
  const { id } = maker;
  /** From the list, or from the first text that has what it takes: marked methods, signal words, events. */
  const made = (profile: ClassProfile) => {
    const recipe = {
      maker: id,
      words: wordsToTry(maker, material),
      parameters: { beside, ...ownMaterial, ...inItsLanguage(maker) },
      seed: 5,
    };
    const words = startWords(recipe, profile, lexicon, meanings);
    return [undefined, ...stories]
      .map((reading) => makeExercise({ ...recipe, words, reading }, lexicon, meanings))
      .find(({ short }) => short === undefined) as Exercise;
  };
  const profiles = [
    kestrels(),
    kestrels({ paper: 'letter', level: { system: 'us', value: 'G4' }, font: 'opendyslexic' }),
  ];

  test('it says whether its answers are read by the teacher', () => {
    const { task } = made(kestrels());
    const read =
      maker.paperOnly !== true &&
      maker.isCards !== true &&
      (task.interaction === 'speak' ||
        (task.interaction === 'write' && task.items.some(({ open }) => open)));
    expect(maker.answersAreRead === true).toBe(read);
  });

  test.each(profiles)(
    'everything stands inside the margins, and nothing is said to be wrong',
    (profile) => {
      const exercise = made(profile);
      const sheet = layOutSheet(exercise, profile, 'Fernhill weather club');
      expect(sheet.problems).toEqual([]);
      expect([...new Set(sheet.pages.map((page) => page.part))]).toEqual(
        keyless.has(id) ? ['learner'] : ['learner', 'key'],
      );
      const { width, height, margin } = papers[profile.paper];
      for (const mark of sheet.pages.flatMap((page) => page.marks)) {
        if (mark.kind === 'text') {
          const wide = textWidth(mark.text, profile.font, mark.weight, mark.size);
          const left =
            mark.align === 'start'
              ? mark.x
              : mark.align === 'middle'
                ? mark.x - wide / 2
                : mark.x - wide;
          expect([mark.text, left >= margin - 0.6]).toEqual([mark.text, true]);
          expect([mark.text, left + wide <= width - margin + 0.6]).toEqual([mark.text, true]);
          expect([mark.text, mark.y <= height - margin + 0.6]).toEqual([mark.text, true]);
        } else if (mark.kind === 'picture' || mark.kind === 'box') {
          expect(mark.x).toBeGreaterThanOrEqual(margin - 0.6);
          expect(mark.x + mark.width).toBeLessThanOrEqual(width - margin + 0.6);
        }
      }
    },
  );

  test('in the key that is written in, what the learner’s page has not is in the hand’s colour', () => {
    const profile = kestrels({ look: 'exam' });
    const { pages } = layOutSheet(made(profile), profile, '', ['learner', 'key'], {
      key: 'written',
    });
    const key = pages.filter(({ part }) => part === 'key');
    // A list of answers is all print: what has no lines of its own to write on has no other key.
    const listed = key.some(({ marks }) =>
      marks.some((mark) => mark.kind === 'text' && /^1[.] /.test(mark.text)),
    );
    const printed = (of: typeof pages) =>
      of.flatMap(({ marks }) =>
        marks.flatMap((mark) =>
          mark.kind === 'text' && mark.role === 'text' && mark.grey !== true
            ? mark.text.split(' ')
            : [],
        ),
      );
    // Joined, as Japanese breaks its lines within words.
    const learner = printed(pages.filter(({ part }) => part === 'learner')).join('');
    expect(listed ? [] : printed(key).filter((word) => !learner.includes(word))).toEqual([]);
  });

  test('pictures bring the credit that their licence asks for', () => {
    const recipe = { maker: id, words: material, parameters: {}, seed: 5 };
    const sheet = layOutSheet(makeExercise(recipe, lexicon, meanings), kestrels(), '');
    const marks = sheet.pages
      .filter((page) => page.part === 'learner')
      .flatMap((page) => page.marks);
    const pictured = marks.some((mark) => mark.kind === 'picture');
    const credited = marks.some((mark) => mark.kind === 'text' && mark.text.includes('OpenMoji'));
    expect(credited).toBe(pictured);
  });
});
