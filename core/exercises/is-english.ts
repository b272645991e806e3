import type { ExerciseParameters } from './exercise';

/** True where the lexicon knows the language of the words. */
export const isEnglish = ({ language = 'en' }: Pick<ExerciseParameters, 'language'>) =>
  language === 'en';
