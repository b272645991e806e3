import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Annotation } from '../texts/marks/annotation';
import { boardLines, litRuns, markSteps } from './text-marks';

// Christina Rossetti, “Who Has Seen the Wind?” (Sing-Song, 1872), in the public domain.
const body = '# The wind\n\nWho has seen the wind?\n  Neither I nor you:\n';
const at = (words: string, rest: Partial<Annotation>): Annotation => ({
  id: words,
  start: body.indexOf(words),
  end: body.indexOf(words) + words.length,
  kind: 'note',
  ...rest,
});
const marks = [
  at('Neither I nor you', { kind: 'theme', about: 'what is hidden', text: 'Nobody has.' }),
  at('Who has seen the wind?', {
    kind: 'method',
    about: 'rhetorical-question',
    effect: 'It makes us look.',
    why: 'No one can answer.',
  }),
  at('wind?', { kind: 'question', text: 'Why a question mark?', answer: 'It is asked of all.' }),
];

describe('marks at the board', () => {
  test('come in the order of the text, a question before its answer', () => {
    expect(markSteps(marks).map(({ name, says, answer }) => [name, says, answer])).toEqual([
      ['rhetorical question', 'It makes us look. No one can answer.', undefined],
      ['Question', 'Why a question mark?', undefined],
      ['Question', 'Why a question mark?', 'It is asked of all.'],
      ['what is hidden', 'Nobody has.', undefined],
    ]);
    expect(markSteps([])).toEqual([]);
  });

  test('lines stand without empty ones and signs of a heading, each where it is in the text', () => {
    const lines = boardLines(body);
    expect(lines.map(({ text }) => text)).toEqual([
      'The wind',
      'Who has seen the wind?',
      'Neither I nor you:',
    ]);
    for (const { text, start } of lines) expect(body.slice(start, start + text.length)).toBe(text);
  });

  test('one is lit, those before it stay marked, those to come are not there', () => {
    const steps = markSteps(marks);
    const line = boardLines(body)[1];
    if (!line) throw new Error('no line');
    expect(litRuns(line, steps, 0)).toEqual([{ text: 'Who has seen the wind?' }]);
    expect(litRuns(line, steps, 1)).toEqual([{ text: 'Who has seen the wind?', is: 'lit' }]);
    expect(litRuns(line, steps, 2)).toEqual([
      { text: 'Who has seen the ', is: 'before' },
      { text: 'wind?', is: 'lit' },
    ]);
    expect(litRuns(line, steps, 4).every(({ is }) => is === 'before')).toBe(true);
  });

  test('whatever is marked, a line is shown whole', () => {
    const span = fc
      .tuple(fc.nat({ max: body.length }), fc.nat({ max: body.length }))
      .map(([one, other]): Annotation => ({
        id: `${one} ${other}`,
        start: Math.min(one, other),
        end: Math.max(one, other),
        kind: 'note',
        text: 'x',
      }));
    fc.assert(
      fc.property(fc.array(span, { maxLength: 8 }), fc.nat({ max: 9 }), (spans, shown) => {
        for (const line of boardLines(body)) {
          const runs = litRuns(line, markSteps(spans), shown);
          expect(runs.map(({ text }) => text).join('')).toBe(line.text);
          if (shown === 0) expect(runs.every(({ is }) => is === undefined)).toBe(true);
        }
      }),
    );
  });
});
