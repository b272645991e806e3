/**
 * Whether a word is used as a verb, judged by how common its -ing form is
 * beside it: run and running are both common, while bed is common and bedding is
 * not. A stand-in for word classes that needs only the frequencies.
 */
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { ingForm } from './ing';

/** Words that are never verbs in class although a form in -ing happens to exist (inn·ing, butt·ing). */
const neverVerbs = new Set(
  `a an the of in on at to up by for with from off out but and or so if as than then not no nor
   i me my he him his she her it its we us our you your they them their this that these those who what
   can may will shall must could would should might am is are was were has had did does been
   even morn ceil down wed cunn kin shill`.split(/\s+/),
);

/** A form in -ing this much rarer than its base (in Zipf) shows a noun: bed and bedding. */
const RAREST = 2.2;

export type IngUse = 'common' | 'some' | 'none';

/** `common` where the word is chiefly met as a verb too, `some` where its -ing form is rare, `none` where there is none. */
export function ingUse(entry: LexiconEntry, lexicon: Lexicon): IngUse {
  const word = entry.word.toLowerCase();
  if (neverVerbs.has(word) || (/ing$/.test(word) && word.length > 5)) return 'none';
  const reading = entry.readings[0];
  const inflection = ingForm(word, { reading });
  const forms = [inflection.form, ...inflection.alternatives];
  const found = forms.map((form) => lexicon.find(form)).find((form) => form !== undefined);
  if (found === undefined || found.readings[0].stresses.length <= reading.stresses.length) {
    return 'none';
  }
  return entry.zipf - found.zipf > RAREST ? 'some' : 'common';
}
