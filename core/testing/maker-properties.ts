/**
 * What holds for every maker, whatever its words and its seed. A test file calls
 * it for one group of makers, so that groups are tested side by side.
 */
import fc from 'fast-check';
import naughty from 'naughty-words';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Exercise, ExerciseParameters } from '../exercises/making/exercise';
import { interactionOf } from '../exercises/interactions';
import { findMaker, makeExercise, markTask, wordsOfTask } from '../exercises/make-exercise';
import type { Maker } from '../exercises/making/maker';
import { confusableSets } from '../languages/en/words/confusables';
import { wordClassBits } from '../languages/en/lexicon/word-class';
import { wordParts } from '../languages/en/words/word-parts';
import { inItsLanguage, loadLanguage } from './language-for';
import { ownMaterial } from './own-material';
import { testLexicon, testMeanings } from './test-lexicon';

const lexicon = testLexicon();
const meanings = testMeanings();

/** What a maker cannot do without: translations stand in the teacher's list, names on her picture. */
function parametersOf(maker: string, words: readonly string[]): ExerciseParameters {
  switch (maker) {
    case 'match-translation':
      return {
        beside: Object.fromEntries(words.map((word) => [word, { translation: `<${word}>` }])),
      };
    case 'pinned-picture':
      return {
        picture: ownMaterial.picture,
        places: words.map((word, index) => ({
          x: 0.1 + (index % 5) / 6,
          y: 0.1 + Math.floor(index / 5) / 6,
          word,
        })),
      };
    case 'own-choices':
      return { questions: words.map((word) => `Which is ${word}? | ${word} | no ${word}`) };
    case 'line-by-line':
      return { translated: words.map((word) => `<${word}> | This is [${word}] indeed.`) };
    case 'own-gaps':
      return { sentencesWithGaps: words.map((word) => `This is ___ indeed. | ${word}`) };
    default:
      return inItsLanguage(findMaker(maker));
  }
}

/** A hiragana for each letter of a word, for what is made of signs alone. */
const inKana = (word: string) =>
  [...word].map((letter) => String.fromCodePoint(0x3042 + ((letter.codePointAt(0) ?? 0) % 80)));

const wordsFor = (maker: string, words: string[]) =>
  maker === 'stroke-order' ? words.map((word) => inKana(word).join('')) : words;

const make = (maker: string, words: string[], seed: number) =>
  makeExercise(
    { maker, words: wordsFor(maker, words), parameters: parametersOf(maker, words), seed },
    lexicon,
    meanings,
  );

/** The response that gives every answer of the key. */
const keyOf = ({ task }: Exercise) => interactionOf(task).keyOf(task);

/** Words of every kind that some maker needs: a shared sound, pictures, halves, lengths, classes. */
const pool = [
  ...lexicon.entries
    .filter((entry) => entry.readings[0].units.some((unit) => unit.phonemes.join() === 'EY'))
    .slice(0, 250),
  ...lexicon.entries.filter((entry) => lexicon.picturesOf(entry.word).length > 0).slice(0, 200),
  ...lexicon.entries.filter((entry) => wordParts(entry, lexicon).kind === 'compound').slice(0, 60),
  ...confusableSets.flatMap((set) => set.words.flatMap(({ word }) => lexicon.find(word) ?? [])),
  ...lexicon.entries.filter((entry) => entry.kinds === wordClassBits.adjective).slice(0, 80),
  ...lexicon.entries.filter((entry) => (entry.kinds & wordClassBits.verb) !== 0).slice(100, 200),
].map((entry) => entry.word);

/** A response that no item accepts, for each interaction. */
const wrongOf: Readonly<Record<Exercise['task']['interaction'], unknown>> = {
  sort: 'nowhere',
  gap: ['zzq'],
  choice: 'none',
  match: 'nobody',
  order: [],
  speak: false,
  write: 'zzq zzq',
  spot: [],
  point: [-1, -1],
  build: 'nowhere',
};

export function testMaker({ id, asks, bringsWords: brings = false }: Maker) {
  describe(`${id}, whatever the seed`, () => {
    beforeAll(() => loadLanguage({ asks }));

    const words = fc.uniqueArray(fc.constantFrom(...new Set(pool)), {
      minLength: 4,
      maxLength: 16,
    });

    test('the key has full marks, one wrong answer loses one, and the same seed repeats', () => {
      let items = 0;
      fc.assert(
        fc.property(words, fc.integer({ min: 0, max: 2 ** 31 }), (chosen, seed) => {
          const exercise = make(id, chosen, seed);
          const key = keyOf(exercise) as Record<string, unknown>;
          const full = markTask(exercise.task, key);
          expect(full).toMatchObject({ score: full.outOf, feedback: [] });
          // Nothing is wrong with what was made, but for a sort whose words are all of one kind.
          const problems = interactionOf(exercise.task).validate(exercise.task);
          expect(problems.filter((problem) => !problem.includes('two headings'))).toEqual([]);
          if (seed % 10 === 0) expect(make(id, chosen, seed)).toEqual(exercise);
          const [first] = Object.keys(key);
          if (first !== undefined) {
            const wrong = wrongOf[exercise.task.interaction];
            const less = markTask(exercise.task, { ...key, [first]: wrong });
            expect(less.score).toBe(full.outOf - 1);
            expect(less.feedback).toHaveLength(1);
          }
          items += full.outOf;
          for (const word of wordsOfTask(exercise.task)) {
            expect(naughty.en).not.toContain(word);
            if (!brings) expect(chosen).toContain(word);
          }
        }),
        { numRuns: 1000, seed: 20261125 },
      );
      // A maker that leaves everything out proves nothing.
      expect(items).toBeGreaterThan(100);
    });
  });
}
