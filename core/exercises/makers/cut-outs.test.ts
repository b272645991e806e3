/** Word ladders, dominoes and things to cut out. */
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { define } from '../../languages/en/words/meanings';
import { offerTest } from '../../reach/fitness';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { inGroups } from '../making/cut-outs';
import { tilesOf } from '../interactions/match/dominoes-face';
import { interactionOf } from '../interactions';
import { makeExercise } from '../make-exercise';

const [lexicon, meanings] = [testLexicon(), testMeanings()];
const year2 = completeClass({ id: 'k', name: 'Kestrels', level: { system: 'uk', value: 'Y2' } });

const make = (
  maker: string,
  words: readonly string[],
  parameters: Readonly<Record<string, unknown>> = {},
  seed = 3,
) => makeExercise({ maker, words: [...words], parameters, seed }, lexicon, meanings, year2);

const short = lexicon.entries
  .slice(0, 3000)
  .filter(({ word, from }) => /^[a-z]{3,5}$/.test(word) && from === 0)
  .map(({ word }) => word);

/** How many letters differ between two words of one length. */
const apart = (one: string, other: string) =>
  [...one].filter((letter, at) => letter !== other[at]).length;

describe('a word ladder', () => {
  test('whatever the words: one letter a step, no word twice, each fit for the class and explained', () => {
    const fits = offerTest(lexicon, year2);
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...short), { minLength: 2, maxLength: 8 }),
        fc.integer({ min: 2, max: 5 }),
        fc.nat({ max: 1000 }),
        (words, rungs, seed) => {
          const { task, notes } = make('word-ladder', words, { rungs }, seed);
          if (task.interaction !== 'gap') throw new Error('It is written.');
          const climbed: string[] = [];
          for (const { word, pieces, key } of task.items) {
            const steps = key.split(', ');
            expect(steps).toHaveLength(rungs);
            [word, ...steps].reduce((before, after) => {
              expect(apart(before, after), `${before} → ${after}`).toBe(1);
              return after;
            });
            climbed.push(...steps);
            const shown = pieces.flatMap((piece) => (piece.kind === 'text' ? piece.text : []));
            for (const step of steps) {
              const entry = lexicon.find(step);
              expect(entry && fits(entry), step).toBe(true);
              // A form is not asked for by the meaning of another word.
              expect(define(step, meanings, lexicon).base, step).toBeUndefined();
              // Nothing in its ladder says it.
              expect(shown.join(' ').split(/[^a-z]+/), step).not.toContain(step);
            }
          }
          expect(new Set([...climbed, ...words]).size).toBe(climbed.length + words.length);
          // Every word given is used, or named.
          const used = new Set(task.items.map(({ word }) => word));
          const named = new Set(notes.map(({ word }) => word));
          for (const word of words) expect(used.has(word) || named.has(word), word).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('words too long, or from which nothing can be climbed to, are named with the reason', () => {
    const { notes } = make('word-ladder', ['neighbour', 'ice', 'cold', 'warm']);
    const said = Object.fromEntries(notes.map(({ word, text }) => [word, text]));
    expect(said['neighbour']).toContain('three letters to five');
    expect(said['ice']).toContain('no ladder');
  });
});

describe('dominoes', () => {
  const words = ['rain', 'hail', 'snow', 'storm', 'cloud', 'wind'];

  test('laid right, all tiles make one ring', () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const { task } = make('dominoes', words, {}, seed);
      if (task.interaction !== 'match') throw new Error('It is matched.');
      const tiles = tilesOf(task);
      expect(tiles).toHaveLength(task.pairs.length);
      // From a word to the tile that has its partner, until the first comes again.
      let at = 0;
      const been: number[] = [];
      while (!been.includes(at)) {
        been.push(at);
        const { right } = tiles[at] ?? {};
        const partner = task.pairs.find(({ left }) => left.id === right?.id)?.partner;
        at = tiles.findIndex(({ left }) => left.id === partner);
      }
      expect(at).toBe(0);
      expect(been).toHaveLength(tiles.length);
      // No tile can be laid against itself.
      for (const { left, right } of tiles) {
        expect(task.pairs.find((pair) => pair.left.id === right.id)?.partner).not.toBe(left.id);
      }
    }
  });

  test('on the screen and in a document they are pairs', () => {
    const { task } = make('dominoes', words);
    const [table] = interactionOf(task).nodes(task, {});
    expect(table?.kind === 'table' ? table.rows : []).toHaveLength(6);
  });
});

describe('things to cut out', () => {
  test('words are in as few groups as hold them, and as even as they can be', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.string({ minLength: 1 }), { minLength: 1, maxLength: 40 }),
        fc.integer({ min: 2, max: 12 }),
        (all, most) => {
          const groups = inGroups(all, most);
          expect(groups.flat()).toEqual(all);
          const sizes = groups.map(({ length }) => length);
          expect(Math.max(...sizes)).toBeLessThanOrEqual(most);
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
          expect(groups).toHaveLength(Math.ceil(all.length / most));
        },
      ),
    );
  });

  test.each([
    ['spinner-or-die', {}],
    ['spinner-or-die', { form: 'die' }],
    ['bookmarks', {}],
    ['word-labels', {}],
  ] as const)('%s %o has every word once, and no key', (maker, parameters) => {
    const words = ['rain', 'hail', 'neighbour', 'day', 'spray', 'stay', 'wave', 'lake', 'gale'];
    const { task, paper } = make(maker, [...words, 'rain'], parameters);
    const { groups = [] } = (paper as { cutOut?: { groups: string[][] } }).cutOut ?? {};
    expect(groups.flat().sort()).toEqual([...words].sort());
    expect(interactionOf(task).size(task)).toBe(words.length);
  });

  test('a label has the picture of its word, where there is one and it is wished', () => {
    const pictures = (given: object) =>
      (
        make('word-labels', ['rain', 'rule'], { ...given }).paper as {
          cutOut: { pictures: object };
        }
      ).cutOut.pictures;
    expect(Object.keys(pictures({}))).toEqual(['rain']);
    expect(pictures({ labelPictures: false })).toEqual({});
  });
});
