/** Grammar lit in a printed text: a line under each form, and what each line stands for. */
import { seemsForeign } from '../../languages/en/grammar/find/find-in-text';
import { lightUp, type LitForm } from '../../languages/en/grammar/find/light-up';
import { lightUpSmallWords } from '../../languages/romance/light-up';
import { withSmallWords } from '../../languages/romance/small-words';
import type { TextMaterial } from '../../texts/reading/text-material';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { textAt } from '../../paper/face';
import type { PageMark } from '../../paper/marks';
import { textWidth } from '../../paper/measure';
import type { Block } from '../../paper/paginate';
import type { SheetStyle } from '../../paper/style';
import type { PrintedLine } from './break-text';
import { underline, type LineStyle } from './lines';

/** The first form has the first line: they are told apart without colour. */
const styles: readonly LineStyle[] = ['thick', 'double', 'dashed', 'wavy'];

/** The most forms that can be told apart. */
export const MOST_LIT = styles.length;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The forms of a text that are asked for, in the order asked; a form that is not there has no places. */
export function litForms(
  { body, kind, language }: Pick<TextMaterial, 'body' | 'kind' | 'language'>,
  names: readonly string[],
  lexicon: Lexicon,
): LitForm[] {
  const romance = withSmallWords(language);
  if (romance) return lightUpSmallWords(body, romance).filter(({ name }) => names.includes(name));
  if (names.length === 0 || seemsForeign(body)) return [];
  const { forms } = lightUp(body, lexicon, kind === 'poem' ? true : undefined);
  return names
    .slice(0, MOST_LIT)
    .map(
      (name) =>
        forms.find((form) => form.name === name) ?? { name, group: 'Word classes', places: [] },
    );
}

/** Lines under the words of a printed line that a form covers. `size` is the height of the em, in millimetres. */
export function litLines(
  line: PrintedLine,
  forms: readonly LitForm[],
  baseline: number,
  size: number,
  font: string,
): PageMark[] {
  const runs = forms.map(({ places }) =>
    places
      .flatMap((place) => place.parts ?? [place])
      .flatMap(({ start, end }) => {
        const words = line.words.filter((word) => word.end > start && word.start < end);
        const [first] = words;
        const last = words[words.length - 1];
        if (!first || !last) return [];
        const inside = (word: typeof first, offset: number) =>
          word.x +
          Math.min(
            word.width,
            textWidth(word.text.slice(0, Math.max(0, offset - word.start)), font, 400, size),
          );
        return [{ start, end, x1: inside(first, start), x2: inside(last, end) }];
      }),
  );
  return runs.flatMap((own, nth) =>
    own.flatMap(({ start, end, x1, x2 }) => {
      // Forms that share a word are lined one under another.
      const over = runs
        .slice(0, nth)
        .filter((other) => other.some((run) => run.start < end && run.end > start)).length;
      return underline(x1, x2, baseline + size * 0.24 + over * 1.3, styles[nth] ?? 'dotted');
    }),
  );
}

const SAMPLE = 9;
const GAP = 6;

/** What each line stands for, with how many there are: above the text. */
export function litLegend(forms: readonly LitForm[], style: SheetStyle): Block[] {
  if (forms.length === 0) return [];
  const size = style.small * 1.1;
  const height = size * 1.7;
  const baseline = size * 1.1;
  const rows: PageMark[][] = [[]];
  let x = 0;
  forms.forEach(({ name, places }, nth) => {
    const said = `${capital(name)} (${places.length})`;
    const width = SAMPLE + 1.5 + textWidth(said, style.font, 400, size);
    if (x > 0 && x + width > style.width) {
      rows.push([]);
      x = 0;
    }
    rows[rows.length - 1]?.push(
      ...underline(x, x + SAMPLE, baseline - size * 0.2, styles[nth] ?? 'dotted'),
      textAt(x + SAMPLE + 1.5, baseline, said, style, { size, role: 'small' }),
    );
    x += width + GAP;
  });
  return rows.map((marks, at) => ({
    height: height + (at === rows.length - 1 ? 2 : 0),
    marks,
    keepWithNext: true,
    name: 'What the lines stand for',
  }));
}
