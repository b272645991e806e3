import { describe, expect, test } from 'vitest';
import { textParts } from './text-parts';

const shown = (body: string) => textParts(body).map(({ start, end }) => body.slice(start, end));

describe('a text in parts', () => {
  test('a short one is one part, whatever its paragraphs; an empty one is empty', () => {
    expect(shown('Rain fell.\n\nIt stopped.')).toEqual(['Rain fell.\n\nIt stopped.']);
    expect(shown('')).toEqual(['']);
  });

  test('paragraphs stay whole', () => {
    const paragraph = 'The gale blew. '.repeat(400).trim();
    expect(shown([paragraph, paragraph, paragraph].join('\n\n'))).toEqual([
      paragraph,
      paragraph,
      paragraph,
    ]);
  });

  test.each([
    ['one paragraph of 900,000 letters', 'The gale blew over the hill. '.repeat(31_000).trim()],
    ['one word of 900,000 letters', 'a'.repeat(900_000)],
  ])('%s is cut into parts that a screen can show, and nothing is lost', (_, body) => {
    const parts = textParts(body);
    expect(Math.max(...parts.map(({ start, end }) => end - start))).toBeLessThanOrEqual(18_000);
    expect(parts[0]?.start).toBe(0);
    expect(parts.at(-1)?.end).toBe(body.length);
    parts.slice(1).forEach(({ start }, index) => {
      expect(body.slice(parts[index]?.end, start).trim()).toBe('');
    });
  });
});
