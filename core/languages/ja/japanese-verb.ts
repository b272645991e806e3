/** A verb with all its forms, in kana and as it is written. */
import {
  alsoSaid,
  classRules,
  conjugate,
  type VerbClass,
  type VerbFormName,
  type VerbForms,
} from './verb-forms';
import { findVerb, type JapaneseVerb } from './verb-lexicon';

export interface ConjugatedVerb {
  readonly verb: string;
  readonly reading: string;
  readonly class: VerbClass;
  readonly meaning: string;
  readonly rule: string;
  /** Not there where its reading is not known. */
  readonly kana?: VerbForms;
  readonly says?: string;
  readonly written: VerbForms;
  /** Said as well, in kana and as written. */
  readonly also: Partial<Record<VerbFormName, readonly string[]>>;
}

function formsOf({ written, reading, verbClass, meaning }: JapaneseVerb): ConjugatedVerb {
  const also = [...new Set([written, reading])]
    .filter((each) => each !== '')
    .map((each) => alsoSaid(each, verbClass));
  const names = [...new Set(also.flatMap((each) => Object.keys(each)))] as VerbFormName[];
  return {
    verb: written,
    reading,
    class: verbClass,
    meaning,
    rule: classRules[verbClass],
    ...(reading === ''
      ? { says: `How ${written} is read is not known here. Give its reading in kana.` }
      : { kana: conjugate(reading, verbClass, written) }),
    written: conjugate(written, verbClass),
    also: Object.fromEntries(names.map((name) => [name, also.flatMap((each) => each[name] ?? [])])),
  };
}

/**
 * The forms of a verb that is given in its dictionary form. Where it can be two verbs (かえる), the
 * other stands behind the first.
 *
 * @throws RangeError where its class or form cannot be told
 */
export const japaneseVerbForms = (
  verb: string,
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
  given: { readonly reading?: string; readonly verbClass?: VerbClass } = {},
): readonly ConjugatedVerb[] => findVerb(verb, verbs, given).map(formsOf);
