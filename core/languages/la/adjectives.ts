/** An adjective of a dictionary in all its forms and degrees, with its adverbs: Allen and Greenough §§ 110–131, 214–218. */
import {
  comparative,
  comparativeNeuter,
  decline,
  first,
  secondEr,
  secondMasculine,
  secondNeuter,
  thirdAdjective,
  thirdAdjectiveNeuter,
} from './declensions';
import { plain } from './letters';
import type { Form, Gender } from './parse';

export interface Adjective {
  readonly masculine: string;
  /** The feminine and the neuter, the neuter alone, or the genitive, as the dictionary has them. */
  readonly others: readonly string[];
}

type Degree = 'positive' | 'comparative' | 'superlative';

/** Comparative and superlative that no rule gives; an empty one is not used. */
const compared: Readonly<Record<string, readonly [comparative: string, superlative: string]>> = {
  bonus: ['melior', 'optimus'],
  malus: ['peior', 'pessimus'],
  magnus: ['maior', 'maximus'],
  parvus: ['minor', 'minimus'],
  multus: ['', 'plūrimus'],
  dives: ['dīvitior', 'dīvitissimus'],
  vetus: ['vetustior', 'veterrimus'],
  senex: ['senior', ''],
  iuvenis: ['iūnior', ''],
  facilis: ['facilior', 'facillimus'],
  difficilis: ['difficilior', 'difficillimus'],
  similis: ['similior', 'simillimus'],
  dissimilis: ['dissimilior', 'dissimillimus'],
  gracilis: ['gracilior', 'gracillimus'],
  humilis: ['humilior', 'humillimus'],
  exterus: ['exterior', 'extrēmus'],
  inferus: ['īnferior', 'īnfimus'],
  superus: ['superior', 'suprēmus'],
  posterus: ['posterior', 'postrēmus'],
  propinquus: ['propior', 'proximus'],
  benevolus: ['benevolentior', 'benevolentissimus'],
  maleficus: ['maleficentior', 'maleficentissimus'],
  mirificus: ['mīrificentior', 'mīrificentissimus'],
  magnificus: ['magnificentior', 'magnificentissimus'],
};

/** Adverbs that no rule gives. */
const adverbs: Readonly<Record<string, readonly string[]>> = {
  bonus: ['bene'],
  malus: ['male'],
  magnus: ['magnopere'],
  multus: ['multum'],
  parvus: ['parum'],
  facilis: ['facile'],
  difficilis: ['difficulter'],
  audax: ['audācter'],
  citus: ['cito'],
  tutus: ['tūtō'],
  rarus: ['rārō'],
  primus: ['prīmum', 'prīmō'],
  subitus: ['subitō'],
  falsus: ['falsō'],
  crebrus: ['crēbrō'],
  ceterus: ['cēterum'],
  solus: ['sōlum'],
  alius: ['aliter'],
};

/** Genitive -īus, dative -ī: § 113. */
const pronominal = new Set([
  'unus',
  'totus',
  'solus',
  'alius',
  'alter',
  'uter',
  'ullus',
  'nullus',
  'neuter',
  'uterque',
]);

const genders: readonly Gender[] = ['masculine', 'feminine', 'neuter'];
const as = (degree: Degree, forms: readonly Form[]): Form[] =>
  forms.map((form) => ({ ...form, degree }));

/** Of three endings: -us or -er, -a, -um. */
export function threeEndings(masculine: string, stem: string): Form[] {
  const us = masculine.endsWith('us');
  const all = [
    ...decline(stem, us ? secondMasculine : secondEr, 'masculine', masculine),
    ...decline(stem, first, 'feminine', masculine),
    ...decline(stem, secondNeuter, 'neuter', masculine),
  ];
  const key = plain(masculine).toLowerCase();
  if (key === 'meus')
    return all.map((form) =>
      form.case === 'vocative' && form.number === 'singular' && form.gender === 'masculine'
        ? { ...form, form: 'mī' }
        : form,
    );
  if (!pronominal.has(key)) return all;
  return all.map((form) => {
    if (form.number !== 'singular') return form;
    if (form.case === 'genitive')
      return {
        ...form,
        form: key === 'alius' ? 'alīus' : key === 'alter' ? 'alterīus' : `${stem}īus`,
      };
    if (form.case === 'dative') return { ...form, form: `${stem}ī` };
    if (key === 'alius' && form.gender === 'neuter' && form.form === 'alium')
      return { ...form, form: 'aliud' };
    return form;
  });
}

