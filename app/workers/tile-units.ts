/** A word cut into the pieces that a tile draws, each with its mark. */
import type { Accent } from '~core/kernel/accent';
import type { Reading } from '~core/languages/en/lexicon/lexicon';
import type { WordSpelling } from '~core/languages/word-spelling';
import { describePhoneme } from '~core/languages/en/sounds/phonemes';
import { showGrapheme } from '~core/reach/check-word';

/** A grapheme as a tile shows it. */
export interface TileUnit {
  /** Letters; for a split digraph its first letter only, the e following as a unit of its own. */
  readonly letters: string;
  readonly mark: 'dot' | 'bar' | 'arc-start' | 'arc-middle' | 'arc-end' | 'none';
  /** Whether it is the grapheme that was asked for. */
  readonly taught: boolean;
}

/**
 * A word for whoever listens: its graphemes one after another, and for each that
 * is more than a plain consonant a word in which it sounds the same.
 */
export function sayUnits(reading: Pick<Reading, 'units'>, accent: Accent): string {
  return reading.units
    .map(({ grapheme, phonemes }) => {
      const shown = showGrapheme(grapheme);
      const [phoneme, second] = phonemes;
      if (phoneme === undefined) return `${shown} silent`;
      const described = second === undefined ? describePhoneme(phoneme, accent) : undefined;
      if (described === undefined) return shown;
      const plain = described.kind === 'consonant' && shown.length === 1;
      return plain && shown === described.keyWord.slice(...described.keySpan)
        ? shown
        : `${shown} as in ${described.keyWord}`;
    })
    .join(', ');
}

/** Cuts a reading into the pieces a tile draws. */
export function tileUnits(
  word: string,
  reading: Pick<Reading, 'units'>,
  isTaught: (index: number) => boolean,
): TileUnit[] {
  const pieces: TileUnit[] = [];
  reading.units.forEach((unit, index) => {
    const taught = isTaught(index);
    const split = unit.grapheme.endsWith('_e');
    const before = reading.units[index - 1];
    const letters = word.slice(unit.start, unit.end);
    if (split) {
      pieces.push({ letters, mark: 'arc-start', taught });
      return;
    }
    if (before?.grapheme.endsWith('_e')) {
      // The consonant stands inside the arc; its last letter is the silent e.
      pieces.push({ letters: letters.slice(0, -1), mark: 'arc-middle', taught: false });
      pieces.push({ letters: letters.slice(-1), mark: 'arc-end', taught: isTaught(index - 1) });
      return;
    }
    const silent = unit.phonemes.length === 0;
    pieces.push({ letters, mark: silent ? 'none' : letters.length === 1 ? 'dot' : 'bar', taught });
  });
  return pieces;
}

/** A word of a language that is read by rule: each group of letters with its mark; the article stands plain. */
export function spelledUnits(word: string, spelling: WordSpelling): TileUnit[] {
  const bare = spelling.bare(word);
  const shift = word.length - bare.length;
  const plain = (letters: string): TileUnit[] =>
    letters === '' ? [] : [{ letters, mark: 'none', taught: false }];
  const found = spelling.letters(bare);
  if (!found) return plain(word);
  let at = 0;
  const units = found.flatMap(({ start, end, sound }): TileUnit[] => {
    const between = plain(word.slice(at, start + shift));
    at = end + shift;
    const letters = word.slice(start + shift, end + shift);
    const mark = sound === '' ? 'none' : letters.length === 1 ? 'dot' : 'bar';
    return [...between, { letters, mark, taught: false }];
  });
  return [...units, ...plain(word.slice(at))];
}

/** What the letters of such a word say, in IPA, for whoever listens or reads signs. */
export const sayByRule = (word: string, spelling: WordSpelling): string =>
  `[${(spelling.letters(spelling.bare(word)) ?? []).map(({ sound }) => sound).join('')}]`;
