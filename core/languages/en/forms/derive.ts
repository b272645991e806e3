/**
 * Words made from words: the one who does it (-er, -or), the noun of a verb
 * (-tion, -sion, -ssion, -ation), and the prefixes un-, re-, dis-, mis-, in-.
 * The rules for -tion and its kin are those of the National Curriculum in
 * England, English Appendix 1: Spelling (2013), years 3 and 4.
 */
import { joinRules, joinVowelSuffix, type JoinOptions } from './join';
import type { Inflection } from './inflection';

export interface DeriveOptions extends JoinOptions {
  /** Whether a form is a word in use; settles what letters alone cannot (relaxation, adoption). */
  readonly isWord?: (word: string) => boolean;
}

/** Rules of this module, as a teacher names them and as a learner hears them. */
export const deriveRules: Readonly<Record<string, { name: string; learner: string }>> = {
  'agent-or': { name: 'ends in -or', learner: 'This one ends in or: learn it.' },
  'agent-ar': { name: 'ends in -ar', learner: 'This one ends in ar: learn it.' },
  'add-ion': { name: 't or te: -tion', learner: 'It ends in t or te: write tion.' },
  'add-sion': { name: 'd, de or se: -sion', learner: 'It ends in d, de or se: write sion.' },
  'add-ssion': { name: 'ss or mit: -ssion', learner: 'It ends in ss or mit: write ssion.' },
  'add-ation': { name: 'add -ation', learner: 'Add ation; a silent e is dropped.' },
  'add-cian': { name: 'c: -cian', learner: 'It ends in c and is a person: write cian.' },
  'stem-changes': { name: 'the base changes', learner: 'The end of the base changes: learn it.' },
  'add-prefix': { name: 'prefix: just add', learner: 'Put it in front. Nothing else changes.' },
  'prefix-il': { name: 'in- becomes il- before l', learner: 'Before l, in becomes il.' },
  'prefix-im': {
    name: 'in- becomes im- before b, m, p',
    learner: 'Before b, m or p, in becomes im.',
  },
  'prefix-ir': { name: 'in- becomes ir- before r', learner: 'Before r, in becomes ir.' },
};

function made(
  base: string,
  form: string,
  rule: string,
  reason: string,
  alternatives: readonly string[] = [],
): Inflection {
  return {
    base,
    form,
    rule,
    reason,
    learnerReason: deriveRules[rule]?.learner ?? '',
    alternatives,
  };
}

/** Verbs of the Latin kind whose doer ends in -or. */
const agentsInOr = new Set(
  `act actor conduct conductor direct director invent inventor inspect inspector collect collector protect protector
   instruct instructor construct constructor contract contractor visit visitor edit editor inherit inheritor sail sailor
   survive survivor govern governor conquer conqueror profess professor process processor confess confessor success
   credit creditor audit auditor exhibit exhibitor solicit solicitor compress compressor project projector
   reflect reflector detect detector elect elector select selector predict predictor counsel counsellor sculpt sculptor
   advise supervise supervisor invest investor vend vendor possess possessor`.split(/\s+/),
);
const agentsInAr: Readonly<Record<string, string>> = { beg: 'beggar', lie: 'liar' };

/** The one who does it: teach, teacher; invent, inventor. */
export function agentForm(base: string, options: DeriveOptions = {}): Inflection {
  const inAr = agentsInAr[base];
  if (inAr !== undefined) {
    return made(base, inAr, 'agent-ar', `${base} makes ${inAr}, with ar.`);
  }
  const latin = agentsInOr.has(base) && !/(or|er)$/.test(base);
  if (latin || /[^aeiou]?[aeiou][^aeiou]*ate$/.test(base)) {
    const joined = joinVowelSuffix(base, 'or', options);
    const spelled = options.spelling === 'us' ? joined.form.replace(/llor$/, 'lor') : joined.form;
    if (/^(skate|hate|date|debate|plate|state)$/.test(base) === false) {
      return made(
        base,
        spelled,
        'agent-or',
        `${base} is of the kind that makes the doer with -or: ${spelled}.`,
      );
    }
  }
  const joined = joinVowelSuffix(base, 'er', options);
  return {
    base,
    form: joined.form,
    rule: joined.rule,
    reason: joined.reason,
    learnerReason: joinRules[joined.rule].learner,
    alternatives: joined.alternatives,
  };
}

/** Nouns in -tion whose base changes more than any rule says. */
const changedStems: Readonly<Record<string, string>> = {
  explain: 'explanation',
  exclaim: 'exclamation',
  reclaim: 'reclamation',
  proclaim: 'proclamation',
  pronounce: 'pronunciation',
  destroy: 'destruction',
  add: 'addition',
  repeat: 'repetition',
  solve: 'solution',
  resolve: 'resolution',
  evolve: 'evolution',
  revolve: 'revolution',
  satisfy: 'satisfaction',
  oppose: 'opposition',
  suspect: 'suspicion',
  absorb: 'absorption',
  intend: 'intention',
  attend: 'attention',
  contend: 'contention',
  invite: 'invitation',
  vary: 'variation',
  publish: 'publication',
  abolish: 'abolition',
  admonish: 'admonition',
  prohibit: 'prohibition',
  exhibit: 'exhibition',
  compete: 'competition',
  define: 'definition',
  recognise: 'recognition',
  recognize: 'recognition',
  despair: 'desperation',
  sense: 'sensation',
  converse: 'conversation',
  condense: 'condensation',
  accuse: 'accusation',
  cause: 'causation',
  tend: 'tension',
  retain: 'retention',
  detain: 'detention',
  contain: 'containment',
  prevent: 'prevention',
  optic: 'optician',
};

