/** Irregular forms that WordNet's exceptions do not have, for the check of the wordbook's sentences. */
export const irregularForms: ReadonlyMap<string, readonly string[]> = new Map([
  [
    'be',
    [
      'am',
      'is',
      'are',
      'was',
      'were',
      'been',
      'being',
      "isn't",
      "aren't",
      "wasn't",
      "'m",
      "'s",
      "'re",
    ],
  ],
  ['have', ['has', 'had', 'having']],
  ['do', ['does', 'did', 'done', 'doing']],
]);
