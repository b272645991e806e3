/**
 * Reach: is a word taught to a class, just ahead of it, or past it?
 *
 * Two questions are asked. Can the class decode it: has every correspondence in
 * it been taught, at which step? And does the class know what it means, by the
 * age or the CEFR level at which it is met? A word that can be sounded out is
 * never refused for its meaning; it says so in a reason of its own. A word the
 * class knows by sight or by topic is secure whatever its spelling.
 */
import type { ClassProfile } from '../classes/class-profile';
import { sequenceIndexOf } from '../classes/class-sequence';
import { reaches, type Reach } from '../kernel/reach';
import { shapesOf, type SequenceIndex } from '../languages/en/sounds/sequence';
import { showSound } from '../languages/en/sounds/phonemes';
import type { LexiconEntry, Reading } from '../languages/en/lexicon/lexicon';
import { ukYearOf, usGradeOf, type Level } from '../kernel/level';
import { meaningAhead, meaningLevel, meaningTest } from './meaning-reach';

export type { Reach };

/** Why a word has its reach, in words for the teacher. */
export interface ReachReason {
  readonly kind:
    | 'known'
    | 'grapheme'
    | 'shape'
    | 'meaning'
    | 'sentence'
    | 'structure'
    | 'unknown'
    | 'unfit'
    | 'decodable';
  readonly text: string;
  /** The grapheme it is about, where it is about one. */
  readonly grapheme?: string;
  /** The step that teaches it; undefined where the sequence never does. */
  readonly step?: number;
}

export interface WordReach {
  readonly word: string;
  readonly reach: Reach;
  readonly reasons: readonly ReachReason[];
  /**
   * On the internal scale; undefined for a word that is not in the lexicon. For a
   * class on the sequence it joins the year by frequency with the year in which
   * the spellings are taught.
   */
  readonly level: Level | undefined;
}

/** Steps past the class's own that count as just ahead. */
export const STRETCH_STEPS = 3;

const order = reaches;
const worse = (left: Reach, right: Reach): Reach =>
  order[Math.max(order.indexOf(left), order.indexOf(right))] as Reach;

/** A grapheme as it is shown to teachers: a split digraph with a dash. */
export function showGrapheme(grapheme: string): string {
  return grapheme.replace('_', '–');
}

function reachOfStep(step: number | undefined, classStep: number): Reach {
  if (step === undefined) return 'beyond';
  if (step <= classStep) return 'secure';
  return step <= classStep + STRETCH_STEPS ? 'stretch' : 'beyond';
}

function stepText(step: number | undefined): string {
  return step === undefined ? 'is not in the sequence' : `is taught at step ${step}`;
}

/** The decoding side: one reason for each correspondence or shape that is not yet taught. */
export function decodingReasons(
  reading: Reading,
  classStep: number,
  index: SequenceIndex,
): { reach: Reach; reasons: ReachReason[] } {
  let reach: Reach = 'secure';
  const reasons: ReachReason[] = [];
  for (const unit of reading.units) {
    const step = index.stepOf(unit);
    const here = reachOfStep(step, classStep);
    if (here === 'secure') continue;
    reach = worse(reach, here);
    const grapheme = showGrapheme(unit.grapheme);
    const sound = unit.phonemes.length > 0 ? ` for ${showSound(unit.phonemes)}` : ', silent,';
    const text = `${grapheme}${sound} ${stepText(step)}.`;
    if (!reasons.some((reason) => reason.text === text)) {
      reasons.push({ kind: 'grapheme', text, grapheme, ...(step === undefined ? {} : { step }) });
    }
  }
  for (const shape of shapesOf(reading.units)) {
    const step = index.stepOfShape(shape);
    const here = step === undefined ? 'secure' : reachOfStep(step, classStep);
    if (here === 'secure') continue;
    reach = worse(reach, here);
    const where = shape === 'initial-blend' ? 'Starts' : 'Ends';
    reasons.push({
      kind: 'shape',
      text: `${where} with two consonants together, taught at step ${step}.`,
      ...(step === undefined ? {} : { step }),
    });
  }
  return { reach, reasons };
}

/** The sequence lasts from Reception to the beginning of Year 4 (common practice), in years. */
const SEQUENCE_YEARS = 3.2;

/**
 * Where a word lies for a class that is learning to decode: not before its last
 * spelling is taught, and otherwise halfway between that and its frequency.
 */
function decodingLevel(entry: LexiconEntry, index: SequenceIndex): Level {
  const steps = index.sequence.steps.length;
  const last = Math.max(0, ...entry.readings[0].units.map((unit) => index.stepOf(unit) ?? steps));
  const taught = (last / steps) * SEQUENCE_YEARS;
  return Math.max(taught, (taught + entry.level) / 2);
}

/** Where a word's meaning lies, in the words of the class's own system. */
function meaningText(entry: LexiconEntry, profile: ClassProfile): string {
  const estimate = entry.levelFrom === 'estimate' ? ' (an estimate)' : '';
  if (profile.level.system === 'cefr') return `A word of ${entry.cefr}${estimate}.`;
  const year = profile.level.system === 'us' ? usGradeOf(entry.level) : ukYearOf(entry.level);
  return `Most children know what it means from about age ${Math.round(entry.age)}, ${year}${estimate}.`;
}

/**
 * The reach of one word for a class.
 *
 * @param word as written in the material
 * @param entry its lexicon entry, or undefined where it is not known
 */
export function checkWord(
  word: string,
  entry: LexiconEntry | undefined,
  profile: ClassProfile,
): WordReach {
  const known = profile.knownWords.some((each) => each.toLowerCase() === word.toLowerCase());
  if (known) {
    const text = `${profile.name} know this word: it is on the class's own list.`;
    return {
      word,
      reach: 'secure',
      reasons: [{ kind: 'known', text }],
      level: entry && meaningLevel(entry, profile),
    };
  }
  const index = sequenceIndexOf(profile);
  const sightStep = profile.step === null ? undefined : index.stepOfSightWord(word);
  if (profile.step !== null && sightStep !== undefined && sightStep <= profile.step) {
    const text = `Taught by sight at step ${sightStep}.`;
    return {
      word,
      reach: 'secure',
      reasons: [{ kind: 'known', text, step: sightStep }],
      level: entry && meaningLevel(entry, profile),
    };
  }
  if (entry === undefined) {
    const text =
      'Not in the word bank, so it cannot be checked. Count it as known if the class reads it.';
    return { word, reach: 'beyond', reasons: [{ kind: 'unknown', text }], level: undefined };
  }

  let reach: Reach = 'secure';
  const reasons: ReachReason[] = [];
  if (profile.step !== null) {
    const decoding = decodingReasons(entry.readings[0], profile.step, index);
    reach = decoding.reach;
    reasons.push(...decoding.reasons);
  }
  const meaning = meaningTest(profile)(entry);
  reach = worse(reach, meaning);
  if (reasons.length === 0) {
    reasons.push({
      kind: 'decodable',
      text:
        profile.step === null
          ? 'Known to most of such a class.'
          : `Every spelling in it is taught by step ${profile.step}.`,
    });
  }
  // What it means is a matter of its own: it stands second, and is said where it asks for a word to the class.
  if (meaning !== 'secure' || meaningAhead(entry, profile) >= 1) {
    const reason: ReachReason = { kind: 'meaning', text: meaningText(entry, profile) };
    if (profile.step === null && meaning !== 'secure') reasons.splice(0, reasons.length, reason);
    else reasons.push(reason);
  }
  const level = profile.step === null ? meaningLevel(entry, profile) : decodingLevel(entry, index);
  return { word, reach, reasons, level };
}
