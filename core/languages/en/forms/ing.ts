/**
 * The -ing form of an English verb, with the rule that made it.
 *
 * The four rules that are taught (National Curriculum in England, English
 * Appendix 1: Spelling, 2013, years 1 to 3): double the final consonant after
 * one short vowel letter and one consonant; add to a short vowel with two
 * consonants; drop a final silent e; add to a vowel team. The rest are named too.
 */
import type { Spelling } from '../../../kernel/spelling';
import { isVowelPhoneme } from '../sounds/phonemes';
import type { Reading } from '../lexicon/lexicon';
import type { Inflection } from './inflection';

export const ingRuleNames = [
  'double-final-consonant',
  'add-after-two-consonants',
  'drop-silent-e',
  'add-after-vowel-team',
  'ie-to-y',
  'add-k-after-c',
  'keep-e',
  'just-add',
] as const;
export type IngRuleName = (typeof ingRuleNames)[number];

/** The four rules a class sorts words by, as a teacher names them and as a learner hears them. */
export const ingRules: Readonly<Record<IngRuleName, { name: string; learner: string }>> = {
  'double-final-consonant': {
    name: 'double the final consonant',
    learner: 'One short vowel, one consonant: double it.',
  },
  'add-after-two-consonants': {
    name: 'two consonants: just add',
    learner: 'Two consonants at the end: just add -ing.',
  },
  'drop-silent-e': { name: 'drop the silent e', learner: 'Silent e at the end: drop it.' },
  'add-after-vowel-team': {
    name: 'vowel team: just add',
    learner: 'A vowel team before the consonant: just add -ing.',
  },
  'ie-to-y': { name: 'ie becomes y', learner: 'ie at the end: change it to y.' },
  'add-k-after-c': { name: 'k after c', learner: 'c at the end: add k to keep its sound.' },
  'keep-e': { name: 'keep the e', learner: 'This e is needed: keep it.' },
  'just-add': { name: 'just add', learner: 'Nothing changes: just add -ing.' },
};

export type IngInflection = Inflection<IngRuleName>;

export interface IngOptions {
  /** The base's reading, for its stress and its vowel; without one the letters decide. */
  readonly reading?: Reading;
  readonly spelling?: Spelling;
}

const vowel = /[aeiou]/;

/** Verbs whose final e keeps the word apart from another (dye, singe) or a sound (oe, ee, ye). */
const keepsE = new Set(['dye', 'singe', 'tinge', 'swinge', 'springe', 'binge', 'whinge', 'age']);

/** Final syllables without main stress whose consonant doubles all the same, on both sides of the Atlantic. */
const doublesUnstressed =
  /(handicap|zigzag|hobnob|humbug|kidnap|worship|program|input|output|outfit|nonplus|quickstep|backpack)$/;

/** Final stress: of one syllable, or with main or secondary stress on the last vowel. */
export function endsStressed(base: string, reading: Reading | undefined): boolean {
  if (reading === undefined) return base.replace(/qu/g, 'q').match(/[aeiouy]+/g)?.length === 1;
  const { stresses } = reading;
  return stresses.length <= 1 || (stresses[stresses.length - 1] ?? 0) === 1;
}

/** The letters before the last consonant: one vowel letter, the u of qu being none. */
export function endsInOneVowelOneConsonant(base: string): boolean {
  const letters = base.replace(/qu/g, 'qw');
  return /(^|[^aeiou])[aeiouy][bcdfghjklmnprstvz]$/.test(letters) && !/[aeiou]y.$/.test(letters);
}

/** Why a final consonant doubles: by its letters in a short word, by stress in a longer one, or by custom. */
export function doublingReason(base: string, reading: Reading | undefined): string {
  const [vowel = '', last = ''] = base.slice(-2);
  const syllables = reading?.stresses.length ?? (base.match(/[aeiouy]+/g) ?? []).length;
  if (syllables <= 1) {
    return `${base} ends in one short vowel letter (${vowel}) and one consonant: double the ${last}.`;
  }
  return endsStressed(base, reading)
    ? `The last syllable of ${base} is stressed, and ends in one vowel letter (${vowel}) and one consonant: double the ${last}.`
    : `The last syllable of ${base} is not stressed, yet its ${last} is doubled: learn it.`;
}

/** The same for a learner; undefined where the rule's own wording is true of the word. */
export function doublingForLearner(base: string, reading: Reading | undefined): string | undefined {
  if ((reading?.stresses.length ?? (base.match(/[aeiouy]+/g) ?? []).length) <= 1) return undefined;
  return endsStressed(base, reading)
    ? 'The end is said strongly: double the last letter.'
    : 'This one doubles its last letter: learn it.';
}

export function endsInVowelTeam(base: string, reading: Reading | undefined): boolean {
  const last = reading?.units.findLast((unit) => unit.phonemes.some(isVowelPhoneme));
  if (last !== undefined) return /^[a-z]*[aeiouyw]{2}[a-z]*$/.test(last.grapheme);
  return /[aeiou][aeiouyw][^aeiou]*$/.test(base);
}

