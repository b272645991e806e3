/** Forms of English verbs side by side. */
import type { TableKind, WordTables } from '../language-pack';
import { formsOfVerb } from './forms/verb-forms';

const kinds: readonly TableKind[] = [
  {
    id: 'usual',
    name: 'Usual forms',
    columns: ['he, she, it …', '-ing', 'Past', 'Past participle'],
  },
];

export const englishTables: WordTables = {
  kinds,
  start: ['walk', 'stop', 'carry', 'write'],
  row(word) {
    const base = word.toLowerCase();
    if (!/^[a-z]+$/.test(base)) return undefined;
    const { variants, reason } = formsOfVerb(base);
    return {
      word: base,
      meaning: '',
      cells: [
        variants.thirdPerson,
        variants.presentParticiple,
        variants.past,
        variants.pastParticiple,
      ],
      rule: reason,
    };
  },
};
