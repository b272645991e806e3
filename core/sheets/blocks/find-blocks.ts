import { beginsWith, tellingWords, tokensOf } from '../../exercises/teacher-words';
import { blockNames, type BlockKind } from './sheet-block';

/** A block that a search finds beside exercises, and what it is good for. */
export interface FoundBlock {
  readonly kind: BlockKind;
  readonly name: string;
  readonly says: string;
}

/**
 * What stands on a sheet of one's own and is looked for like an exercise, with the words that
 * teachers have for it (common practice of staff rooms, British and American).
 */
const sought: readonly (readonly [BlockKind, string, string])[] = [
  [
    'rule',
    'A rule with its spellings and words, on a sheet; printed as a poster of four or nine pages where you like.',
    'poster rule spelling wall display anchor chart rule card reference mat',
  ],
  [
    'words',
    'Your words in a box, with pictures; printed as a poster for the wall where you like.',
    'word wall word mat word bank word box vocabulary poster display list of words',
  ],
  [
    'can-do',
    'Lines to tick off at the end: I can …',
    'can do slip exit ticket exit slip self assessment i can statements look back reflection plenary checklist',
  ],
  [
    'lines',
    'Ruled lines in your school’s hand.',
    'lined paper writing lines ruled space blank lines',
  ],
  ['picture', 'A picture of a word, to talk or write about.', 'picture drawing clip art image'],
  ['reading', 'One of your texts, as it is read.', 'reading text passage story page handout'],
  ['qr', 'An address as a square to point a telephone at.', 'qr code link'],
];

/** The blocks that a teacher means; none where nothing is typed. */
export function findBlocksByWords(typed: string): readonly FoundBlock[] {
  const words = tellingWords(typed);
  if (words.length === 0) return [];
  return sought
    .filter(([, , known]) => words.every((each) => beginsWith(tokensOf(known), each)))
    .map(([kind, says]) => ({ kind, name: blockNames[kind], says }));
}
