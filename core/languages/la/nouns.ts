/** A noun of a dictionary (nominative, genitive, gender) in all its forms. */
import {
  decline,
  fifth,
  first,
  fourth,
  fourthNeuter,
  secondEr,
  secondMasculine,
  secondNeuter,
  third,
  thirdI,
  thirdNeuter,
  thirdNeuterI,
  type Paradigm,
} from './declensions';
import { plain } from './letters';
import type { Case, Form, Gender } from './parse';

export interface Noun {
  readonly nominative: string;
  /** Whole, or its end with a hyphen before it. */
  readonly genitive: string;
  readonly genders: readonly Gender[];
  /** Only the plural is used. */
  readonly pluralOnly: boolean;
}

/** What gives way to a shortened genitive, by the end of the nominative. */
const replaced: readonly (readonly [string, string])[] = [
  ['us', 'oris'],
  ['us', 'eris'],
  ['us', 'utis'],
  ['us', 'udis'],
  ['o', 'inis'],
  ['o', 'onis'],
  ['en', 'inis'],
  ['ex', 'icis'],
  ['ix', 'icis'],
  ['ut', 'itis'],
  ['es', 'itis'],
  ['es', 'idis'],
  ['is', 'inis'],
  ['is', 'eris'],
  ['eps', 'ipis'],
  ['er', 'ris'],
];

/** The genitive written out: corpus, -oris: corporis. */
export function genitiveOf(nominative: string, genitive: string): string {
  if (!genitive.startsWith('-')) return genitive;
  const end = genitive.slice(1);
  const [bare, bareEnd] = [plain(nominative), plain(end)];
  const rule = replaced.find(([from, to]) => to === bareEnd && bare.endsWith(from));
  if (rule) return nominative.slice(0, -rule[0].length) + end;
  if (bareEnd === 'is') return nominative.replace(/(?:is|ēs|es|e)$/u, '') + end;
  if (/^(?:ae|arum|orum|i|ium|um|us|uum|ei|erum)$/.test(bareEnd)) {
    return nominative.replace(/(?:ae|us|um|ēs|es|a|ī|ū)$/u, '') + end;
  }
  const at = bare.lastIndexOf(bareEnd[0] ?? '');
  return at > 0 ? nominative.slice(0, at) + end : nominative + end;
}

/** Same count of syllables in nominative and genitive, but consonant stems: Allen and Greenough § 78. */
const consonantStems = new Set([
  'canis',
  'iuvenis',
  'panis',
  'senex',
  'sedes',
  'vates',
  'volucris',
  'strues',
  'frater',
  'mater',
  'pater',
  'apis',
]);
/** Other nouns with -ium: § 71 and 72. */
const iStems = new Set([
  'imber',
  'linter',
  'uter',
  'venter',
  'caro',
  'mus',
  'nix',
  'lis',
  'dos',
  'faux',
  'glis',
  'optimas',
  'penates',
  'os ossis',
  'cor',
  'fraus',
  'mas',
]);
/** Both are found. */
const either = new Set(['parens', 'apis', 'mensis', 'sedes', 'vates', 'fraus', 'civitas', 'panis']);

/** Accusative -im, ablative -ī: § 75 and 76. */
const withIm = new Set([
  'sitis',
  'tussis',
  'tigris',
  'vis',
  'puppis',
  'turris',
  'securis',
  'febris',
  'pelvis',
  'clavis',
  'navis',
]);
const onlyIm = new Set(['sitis', 'tussis', 'vis']);
const withI = new Set([
  'ignis',
  'civis',
  'avis',
  'navis',
  'imber',
  'classis',
  'finis',
  'clavis',
  'orbis',
  'collis',
  'anguis',
  'unguis',
  'puppis',
  'turris',
  'securis',
  'febris',
  'tigris',
  'amnis',
  'bilis',
  'corbis',
  'strigilis',
]);

const isIStem = (nominative: string, genitive: string, stem: string) => {
  const [nom, gen] = [plain(nominative).toLowerCase(), plain(genitive).toLowerCase()];
  if (consonantStems.has(nom)) return false;
  if (iStems.has(nom) || (nom === 'os' && gen === 'ossis')) return true;
  const syllables = (word: string) =>
    word.replace(/ae|oe|au|[iu](?=[aeiou])/g, 'a').match(/[aeiouy]/g)?.length ?? 0;
  if (/(?:is|es)$/.test(nom) && syllables(nom) === syllables(gen)) return true;
  if (/(?:ns|rs)$/.test(nom)) return true;
  return syllables(nom) === 1 && /[^aeiouy]{2}$/.test(plain(stem));
};

