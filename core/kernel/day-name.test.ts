import { expect, test } from 'vitest';
import { dayName, longDay } from './day-name';

// ISO 8601 names 29 November 2026 a Sunday (2026-W48-7).
test.each([
  [longDay, 'Sunday 29 November'],
  [{ ...longDay, year: 'numeric' }, 'Sunday, 29 November 2026'],
  [{ weekday: 'long' }, 'Sunday'],
  [{ day: 'numeric', month: 'short' }, '29 Nov'],
] as const)('%o of 2026-11-29 is %s', (form, said) => {
  expect(dayName('2026-11-29', form)).toBe(said);
});
