import { expect, test } from 'vitest';
import { typographic } from './typographic';

// Common practice of English typesetting: one apostrophe, quotation marks that open and close.
test.each([
  ["the wind's direction", 'the wind’s direction'],
  ["the dogs' kennel", 'the dogs’ kennel'],
  ["I don't, and he won't", 'I don’t, and he won’t'],
  ["I'm not sure it's mine", 'I’m not sure it’s mine'],
  ['“Stop,” she said', '“Stop,” she said'],
  ['"Stop," she said. "Wait!"', '“Stop,” she said. “Wait!”'],
  ["She said 'stop' twice", 'She said ‘stop’ twice'],
  ['2 × 3 m', '2 × 3 m'],
])('%s', (typed, printed) => expect(typographic(typed)).toBe(printed));

test('what is printed once stays so', () => {
  const printed = typographic('"It\'s the crew\'s hut," said Bram.');
  expect(typographic(printed)).toBe(printed);
});
