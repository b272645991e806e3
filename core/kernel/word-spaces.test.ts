import { expect, test } from 'vitest';
import { withoutWordSpaces } from './word-spaces';

test.each([
  ['かぜが ふねを おしました。', 'かぜがふねをおしました。'],
  ['きょうは　てんきが　いいです。', 'きょうはてんきがいいです。'],
  ['雨が ふる。 (It rains.)', '雨がふる。 (It rains.)'],
  ['テーブルの うえ', 'テーブルのうえ'],
  ['いちねんで 8 がつが あついです。', 'いちねんで8がつがあついです。'],
  ['3 4', '3 4'],
  ['The wind blows.', 'The wind blows.'],
])('%s', (spaced, set) => expect(withoutWordSpaces(spaced)).toBe(set));

test('no sign is lost, and what has no blanks is left as it is', () => {
  const spaced = 'むらの ひとが この はしを たてました。';
  const set = withoutWordSpaces(spaced);
  expect([...set].join('')).toBe(spaced.replaceAll(' ', ''));
  expect(withoutWordSpaces(set)).toBe(set);
});
