/** What is said of an exercise under its check: how much is keyed, and how many words are within reach. */
export interface Checked {
  readonly keyed: number;
  /** Questions to which nothing is computed. */
  readonly open: number;
  /** Words that were checked, and those of them that are past the class's reach. */
  readonly words: number;
  readonly past: number;
  /** Whether words of the language can be checked at all. */
  readonly hasReach: boolean;
}

const counted = (count: number, one: string, more: string) =>
  `${count} ${count === 1 ? one : more}`;

function ofWords({ words, past, hasReach }: Checked): string {
  if (!hasReach && words === 0) return 'What a class reads in this language is not checked.';
  if (words === 0) return '';
  if (words === 1 && past === 0) return 'Its one word is within reach.';
  return past === 0
    ? `All ${counted(words, 'word is', 'words are')} within reach.`
    : `${words - past} of ${counted(words, 'word is', 'words are')} within reach.`;
}

function ofKey({ keyed, open }: Checked): string {
  if (open > 0) {
    const questions = counted(open, 'open question', 'open questions');
    return `${questions}: no key can be computed. Write model answers under “Change items by hand”.${keyed > 0 ? ` ${counted(keyed, 'answer', 'answers')} keyed.` : ''}`;
  }
  return keyed === 0
    ? 'Nothing here is keyed: it is a page to use, not to mark.'
    : `Every answer is keyed: ${keyed}.`;
}

export const checkSays = (checked: Checked): string =>
  [ofWords(checked), ofKey(checked)].filter((each) => each !== '').join(' ');
