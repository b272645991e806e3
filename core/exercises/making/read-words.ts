/** Words of a language whose spelling is read by rule, for the makers that ask about it. */
import type { LanguagePack } from '../../languages/language-pack';
import { languagePacks } from '../../languages/registry/packs';
import type { LetterSound } from '../../languages/word-spelling';
import type { MaterialWord } from '../../search/material-word';
import type { MakerNote } from './exercise';

/** A word of the list with what its letters say; the article before it is not read. */
export interface ReadWord {
  /** As it stands in the list. */
  readonly word: string;
  readonly units: readonly LetterSound[];
}

/** How a sound is shown: [ɛ̃]. */
export const inBrackets = (sound: string) => `[${sound}]`;

/** A sound with the word it is known by: [ɛ̃] as in lapin. */
export function soundName(sound: string, { spelling }: LanguagePack): string {
  const keyword = spelling?.taught.find((each) => each.sound === sound)?.keyword;
  return keyword === undefined ? inBrackets(sound) : `${inBrackets(sound)} as in ${keyword}`;
}

export const unknownSign = (word: string, { name }: LanguagePack): MakerNote => ({
  word,
  text: `${word} has a sign that the spelling rules of ${name} do not know. It was left out.`,
});

/** Each word that can be read, and a note for each that cannot. */
export function readWords(words: readonly MaterialWord[], pack: LanguagePack) {
  const { spelling } = pack;
  const notes: MakerNote[] = [];
  const read = words.flatMap(({ word }): ReadWord[] => {
    const bare = spelling?.bare(word) ?? word;
    const units = spelling?.letters(bare);
    if (!units) {
      notes.push(unknownSign(word, pack));
      return [];
    }
    const shift = word.trimEnd().length - bare.length;
    return [{ word, units: units.map((unit) => ({ ...unit, ...moved(unit, shift) })) }];
  });
  return { read, notes };
}

const moved = ({ start, end }: LetterSound, by: number) => ({ start: start + by, end: end + by });

/** All sounds that some language teaches with its spellings, for a menu, each with its keywords. */
export function soundOptions(): readonly (readonly [string, string])[] {
  const keywords = new Map<string, string[]>();
  for (const { spelling, name } of languagePacks) {
    for (const { sound, keyword } of spelling?.taught ?? []) {
      keywords.set(sound, [...(keywords.get(sound) ?? []), `${keyword} (${name})`]);
    }
  }
  return [...keywords].map(([sound, words]) => [
    sound,
    `${inBrackets(sound)} as in ${words.join(', ')}`,
  ]);
}

/**
 * What is worth asking of these words: a value that they have in two ways, the better shared out
 * the sooner; the one that most of them have where none is.
 *
 * @param valueOf of a unit; undefined for one that is not asked about
 */
function worthAsking(
  read: readonly ReadWord[],
  valueOf: (unit: LetterSound) => string | undefined,
  wayOf: (unit: LetterSound) => string,
): string | undefined {
  const found = new Map<string, Map<string, number>>();
  for (const { units } of read) {
    // A word counts once for each way it has.
    const pairs = new Map(
      units.flatMap((unit) => {
        const value = valueOf(unit);
        return value === undefined
          ? []
          : [[`${value} ${wayOf(unit)}`, { value, way: wayOf(unit) }]];
      }),
    );
    for (const { value, way } of pairs.values()) {
      const ways = found.get(value) ?? new Map<string, number>();
      found.set(value, ways.set(way, (ways.get(way) ?? 0) + 1));
    }
  }
  const ranked = [...found].map(([value, ways]) => {
    const counts = [...ways.values()].sort((one, other) => other - one);
    return { value, words: counts.reduce((sum, count) => sum + count, 0), second: counts[1] ?? 0 };
  });
  ranked.sort((one, other) => other.second - one.second || other.words - one.words);
  return ranked[0]?.value;
}

/** The sound, among those that are taught, that the words spell in two ways. */
export function soundToAsk(read: readonly ReadWord[], { spelling }: LanguagePack) {
  const taught = new Set(spelling?.taught.map(({ sound }) => sound));
  return worthAsking(
    read,
    ({ sound }) => (taught.has(sound) ? sound : undefined),
    ({ letters }) => letters,
  );
}

/** What a list that was made for a sound is about: at least half of its words have it. */
export function soundOfList(words: readonly string[], pack: LanguagePack) {
  const { read } = readWords(
    words.map((word) => ({ word, entry: undefined })),
    pack,
  );
  const sound = soundToAsk(read, pack);
  if (sound === undefined) return undefined;
  const found = read.flatMap(({ word, units }) => {
    const said = units.find((unit) => unit.sound === sound);
    return said ? [{ word, letters: said.letters }] : [];
  });
  if (found.length < FEWEST_OF_SOUND || found.length * 2 < words.length) return undefined;
  return {
    sound,
    words: found.map(({ word }) => word),
    spellings: [...new Set(found.map(({ letters }) => letters))],
  };
}

/** Words that make a lesson on a sound. */
const FEWEST_OF_SOUND = 4;

const VOWELS = /^[aeiouyàáâãéèêëíîïóôõúûüœæ]/u;

/** The consonant letters that say two things in the words; vowels are asked about when they are named. */
export const lettersToAsk = (read: readonly ReadWord[]) =>
  worthAsking(
    read,
    ({ letters }) => (VOWELS.test(letters) ? undefined : letters),
    ({ sound }) => sound,
  );
