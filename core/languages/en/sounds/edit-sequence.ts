/** Changes to a sequence, each giving a new one with its steps numbered again. */
import { correspondences } from './correspondences';
import { correspondenceKey, type Sequence, type SequenceStep } from './sequence';

const renumbered = (steps: readonly SequenceStep[]): SequenceStep[] =>
  steps.map((step, index) => ({ ...step, number: index + 1 }));

function withSteps(sequence: Sequence, steps: readonly SequenceStep[]): Sequence {
  return { ...sequence, steps: renumbered(steps) };
}

/** A step that teaches nothing yet. */
export const emptyStep: SequenceStep = {
  number: 0,
  title: 'New step',
  teaches: [],
  shapes: [],
  sightWords: [],
};

/** Puts a step after the step with the number; 0 puts it first. */
export function addStep(sequence: Sequence, after: number, step = emptyStep): Sequence {
  return withSteps(sequence, [
    ...sequence.steps.slice(0, after),
    step,
    ...sequence.steps.slice(after),
  ]);
}

export function removeStep(sequence: Sequence, number: number): Sequence {
  return withSteps(
    sequence,
    sequence.steps.filter((step) => step.number !== number),
  );
}

/** Moves a step to stand at another's number. */
export function moveStep(sequence: Sequence, number: number, to: number): Sequence {
  const steps = sequence.steps.filter((step) => step.number !== number);
  const moved = sequence.steps.find((step) => step.number === number);
  if (moved === undefined) return sequence;
  steps.splice(Math.max(0, Math.min(to - 1, steps.length)), 0, moved);
  return withSteps(sequence, steps);
}

export function changeStep(
  sequence: Sequence,
  number: number,
  fields: Partial<Omit<SequenceStep, 'number'>>,
): Sequence {
  return withSteps(
    sequence,
    sequence.steps.map((step) => (step.number === number ? { ...step, ...fields } : step)),
  );
}

/** Cuts a step in two: the first keeps the first half of what it teaches. */
export function splitStep(sequence: Sequence, number: number): Sequence {
  const step = sequence.steps.find((each) => each.number === number);
  if (step === undefined || step.teaches.length < 2) return sequence;
  const half = Math.ceil(step.teaches.length / 2);
  const graphemes = (keys: readonly string[]) =>
    [...new Set(keys.map((key) => (key.split('|')[0] ?? '').replace('_', '–')))].join(' ');
  const first = step.teaches.slice(0, half);
  const second = step.teaches.slice(half);
  return withSteps(sequence, [
    ...sequence.steps.slice(0, number - 1),
    { ...step, title: graphemes(first), teaches: first },
    { ...emptyStep, title: graphemes(second), teaches: second },
    ...sequence.steps.slice(number),
  ]);
}

/** What a teacher typed for a step's spellings, read; or what is wrong with it. */
export type ReadTeaches =
  | { readonly ok: true; readonly teaches: readonly string[] }
  | { readonly ok: false; readonly message: string };

/**
 * Reads spellings as `ai=EY ay=EY x=K+S`; a spelling alone (`ai`) stands for its
 * most regular sound.
 */
export function readTeaches(text: string): ReadTeaches {
  const teaches: string[] = [];
  for (const entry of text.split(/[\s,;]+/).filter((each) => each !== '')) {
    const [letters = '', sound] = entry.split('=');
    const grapheme = letters.toLowerCase().replace(/[-–]/, '_');
    const known = correspondences.filter((each) => each.grapheme === grapheme);
    if (known.length === 0) {
      return {
        ok: false,
        message: `${letters} spells no sound in the word bank. Check its letters.`,
      };
    }
    if (sound === undefined) {
      const main = [...known].sort((left, right) => left.cost - right.cost)[0];
      if (main) teaches.push(correspondenceKey(main));
      continue;
    }
    const phonemes = sound.toUpperCase().replaceAll('+', ' ');
    const match = known.find((each) => each.phonemes.join(' ') === phonemes);
    if (match === undefined) {
      const sounds = [...new Set(known.map((each) => each.phonemes.join('+')))]
        .filter(Boolean)
        .slice(0, 6);
      return {
        ok: false,
        message: `${letters} does not say ${sound}. It can say: ${sounds.join(', ')}.`,
      };
    }
    teaches.push(correspondenceKey(match));
  }
  return { ok: true, teaches: [...new Set(teaches)] };
}

/** Spellings as they are typed. */
export function writeTeaches(teaches: readonly string[]): string {
  return teaches
    .map((key) => key.split('|') as [string, string])
    .map(([grapheme, sounds]) => `${grapheme.replace('_', '-')}=${sounds.replaceAll(' ', '+')}`)
    .join(' ');
}
