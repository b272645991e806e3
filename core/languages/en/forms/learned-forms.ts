/**
 * Derived words whose spelling no rule gives: argument, awful, sensible. British
 * and American spellings are those of the Oxford and Merriam-Webster dictionaries
 * (from memory); what the other side writes is accepted.
 */
import type { Spelling } from '../../../kernel/spelling';

export interface LearnedForm {
  readonly form: string;
  readonly alternatives: readonly string[];
  readonly reason: string;
}

type Learned = readonly [form: string, reason: string, american?: string];

const drops = (base: string, form: string): Learned => [form, `${base} loses its e: ${form}.`];

const learned: Readonly<Record<string, Readonly<Record<string, Learned>>>> = {
  ment: {
    argue: drops('argue', 'argument'),
    judge: ['judgement', 'judge keeps its e in Britain and loses it in America.', 'judgment'],
    acknowledge: ['acknowledgement', 'Britain keeps the e, America drops it.', 'acknowledgment'],
    install: ['instalment', 'Britain writes one l before -ment.', 'installment'],
    fulfil: ['fulfilment', 'Britain writes one l at the end, America two.', 'fulfillment'],
    fulfill: ['fulfilment', 'Britain writes one l at the end, America two.', 'fulfillment'],
    enrol: ['enrolment', 'Britain writes one l at the end, America two.', 'enrollment'],
    enroll: ['enrolment', 'Britain writes one l at the end, America two.', 'enrollment'],
  },
  ful: {
    awe: drops('awe', 'awful'),
    skill: ['skilful', 'skill loses an l before -ful in Britain.', 'skillful'],
    will: ['wilful', 'will loses an l before -ful in Britain.', 'willful'],
  },
  ness: {
    busy: [
      'business',
      'busy changes its y to i: business is spelled so, and said in two syllables.',
    ],
  },
  en: {
    strong: ['strengthen', 'The verb is made from strength: strengthen.'],
    long: ['lengthen', 'The verb is made from length: lengthen.'],
    high: ['heighten', 'The verb is made from height: heighten.'],
    deep: ['deepen', 'deep: just add -en.'],
  },
};

/** Bases that take -ible, with the word they make. */
const inIble = new Map(
  `access=accessible admit=admissible audio=audible collapse=collapsible combust=combustible comprehend=comprehensible
   contract=contractible convert=convertible convince=convincible corrupt=corruptible deduct=deductible defend=defensible
   destroy=destructible digest=digestible discern=discernible divide=divisible exhaust=exhaustible expand=expansible
   extend=extendible flex=flexible force=forcible horror=horrible terror=terrible impress=impressible invert=invertible
   perceive=perceptible permit=permissible produce=producible reduce=reducible repress=repressible resist=resistible
   response=responsible reverse=reversible sense=sensible suggest=suggestible suppress=suppressible vision=visible
   neglect=negligible elect=eligible poss=possible`
    .split(/\s+/)
    .map((pair) => pair.split('=') as [string, string]),
);

/** Before -able Britain keeps the e of these, America drops it; either is accepted. */
const keepsE = new Set('like size rate name sale hire blame live shake move love use'.split(' '));
/** Of these both write the shorter form first. */
const shorterFirst = new Set(['love', 'move', 'use']);

/** The learned form of a base with a suffix, in a spelling; undefined where a rule makes it. */
export function learnedForm(
  base: string,
  suffix: string,
  spelling: Spelling = 'us',
): LearnedForm | undefined {
  if (suffix === 'able') return ableForm(base, spelling);
  const found = learned[suffix]?.[base];
  if (found === undefined) return undefined;
  const [british, reason, american] = found;
  const form = spelling === 'us' ? (american ?? british) : british;
  const other = form === british ? american : british;
  return { form, reason, alternatives: other === undefined ? [] : [other] };
}

function ableForm(base: string, spelling: Spelling): LearnedForm | undefined {
  const ible = inIble.get(base);
  if (ible !== undefined) {
    return { form: ible, alternatives: [], reason: `${base} makes its word with -ible: ${ible}.` };
  }
  if (!keepsE.has(base)) return undefined;
  const [long, short] = [`${base}able`, `${base.slice(0, -1)}able`];
  return spelling === 'uk' && !shorterFirst.has(base)
    ? { form: long, alternatives: [short], reason: `Britain keeps the e of ${base} before -able.` }
    : {
        form: short,
        alternatives: [long],
        reason: `${base} ends in a silent e: drop the e before -able.`,
      };
}
