/** Which class a Japanese verb is of, and how it is read. */
import type { VerbClass } from './verb-forms';

export type VerbRow = readonly [
  written: string,
  reading: string,
  verbClass: string,
  meaning: string,
];

export interface JapaneseVerb {
  readonly written: string;
  /** In kana; empty where it is not known. */
  readonly reading: string;
  readonly verbClass: VerbClass;
  readonly meaning: string;
}

const classes: Readonly<Record<string, VerbClass>> = {
  '5': 'godan',
  '1': 'ichidan',
  irr: 'irregular',
};

export const isKana = (text: string) => /^[\p{Script=Hiragana}\p{Script=Katakana}ー]+$/u.test(text);

/** Verbs by how they are written and by how they are read. */
export function japaneseVerbs(
  rows: readonly VerbRow[],
): ReadonlyMap<string, readonly JapaneseVerb[]> {
  const found = new Map<string, JapaneseVerb[]>();
  const add = (key: string, verb: JapaneseVerb) => {
    const there = found.get(key) ?? [];
    if (there.some((each) => each.written === verb.written && each.reading === verb.reading))
      return;
    found.set(key, [...there, verb]);
  };
  for (const [written, reading, given, meaning] of rows) {
    const verbClass = classes[given];
    if (verbClass === undefined || !/[うくぐすつぬぶむる]$/.test(written)) continue;
    // The copula is no verb of a class.
    if (verbClass === 'irregular' && !/(?:する|来る|くる)$/.test(written)) continue;
    const verb = { written, reading, verbClass, meaning };
    add(written, verb);
    add(reading, verb);
  }
  return found;
}

/** The sound before る: only after i and e can a verb be ichidan. */
const beforeRu = /[いきぎしじちぢにひびぴみりえけげせぜてでねへべぺめれ]る$/;

/** The class that a form shows by itself; undefined where it can be two. */
export function classByForm(verb: string): VerbClass | undefined {
  if (verb.endsWith('する')) return 'irregular';
  if (verb.endsWith('来る')) return 'irregular';
  if (!verb.endsWith('る')) return /[うくぐすつぬぶむ]$/.test(verb) ? 'godan' : undefined;
  if (/[\p{Script=Han}]る$/u.test(verb)) return undefined;
  return beforeRu.test(verb) ? 'ichidan' : 'godan';
}

/** The verb with which another ends: 引き返す is as 返す. */
function byItsEnd(
  verb: string,
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
): JapaneseVerb | undefined {
  for (let from = 1; from <= verb.length - 2; from += 1) {
    const known = verbs
      .get(verb.slice(from))
      ?.find(({ written, reading }) =>
        !isKana(verb)
          ? written === verb.slice(from)
          : reading.length > 2 && reading === verb.slice(from),
      );
    if (known) return known;
  }
  return undefined;
}

/**
 * The verbs that a dictionary form can be, the likeliest first: in kana it may be two (かえる).
 *
 * @throws RangeError where it is no dictionary form, or its class or reading cannot be told
 */
export function findVerb(
  verb: string,
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
  given: { readonly reading?: string; readonly verbClass?: VerbClass } = {},
): readonly JapaneseVerb[] {
  const word = verb.trim().normalize('NFKC');
  if (!/[うくぐすつぬぶむる]$/.test(word)) {
    throw new RangeError(
      `${verb} is no dictionary form of a verb: those end in う, く, ぐ, す, つ, ぬ, ぶ, む or る.`,
    );
  }
  const polite = word.replace(/ます$/, '');
  if (
    polite !== word &&
    !verbs.has(word) &&
    (verbs.has(`${polite}る`) || /[いきぎしじちぢにびみりえけげせてでねべめれ]$/.test(polite))
  ) {
    throw new RangeError(
      `${verb} is a polite form, no dictionary form. Give the form that a dictionary has: 食べる for 食べます.`,
    );
  }
  const known = (verbs.get(word) ?? []).filter(
    ({ reading, verbClass }) =>
      (given.reading === undefined || given.reading === reading) &&
      (given.verbClass === undefined || given.verbClass === verbClass),
  );
  if (known.length > 0) return known;
  const end = byItsEnd(word, verbs);
  const verbClass =
    given.verbClass ?? end?.verbClass ?? classByForm(given.reading ?? word) ?? classByForm(word);
  if (verbClass === undefined) {
    throw new RangeError(
      `Whether ${verb} is godan or ichidan cannot be told from its letters. Give its reading in kana, or its class.`,
    );
  }
  const reading = given.reading ?? (isKana(word) ? word : '');
  return [{ written: word, reading, verbClass, meaning: '' }];
}
