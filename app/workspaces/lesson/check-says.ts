import { t } from '~/phrases/t'; /** What is said of an exercise under its check: how much is keyed, and how many words are within reach. */
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
  if (!hasReach && words === 0) return t('lesson.whatAClassReadsIn');
  if (words === 0) return '';
  if (words === 1 && past === 0) return t('lesson.itsOneWordIsWithin');
  return past === 0
    ? t('lesson.allWithinReach', {
        counted: counted(words, t('lesson.wordIs'), t('lesson.wordsAre')),
      })
    : t('lesson.ofWithinReach', {
        words: words - past,
        counted: counted(words, t('lesson.wordIs'), t('lesson.wordsAre')),
      });
}

function ofKey({ keyed, open }: Checked): string {
  if (open > 0) {
    const questions = counted(open, t('lesson.openQuestion'), t('lesson.openQuestions'));
    return t('lesson.noKeyCanBeComputed', {
      questions,
      which: keyed > 0 ? t('lesson.keyed', { counted: counted(keyed, 'answer', 'answers') }) : '',
    });
  }
  return keyed === 0 ? t('lesson.nothingHereIsKeyedIt') : t('lesson.everyAnswerIsKeyed', { keyed });
}

export const checkSays = (checked: Checked): string =>
  [ofWords(checked), ofKey(checked)].filter((each) => each !== '').join(' ');
