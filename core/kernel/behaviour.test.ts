import { describe, expect, test } from 'vitest';
import { behaviourFrom, usualBehaviour } from './behaviour';

describe('behaviour from settings', () => {
  test('nothing set is as usual', () => {
    expect(behaviourFrom(undefined, undefined)).toEqual(usualBehaviour);
  });

  test('what is set for the exercise comes before what is set for the class', () => {
    const set = behaviourFrom({ feedback: 'end' }, { feedback: 'once', clock: true });
    expect(set.feedback).toBe('end');
    expect(set.clock).toBe(true);
  });

  test('what came from a file and is not fit is as usual, or as near as may be', () => {
    const bad = { feedback: 'shout', tries: 99, pass: -4, messages: 'no', oneByOne: 'yes' };
    const set = behaviourFrom(bad as never);
    expect(set).toEqual({ ...usualBehaviour, tries: 9, pass: 0 });
  });

  test('a message is cut at its length, and no fifth one is kept', () => {
    const set = behaviourFrom({ messages: ['x'.repeat(500), ' Well done ', '', '', 'more'] });
    expect(set.messages.map(({ length }) => length)).toEqual([200, 9, 0, 0]);
  });
});