function thirdForms(noun: Noun, genitive: string, gender: Gender): Form[] {
  const { nominative } = noun;
  const stem = genitive.replace(/is$/, '');
  const nom = plain(nominative).toLowerCase();
  if (gender === 'neuter') {
    const pure =
      /(?:e|al|ar)$/.test(nom) && !['sal', 'nectar', 'iubar', 'far', 'par'].includes(nom);
    const forms = decline(stem, pure ? thirdNeuterI : thirdNeuter, gender, nominative);
    return nom === 'os' && stem === 'oss'
      ? [...forms, { form: 'ossium', case: 'genitive', number: 'plural', gender }]
      : forms;
  }
  const iStem = isIStem(nominative, genitive, stem);
  const paradigm: Paradigm = iStem ? thirdI : third;
  let forms = decline(stem, paradigm, gender, nominative);
  if (either.has(nom)) {
    forms = [
      ...forms,
      { form: `${stem}${iStem ? 'um' : 'ium'}`, case: 'genitive', number: 'plural', gender },
    ];
  }
  if (onlyIm.has(nom)) {
    forms = forms.filter(
      ({ form, case: its, number }) =>
        number === 'plural' ||
        !(
          (its === 'accusative' && form.endsWith('em')) ||
          (its === 'ablative' && form === `${stem}e`)
        ),
    );
  }
  if (withIm.has(nom))
    forms = [...forms, { form: `${stem}im`, case: 'accusative', number: 'singular', gender }];
  if (withI.has(nom) || withIm.has(nom)) {
    forms = [...forms, { form: `${stem}ī`, case: 'ablative', number: 'singular', gender }];
  }
  return forms;
}

function secondForms(noun: Noun, genitive: string, gender: Gender): Form[] {
  const { nominative } = noun;
  const stem = genitive.replace(/ī$/u, '');
  if (gender === 'neuter') {
    const forms = decline(stem, secondNeuter, gender, nominative);
    return stem.endsWith('i')
      ? [
          ...forms,
          { form: genitive.replace(/iī$/u, 'ī'), case: 'genitive', number: 'singular', gender },
        ]
      : forms;
  }
  if (!nominative.endsWith('us')) return decline(stem, secondEr, gender, nominative);
  const forms = decline(stem, secondMasculine, gender, nominative);
  if (!stem.endsWith('i')) return forms;
  // fīlī and proper names in -ius: vocative -ī; the older genitive is -ī too.
  const short = stem.replace(/i$/, 'ī');
  const name = /^\p{Lu}/u.test(nominative) || ['filius', 'genius'].includes(plain(nominative));
  return [
    ...forms.filter(
      ({ case: its, number }) => !(name && its === 'vocative' && number === 'singular'),
    ),
    ...(name ? [{ form: short, case: 'vocative', number: 'singular', gender } as const] : []),
    { form: short, case: 'genitive', number: 'singular', gender },
  ];
}

/** Nouns whose forms no rule gives, by nominative: § 79, 93. */
const irregular: Readonly<Record<string, (gender: Gender) => Form[]>> = {
  vis: (gender) =>
    forms(gender, 'vīs vīs vim - - vī', 'vīrēs vīrēs vīrēs/vīrīs vīrium vīribus vīribus'),
  bos: (gender) =>
    forms(
      gender,
      'bōs bōs bovem bovis bovī bove',
      'bovēs bovēs bovēs boum/bovum bōbus/būbus bōbus/būbus',
    ),
  iuppiter: (gender) => forms(gender, 'Iuppiter Iuppiter Iovem Iovis Iovī Iove', ''),
  deus: (gender) =>
    forms(
      gender,
      'deus deus deum deī deō deō',
      'deī/diī/dī deī/diī/dī deōs deōrum/deum deīs/diīs/dīs deīs/diīs/dīs',
    ),
  domus: (gender) =>
    forms(
      gender,
      'domus domus domum domūs/domī domuī/domō domō/domū',
      'domūs domūs domōs/domūs domōrum/domuum domibus domibus',
      'domī',
    ),
  sus: (gender) =>
    forms(gender, 'sūs sūs suem suis suī sue', 'suēs suēs suēs suum suibus/subus suibus/subus'),
  nemo: (gender) => forms(gender, 'nēmō nēmō nēminem nūllīus nēminī nūllō', ''),
  iter: (gender) =>
    forms(
      gender,
      'iter iter iter itineris itinerī itinere',
      'itinera itinera itinera itinerum itineribus itineribus',
    ),
  heros: (gender) =>
    forms(
      gender,
      'hērōs hērōs hērōem/hērōa hērōis hērōī hērōe',
      'hērōēs hērōēs hērōēs/hērōas hērōum hērōibus hērōibus',
    ),
  aer: (gender) => forms(gender, 'āēr āēr āerem/āera āeris āerī āere', ''),
};

