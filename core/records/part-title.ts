import { makerName } from '../exercises/catalogue';
import type { LessonPart } from './lesson';

/** What a part is called where it has not been made: as the teacher named it, or by its maker. */
export const partTitle = ({
  kind,
  maker,
  parameters,
  text,
}: Pick<LessonPart, 'kind' | 'maker' | 'parameters' | 'text'>): string =>
  kind === 'exercise' ? parameters.title || makerName(maker) : text || 'Sheet';
