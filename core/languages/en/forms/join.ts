/**
 * Adding a suffix to an English word: what happens at the seam. The rules are
 * those that are taught (National Curriculum in England, English Appendix 1:
 * Spelling, 2013, years 1 to 6): drop a final e before a vowel letter, change y
 * after a consonant to i, double a final consonant after one short stressed
 * vowel, else just add.
 */
import type { Spelling } from '../../../kernel/spelling';
import type { Reading } from '../lexicon/lexicon';
import { doublingReason, endsInOneVowelOneConsonant, endsInVowelTeam, endsStressed } from './ing';

export const joinRuleNames = [
  'double-final-consonant',
  'drop-silent-e',
  'y-to-i',
  'keep-y',
  'keep-e',
  'add-k-after-c',
  'add-after-two-consonants',
  'add-after-vowel-team',
  'drop-le',
  'just-add',
] as const;
export type JoinRuleName = (typeof joinRuleNames)[number];

export interface Joined {
  readonly form: string;
  readonly rule: JoinRuleName;
  readonly reason: string;
  readonly alternatives: readonly string[];
}

export interface JoinOptions {
  readonly reading?: Reading;
  readonly spelling?: Spelling;
}

/** What a class hears of each rule. */
export const joinRules: Readonly<Record<JoinRuleName, { name: string; learner: string }>> = {
  'double-final-consonant': {
    name: 'double the final consonant',
    learner: 'One short vowel, one consonant: double it.',
  },
  'drop-silent-e': { name: 'drop the silent e', learner: 'Silent e at the end: drop it.' },
  'y-to-i': { name: 'y becomes i', learner: 'Consonant and y: change the y to i.' },
  'keep-y': { name: 'keep the y', learner: 'Vowel and y: keep the y.' },
  'keep-e': { name: 'keep the e', learner: 'This e is needed: keep it.' },
  'add-k-after-c': { name: 'k after c', learner: 'c at the end: add k to keep its sound.' },
  'add-after-two-consonants': {
    name: 'two consonants: just add',
    learner: 'Two consonants at the end: just add.',
  },
  'add-after-vowel-team': {
    name: 'vowel team: just add',
    learner: 'A vowel team before the consonant: just add.',
  },
  'drop-le': { name: 'le becomes ly', learner: 'Consonant and le: drop the e and add y.' },
  'just-add': { name: 'just add', learner: 'Nothing changes: just add.' },
};

/** Suffixes before which ce and ge keep their e, so that c and g stay soft: noticeable, outrageous. */
const hardensSoftLetter = /^[aou]/;

function joinToE(base: string, suffix: string): Joined | undefined {
  const kept = (reason: string, alternatives: readonly string[] = []): Joined => ({
    form: base + suffix,
    rule: 'keep-e',
    reason,
    alternatives,
  });
  if (suffix.startsWith('e')) {
    return {
      form: base + suffix.slice(1),
      rule: 'drop-silent-e',
      reason: `${base} ends in e already: add only ${suffix.slice(1)}.`,
      alternatives: [],
    };
  }
  if (/[cg]e$/.test(base) && hardensSoftLetter.test(suffix)) {
    return kept(`${base} keeps its e, so that ${base.slice(-2, -1)} stays soft before ${suffix}.`);
  }
  if (/(ee|oe|ye)$/.test(base)) return kept(`${base} ends in ${base.slice(-2)}: the e stays.`);
  const dropped = base.slice(0, -1) + suffix;
  return {
    form: dropped,
    rule: 'drop-silent-e',
    reason: `${base} ends in a silent e: drop the e before -${suffix}.`,
    alternatives: [],
  };
}

function joinToY(base: string, suffix: string): Joined | undefined {
  if (/[aeiou]y$/.test(base)) {
    return {
      form: base + suffix,
      rule: 'keep-y',
      reason: `${base} ends in a vowel letter and y: keep the y.`,
      alternatives: [],
    };
  }
  if (suffix.startsWith('i')) {
    return {
      form: base + suffix,
      rule: 'keep-y',
      reason: `${base} keeps its y: English avoids two i together.`,
      alternatives: [],
    };
  }
  return {
    form: `${base.slice(0, -1)}i${suffix}`,
    rule: 'y-to-i',
    reason: `${base} ends in a consonant and y: the y becomes i before -${suffix}.`,
    alternatives: [],
  };
}

