import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { moveMarks } from './annotation';

const body = 'The wind blew all night. The old hut shook, and the rain came in. Nobody slept.';
const markOf = (word: string, from = 0) => {
  const start = body.indexOf(word, from);
  return { id: word, start, end: start + word.length };
};
const marked = (after: string, ...words: string[]) =>
  moveMarks(
    words.map((word) => markOf(word)),
    body,
    after,
  ).map(({ id, start, end }) => [id, after.slice(start, end)]);

describe('marks in a text that is corrected', () => {
  test('several corrections at once keep every mark between and after them', () => {
    const after = body
      .replace('The wind', 'A cold wind')
      .replace('old', 'little')
      .replace('Nobody', 'None of us');
    expect(marked(after, 'blew', 'night', 'hut', 'rain', 'slept')).toEqual([
      ['blew', 'blew'],
      ['night', 'night'],
      ['hut', 'hut'],
      ['rain', 'rain'],
      ['slept', 'slept'],
    ]);
  });

  test('what is put in just before or after a mark stays outside it', () => {
    expect(marked(body.replace('hut', 'wooden hut'), 'hut')).toEqual([['hut', 'hut']]);
    expect(marked(body.replace('hut', 'hut door'), 'hut')).toEqual([['hut', 'hut']]);
    expect(marked(`“${body}`, 'The')).toEqual([['The', 'The']]);
  });

  test('what is put in within a mark makes it longer, what goes makes it shorter', () => {
    expect(marked(body.replace('old hut', 'old wooden hut'), 'old hut')).toEqual([
      ['old hut', 'old wooden hut'],
    ]);
    expect(marked(body.replace('all night', 'night'), 'blew all night')).toEqual([
      ['blew all night', 'blew night'],
    ]);
  });

  test('a mark whose words are gone is gone', () => {
    expect(marked(body.replace(' The old hut shook, and the rain came in.', ''), 'hut')).toEqual(
      [],
    );
  });

  test('whatever is put in before and after a mark, it stays on its words', () => {
    const piece = fc.stringMatching(/^[a-z ]{0,12}$/);
    fc.assert(
      fc.property(piece, piece, piece, (before, between, after) => {
        const [first, second] = [markOf('hut'), markOf('slept')];
        const changed =
          `${before}#${body.slice(0, first.start)}` +
          `hut${body.slice(first.end, second.start).replace('rain', `rain${between}`)}` +
          `slept${body.slice(second.end)}#${after}`;
        const moved = moveMarks([first, second], body, changed);
        expect(moved.map(({ start, end }) => changed.slice(start, end))).toEqual(['hut', 'slept']);
      }),
      { numRuns: 200 },
    );
  });
});