function thirdForms(
  nominatives: Readonly<Record<Gender, string>>,
  stem: string,
  consonant: boolean,
): Form[] {
  return genders.flatMap((gender) => {
    const neuter = gender === 'neuter';
    const paradigm = consonant
      ? neuter
        ? comparativeNeuter
        : comparative
      : neuter
        ? thirdAdjectiveNeuter
        : thirdAdjective;
    return decline(stem, paradigm, gender, nominatives[gender]);
  });
}

/** A comparative: -ior, -ius. */
export const comparativeForms = (masculine: string): Form[] =>
  as(
    'comparative',
    thirdForms(
      { masculine, feminine: masculine, neuter: masculine.replace(/or$/, 'us') },
      masculine.replace(/or$/, 'ōr'),
      true,
    ),
  );

/** A participle or adjective in -ns: ablative -ī or -e. */
export function nsForms(masculine: string, stem: string): Form[] {
  const same = { masculine, feminine: masculine, neuter: masculine };
  return [
    ...thirdForms(same, stem, false),
    ...genders.map((gender): Form => ({
      form: `${stem}e`,
      case: 'ablative',
      number: 'singular',
      gender,
    })),
  ];
}

/** Third declension adjectives with consonant stems: § 121. */
const consonantAdjectives = new Set([
  'vetus',
  'pauper',
  'dives',
  'princeps',
  'superstes',
  'sospes',
  'particeps',
  'senex',
  'iuvenis',
  'inops',
  'memor',
  'uber',
  'supplex',
  'plus',
]);

/** Without degrees: numbers, pronouns, colours of one kind. */
const ungraded = new Set([
  'unus',
  'totus',
  'solus',
  'alius',
  'alter',
  'uter',
  'ullus',
  'nullus',
  'neuter',
  'uterque',
  'meus',
  'tuus',
  'suus',
  'noster',
  'vester',
  'omnis',
  'cunctus',
  'ceterus',
  'ceteri',
  'medius',
  'reliquus',
  'melior',
  'peior',
  'maior',
  'minor',
  'optimus',
  'pessimus',
  'maximus',
  'minimus',
  'prior',
  'posterior',
  'plerique',
  'quantus',
  'tantus',
  'qualis',
  'talis',
  'summus',
  'imus',
  'ultimus',
  'proximus',
  'extremus',
  'primus',
  'secundus',
  'tertius',
  'quartus',
  'quintus',
  'sextus',
  'septimus',
  'octavus',
  'nonus',
  'decimus',
  'duo',
  'tres',
]);

interface Stemmed {
  readonly stem: string;
  readonly positive: readonly Form[];
  readonly kind: 'first' | 'third';
}

function positiveOf({ masculine, others }: Adjective): Stemmed {
  const [one = '', two = ''] = others;
  if (masculine.endsWith('ī')) {
    const stem = masculine.slice(0, -1);
    const positive = threeEndings(`${stem}us`, stem).filter(({ number }) => number === 'plural');
    return { stem, positive, kind: 'first' };
  }
  if (/^-?\p{L}*a$/u.test(one) && /um$|ud$/.test(two)) {
    const stem =
      one === '-a' ? masculine.replace(/us$/, '').replace(/er$/, 'er') : one.replace(/a$/, '');
    return { stem, positive: threeEndings(masculine, stem), kind: 'first' };
  }
  if (/re$/.test(two)) {
    const stem = one.replace(/is$/, '');
    return {
      stem,
      positive: thirdForms({ masculine, feminine: one, neuter: two }, stem, false),
      kind: 'third',
    };
  }
  if (one === '-e' || (masculine.endsWith('is') && /e$/.test(one))) {
    const stem = masculine.replace(/is$/, '');
    return {
      stem,
      positive: thirdForms({ masculine, feminine: masculine, neuter: `${stem}e` }, stem, false),
      kind: 'third',
    };
  }
  const genitive = one.startsWith('-') ? joined(masculine, one.slice(1)) : one;
  const stem = genitive.replace(/is$/, '');
  const key = plain(masculine).toLowerCase();
  const same = { masculine, feminine: masculine, neuter: masculine };
  const positive =
    key.endsWith('ns') || key.endsWith('rs')
      ? nsForms(masculine, stem)
      : thirdForms(same, stem, consonantAdjectives.has(key));
  return { stem, positive, kind: 'third' };
}

