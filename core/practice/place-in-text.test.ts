import { describe, expect, test } from 'vitest';
import { placeInText, sentencesIn } from './place-in-text';

const body = `The wind came over the hill at four.
Mina shut the door of the station. “Look at the dial!” she called.
Omar wrote the numbers in the log, because the battery was flat.
Then the rain began, and nobody could see the mill.`;

const shown = (item: { asked: string; expected: string; reason?: string }) => {
  const place = placeInText(body, { reason: '', ...item });
  return place && body.slice(place.start, place.end);
};

describe('sentences', () => {
  test('end at their signs, with the quotation mark that closes them', () => {
    expect(sentencesIn(body).map(({ start, end }) => body.slice(start, end))).toEqual([
      'The wind came over the hill at four.',
      'Mina shut the door of the station.',
      '“Look at the dial!”',
      'she called.',
      'Omar wrote the numbers in the log, because the battery was flat.',
      'Then the rain began, and nobody could see the mill.',
    ]);
  });

  test('a line of a poem without a sign is one of its own', () => {
    const poem = 'O wind, O wind\nblow over the hill';
    expect(sentencesIn(poem).map(({ start, end }) => poem.slice(start, end))).toEqual([
      'O wind, O wind',
      'blow over the hill',
    ]);
  });
});

describe('the place an item is about', () => {
  test('is the sentence that the reason quotes', () => {
    expect(
      shown({
        asked: 'Why did Omar write?',
        expected: 'no power',
        reason: 'The text says: “because the battery was flat”.',
      }),
    ).toContain('Omar wrote');
  });

  test('is the sentence that shares the words of question and answer', () => {
    expect(shown({ asked: 'Who shut the door?', expected: 'Mina' })).toBe(
      'Mina shut the door of the station.',
    );
    expect(shown({ asked: 'When did the wind come?', expected: 'at four' })).toBe(
      'The wind came over the hill at four.',
    );
  });

  test('is nowhere where no sentence stands out', () => {
    expect(shown({ asked: 'Do you like snow?', expected: 'yes' })).toBeUndefined();
  });
});

describe('sentences with figures, and questions without a place', () => {
  const times = 'The 7.40 left at 7.49.\nNobody sang on it.';

  test('the point of a figure ends no sentence', () => {
    expect(sentencesIn(times).map(({ start, end }) => times.slice(start, end))).toEqual([
      'The 7.40 left at 7.49.',
      'Nobody sang on it.',
    ]);
  });

  test('a question about the whole text leads nowhere', () => {
    const asked = 'Which words tell best what the whole text is about?';
    expect(placeInText(times, { asked, expected: 'sang', reason: '' })).toBeUndefined();
  });
});
