/**
 * A pattern language for word searches: a row of signs, one a grapheme, with
 * spaces between them.
 *
 *   ai         this grapheme               /EY/     any grapheme with this sound
 *   ai/EY/     the grapheme with the sound C  V     any consonant, any vowel grapheme
 *   .          any grapheme                *        any run of graphemes, or none
 *   C+ V? C*   more, at most one, any      (ai|ay)  either
 *   !ai        any grapheme but this       -        a syllable begins here
 *
 * `C+ V C` finds consonants, one vowel, one consonant; `* (ai|ay) *` finds words
 * with ai or ay anywhere.
 */
import type { AlignedUnit } from '../sounds/align';
import { correspondences } from '../sounds/correspondences';
import { unitCharacter } from '../lexicon/lexicon-pack';
import { isVowelPhoneme, phonemesOf } from '../sounds/phonemes';
import { syllablesOf } from '../sounds/syllable-types';

type UnitTest = (unit: Pick<AlignedUnit, 'grapheme' | 'phonemes'>) => boolean;

interface Sign {
  /** 1 for each correspondence that the sign accepts, by id. */
  readonly accepts: Uint8Array;
  readonly least: number;
  readonly most: number;
  readonly syllableStart: boolean;
}

/** A pattern that cannot be read; the message says which sign and what may stand there. */
export class ExpressionError extends Error {
  override readonly name = 'ExpressionError';
}

const isVowel: UnitTest = (unit) => unit.phonemes.some(isVowelPhoneme);
const symbols: ReadonlySet<string> = new Set(phonemesOf('british').map((each) => each.phoneme));

function readTest(text: string): UnitTest {
  if (text.startsWith('!')) {
    const test = readTest(text.slice(1));
    return (unit) => !test(unit);
  }
  if (text.startsWith('(') && text.endsWith(')')) {
    const tests = text.slice(1, -1).split('|').map(readTest);
    return (unit) => tests.some((test) => test(unit));
  }
  if (text === '.') return () => true;
  if (text === 'C') return (unit) => unit.phonemes.length > 0 && !isVowel(unit);
  if (text === 'V') return isVowel;
  const kind = /^([CV])(\/.+\/)$/.exec(text);
  if (kind) {
    const tests = [readTest(kind[1] ?? ''), readTest(kind[2] ?? '')];
    return (unit) => tests.every((test) => test(unit));
  }
  const parts = /^([a-zé'_–-]*)(?:\/([A-Za-z ]+)\/)?$/.exec(text);
  const [, letters = '', sound] = parts ?? [];
  if (!parts || (letters === '' && sound === undefined)) {
    throw new ExpressionError(
      `“${text}” cannot be read. Write a grapheme (ai), a sound (/EY/), C, V, . or *.`,
    );
  }
  const unknown = sound?.split(' ').find((each) => !symbols.has(each.toUpperCase()));
  if (unknown !== undefined) {
    throw new ExpressionError(`“${unknown}” is no sound. Sounds are written like EY, SH or AO R.`);
  }
  const grapheme = letters.replace(/[-–]/, '_');
  return (unit) =>
    (grapheme === '' || unit.grapheme === grapheme) &&
    (sound === undefined || unit.phonemes.join(' ') === sound.toUpperCase());
}

const table = (test: UnitTest) => Uint8Array.from(correspondences, (each) => (test(each) ? 1 : 0));

/** Reads a pattern into its signs. */
function readSigns(expression: string): Sign[] {
  const words = expression.trim().split(/\s+(?![^/]*\/(?:\s|$|\)|\|))/);
  let syllableStart = false;
  const signs: Sign[] = [];
  for (const word of words) {
    if (word === '-') {
      syllableStart = true;
      continue;
    }
    if (word === '*') {
      signs.push({ accepts: table(() => true), least: 0, most: 99, syllableStart });
    } else {
      const [, body = '', repeat = ''] = /^(.+?)([+?*]?)$/.exec(word) ?? [];
      signs.push({
        accepts: table(readTest(body)),
        least: repeat === '?' || repeat === '*' ? 0 : 1,
        most: repeat === '+' || repeat === '*' ? 99 : 1,
        syllableStart,
      });
    }
    syllableStart = false;
  }
  return signs;
}

/** A pattern without syllable signs as a regular expression over packed readings, which is quick. */
function packedTest(signs: readonly Sign[]): RegExp | undefined {
  if (signs.some((sign) => sign.syllableStart)) return undefined;
  const parts = signs.map(({ accepts, least, most }) => {
    const members = [...accepts.keys()].filter((id) => accepts[id] === 1).map(unitCharacter);
    const repeat = most === 1 ? (least === 0 ? '?' : '') : least === 0 ? '*' : '+';
    return `[${members.join('')}]${repeat}`;
  });
  return signs.every(({ accepts }) => accepts.includes(1))
    ? new RegExp(`^${parts.join('')}$`)
    : /^$/;
}

export interface Source {
  readonly units: readonly AlignedUnit[];
  readonly syllables: readonly string[];
  readonly code?: string;
}

/** The pattern as a test of a word. @throws ExpressionError */
export function readExpression(expression: string): (source: Source) => boolean {
  const signs = readSigns(expression);
  const asksSyllables = signs.some((sign) => sign.syllableStart);
  const packed = packedTest(signs);
  return (source) => {
    if (packed && source.code !== undefined) return packed.test(source.code);
    const { units } = source;
    const starts = asksSyllables ? new Set(syllablesOf(source).map(({ from }) => from)) : undefined;
    const fits = (sign: number, unit: number): boolean => {
      const here = signs[sign];
      if (here === undefined) return unit === units.length;
      if (here.syllableStart && !starts?.has(unit)) return false;
      let taken = 0;
      while (taken < here.least) {
        const next = units[unit + taken];
        if (next === undefined || here.accepts[next.correspondence.id] !== 1) return false;
        taken += 1;
      }
      for (;;) {
        if (fits(sign + 1, unit + taken)) return true;
        const next = units[unit + taken];
        if (taken >= here.most || next === undefined || here.accepts[next.correspondence.id] !== 1)
          return false;
        taken += 1;
      }
    };
    return fits(0, 0);
  };
}
