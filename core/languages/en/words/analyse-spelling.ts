/** A word's spelling taken apart: alignment first within its morphemes, then syllables. */
import type { Accent } from '../../../kernel/accent';
import { align, type AlignedUnit } from '../sounds/align';
import { syllabify } from '../sounds/syllables';
import type { Pronunciation } from '../sounds/pronunciation';
import { divide, type LookUpSounds } from './morphemes';

export interface SpellingAnalysis {
  readonly units: readonly AlignedUnit[];
  readonly syllables: readonly string[];
  /** Price of the alignment; lower is more regular. */
  readonly cost: number;
}

/** Letter offsets where parts of the word meet, found again inside each part. */
interface Piece {
  readonly start: number;
  readonly end: number;
  readonly firstSound: number;
  readonly lastSound: number;
}

function pieces(word: string, sounds: Pronunciation['phonemes'], lookUp: LookUpSounds): Piece[] {
  const whole = { start: 0, end: word.length, firstSound: 0, lastSound: sounds.length };
  const parts: Piece[] = [];
  const visit = (piece: Piece): void => {
    const division = divide(
      word.slice(piece.start, piece.end),
      sounds.slice(piece.firstSound, piece.lastSound),
      lookUp,
    );
    if (division === undefined) {
      parts.push(piece);
      return;
    }
    const at = piece.start + division.at;
    const sound = piece.firstSound + division.sounds;
    visit({ ...piece, end: at, lastSound: sound });
    visit({ ...piece, start: at, firstSound: sound });
  };
  visit(whole);
  return parts;
}

/**
 * Aligns a word with one pronunciation and cuts it into syllables, or gives
 * undefined where the known correspondences do not cover it.
 *
 * A consonant-initial part keeps its own alignment (some·one, hope·ful), so that
 * a silent e at the end of a part is seen as that part's. Where the parts alone
 * cannot be aligned (hik·ing), the whole is.
 */
export function analyseSpelling(
  word: string,
  pronunciation: Pronunciation,
  lookUp: LookUpSounds,
  accent: Accent = 'american',
): SpellingAnalysis | undefined {
  const parts = pieces(word, pronunciation.phonemes, lookUp);
  const boundaries = parts.slice(1).map((part) => part.start);
  const aligned = parts.length > 1 ? alignParts(word, pronunciation, parts, accent) : undefined;
  const alignment = aligned ?? align(word, pronunciation.phonemes, accent);
  if (alignment === undefined) return undefined;
  return {
    ...alignment,
    syllables: syllabify(word, alignment.units, pronunciation.stresses, boundaries),
  };
}

function alignParts(
  word: string,
  pronunciation: Pronunciation,
  parts: readonly Piece[],
  accent: Accent,
) {
  const units: AlignedUnit[] = [];
  let cost = 0;
  for (const part of parts) {
    const alignment = align(
      word.slice(part.start, part.end),
      pronunciation.phonemes.slice(part.firstSound, part.lastSound),
      accent,
    );
    if (alignment === undefined) return undefined;
    cost += alignment.cost;
    for (const unit of alignment.units) {
      units.push({ ...unit, start: unit.start + part.start, end: unit.end + part.start });
    }
  }
  return { units, cost };
}
