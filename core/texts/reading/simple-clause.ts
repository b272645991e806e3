/**
 * A plain English statement taken apart: subject, verb, rest. Only what is
 * certain is taken: a sentence that is not plain gives nothing.
 */
import { irregularForm } from '../../languages/en/words/irregular-base';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { wordClassBits } from '../../languages/en/lexicon/word-class';
import { formsOf } from '../fit/word-form';

export interface SimpleClause {
  /** As it stands in the middle of a sentence. */
  readonly subject: string;
  readonly person: boolean;
  readonly plural: boolean;
  /** be, have, do or a modal before the verb; absent for a verb alone. */
  readonly auxiliary?: string;
  /** What follows the auxiliary, or the verb as it stands. */
  readonly verb: string;
  /** The verb's base, where it stands alone. */
  readonly base?: string;
  readonly past: boolean;
  /** After the verb, without the end mark. */
  readonly rest: string;
}

const determiners =
  /^(?:the|a|an|his|her|their|our|my|its|this|that|these|those|every|each|some|many|most|all|no|two|three|four|five|six|seven|eight|nine|ten|\d+)$/i;
const auxiliaries =
  /^(?:is|are|was|were|has|have|had|will|would|can|could|should|must|may|might)$/i;
const adverbs =
  /^(?:always|never|often|soon|then|still|also|once|just|already|quickly|slowly|quietly|carefully|\p{L}+ly)$/iu;
const personNouns = new Set(
  'man woman boy girl child children people person men women farmer teacher keeper mother father brother sister king queen friend friends sailor doctor captain pupils learners scientist scientists miller shepherd neighbour neighbor neighbours aunt uncle grandmother grandfather poet writer reader visitor visitors guard'.split(
    ' ',
  ),
);

/** People together: they do something as one, and are something as a thing. */
const groupNouns = new Set('club team class school family crowd band'.split(' '));

function pastOf(word: string, lexicon: Lexicon): string | undefined {
  const irregular = irregularForm(word);
  if (irregular && /^past/.test(irregular.what) && irregular.what !== 'past participle')
    return irregular.base;
  if (irregular) return undefined;
  const form = formsOf(word, lexicon)[0];
  return form?.form === 'ed' && ((lexicon.find(form.base)?.kinds ?? 0) & wordClassBits.verb) !== 0
    ? form.base
    : undefined;
}

/** Pasts that are also something else just as often: not certain enough. */
const uncertain = new Set('ground wound lay'.split(' '));
/** Pasts that look like the base: after one person or thing they can only be past. */
const sameForm = new Set(
  'set put cut read let hurt hit shut cost bet split spread cast burst'.split(' '),
);

/** The base of a third person in -s; after a noun only where what follows can follow a verb alone. */
function presentOf(
  word: string,
  next: string,
  named: boolean,
  lexicon: Lexicon,
): string | undefined {
  const form = formsOf(word, lexicon)[0];
  if (form?.form !== 's' || form.wordClass === 'noun') return undefined;
  if (((lexicon.find(form.base)?.kinds ?? 0) & wordClassBits.verb) === 0) return undefined;
  const follows = /^(?:the|a|an|his|her|its|their|our|my|how|where|what|that|every|from|into|to)$/;
  return named || follows.test(next) ? form.base : undefined;
}

