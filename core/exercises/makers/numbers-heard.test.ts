import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { numberKindNames } from '../../languages/language-pack';
import { asHints, LOOK_AGAIN } from '../../practice/hint';
import { spokenOf } from '../../practice/spoken';
import { testLexicon } from '../../testing/test-lexicon';
import type { WriteTask } from '../interactions/write/task';
import { makeExercise, markTask } from '../make-exercise';

const lexicon = testLexicon();
const british = completeClass({ id: 'a', name: 'A', level: { system: 'uk', value: 'Y5' } });
const make = (parameters: object, seed = 1) =>
  makeExercise(
    { maker: 'numbers-heard', words: [], parameters: { ...parameters }, seed },
    lexicon,
    undefined,
    british,
  );
const taskOf = (parameters: object, seed?: number) => make(parameters, seed).task as WriteTask;

describe.each([...numberKindNames])('%s', (grammar) => {
  test('each is heard by its item, none sounds like another, and its figures are right', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const task = taskOf({ grammar, count: 8 }, seed);
      expect(task.items.length).toBeGreaterThanOrEqual(3);
      const said = task.items.map(({ id }) => spokenOf(task)[id]?.text ?? '');
      expect(new Set(said).size).toBe(task.items.length);
      // It is heard: no figure is in what is said, nor on the page.
      expect(said.join(' ')).not.toMatch(/\d/);
      expect(task.items.every(({ prompt }) => prompt === '')).toBe(true);
      const key = Object.fromEntries(task.items.map(({ id, answer }) => [id, answer]));
      expect(markTask(task, key).score).toBe(task.items.length);
      // What is right for one item is right for no other.
      const all = task.items.flatMap(({ answer, accepted }) => [...new Set([answer, ...accepted])]);
      expect(new Set(all).size, all.join(' | ')).toBe(all.length);
    }
  });
});

// Ways in which figures are written on a keyboard that lacks a sign (common practice).
test.each([
  ['−4 °C', ['-4 °C', '-4 C', '-4C']],
  ['9:16', ['9.16', '21:16', '09:16']],
  ['2 November 2000', ['November 2 2000', '2 Nov 2000', 'November 2, 2000']],
  ['£2,127', ['£2127']],
  ['€573', ['573€', '573 €']],
  ['55%', ['55 %']],
  ['3.7 mm', ['3.7mm']],
])('%s may be written %s', (text, others) => {
  const task = taskOf({ sentences: [text, '7', '8'] });
  for (const other of [text, ...others]) {
    expect(markTask(task, { 'item-1': other }).verdicts[0]?.right, other).toBe(true);
  }
});

test.each([
  ['4 3/4', '43/4'],
  ['25.74', '25:74'],
  ['3.7 mm', '37 mm'],
  ['9:16', '9:61'],
  ['−4 °C', '4 °C'],
  ['13 January 1984', '31 January 1984'],
])('%s is not %s', (text, other) => {
  const task = taskOf({ sentences: [text, '7', '8'] });
  expect(markTask(task, { 'item-1': other }).verdicts[0]?.right).toBe(false);
});

test('no help says a figure; afterwards it stands there how it was said', () => {
  const task = taskOf({ sentences: ['3.7 mm', '7', '8'] });
  const { verdicts } = markTask(task, { 'item-1': '3.6 mm' });
  expect(asHints(verdicts, task)[0]?.reason).toBe(LOOK_AGAIN);
  expect(verdicts[0]?.reason).toBe('Said: three point seven millimetres.');
});

test('what is no number is named, and the rest is used', () => {
  const { task, notes } = make({ sentences: ['3 mm', 'seven clouds', '5 mm', '6 mm'] });
  expect((task as WriteTask).items.map(({ answer }) => answer)).toEqual(['3 mm', '5 mm', '6 mm']);
  expect(notes.map(({ text }) => text).join(' ')).toContain('seven clouds');
});
