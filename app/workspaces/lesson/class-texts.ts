import { createContext, useContext } from 'react';
import { sectionsIn } from '~core/languages/shared/segment';
import type { ReadingText } from '~core/texts/reading-text';
import { t } from '~/phrases/t';

/** The texts of the class, for the exercises and blocks that are made from one. */
export const ClassTexts = createContext<readonly ReadingText[]>([]);

export const useClassTexts = () => useContext(ClassTexts);

/** The texts as choices, with what to choose first. */
export const textChoices = (texts: readonly ReadingText[]) =>
  [
    ['', texts.length > 0 ? t('lesson.chooseAText') : t('lesson.noTextYetBringOne')],
    ...texts.map(({ id, title }) => [id, title] as const),
  ] as const;

/** The sections of a text as choices. */
export function sectionChoices(text: ReadingText | undefined): (readonly [string, string])[] {
  const sections = text ? sectionsIn(text.body) : [];
  return [
    ['', t('lesson.theWholeText')],
    ...(sections.length > 1
      ? sections.map(({ title }, index) => [String(index), title || t('lesson.beginning')] as const)
      : []),
  ];
}
