import { describe, expect, test } from 'vitest';
import { Random } from '../kernel/random';
import { bidBy, BID, hasAuction, lotNow, newAuction, nextLot, PURSE, settle } from './auction';
import type { BoardItem } from './board-state';
import { sidesOf, throwDice, usualPrompts } from './dice';
import { MOST_AVOIDED, wordsToAvoid } from './words-to-avoid';

describe('dice with own sides', () => {
  test('are written a side a line; empty and double ones are none', () => {
    expect(sidesOf('rain\n\n hail \nrain\nsnow')).toEqual(['rain', 'hail', 'snow']);
    expect(sidesOf('\n')).toEqual([]);
  });

  test('never show the same word twice in a row, and come to every side', () => {
    const random = new Random(5);
    const words = ['rain', 'hail', 'snow'];
    const seen = new Set<string>();
    const prompts = new Set<string>();
    let last: string | undefined;
    for (let turn = 0; turn < 200; turn += 1) {
      const [word = '', prompt = ''] = throwDice([words, usualPrompts], random, last);
      expect(word).not.toBe(last);
      seen.add(word);
      prompts.add(prompt);
      last = word;
    }
    expect(seen.size).toBe(3);
    expect(prompts.size).toBe(usualPrompts.length);
    expect(throwDice([['only']], random, 'only')).toEqual(['only']);
  });
});

describe('an auction of sentences', () => {
  const items: BoardItem[] = ['blows', 'falls', 'shines', 'rises', 'melts', 'runs'].map(
    (answer, at) => ({
      id: `i${at}`,
      question: `The thing ____ in sentence ${at}.`,
      answer,
      wrong: [`${answer.slice(0, -1)}`],
      reason: 'The thing is one.',
    }),
  );
  const auction = () => newAuction(items, new Random(3));

  test('half of the sentences are right; a wrong one says what is right', () => {
    const { lots } = auction();
    expect(lots.filter(({ right }) => right)).toHaveLength(3);
    for (const { sentence, right, says, item } of lots) {
      const of = items.find(({ id }) => id === item);
      expect(sentence).not.toContain('__');
      expect(sentence.includes(` ${of?.answer} `)).toBe(right);
      if (!right) expect(says).toContain(` ${of?.answer} `);
    }
  });

  test('needs sentences with a blank and an answer that is known to be wrong', () => {
    expect(hasAuction(items)).toBe(true);
    expect(hasAuction(items.map(({ wrong: _wrong, ...item }) => item))).toBe(false);
    expect(hasAuction(items.map((item) => ({ ...item, question: 'No blank here.' })))).toBe(false);
  });

  test('a dash for an answer leaves the place empty', () => {
    const places: BoardItem[] = ['Lake Victoria', 'Mount Etna', 'Lima', 'Peru'].map((name, at) => ({
      id: `p${at}`,
      question: `______ ${name} is on the map.`,
      answer: '–',
      wrong: ['The'],
      reason: 'No article.',
    }));
    const { lots } = newAuction(places, new Random(2));
    for (const { sentence, right } of lots) {
      expect(sentence).toMatch(right ? /^\p{Lu}/u : /^The /);
      expect(sentence).not.toContain('–');
    }
  });

  test('a mark is put at the end, not its name', () => {
    const marks: BoardItem[] = ['a', 'b', 'c', 'd'].map((id) => ({
      id,
      question: 'The bus was full ____',
      answer: 'full stop (.)',
      wrong: ['question mark (?)'],
      reason: 'It tells.',
    }));
    const { lots } = newAuction(marks, new Random(2));
    for (const { sentence, right } of lots) {
      expect(sentence).toBe(right ? 'The bus was full.' : 'The bus was full?');
    }
  });

  test('bids go up in turn, no further than the purse; the hammer pays or takes', () => {
    let now = bidBy(auction(), 0);
    expect(now.bid).toEqual({ team: 0, coins: BID });
    // Nobody bids against herself.
    expect(bidBy(now, 0)).toBe(now);
    now = bidBy(now, 1);
    expect(now.bid).toEqual({ team: 1, coins: 2 * BID });
    const right = lotNow(now)?.right === true;
    const settled = settle(now);
    expect(settled.purses).toEqual([PURSE, PURSE + (right ? 2 : -2) * BID]);
    expect(settle(settled)).toBe(settled);
    expect(bidBy(settled, 0)).toBe(settled);
    const next = nextLot(settled);
    expect(next).toMatchObject({ at: 1, settled: false });
    expect(next.bid).toBeUndefined();
    for (let times = 0; times < 40; times += 1) now = bidBy(now, times % 2 === 0 ? 0 : 1);
    expect(now.bid?.coins).toBe(PURSE);
  });

  test('a lot that nobody wants costs nothing; after the last there is none', () => {
    let now = auction();
    expect(settle(now)).toMatchObject({ purses: [PURSE, PURSE], settled: true });
    for (let times = 0; times < 9; times += 1) now = nextLot(now);
    expect(lotNow(now)).toBeUndefined();
    expect(settle(now)).toBe(now);
  });
});

test('what may not be said is the word and what would give it away', () => {
  expect(wordsToAvoid('rain', 'water that falls from the clouds in drops')).toEqual([
    'rain',
    'water',
    'falls',
    'clouds',
  ]);
  expect(wordsToAvoid('rainy', 'with a lot of rain')).toEqual(['rainy']);
  expect(wordsToAvoid('zog', '')).toEqual(['zog']);
  expect(
    wordsToAvoid('umbrella', 'something that you hold over your head').length,
  ).toBeLessThanOrEqual(MOST_AVOIDED);
});
