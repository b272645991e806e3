/** What the columns of a pasted table are, by their headings or by what stands in them. */
import { namesOfLanguages } from '../kernel/language-name';

export type Column = 'word' | 'definition' | 'translation' | 'note' | 'ignored';

const headings: readonly (readonly [RegExp, Column])[] = [
  [
    /^(?:(?:new |key |weather |topic |sight |tricky |spelling )?words?|term|vocab(?:ulary)?|spellings?|items?|nouns?|verbs?|adjectives?|adverbs?|singular|plural)$/i,
    'word',
  ],
  [/^(?:definitions?|meanings?|means|explanation|gloss)$/i, 'definition'],
  [/^(?:translations?|language|in english|home language)$/i, 'translation'],
  [/^(?:notes?|comments?|examples?|sentences?|example sentences?)$/i, 'note'],
  [/^(?:no\.?|nr\.?|number|#|n°)$/i, 'ignored'],
];

/** The name of a language in that language, as the runtime knows it (Unicode CLDR). */
const ownName = (tag: string) => new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? tag;

/** Languages by their names in English and in themselves. */
const languages = new Map<string, string>(
  namesOfLanguages.flatMap(([tag, name]) => [
    [name.toLowerCase(), tag],
    [ownName(tag).toLowerCase(), tag],
  ]),
);

/** What a heading says; the name of the class's own language heads its words. */
function columnOf(heading: string, language: string): Column | undefined {
  const text = heading.trim();
  const tag = languages.get(text.toLowerCase());
  if (tag !== undefined) return tag === language ? 'word' : 'translation';
  return headings.find(([pattern]) => pattern.test(text))?.[1];
}

/** Headings that may stand over one column of words; others are words themselves there. */
const OVER_ONE =
  /^(?:(?:new |key |topic |sight |tricky |spelling )?words?|vocab(?:ulary)?|spellings)$/i;

/**
 * What the first of some rows says of each column, where it is a row of headings. Where no heading
 * names the words, the first that names nothing else has them, or the first language.
 */
export function headingsOf(
  [row = [], second]: readonly (readonly string[])[],
  width: number,
  language: string,
): readonly Column[] | undefined {
  if (second === undefined) return undefined;
  if (width === 1) return OVER_ONE.test((row[0] ?? '').trim()) ? ['word'] : undefined;
  const columns = (cells: readonly string[]) =>
    Array.from({ length: width }, (_, at) => columnOf(cells[at] ?? '', language));
  const named = columns(row);
  const known = named.filter((column) => column !== undefined && column !== 'ignored');
  // Words about words: where the next row could be headings too, it is a list of them.
  if (known.length === 0 || columns(second).some((column) => column === 'word')) return undefined;
  if (!named.includes('word')) {
    const nameless = named.findIndex((column, at) => column === undefined && row[at]?.trim());
    const first = nameless >= 0 ? nameless : named.indexOf('translation');
    if (first < 0) return undefined;
    named[first] = 'word';
  }
  return named.map((column) => column ?? 'ignored');
}

const isOtherScript = (text: string) =>
  /[^\p{Script=Latin}\p{Script=Common}\p{Script=Inherited}]/u.test(text);

/**
 * What the columns are.
 *
 * @param isWord whether a cell is a single word that is known
 */
export function guessColumns(
  rows: readonly (readonly string[])[],
  language: string,
  isWord: (cell: string) => boolean,
): { readonly columns: readonly Column[]; readonly headed: boolean } {
  const width = rows.reduce((most, row) => Math.max(most, row.length), 0);
  const named = headingsOf(rows, width, language);
  if (named !== undefined) return { columns: named, headed: true };
  const filled = rows.flatMap((row) => row.filter((cell) => cell.trim() !== ''));
  // Three words and more side by side in every row are words, not what is said of them.
  if (width > 2 && filled.every(isWord)) {
    return { columns: Array.from({ length: width }, () => 'word'), headed: false };
  }
  const columns = Array.from({ length: width }, (_, index): Column => {
    if (index === 0) return 'word';
    const cells = rows.map((row) => row[index] ?? '').filter((cell) => cell.trim() !== '');
    if (index > 2 || cells.length === 0) return 'ignored';
    const translated = cells.filter(isOtherScript).length > cells.length / 2;
    if (translated) return 'translation';
    return index === 1 ? 'definition' : 'note';
  });
  return { columns, headed: false };
}
