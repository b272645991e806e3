/** A text as a class reads it: its furigana stay, or go with the class's switch. */
import type { ClassProfile } from '../../classes/class-profile';
import { withoutFurigana } from '../../languages/ja/furigana';
import { moveMarks } from '../marks/annotation';
import type { TextMaterial } from './text-material';

/** The text without the kana over its kanji; its marks move with it. */
export function withoutReadings(text: TextMaterial): TextMaterial {
  const body = withoutFurigana(text.body);
  return body === text.body
    ? text
    : { ...text, body, annotations: moveMarks(text.annotations, text.body, body) };
}

/** As the class has it: furigana are shown unless it reads without. */
export const asRead = (
  text: TextMaterial,
  { furigana }: Pick<ClassProfile, 'furigana'>,
): TextMaterial => (furigana === false ? withoutReadings(text) : text);
