/**
 * A sequence: the ordered steps in which grapheme-phoneme correspondences are
 * taught. A class stands at a step; everything up to that step is taught.
 */
import type { AlignedUnit } from './align';
import { correspondences } from './correspondences';
import { isVowelPhoneme } from './phonemes';

/** Word shapes that are taught as a step of their own: two consonants together. */
export const wordShapes = ['final-blend', 'initial-blend'] as const;
export type WordShape = (typeof wordShapes)[number];

export interface SequenceStep {
  /** 1 for the first step. */
  readonly number: number;
  readonly title: string;
  /** Correspondences as `grapheme|PHONEMES`, for example `ai|EY` or `x|K S`. */
  readonly teaches: readonly string[];
  readonly shapes: readonly WordShape[];
  /** Words taught by sight at this step, because their spelling is not yet decodable. */
  readonly sightWords: readonly string[];
}

export interface Sequence {
  readonly id: string;
  readonly name: string;
  readonly steps: readonly SequenceStep[];
}

/** How a correspondence is written in a sequence. */
export function correspondenceKey(unit: Pick<AlignedUnit, 'grapheme' | 'phonemes'>): string {
  return `${unit.grapheme}|${unit.phonemes.join(' ')}`;
}

/** A sight word without the marks round its unexpected letters: said for s(ai)d. */
export function plainWord(marked: string): string {
  return marked.replace(/[()]/g, '');
}

/** A sequence prepared for look-up. Later mentions of the same thing do not move its step. */
export class SequenceIndex {
  private readonly correspondenceSteps = new Map<string, number>();
  private readonly stepsById: readonly (number | undefined)[];
  private readonly shapeSteps = new Map<WordShape, number>();
  private readonly sightSteps = new Map<string, number>();
  /** The correspondence that is taught first for each grapheme. */
  private readonly firstSounds = new Map<string, string>();

  constructor(readonly sequence: Sequence) {
    for (const step of sequence.steps) {
      for (const key of step.teaches) {
        this.keep(this.correspondenceSteps, key, step.number);
        this.keep(this.firstSounds, key.split('|')[0] ?? '', key);
      }
      for (const shape of step.shapes) this.keep(this.shapeSteps, shape, step.number);
      for (const word of step.sightWords) {
        this.keep(this.sightSteps, plainWord(word).toLowerCase(), step.number);
      }
    }
    this.stepsById = correspondences.map((each) =>
      this.correspondenceSteps.get(correspondenceKey(each)),
    );
  }

  /** The step that teaches a grapheme's correspondence; undefined where none does. */
  stepOf(unit: AlignedUnit): number | undefined {
    return this.stepsById[unit.correspondence.id];
  }

  /** True where this is the sound that is taught first for the grapheme: th as in thin before th as in this. */
  isFirstSound(unit: Pick<AlignedUnit, 'grapheme' | 'phonemes'>): boolean {
    return this.firstSounds.get(unit.grapheme) === correspondenceKey(unit);
  }

  /** The step that teaches a correspondence by its id. */
  stepOfId(id: number): number | undefined {
    return this.stepsById[id];
  }

  stepOfShape(shape: WordShape): number | undefined {
    return this.shapeSteps.get(shape);
  }

  stepOfSightWord(word: string): number | undefined {
    return this.sightSteps.get(word.toLowerCase());
  }

  /** Every word taught by sight by a step. */
  sightWordsUpTo(step: number): string[] {
    return [...this.sightSteps].filter(([, taught]) => taught <= step).map(([word]) => word);
  }

  private keep<Key, Value>(map: Map<Key, Value>, key: Key, value: Value): void {
    if (!map.has(key)) map.set(key, value);
  }
}

const isConsonant = (unit: AlignedUnit | undefined) =>
  unit !== undefined && unit.phonemes.length > 0 && !unit.phonemes.some(isVowelPhoneme);

/** Endings that are added to a word rather than part of its blend: cat·s, jump·ed, mak·ing. */
const addedEndings = new Set(['s|S', 's|Z', "'s|S", "'s|Z", 'ed|T', 'ed|D']);

/** True where the word ends in an added -s or -ed that says one consonant. */
export function endsInAddedEnding(units: readonly AlignedUnit[]): boolean {
  const last = units[units.length - 1];
  if (last === undefined) return false;
  // A d after a split digraph is what is left of -ed: h·o_e·p·d.
  const afterSplit = units[units.length - 3]?.grapheme.endsWith('_e') === true;
  return addedEndings.has(correspondenceKey(last)) || (last.grapheme === 'd' && afterSplit);
}

/** The blend shapes of a word: two consonant graphemes side by side at its start or end. */
export function shapesOf(units: readonly AlignedUnit[]): WordShape[] {
  const shapes: WordShape[] = [];
  if (isConsonant(units[0]) && isConsonant(units[1])) shapes.push('initial-blend');
  const end = endsInAddedEnding(units) ? units.length - 1 : units.length;
  const nearEnd = units[end - 2];
  // The consonant of a split digraph has no partner: its neighbour is the vowel.
  if (isConsonant(units[end - 1]) && isConsonant(nearEnd)) shapes.push('final-blend');
  return shapes;
}
