import { describe, expect, test } from 'vitest';
import { lookNames } from '../kernel/look';
import type { PageMark, TextMark } from '../paper/marks';
import { textWidth } from '../paper/measure';
import { sheetStyle } from '../paper/style';
import { kestrels } from '../testing/test-lexicon';
import { headBlocks, partHead } from './heads';

const styleOf = (look: (typeof lookNames)[number], growth = 0) =>
  sheetStyle(kestrels({ look, level: { system: 'uk', value: 'Y3' } }), {}, growth);

const texts = (blocks: readonly { readonly marks: readonly PageMark[] }[]) =>
  blocks.flatMap(({ marks }) => marks).filter((mark): mark is TextMark => mark.kind === 'text');

const words = (said: string) => said.split(/\s+/).filter((word) => word !== '');

const head = {
  title: 'Which wind is it?',
  instruction:
    'The vane points at where the wind comes from. Read each sentence. Write the name of its wind on the line.',
  language: 'en',
  marks: 8,
};

describe.each(lookNames)('the head of a sheet in the look %s', (look) => {
  const style = styleOf(look);
  const blocks = headBlocks(head, style);

  test('says its title and every word of what is to be done, in their order', () => {
    const said = texts(blocks)
      .map(({ text }) => text)
      .join(' ');
    expect(said).toContain('Which wind is it?');
    const wanted = words(head.instruction);
    let at = 0;
    for (const word of words(said)) if (word === wanted[at]) at += 1;
    expect(at).toBe(wanted.length);
  });

  test('has a line for the name, and stays with what it heads', () => {
    expect(
      blocks.flatMap(({ marks }) => marks).some((mark) => 'field' in mark && mark.field === 'name'),
    ).toBe(true);
    expect(blocks.at(-1)?.keepWithNext).toBe(true);
  });

  test.each([-1, 0, 1])('stays between the margins, at growth %i', (growth) => {
    const sized = styleOf(look, growth);
    for (const mark of texts(headBlocks(head, sized))) {
      const width = textWidth(mark.text, sized.font, mark.weight, mark.size);
      const left =
        mark.align === 'start'
          ? mark.x
          : mark.align === 'end'
            ? mark.x - width
            : mark.x - width / 2;
      expect(left).toBeGreaterThanOrEqual(-0.01);
      expect(left + width).toBeLessThanOrEqual(sized.width + 0.01);
    }
  });

  test('is as high as what stands in it', () => {
    for (const { height, marks } of blocks)
      for (const mark of marks)
        if (mark.kind === 'text') expect(mark.y).toBeLessThanOrEqual(height + 0.5);
  });

  test('without an instruction there is no empty line for one', () => {
    const without = headBlocks({ ...head, instruction: '' }, style);
    const high = (list: typeof blocks) => list.reduce((sum, { height }) => sum + height, 0);
    expect(high(without)).toBeLessThan(high(blocks));
  });
});

describe('what only one look has', () => {
  const said = (look: (typeof lookNames)[number], instruction: string) =>
    texts(headBlocks({ ...head, instruction }, styleOf(look))).map(({ text }) => text);

  test('the log book numbers the steps, and no remark', () => {
    const steps = said('log', 'The letters are mixed up. Say the word. Write it on the line.');
    expect(steps.filter((text) => /^\d$/.test(text))).toEqual(['1', '2']);
    // One step needs no number.
    expect(
      said('log', 'Fill in the table. The first row shows how.').some((text) => /^\d$/.test(text)),
    ).toBe(false);
  });

  test('the young see each sign once', () => {
    const marks = headBlocks(
      { ...head, instruction: 'Write the word. Write it again. Say it.' },
      styleOf('young'),
    ).flatMap((block) => block.marks);
    expect(marks.filter(({ kind }) => kind === 'path')).toHaveLength(2);
  });

  test('an exam says how many marks there are, where anything is marked', () => {
    expect(said('exam', '')).toContain('/ 8');
    const none = texts(headBlocks({ ...head, marks: 0 }, styleOf('exam')));
    expect(none.map(({ text }) => text).join(' ')).not.toContain('/');
  });

  test('the log book calls the learner an observer, in the language of what is learned', () => {
    expect(said('log', '')).toContain('Observer');
    const french = texts(headBlocks({ ...head, language: 'fr' }, styleOf('log')));
    expect(french.map(({ text }) => text)).toContain('Nom');
  });
});

test('an exercise after the first has its title and instruction in every look', () => {
  for (const look of lookNames) {
    const said = texts(
      partHead('2. Sort the words', { instruction: 'Cut out the words.' }, styleOf(look)),
    )
      .map(({ text }) => text)
      .join(' ');
    expect(said).toContain('2. Sort the words');
    expect(said).toContain('Cut out the words.');
  }
});
