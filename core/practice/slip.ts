/**
 * A return slip: who did what of which lesson, as one string that travels as a file, as a QR code
 * or typed. It holds responses and never marks: what comes back is marked anew at the desk. What
 * is read is data of a stated shape; nothing of it is ever run.
 */
import { deflateSync, strToU8 } from 'fflate';
import { CodeError, fromGroups, toGroups } from './group-code';
import { TooLong, unpacked } from './unpacked';

/** One exercise as it was answered. */
export interface SlipAnswer {
  /** The id of the exercise in its lesson. */
  readonly exercise: string;
  /** By the ids of its items, as its interaction takes it. */
  readonly response: unknown;
  /** Which making of the exercise was answered: `printOf` its learner's copy. */
  readonly print?: string;
}

export interface Slip {
  readonly learner: string;
  /** The id of the lesson. */
  readonly lesson: string;
  readonly answers: readonly SlipAnswer[];
  /** Minutes since 1970, so that of two slips the later is known. */
  readonly at?: number;
}

/** The letter with which every slip begins, and the version of its shape. */
const HEAD = 'W1';

const MOST_SIGNS = 400_000;
const MOST_BYTES = 2_000_000;
const MOST_ANSWERS = 300;
const MOST_TEXT = 20_000;
const DEEPEST = 6;

/** CRC-32 as in ITU-T V.42: what is changed or cut off is known by it. */
export function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit += 1) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

/** A short name of a making of an exercise: another item or order gives another. */
export const printOf = (task: unknown): string => crc32(strToU8(JSON.stringify(task))).toString(36);

/** The slip as a string in groups of four. */
export function writeSlip({ learner, lesson, answers, at }: Slip): string {
  const body = strToU8(
    JSON.stringify([
      learner,
      lesson,
      answers.map(({ exercise, response, print }) =>
        print === undefined ? [exercise, response] : [exercise, response, print],
      ),
      ...(at === undefined ? [] : [at]),
    ]),
  );
  const packed = deflateSync(body, { level: 9 });
  const sum = crc32(packed);
  const bytes = new Uint8Array(packed.length + 4);
  bytes.set([sum >>> 24, (sum >>> 16) & 255, (sum >>> 8) & 255, sum & 255]);
  bytes.set(packed, 4);
  return `${HEAD}-${toGroups(bytes)}`;
}

class SlipError extends Error {
  override readonly name = 'SlipError';
}

/** Plain data only, as deep and as long as an answer can be. */
function isPlain(value: unknown, depth = 0): boolean {
  if (depth > DEEPEST) return false;
  if (typeof value === 'string') return value.length <= MOST_TEXT;
  if (typeof value === 'number') return Number.isFinite(value);
  if (typeof value === 'boolean' || value === null) return true;
  if (Array.isArray(value)) return value.every((each) => isPlain(each, depth + 1));
  if (typeof value !== 'object') return false;
  return Object.entries(value).every(
    ([name, each]) => name !== '__proto__' && name.length <= 200 && isPlain(each, depth + 1),
  );
}

const isText = (value: unknown, most: number): value is string =>
  typeof value === 'string' && value.length > 0 && value.length <= most;

function shaped(value: unknown): Slip {
  const wrong = new SlipError('This is a code, but not that of a slip.');
  if (!Array.isArray(value) || value.length < 3 || value.length > 4) throw wrong;
  const [learner, lesson, answers, at] = value as unknown[];
  if (!isText(learner, 200) || !isText(lesson, 200) || !Array.isArray(answers)) throw wrong;
  if (answers.length > MOST_ANSWERS) throw wrong;
  if (at !== undefined && (typeof at !== 'number' || !Number.isFinite(at))) throw wrong;
  return {
    learner,
    lesson,
    answers: (answers as unknown[]).map((each): SlipAnswer => {
      if (!Array.isArray(each)) throw wrong;
      const [exercise, response, print] = each as unknown[];
      if (!isText(exercise, 200) || !isPlain(response)) throw wrong;
      if (print !== undefined && !isText(print, 20)) throw wrong;
      return { exercise, response, ...(print === undefined ? {} : { print }) };
    }),
    ...(at === undefined ? {} : { at }),
  };
}

function opened(slip: string): Slip {
  if (slip.length > MOST_SIGNS) throw new SlipError('This is too long for a slip.');
  const code = slip.trim();
  const version = /^w\s*(\d)/i.exec(code)?.[1];
  if (version === undefined) throw new SlipError('This is not a slip: a slip begins with W1.');
  if (version !== '1') {
    throw new SlipError('This slip was written by a newer Wordane. Load the newest version first.');
  }
  const bytes = fromGroups(code.replace(/^w\s*1/i, ''));
  if (bytes.length < 6) throw new SlipError('The slip is cut off: most of it is missing.');
  const sum =
    ((bytes[0] ?? 0) * 2 ** 24 +
      ((bytes[1] ?? 0) << 16) +
      ((bytes[2] ?? 0) << 8) +
      (bytes[3] ?? 0)) >>>
    0;
  const packed = bytes.subarray(4);
  if (crc32(packed) !== sum) {
    throw new SlipError('The slip is cut off or was changed: its check does not come out right.');
  }
  return shaped(JSON.parse(unpacked(packed, MOST_BYTES)) as unknown);
}

/** What a slip holds, or why it cannot be read, in a sentence. */
export function readSlip(slip: string): Slip | { readonly error: string } {
  try {
    return opened(slip);
  } catch (error) {
    if (error instanceof TooLong) return { error: 'This is too long for a slip.' };
    if (error instanceof SlipError || error instanceof CodeError) return { error: error.message };
    return { error: 'The slip is damaged and cannot be read.' };
  }
}