/**
 * The -ing form of a verb. For a word that is not in the lexicon the letters
 * alone decide, which is right for words of one syllable.
 */
export function ingForm(word: string, options: IngOptions = {}): IngInflection {
  const base = word.trim();
  const { reading, spelling = 'us' } = options;
  const last = base.slice(-1);
  const made = (
    form: string,
    rule: IngRuleName,
    reason: string,
    alternatives: readonly string[] = [],
  ): IngInflection => ({
    base,
    form,
    rule,
    reason,
    learnerReason:
      (rule === 'double-final-consonant' ? doublingForLearner(base, reading) : undefined) ??
      ingRules[rule].learner,
    alternatives,
  });

  if (/[^aeiou]ie$|^[^aeiou]*ie$/.test(base)) {
    return made(
      `${base.slice(0, -2)}ying`,
      'ie-to-y',
      `${base} ends in ie: ie becomes y before -ing.`,
    );
  }
  if (/[^aeo]e$/.test(base) || /[^aeo]e$/.test(` ${base}`)) {
    if (keepsE.has(base) && base !== 'age') {
      const dropped = `${base.slice(0, -1)}ing`;
      const other = /^(binge|tinge|whinge)$/.test(base) ? [dropped] : [];
      return made(
        `${base}ing`,
        'keep-e',
        `${base} keeps its e, so that ${base}ing is not read as ${dropped}.`,
        other,
      );
    }
    if (base.length > 2) {
      if (base.endsWith('ye')) {
        const other = base === 'eye' ? ['eying'] : [];
        return made(`${base}ing`, 'keep-e', `${base} ends in ye: the e stays before -ing.`, other);
      }
      return made(
        `${base.slice(0, -1)}ing`,
        'drop-silent-e',
        `${base} ends in a silent e: drop the e before -ing.`,
        base === 'age' ? ['ageing'] : [],
      );
    }
  }
  if (/(ee|oe|ae)$/.test(base) || /^[^aeiou]+e$/.test(base)) {
    return made(
      `${base}ing`,
      'keep-e',
      `${base} ends in a vowel sound spelled with e: the e stays.`,
    );
  }
  if (last === 'c' && vowel.test(base.slice(-2, -1))) {
    return made(
      `${base}king`,
      'add-k-after-c',
      `${base} ends in c: add k so that c keeps its hard sound before i.`,
    );
  }
  if (/[^aeiou]c$/.test(base)) {
    return made(`${base}ing`, 'just-add', `${base} ends in c after a consonant: just add -ing.`);
  }

  if (endsInOneVowelOneConsonant(base)) {
    const doubled = `${base}${last}ing`;
    if (endsStressed(base, reading) || doublesUnstressed.test(base)) {
      return made(
        doubled,
        'double-final-consonant',
        doublingReason(base, reading),
        /^(program|kidnap|worship)$/.test(base) ? [`${base}ing`] : [],
      );
    }
    if (last === 'l') {
      // Unstressed final l: doubled in British spelling, single in American (travelling, traveling).
      return spelling === 'uk' && !/(parallel)$/.test(base)
        ? made(
            doubled,
            'double-final-consonant',
            `${base} ends in one vowel letter and l: British spelling doubles the l even without stress.`,
            [`${base}ing`],
          )
        : made(
            `${base}ing`,
            'just-add',
            `The last syllable of ${base} is not stressed: American spelling just adds -ing.`,
            [doubled],
          );
    }
    return made(
      `${base}ing`,
      'just-add',
      `The last syllable of ${base} is not stressed, so the ${last} is not doubled.`,
      /(focus|bias|benefit|combat|target|gallop)$/.test(base) && /(focus|bias|combat)$/.test(base)
        ? [doubled]
        : [],
    );
  }
  if (/[wxy]$/.test(base)) {
    return made(
      `${base}ing`,
      endsInVowelTeam(base, reading) && last !== 'x' ? 'add-after-vowel-team' : 'just-add',
      `${base} ends in ${last}, which is never doubled: just add -ing.`,
    );
  }
  if (/[^aeiou][^aeiou]$/.test(base) && !endsInVowelTeam(base, reading)) {
    return made(
      `${base}ing`,
      'add-after-two-consonants',
      `${base} ends in two consonants (${base.slice(-2)}): just add -ing.`,
    );
  }
  if (endsInVowelTeam(base, reading) && endsStressed(base, reading)) {
    const last = reading?.units.findLast((unit) => unit.phonemes.some(isVowelPhoneme));
    const team = last?.grapheme ?? base.match(/[aeiou][aeiouyw]/)?.[0] ?? '';
    return made(
      `${base}ing`,
      'add-after-vowel-team',
      `The vowel of ${base} is spelled by a team (${team}): just add -ing.`,
    );
  }
  return made(`${base}ing`, 'just-add', `Nothing in ${base} changes: just add -ing.`);
}