/** Takes a sentence apart, or gives undefined where it is not plain. */
export function simpleClause(
  sentence: string,
  names: ReadonlySet<string>,
  lexicon: Lexicon,
): SimpleClause | undefined {
  const text = sentence.trim();
  if (!/[.!]$/.test(text) || /["“”‘()[\]:;—–]/.test(text) || text.includes('?')) return undefined;
  const words = text.replace(/[.!]+$/, '').split(' ');
  if (words.length < 3 || words.length > 26) return undefined;
  const plain = words.map((word) => word.toLowerCase().replaceAll('’', "'"));
  const isName = (index: number) => names.has((plain[index] ?? '').replace(/[,.]$/, ''));
  const named = isName(0) || /^(?:Mr|Mrs|Ms|Dr|Miss)\.?$/.test(words[0] ?? '');
  if (!named && !determiners.test(words[0] ?? '')) return undefined;
  for (let at = 1; at < Math.min(words.length - 1, 8); at += 1) {
    const word = plain[at] ?? '';
    const before = words.slice(0, at).join(' ');
    if (
      /[,;]/.test(before) ||
      /^(?:in|on|at|by|with|for|from|to|that|who|which|when|where|if|because|as)$/.test(word)
    )
      return undefined;
    const adverb = adverbs.test(word) && at + 1 < words.length;
    const headAt = at - 1;
    const headWord = plain[headAt] ?? '';
    const head = lexicon.find(headWord);
    const canEnd =
      isName(headAt) ||
      (head !== undefined && (head.kinds & wordClassBits.noun) !== 0 && headAt > 0);
    if (!canEnd) continue;
    const verbAt = adverb ? at + 1 : at;
    const verb = plain[verbAt] ?? '';
    const plural =
      /\band\b/.test(before) ||
      isPlural(headWord, lexicon) ||
      /^(?:these|those|two|three|four|five|many|most|all)$/i.test(words[0] ?? '');
    const group = groupNouns.has(headWord);
    const acts = !auxiliaries.test(verb);
    const person = isName(headAt) || personNouns.has(headWord) || (group && acts);
    const lead = words[0] ?? '';
    const subject = named
      ? before
      : [lead.charAt(0).toLowerCase() + lead.slice(1), ...words.slice(1, at)].join(' ');
    const between = adverb ? `${words[at] ?? ''} ` : '';
    const shared = { subject, person, plural };
    const owns = /^(?:has|have|had)$/.test(verb) && determiners.test(words[verbAt + 1] ?? '');
    if (owns) {
      return {
        ...shared,
        verb: `${between}${verb}`,
        base: `${between}have`,
        past: verb === 'had',
        rest: words.slice(verbAt + 1).join(' '),
      };
    }
    if (auxiliaries.test(verb)) {
      const rest = words.slice(verbAt + 1).join(' ');
      if (rest === '') return undefined;
      return {
        ...shared,
        auxiliary: verb,
        verb: '',
        past: /^(?:was|were|had|could|would)$/.test(verb),
        rest: `${between}${rest}`,
      };
    }
    const certain = !uncertain.has(verb) && !(plural && sameForm.has(verb));
    const present = plural ? undefined : presentOf(verb, plain[verbAt + 1] ?? '', named, lexicon);
    const base = certain ? pastOf(verb, lexicon) : undefined;
    if (base === undefined && present !== undefined) {
      return {
        ...shared,
        verb: `${between}${verb}`,
        base: `${between}${present}`,
        past: false,
        rest: words.slice(verbAt + 1).join(' '),
      };
    }
    if (base !== undefined) {
      return {
        ...shared,
        verb: `${between}${verb}`,
        base: `${between}${base}`,
        past: true,
        rest: words.slice(verbAt + 1).join(' '),
      };
    }
  }
  return undefined;
}

function isPlural(word: string, lexicon: Lexicon): boolean {
  const form = formsOf(word, lexicon)[0];
  if (form?.form !== 's') return false;
  return (
    form.wordClass === 'noun' || ((lexicon.find(form.base)?.kinds ?? 0) & wordClassBits.noun) !== 0
  );
}

/** The clause as a question that leaves the rest as it is: did the club close the gate. */
export function inverted(clause: SimpleClause, rest: string): string {
  const { subject, auxiliary, base, past } = clause;
  const parts =
    auxiliary === undefined
      ? [past ? 'did' : clause.plural ? 'do' : 'does', subject, base ?? '', rest]
      : [auxiliary, subject, rest];
  return parts.filter((part) => part !== '').join(' ');
}