function forms(gender: Gender, singular: string, plural: string, locative?: string): Form[] {
  const names: readonly Case[] = [
    'nominative',
    'vocative',
    'accusative',
    'genitive',
    'dative',
    'ablative',
  ];
  const line = (text: string, number: 'singular' | 'plural') =>
    text === ''
      ? []
      : text
          .split(' ')
          .flatMap((cell, at) =>
            cell === '-'
              ? []
              : cell
                  .split('/')
                  .map((form): Form => ({ form, case: names[at] ?? 'nominative', number, gender })),
          );
  return [
    ...line(singular, 'singular'),
    ...line(plural, 'plural'),
    ...(locative
      ? [{ form: locative, case: 'locative', number: 'singular', gender } as const]
      : []),
  ];
}

/** Common nouns with a locative; of towns every singular of the first two declensions has one: § 427. */
const locatives: Readonly<Record<string, string>> = {
  humus: 'humī',
  rus: 'rūrī',
  bellum: 'bellī',
  militia: 'mīlitiae',
  animus: 'animī',
  vesper: 'vesperī',
  roma: 'Rōmae',
  athenae: 'Athēnīs',
  carthago: 'Carthāginī',
  corinthus: 'Corinthī',
  sicilia: 'Siciliae',
};

/** First declension nouns with -ābus beside a masculine of the second: § 43. */
const withAbus = new Set(['dea', 'filia']);

/** Every form of a noun. */
export function nounForms(noun: Noun): Form[] {
  const { nominative, pluralOnly } = noun;
  const genitive = genitiveOf(nominative, noun.genitive);
  const key = plain(nominative).toLowerCase();
  return noun.genders.flatMap((gender): Form[] => {
    const special = irregular[key];
    if (special) return special(gender);
    const all = regular(noun, genitive, gender, key);
    const at = locatives[key];
    const locative: Form[] =
      at === undefined
        ? []
        : [{ form: at, case: 'locative', number: pluralOnly ? 'plural' : 'singular', gender }];
    return [...(pluralOnly ? all.filter(({ number }) => number === 'plural') : all), ...locative];
  });
}

function regular(noun: Noun, genitive: string, gender: Gender, key: string): Form[] {
  const { nominative } = noun;
  const ends = (end: string) => genitive.endsWith(end);
  const stemOf = (end: string) => genitive.slice(0, -end.length);
  if (ends('ārum')) return decline(stemOf('ārum'), first, gender, nominative);
  if (ends('ōrum'))
    return decline(
      stemOf('ōrum'),
      gender === 'neuter' ? secondNeuter : secondMasculine,
      gender,
      nominative,
    );
  if (ends('uum'))
    return decline(stemOf('uum'), gender === 'neuter' ? fourthNeuter : fourth, gender, nominative);
  if (noun.pluralOnly && ends('ium'))
    return decline(stemOf('ium'), gender === 'neuter' ? thirdNeuterI : thirdI, gender, nominative);
  if (noun.pluralOnly && ends('um'))
    return decline(stemOf('um'), gender === 'neuter' ? thirdNeuter : third, gender, nominative);
  if (ends('ae')) {
    const all = decline(stemOf('ae'), first, gender, nominative);
    const more: Form[] = withAbus.has(key)
      ? (['dative', 'ablative'] as const).map((its) => ({
          form: `${stemOf('ae')}ābus`,
          case: its,
          number: 'plural',
          gender,
        }))
      : [];
    return [...all, ...more];
  }
  // Of the fifth declension: deus and cāseus have -eī, too.
  if (/ēs$/u.test(nominative) && (ends('ēī') || ends('eī'))) {
    const stem = stemOf('ēī');
    return decline(stem, fifth, gender, nominative).map((form) => ({
      ...form,
      form: form.form.replace(/EI$/, ends('ēī') ? 'ēī' : 'eī'),
    }));
  }
  if (ends('ī')) return secondForms(noun, genitive, gender);
  if (ends('ūs')) {
    const all = decline(
      stemOf('ūs'),
      gender === 'neuter' ? fourthNeuter : fourth,
      gender,
      nominative,
    );
    const ubus = ['arcus', 'artus', 'tribus', 'lacus', 'partus'].includes(key);
    return ubus
      ? [
          ...all,
          ...(['dative', 'ablative'] as const).map((its): Form => ({
            form: `${stemOf('ūs')}ubus`,
            case: its,
            number: 'plural',
            gender,
          })),
        ]
      : all;
  }
  if (ends('is')) return thirdForms(noun, genitive, gender);
  return [{ form: nominative, case: 'nominative', number: 'singular', gender }];
}
