import { describe, expect, test } from 'vitest';
import { dueCards, reviewCard, type CardState, type Recall } from './spaced';

const DAY = 24 * 60;
const start = 29_000_000;

/** Days from each review to the next, each review on the day it is due. */
function days(recalls: readonly Recall[]): number[] {
  let state: CardState | undefined;
  let at = start;
  return recalls.map((recall) => {
    state = reviewCard(state, recall, at);
    const gap = (state.due - at) / DAY;
    at = state.due;
    return Math.round(gap);
  });
}

describe('when a card is seen again', () => {
  test('stability after the first answer is the published weight of that answer', () => {
    // FSRS-6, default parameters w0 to w3 (open-spaced-repetition/fsrs4anki wiki, “The Algorithm”).
    const first = (recall: Recall) => reviewCard(undefined, recall, start).stability;
    expect(first('again')).toBeCloseTo(0.212, 3);
    expect(first('hard')).toBeCloseTo(1.2931, 3);
    expect(first('good')).toBeCloseTo(2.3065, 3);
    expect(first('easy')).toBeCloseTo(8.2956, 3);
  });

  test('a card that is known comes after ever longer times', () => {
    const gaps = days(['good', 'good', 'good', 'good', 'good']);
    gaps.slice(1).forEach((gap, index) => expect(gap).toBeGreaterThan(gaps[index] ?? 0));
    expect(gaps[4]).toBeGreaterThan(60);
  });

  test('a clock that was set back since the last time counts as no time passed', () => {
    const known = reviewCard(undefined, 'good', start);
    const again = reviewCard(known, 'good', start - 300 * DAY);
    expect(again).toMatchObject({ reps: 2, last: start - 300 * DAY });
    expect(again.stability).toBeGreaterThanOrEqual(known.stability);
    expect(again.due).toBeGreaterThan(start - 300 * DAY);
  });

  test('a card that was forgotten comes soon, and is harder from then on', () => {
    const gaps = days(['good', 'good', 'good', 'again', 'good']);
    expect(gaps[3]).toBeLessThan(gaps[2] ?? 0);
    const known = reviewCard(undefined, 'good', start);
    const forgot = reviewCard(known, 'again', known.due);
    expect(forgot.difficulty).toBeGreaterThan(known.difficulty);
    expect(forgot.lapses).toBe(1);
  });

  test('a card that cost effort comes before one that did not', () => {
    const known = reviewCard(undefined, 'good', start);
    const hard = reviewCard(known, 'hard', known.due);
    const good = reviewCard(known, 'good', known.due);
    expect(hard.due).toBeLessThan(good.due);
  });

  test('what is kept of a card can be written and read back', () => {
    const state = reviewCard(undefined, 'good', start);
    const read = JSON.parse(JSON.stringify(state)) as CardState;
    expect(reviewCard(read, 'good', state.due)).toEqual(reviewCard(state, 'good', state.due));
  });

  test('due are cards never seen, and those whose day has come', () => {
    const state = reviewCard(undefined, 'good', start);
    expect(dueCards(['rain', 'hail'], { rain: state }, start)).toEqual(['hail']);
    expect(dueCards(['rain', 'hail'], { rain: state }, state.due)).toEqual(['rain', 'hail']);
  });
});
