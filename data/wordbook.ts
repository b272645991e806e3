/** The wordbook: headwords with senses, levels, glosses and sentences, written for Wordane. Used only when packing and checking. */
import { readdirSync, readFileSync } from 'node:fs';

/** n noun, v verb, a adjective, d adverb, p preposition, c conjunction, o pronoun, t determiner, m number, x auxiliary, i interjection. */
export const wordbookClasses = 'nvadpcotmxi';

/** One line of the wordbook. */
export interface WordbookSense {
  readonly word: string;
  /** One letter of `wordbookClasses`. */
  readonly wordClass: string;
  /** 1 is what a school meets first. */
  readonly sense: number;
  /** Years at which most children who grow up with English understand it when heard. */
  readonly age: number;
  /** `A1` … `C2`: where a learner meets it. */
  readonly cefr: string;
  readonly topics: readonly string[];
  readonly gloss: string;
  /** For 5–7, 8–11 and older; `-` where there is none. One form of the word stands between asterisks. */
  readonly sentences: readonly [string, string, string];
  readonly near: readonly string[];
  readonly opposites: readonly string[];
  /** The youngest age for which the word stands on a sheet unasked; 0 for any. */
  readonly from: number;
  /** File and line, for messages. */
  readonly at: string;
}

const folder = new URL('./wordbook/', import.meta.url);
const list = (field: string, comma: string) =>
  field === '-' || field === '' ? [] : field.split(comma).map((each) => each.trim());

function readLine(line: string, at: string): WordbookSense {
  const fields = line.split('\t');
  if (fields.length !== 13) throw new Error(`${at}: ${fields.length} fields instead of 13.`);
  const [word, wordClass, sense, age, cefr, topics, gloss, one, two, three, near, opposites, from] =
    fields as [string, string, string, string, string, string, string, ...string[]];
  return {
    word,
    wordClass,
    sense: Number(sense),
    age: Number(age),
    cefr,
    topics: list(topics, ','),
    gloss,
    sentences: [one ?? '-', two ?? '-', three ?? '-'],
    near: list(near ?? '-', ','),
    opposites: list(opposites ?? '-', ','),
    from: from ? Number(from) : 0,
    at,
  };
}

/** Every sense, in the order of the files. */
export const wordbook: readonly WordbookSense[] = readdirSync(folder)
  .filter((file) => file.endsWith('.tsv'))
  .sort()
  .flatMap((file) =>
    readFileSync(new URL(file, folder), 'utf8')
      .split('\n')
      .map((line, index) => [line, `${file}:${index + 1}`] as const)
      .slice(1)
      .filter(([line]) => line !== '')
      .map(([line, at]) => readLine(line, at)),
  );

/** The senses of each headword in their order. */
export const headwords: ReadonlyMap<string, readonly WordbookSense[]> = (() => {
  const map = new Map<string, WordbookSense[]>();
  for (const sense of wordbook) {
    const senses = map.get(sense.word);
    if (senses) senses.push(sense);
    else map.set(sense.word, [sense]);
  }
  for (const senses of map.values()) senses.sort((left, right) => left.sense - right.sense);
  return map;
})();
