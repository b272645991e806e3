import { readdirSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import type { GapTask } from '../interactions/gap/task';
import type { SortTask } from '../interactions/sort/task';
import { checkExercise, makeExercise, suggestWords, wordsOfTask } from '../make-exercise';
import { makers } from '.';

const lexicon = testLexicon();
const meanings = testMeanings();
const longA = ['rain', 'train', 'paint', 'day', 'spray', 'play', 'gale', 'lake', 'wave', 'eight'];
const make = (maker: string, words: string[], seed = 1, parameters = {}) =>
  makeExercise({ maker, words, parameters, seed }, lexicon, meanings);

test('the list of makers names every file of the folder', () => {
  const files = readdirSync(new URL('.', import.meta.url))
    .filter((file) => file.endsWith('.ts') && !/^(index|.*\.test)\.ts$/.test(file))
    .map((file) => file.replace('.ts', ''));
  expect(makers.map((maker) => maker.id).sort()).toEqual(files.sort());
});

describe('sort by spelling', () => {
  test('each card’s home is a spelling whose letters are in the word and say the sound', () => {
    const { task } = make('sort-by-spelling', longA) as { task: SortTask };
    expect(task.headings.map((heading) => heading.label)).toEqual(['ai', 'ay', 'a–e', 'eigh']);
    for (const card of task.cards) {
      // The dictionary is the outside witness that the sound is there.
      expect(dictionary[card.text]).toMatch(/EY/);
      const letters = card.home === 'a_e' ? /a[a-z]e/ : new RegExp(card.home);
      expect(card.text).toMatch(letters);
    }
  });

  test('a word with two homes, without the sound, or unknown is left out and named', () => {
    const { task, notes } = make('sort-by-spelling', [
      ...longA,
      'mayday',
      'fog',
      'zog',
      'daybreak',
    ]);
    expect(wordsOfTask(task)).not.toContain('fog');
    expect(notes.map((note) => note.word)).toEqual(expect.arrayContaining(['fog', 'zog']));
    expect(notes.find((note) => note.word === 'daybreak')?.text).toContain('two homes (ay and ea)');
  });

  test('too few words: says how many are needed', () => {
    const { short } = make('sort-by-spelling', ['rain', 'day']);
    expect(short).toMatch(/needs 4 words or more .*; 2 of these can be used\./);
  });
});

describe('missing grapheme', () => {
  test('the gaps filled with the key spell the word', () => {
    const { task } = make('missing-grapheme', longA) as { task: GapTask };
    expect(task.items).toHaveLength(longA.length);
    for (const item of task.items) {
      const filled = item.pieces.map((piece) => (piece.kind === 'gap' ? piece.answer : piece.text));
      expect(filled.join('')).toBe(item.word);
    }
    const gale = task.items.find((item) => item.word === 'gale');
    expect(gale?.pieces).toEqual([
      { kind: 'text', text: 'g' },
      { kind: 'gap', answer: 'a', accepted: [] },
      { kind: 'text', text: 'l' },
      { kind: 'gap', answer: 'e', accepted: [] },
    ]);
  });

  test('the bank can be taken away', () => {
    const { task } = make('missing-grapheme', longA, 1, { bank: false }) as { task: GapTask };
    expect(task.bank).toEqual([]);
  });
});

describe('build -ing', () => {
  test('each answer is a word of the dictionary and names its rule', () => {
    const { task } = make('build-ing', ['hit', 'make', 'rain', 'jump', 'begin', 'tie']) as {
      task: GapTask;
    };
    for (const item of task.items) {
      expect(dictionary[item.key], item.key).toBeDefined();
      expect(task.bank).toContain(item.rule);
    }
    expect(Object.fromEntries(task.items.map((item) => [item.word, item.key]))).toEqual({
      hit: 'hitting',
      make: 'making',
      rain: 'raining',
      jump: 'jumping',
      begin: 'beginning',
      tie: 'tying',
    });
  });

  test('a form of another verb is left out, and that verb named', () => {
    const { task, notes } = make('build-ing', ['jump', 'rain', 'make', 'cares', 'stopped']);
    expect(wordsOfTask(task).sort()).toEqual(['jump', 'make', 'rain']);
    // Caressing is of caress.
    expect(notes.find(({ word }) => word === 'cares')?.text).toContain('is a form of care');
    expect(notes.find(({ word }) => word === 'stopped')?.text).toContain('is a form of stop');
  });

  test('a word that is no verb is left out and named', () => {
    const { task, notes } = make('build-ing', ['hit', 'but', 'in', 'jump', 'rain']);
    expect(wordsOfTask(task).sort()).toEqual(['hit', 'jump', 'rain']);
    expect(notes.map((note) => note.word).sort()).toEqual(['but', 'in']);
  });

  test('a word that only a large dictionary has as a verb is left out and named', () => {
    const { task, notes } = make('build-ing', ['jump', 'rain', 'snow', 'yellow', 'stone', 'climb']);
    expect(wordsOfTask(task).sort()).toEqual(['climb', 'jump', 'rain', 'snow']);
    expect(notes.map((note) => note.word).sort()).toEqual(['stone', 'yellow']);
  });

  test('what is suggested fills the rules that are missing', () => {
    const recipe = { maker: 'build-ing', words: ['rain', 'wait'], parameters: {}, seed: 1 };
    const suggested = suggestWords(recipe, kestrels(), lexicon, 3);
    const rules = make('build-ing', suggested).task as GapTask;
    expect(new Set(rules.items.map((item) => item.rule)).size).toBe(3);
  });
});

test('the check gives every word its reach, and swaps only where one is needed', () => {
  const recipe = { maker: 'sort-by-spelling', words: longA, parameters: {}, seed: 3 };
  const checks = checkExercise(recipe, make('sort-by-spelling', longA, 3), kestrels(), lexicon);
  expect(checks).toHaveLength(longA.length);
  for (const check of checks) {
    if (check.reach === 'secure') expect(check.swaps).toEqual([]);
    else expect(check.swaps.length).toBeGreaterThan(0);
  }
  expect(checks.find((check) => check.word === 'eight')?.reach).toBe('beyond');
});

test('a maker that is not there is named with those that are', () => {
  expect(() => make('no-such', [])).toThrow(/no maker called no-such.*missing-grapheme/);
});
