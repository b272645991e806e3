import { describe, expect, test } from 'vitest';
import type { ChoiceTask } from '../exercises/interactions/choice/task';
import { markTask } from '../exercises/interactions';
import { cluesFor } from './clue';
import { asHints, isJudged } from './hint';

const body = 'The wind rang the bell.\nMina shut the door of the station.';
const task = (options: readonly string[], right: string, reason: string): ChoiceTask => ({
  interaction: 'choice',
  items: [
    {
      id: 'q',
      word: 'door',
      prompt: 'Who shut the door?',
      options: options.map((text) => ({ id: text, text, right: text === right })),
      reason,
    },
  ],
});

describe('a clue before an answer', () => {
  test('is the rule where it does not hold the answer, and the place', () => {
    const clue = cluesFor(
      task(['Mina', 'Omar'], 'Mina', 'Look for who was at the station.'),
      body,
    ).get('q');
    expect(clue?.text).toBe('Look for who was at the station.');
    expect(clue?.place && body.slice(clue.place.start, clue.place.end)).toContain('Mina shut');
  });

  test('is the place alone where the reason holds the answer', () => {
    const clue = cluesFor(task(['Mina', 'Omar'], 'Mina', 'Mina shut it.'), body).get('q');
    expect(clue?.text).toBeUndefined();
    expect(clue?.place).toBeDefined();
  });

  test('is never a reason where a statement is judged true or false, before or after', () => {
    const judged = task(['true', 'false', 'not said'], 'true', 'The text says so: Mina shut it.');
    expect(isJudged(judged)).toBe(true);
    expect(cluesFor(judged, body).get('q')?.text).toBeUndefined();
    const [hint] = asHints(markTask(judged, { q: 'false' }).verdicts, judged);
    expect(hint?.reason).not.toContain('says so');
  });

  test('is none where there is nothing to read and no reason', () => {
    expect(cluesFor(task(['Mina', 'Omar'], 'Mina', ''), undefined).size).toBe(0);
  });
});
