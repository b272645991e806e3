/**
 * A small exercise carried whole in the fragment of an address, so that a QR code alone brings it
 * to the player. The fragment never leaves the browser that opens it. What is read from it is data
 * of a stated shape: no picture or sound can stand in it, and nothing of it is ever run.
 */
import { deflateSync, strToU8 } from 'fflate';
import { interactionOf, interactions, type Task } from '../exercises/interactions';
import { behaviourFrom } from '../kernel/behaviour';
import { fromSigns, toSigns } from './group-code';
import { crc32 } from './slip';
import { picturesIn, type TakeHome, type TakeHomeExercise } from './take-home';
import { unpacked } from './unpacked';

const HEAD = 'W1.';
const MOST_BYTES = 400_000;
const MOST_EXERCISES = 20;

/**
 * Signs of a fragment that a QR code holds so that a phone still reads it from paper: version 30
 * with the lowest correction holds 2,520 letters and figures (ISO/IEC 18004, table 7), less the address.
 */
export const MOST_IN_CODE = 2300;

/** What can go into an address: exercises without pictures and without the teacher’s own. */
export const fitsAddress = (home: Pick<TakeHome, 'exercises'>): boolean =>
  picturesIn(home.exercises).length === 0 && !JSON.stringify(home.exercises).includes('"data:');

/** The exercises as a fragment, without the sign that begins it. */
export function toFragment(home: Omit<TakeHome, 'pictures' | 'sounds'>): string {
  const packed = deflateSync(strToU8(JSON.stringify(home)), { level: 9 });
  const sum = crc32(packed);
  const bytes = new Uint8Array(packed.length + 4);
  bytes.set([sum >>> 24, (sum >>> 16) & 255, (sum >>> 8) & 255, sum & 255]);
  bytes.set(packed, 4);
  return HEAD + toSigns(bytes);
}

const isText = (value: unknown): value is string =>
  typeof value === 'string' && value.length < 2000;

/** An exercise as it came, with only what a learner's exercise has. */
function exerciseOf(value: unknown): TakeHomeExercise | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const { id, print, exercise, behaviour } = value as Record<string, unknown>;
  if (!isText(id) || !isText(print) || typeof exercise !== 'object' || exercise === null) {
    return undefined;
  }
  const { title, instruction, also, language, task, reading, spare } = exercise as Record<
    string,
    unknown
  >;
  const kinds: readonly string[] = Object.keys(interactions);
  const isTask = (given: unknown): given is Task =>
    typeof given === 'object' &&
    given !== null &&
    kinds.includes((given as { interaction?: unknown }).interaction as string);
  if (!isText(title) || !isText(instruction) || !isText(language) || !isTask(task)) {
    return undefined;
  }
  const said = also as { language?: unknown; text?: unknown } | undefined;
  const read = reading as { title?: unknown; body?: unknown } | undefined;
  return {
    id,
    print,
    exercise: {
      title,
      instruction,
      ...(said && isText(said.language) && isText(said.text)
        ? { also: { language: said.language, text: said.text } }
        : {}),
      language,
      task,
      ...(isTask(spare) ? { spare } : {}),
      ...(read && isText(read.title) && typeof read.body === 'string'
        ? { reading: { title: read.title, body: read.body } }
        : {}),
    },
    behaviour: behaviourFrom(behaviour as object | undefined),
  };
}

/** What a fragment holds, or why it cannot be opened, in a sentence. */
export function fromFragment(fragment: string): TakeHome | { readonly error: string } {
  const code = fragment.replace(/^#/, '');
  if (!code.startsWith(HEAD)) return { error: 'There is no exercise in this address.' };
  const damaged = { error: 'The address is cut off or was changed. Scan the code again.' };
  try {
    const bytes = fromSigns(code.slice(HEAD.length));
    const [a = 0, b = 0, c = 0, d = 0] = bytes;
    const packed = bytes.subarray(4);
    if (crc32(packed) !== (a * 2 ** 24 + (b << 16) + (c << 8) + d) >>> 0) return damaged;
    const given = JSON.parse(unpacked(packed, MOST_BYTES)) as Record<string, unknown>;
    const { title, className, lesson, made, speaks, returned, learners, exercises } = given;
    const shaped = (Array.isArray(exercises) ? exercises.slice(0, MOST_EXERCISES) : []).map(
      exerciseOf,
    );
    const whole = shaped.filter((each) => each !== undefined);
    if (whole.length === 0 || whole.length !== shaped.length) return damaged;
    if (!fitsAddress({ exercises: whole })) return damaged;
    // A task that its own interaction cannot number is none.
    whole.forEach(({ exercise }) => interactionOf(exercise.task).size(exercise.task));
    return {
      version: 1,
      title: isText(title) ? title : '',
      className: isText(className) ? className : '',
      lesson: isText(lesson) ? lesson : '',
      made: isText(made) ? made : '',
      ...(isText(speaks) ? { speaks } : {}),
      behaviour: behaviourFrom(given['behaviour'] as object | undefined),
      returned: returned === true,
      learners: Array.isArray(learners) ? learners.filter(isText).slice(0, 100) : [],
      exercises: whole,
      pictures: {},
    };
  } catch {
    return damaged;
  }
}