/** Endings of Latin verbs against the endings of their nouns, the longer first. */
const stems: readonly (readonly [verb: RegExp, noun: string, rule: string])[] = [
  [/scribe$/, 'scription', 'stem-changes'],
  [/sume$/, 'sumption', 'stem-changes'],
  [/ceive$/, 'ception', 'stem-changes'],
  [/duce$/, 'duction', 'stem-changes'],
  [/pose$/, 'position', 'stem-changes'],
  [/mit$/, 'mission', 'add-ssion'],
  [/(ceed|cede)$/, 'cession', 'add-ssion'],
  [/vert$/, 'version', 'add-sion'],
  [/([ae])nd$/, '$1nsion', 'add-sion'],
  [/([aeiou])de$/, '$1sion', 'add-sion'],
  [/(us|is|as|ns|rs)e$/, '$1ion', 'add-sion'],
  [/ify$/, 'ification', 'stem-changes'],
  [/ply$/, 'plication', 'stem-changes'],
  [/ss$/, 'ssion', 'add-ssion'],
  [/([aeiou])te$/, '$1tion', 'add-ion'],
];

const reasons: Readonly<Record<string, (base: string) => string>> = {
  'stem-changes': (base) => `The end of ${base} changes before -tion.`,
  'add-ssion': (base) => `${base} ends in ss or mit: the noun ends in -ssion.`,
  'add-sion': (base) => `${base} ends in d, de or se: the noun ends in -sion.`,
  'add-ion': (base) => `${base} ends in t or te: the noun ends in -tion.`,
  'add-ation': (base) => `${base} takes -ation.`,
  'add-cian': (base) => `${base} ends in c: the person's name ends in -cian.`,
};

/** Everything the noun could be, the likeliest first. */
function tionCandidates(base: string): { form: string; rule: string }[] {
  const changed = changedStems[base];
  if (changed !== undefined) return [{ form: changed, rule: 'stem-changes' }];
  const found: { form: string; rule: string }[] = [];
  // -ise and -ize make -isation, unless the s is the stem's own (revise, revision).
  if (/i[sz]e$/.test(base) && !/(vise|cise|mise)$/.test(base)) {
    found.push({ form: `${base.slice(0, -1)}ation`, rule: 'add-ation' });
  }
  for (const [verb, noun, rule] of stems) {
    if (verb.test(base)) found.push({ form: base.replace(verb, noun), rule });
  }
  if (/c$/.test(base)) found.push({ form: `${base}ian`, rule: 'add-cian' });
  if (/t$/.test(base) && !/mit$/.test(base)) found.push({ form: `${base}ion`, rule: 'add-ion' });
  if (/e$/.test(base)) found.push({ form: `${base.slice(0, -1)}ation`, rule: 'add-ation' });
  else
    found.push(
      { form: `${base}ation`, rule: 'add-ation' },
      { form: `${base}ion`, rule: 'add-ion' },
    );
  return found;
}

/** The noun of a verb in -tion, -sion, -ssion or -ation; of a subject in -c, the person (music, musician). */
export function tionForm(base: string, { isWord }: DeriveOptions = {}): Inflection {
  const candidates = tionCandidates(base);
  const used = isWord ? candidates.find((each) => isWord(each.form)) : undefined;
  const chosen = used ?? (candidates[0] as (typeof candidates)[number]);
  return made(base, chosen.form, chosen.rule, reasons[chosen.rule]?.(base) ?? '');
}

const prefixMeanings: Readonly<Record<string, string>> = {
  un: 'not, or the opposite of',
  re: 'again, or back',
  dis: 'not, or the opposite of',
  mis: 'wrongly',
  in: 'not',
};
export type Prefix = 'un' | 're' | 'dis' | 'mis' | 'in';
export const prefixNames: readonly Prefix[] = ['un', 're', 'dis', 'mis', 'in'];

/** A prefix before a word: nothing changes, but in- meets the first letter. */
export function prefixForm(base: string, prefix: Prefix): Inflection {
  if (prefix === 'in') {
    const [as, rule] = /^l/.test(base)
      ? ['il', 'prefix-il']
      : /^[bmp]/.test(base)
        ? ['im', 'prefix-im']
        : /^r/.test(base)
          ? ['ir', 'prefix-ir']
          : ['in', 'add-prefix'];
    const why =
      as === 'in'
        ? `in- means not: put it before ${base}.`
        : `${base} begins with ${base[0]}: in- becomes ${as}-.`;
    return made(base, as + base, rule as string, why);
  }
  const hyphened = prefix === 're' && /^e/.test(base) ? [`re-${base}`] : [];
  return made(
    base,
    prefix + base,
    'add-prefix',
    `${prefix}- means ${prefixMeanings[prefix]}: put it before ${base}. No letter is lost.`,
    hyphened,
  );
}
