/** Slips that are dropped in by dozens: which are new, and why the others are not taken. */
import { regrouped } from '../practice/group-code';
import { readSlip } from '../practice/slip';

export interface Received {
  /** Codes to be kept. */
  readonly taken: readonly string[];
  /** What is said of the others. */
  readonly refused: readonly string[];
}

/** The codes in what was dropped or pasted: one or many, with anything between them. */
export function codesIn(text: string): string[] {
  const found = text.match(/\bW\d[\s-]+[0-9A-Za-z\s-]+/gi) ?? [];
  // Another slip may follow without a sign between.
  return found
    .flatMap((each) => each.split(/(?=\bW\d[\s-])/i))
    .map((each) => `${each.slice(0, 2).toUpperCase()}-${regrouped(each.slice(2))}`);
}

/**
 * Sorts what came in for a lesson. A slip that is there already counts once; a later one of the
 * same learner is taken too, and the results say which counts.
 */
export function receiveSlips(
  texts: readonly string[],
  lesson: string,
  present: readonly string[],
): Received {
  const taken: string[] = [];
  const refused: string[] = [];
  for (const text of texts) {
    const codes = codesIn(text);
    if (codes.length === 0) {
      refused.push('One thing that was handed in is not a slip: a slip begins with W1.');
    }
    for (const code of codes) {
      const slip = readSlip(code);
      if ('error' in slip) refused.push(slip.error);
      else if (slip.lesson !== lesson) {
        refused.push(
          `The slip of ${slip.learner} is of another lesson. Open that lesson’s results.`,
        );
      } else if (present.includes(code) || taken.includes(code)) {
        refused.push(`The slip of ${slip.learner} is here already.`);
      } else taken.push(code);
    }
  }
  return { taken, refused };
}
