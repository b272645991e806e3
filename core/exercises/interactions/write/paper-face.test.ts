import { describe, expect, test } from 'vitest';
import type { PageMark } from '../../../paper/marks';
import { sheetStyle } from '../../../paper/style';
import { kestrels } from '../../../testing/test-lexicon';
import type { WriteItem, WriteTask } from './task';
import { writePaper } from './paper-face';
import { traceBlocks } from './trace-face';

const style = sheetStyle(kestrels({ look: 'plain', level: { system: 'uk', value: 'Y4' } }));

const item = (given: Partial<WriteItem>): WriteItem => ({
  id: 'item-1',
  word: 'gauge',
  prompt: '',
  answer: '',
  accepted: [],
  reason: '',
  ...given,
});

const task = (...items: WriteItem[]): WriteTask => ({ interaction: 'write', items, script: [] });

type LineMark = Extract<PageMark, { kind: 'line' }>;
const linesOn = (marks: readonly PageMark[]) =>
  marks.filter((mark): mark is LineMark => mark.kind === 'line');

const linesOf = (given: WriteTask, lines: Readonly<Record<string, number>> = {}) =>
  linesOn(writePaper(given, style, 'none', { lines }).blocks.flatMap(({ marks }) => marks));

describe('lines to write on', () => {
  test('one line stands beside a short question', () => {
    const [line] = linesOf(task(item({ prompt: 'wind' })));
    expect(line?.x1).toBeGreaterThan(15);
    expect(line?.x2).toBe(style.width);
  });

  test('several stand under it, all of one length', () => {
    const lines = linesOf(task(item({ prompt: 'wind' })), { 'item-1': 3 });
    expect(lines).toHaveLength(3);
    expect(new Set(lines.map(({ x1, x2 }) => x2 - x1)).size).toBe(1);
  });

  test('a note runs from its label to the edge', () => {
    const prompt = `Who or what? ${'_'.repeat(18)}\nWhy? ${'_'.repeat(18)}`;
    const lines = linesOf(task(item({ prompt, open: true })));
    const notes = lines.slice(0, 2);
    expect(notes.map(({ x2 }) => x2)).toEqual([style.width, style.width]);
    // Why? is the shorter label: its line begins before the other.
    expect(notes[1]?.x1).toBeLessThan(notes[0]?.x1 ?? 0);
  });

  test('a note whose label leaves no room stands below it', () => {
    const label = 'What is it that the observer on the hill wants to find out this week, and why?';
    const [note] = linesOf(task(item({ prompt: `${label} ${'_'.repeat(18)}`, open: true })));
    expect((note?.x2 ?? 0) - (note?.x1 ?? 0)).toBeGreaterThanOrEqual(45);
  });
});

describe('models to trace', () => {
  const handwriting = { hand: 'gb-semi' } as const;
  const rows = (answer: string) =>
    traceBlocks(item({ word: answer, answer, trace: inks }), handwriting, style);
  const inks = ['solid', 'dots', 'grey', 'blank', 'blank'] as const;

  test('a short word has its models and a place of its own on one line', () => {
    expect(rows('snail')).toHaveLength(1);
  });

  test('a word as long as the line takes a line a model', () => {
    expect(rows('anemometers and barometers')).toHaveLength(4);
  });
});