/** Adds a suffix that begins with a vowel letter (ed, er, est, en, y, able, ish, ous). */
export function joinVowelSuffix(base: string, suffix: string, options: JoinOptions = {}): Joined {
  const { reading, spelling = 'us' } = options;
  const last = base.slice(-1);
  const plain = (rule: JoinRuleName, reason: string, alternatives: readonly string[] = []) => ({
    form: base + suffix,
    rule,
    reason,
    alternatives,
  });
  if (last === 'e') {
    const joined = joinToE(base, suffix);
    if (joined) return joined;
  }
  if (last === 'y' && base.length > 1) {
    const joined = joinToY(base, suffix);
    if (joined) return joined;
  }
  if (/[aeiou]c$/.test(base) && /^[eiy]/.test(suffix)) {
    return {
      form: `${base}k${suffix}`,
      rule: 'add-k-after-c',
      reason: `${base} ends in c: add k so that c keeps its hard sound.`,
      alternatives: [],
    };
  }
  if (endsInOneVowelOneConsonant(base)) {
    const doubled = base + last + suffix;
    if (endsStressed(base, reading) || /(handicap|zigzag|kidnap|worship|program)$/.test(base)) {
      const alternatives = /^(kidnap|worship|program)$/.test(base) ? [base + suffix] : [];
      return {
        form: doubled,
        rule: 'double-final-consonant',
        reason: doublingReason(base, reading),
        alternatives,
      };
    }
    if (last === 'l' && !/parallel$/.test(base) && /^(e[dr]|ing|ous|er)/.test(suffix)) {
      return spelling === 'uk'
        ? {
            form: doubled,
            rule: 'double-final-consonant',
            reason: `${base} ends in one vowel letter and l: British spelling doubles the l even without stress.`,
            alternatives: [base + suffix],
          }
        : plain(
            'just-add',
            `The last syllable of ${base} is not stressed: American spelling just adds -${suffix}.`,
            [doubled],
          );
    }
    const either = /(focus|bias|combat)$/.test(base) ? [doubled] : [];
    return plain(
      'just-add',
      `The last syllable of ${base} is not stressed, so the ${last} is not doubled.`,
      either,
    );
  }
  if (/[wxy]$/.test(base)) {
    const team = endsInVowelTeam(base, reading) && last !== 'x';
    return plain(
      team ? 'add-after-vowel-team' : 'just-add',
      `${base} ends in ${last}, which is never doubled: just add -${suffix}.`,
    );
  }
  if (/[^aeiou][^aeiouwxy]$/.test(base) && !endsInVowelTeam(base, reading)) {
    return plain(
      'add-after-two-consonants',
      `${base} ends in two consonants (${base.slice(-2)}): just add -${suffix}.`,
    );
  }
  if (endsInVowelTeam(base, reading) && endsStressed(base, reading)) {
    return plain(
      'add-after-vowel-team',
      `The vowel of ${base} is spelled by a team: just add -${suffix}.`,
    );
  }
  return plain('just-add', `Nothing in ${base} changes: just add -${suffix}.`);
}

/** Adds a suffix that begins with a consonant letter (ful, less, ness, ment, ly, s). */
export function joinConsonantSuffix(base: string, suffix: string): Joined {
  if (/[^aeiou]y$/.test(base) && base.length > 3 && !/^(shy|sly|wry|dry|spry)$/.test(base)) {
    return {
      form: `${base.slice(0, -1)}i${suffix}`,
      rule: 'y-to-i',
      reason: `${base} ends in a consonant and y: the y becomes i before -${suffix}.`,
      alternatives: [],
    };
  }
  return {
    form: base + suffix,
    rule: 'just-add',
    reason: `-${suffix} begins with a consonant: nothing in ${base} changes.`,
    alternatives: [],
  };
}
