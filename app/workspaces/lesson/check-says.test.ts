import { expect, test } from 'vitest';
import { checkSays, type Checked } from './check-says';

const says = (more: Partial<Checked>) =>
  checkSays({ keyed: 0, open: 0, words: 0, past: 0, hasReach: true, ...more });

test.each<[string, Partial<Checked>]>([
  ['All 9 words are within reach. Every answer is keyed: 9.', { keyed: 9, words: 9 }],
  ['Its one word is within reach. Every answer is keyed: 1.', { keyed: 1, words: 1 }],
  ['7 of 9 words are within reach. Every answer is keyed: 9.', { keyed: 9, words: 9, past: 2 }],
  ['Nothing here is keyed: it is a page to use, not to mark.', {}],
  [
    'All 4 words are within reach. Nothing here is keyed: it is a page to use, not to mark.',
    { words: 4 },
  ],
  [
    '2 open questions: no key can be computed. Write model answers under “Change items by hand”. 3 answers keyed.',
    { open: 2, keyed: 3 },
  ],
  [
    'What a class reads in this language is not checked. Every answer is keyed: 5.',
    { keyed: 5, hasReach: false },
  ],
])('%s', (sentence, checked) => {
  expect(says(checked)).toBe(sentence);
});
