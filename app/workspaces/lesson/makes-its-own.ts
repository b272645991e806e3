/** Grammar exercises whose sentences are always their own. */
export const makesItsOwn: ReadonlySet<string> = new Set([
  'fitting-phrase',
  'forms-table',
  'irregular-parts',
  'number-readings',
  'place-articles',
  'short-answers',
]);
