/** A word list: the words a teacher keeps for a class, in her order, with what she writes beside them. */

export const LIST_LIMIT = 500;
/** Letters that fit beside a word. */
export const DETAIL_LIMITS = { definition: 600, translation: 300, note: 600 } as const;

/** What stands beside a word; everything but the word may be missing. */
export interface WordDetail {
  readonly word: string;
  readonly definition?: string;
  readonly translation?: string;
  readonly note?: string;
  /** Name of a shipped picture, a data URL of the teacher's own, or `none` where she wants no picture. */
  readonly picture?: string;
  readonly starred?: boolean;
}

export const listGroupings = ['none', 'spelling', 'pattern', 'syllables', 'reach'] as const;

export type ListGrouping = (typeof listGroupings)[number];

export interface WordList {
  /** Counts the changes; not there before the first. */
  readonly revision?: number;
  readonly id: string;
  readonly classId: string;
  readonly name: string;
  readonly words: readonly string[];
  /** Details of some of the words, in no order. */
  readonly details: readonly WordDetail[];
  readonly groupBy: ListGrouping;
  /** The search its words were found with, as it stands in the address; absent where they were brought in. */
  readonly question?: string;
}

type NewList = Pick<WordList, 'id' | 'classId' | 'name'> & Partial<WordList>;

/** A list with everything that is not given left empty. */
export function completeList(list: NewList): WordList {
  return { words: [], details: [], groupBy: 'none', ...list };
}

export const sameWord = (left: string, right: string) => wordKey(left) === wordKey(right);

/** What the spellings of one word have in common: capitals and the kind of apostrophe say nothing. */
export function wordKey(word: string): string {
  return word.toLowerCase().replaceAll('’', "'");
}

/** The list with a word at its end; the same list where it is there already, in any capitals. */
export function withWord(list: WordList, word: string): WordList {
  const present = list.words.some((each) => sameWord(each, word));
  return present ? list : { ...list, words: [...list.words, word] };
}

/** The list without a word, and without what stood beside it. */
export function withoutWord(list: WordList, word: string): WordList {
  return {
    ...list,
    words: list.words.filter((each) => !sameWord(each, word)),
    details: list.details.filter((detail) => !sameWord(detail.word, word)),
  };
}

/** The list with the word at `from` moved to `to`. */
export function withMoved(list: WordList, from: number, to: number): WordList {
  const words = [...list.words];
  const [moved] = words.splice(from, 1);
  if (moved === undefined) return list;
  words.splice(Math.max(0, Math.min(to, words.length)), 0, moved);
  return { ...list, words };
}

/**
 * The list with a word written otherwise, in its place and with what stands beside it; undefined
 * where the other word is in the list already.
 */
export function withRespelled(list: WordList, word: string, to: string): WordList | undefined {
  const others = list.words.filter((each) => !sameWord(each, word));
  if (others.some((each) => sameWord(each, to))) return undefined;
  return {
    ...list,
    words: list.words.map((each) => (sameWord(each, word) ? to : each)),
    details: list.details.map((detail) =>
      sameWord(detail.word, word) ? { ...detail, word: to } : detail,
    ),
  };
}

/** What stands beside a word; only the word itself where nothing does. */
export function detailOf(list: Pick<WordList, 'details'>, word: string): WordDetail {
  return list.details.find((detail) => sameWord(detail.word, word)) ?? { word };
}

/** The list with fields beside a word set; an empty text or `false` takes a field away. */
export function withDetail(list: WordList, word: string, fields: Partial<WordDetail>): WordList {
  const merged = { ...detailOf(list, word), ...fields, word };
  const kept = Object.entries(merged).filter(
    ([, value]) => value !== undefined && value !== '' && value !== false,
  );
  const others = list.details.filter((detail) => !sameWord(detail.word, word));
  const detail = Object.fromEntries(kept) as unknown as WordDetail;
  return { ...list, details: kept.length > 1 ? [...others, detail] : others };
}

/** The list with words at its end, and with what stood beside them where they were read. */
export function withWords(
  list: WordList,
  words: readonly (Pick<WordDetail, 'word'> & Partial<WordDetail>)[],
): WordList {
  return words.reduce(
    (result, { word, definition, translation, note }) =>
      withDetail(withWord(result, word), word, {
        ...(definition ? { definition } : {}),
        ...(translation ? { translation } : {}),
        ...(note ? { note } : {}),
      }),
    list,
  );
}