/** The genitive written out: fēlīx, -īcis. */
const joined = (nominative: string, end: string) => {
  const [bare, bareEnd] = [plain(nominative), plain(end)];
  if (bareEnd === 'is') return bare.endsWith('is') ? nominative : nominative + end;
  const at = bare.lastIndexOf(bareEnd[0] ?? '');
  return at > 0 ? nominative.slice(0, at) + end : nominative + end;
};

/** Every form of an adjective, with its comparative, superlative and adverbs. */
export function adjectiveForms(given: Adjective): Form[] {
  const { masculine } = given;
  const key = plain(masculine).toLowerCase();
  if (
    /(?:ior|inor|eior)$/.test(key) &&
    ['ius', 'us'].some((end) => (given.others[0] ?? '').endsWith(end))
  )
    return comparativeForms(masculine);
  const { stem, positive, kind } = positiveOf(given);
  if (ungraded.has(key))
    return as(
      key === 'optimus' || key === 'pessimus' || key === 'maximus' || key === 'minimus'
        ? 'superlative'
        : 'positive',
      positive,
    );
  const irregular = compared[key];
  // Two vowels before -us: with magis and maximē, not with an ending (§ 128).
  const periphrastic = /[^q][eiu]us$/.test(key) && irregular === undefined;
  const [more, most] =
    irregular ??
    (periphrastic
      ? ['', '']
      : [`${stem}ior`, key.endsWith('er') ? `${masculine}rimus` : `${stem}issimus`]);
  const adverb =
    adverbs[key] ??
    (consonantAdjectives.has(key)
      ? []
      : [kind === 'first' ? `${stem}ē` : /nt$/.test(stem) ? `${stem}er` : `${stem}iter`]);
  const adverbOf = (form: string, degree: Degree): Form => ({
    form,
    degree,
    partOfSpeech: 'adverb',
    lemma: adverb[0] ?? form,
  });
  return [
    ...as('positive', positive),
    ...adverb.map((form) => adverbOf(form, 'positive')),
    ...(more
      ? [
          ...comparativeForms(more),
          adverbOf(
            key === 'magnus' ? 'magis' : key === 'parvus' ? 'minus' : more.replace(/or$/, 'us'),
            'comparative',
          ),
        ]
      : []),
    ...(most
      ? [
          ...as('superlative', threeEndings(most, most.replace(/us$/, ''))),
          adverbOf(key === 'multus' ? 'plūrimum' : most.replace(/us$/, 'ē'), 'superlative'),
        ]
      : []),
    ...(key === 'multus' ? pluris() : []),
  ];
}

/** plūs: in the singular a noun, in the plural an adjective (§ 120). */
function pluris(): Form[] {
  const plural = (gender: Gender, cells: string) =>
    (['nominative', 'vocative', 'accusative', 'genitive', 'dative', 'ablative'] as const).map(
      (its, at): Form => ({
        form: cells.split(' ')[at] ?? '',
        case: its,
        number: 'plural',
        gender,
        degree: 'comparative',
      }),
    );
  return [
    ...plural('masculine', 'plūrēs plūrēs plūrēs plūrium plūribus plūribus'),
    ...plural('feminine', 'plūrēs plūrēs plūrēs plūrium plūribus plūribus'),
    ...plural('neuter', 'plūra plūra plūra plūrium plūribus plūribus'),
    ...(['nominative', 'accusative'] as const).map((its): Form => ({
      form: 'plūs',
      case: its,
      number: 'singular',
      gender: 'neuter',
      degree: 'comparative',
    })),
    {
      form: 'plūris',
      case: 'genitive',
      number: 'singular',
      gender: 'neuter',
      degree: 'comparative',
    },
    { form: 'plūs', degree: 'comparative', partOfSpeech: 'adverb', lemma: 'multum' },
  ];
}
