/** A verb of a dictionary (its principal parts) in all its forms: Allen and Greenough §§ 175–206. */
import { threeEndings, nsForms } from './adjectives';
import { plain } from './letters';
import type { Form, Tense } from './parse';

export interface Verb {
  /** The first principal part: amō, sequor. */
  readonly first: string;
  readonly infinitive: string;
  /** The third: amāvī, secūtus sum; empty where there is none. */
  readonly perfect: string;
  /** The fourth: amātum; empty where there is none. */
  readonly supine: string;
}

export type Conjugation = 1 | 2 | 3 | 'io' | 4;

const persons = [1, 2, 3] as const;
const six = <Value>(
  make: (person: 1 | 2 | 3, number: 'singular' | 'plural', at: number) => Value,
): Value[] =>
  Array.from({ length: 6 }, (_, at) =>
    make(persons[at % 3] ?? 1, at < 3 ? 'singular' : 'plural', at),
  );

type Mood = 'indicative' | 'subjunctive';
type Voice = 'active' | 'passive';

/** Six forms from six endings, more than one where a slash stands between. */
function finite(stem: string, endings: string, tense: Tense, mood: Mood, voice: Voice): Form[] {
  const cells = endings.split(' ');
  return six((person, number, at) =>
    (cells[at] ?? '')
      .split('/')
      .filter((cell) => cell !== '')
      .map((cell): Form => ({ form: stem + cell, tense, mood, voice, person, number })),
  ).flat();
}

interface Present {
  readonly stem: string;
  readonly conjugation: Conjugation;
}

/** Endings by conjugation: the active and the passive of each tense of the present system. */
const presentSystem: Readonly<
  Record<
    Conjugation,
    Readonly<
      Record<'present' | 'future' | 'subjunctive', readonly [active: string, passive: string]>
    >
  >
> = {
  1: {
    present: ['ō ās at āmus ātis ant', 'or āris/āre ātur āmur āminī antur'],
    future: [
      'ābō ābis ābit ābimus ābitis ābunt',
      'ābor āberis/ābere ābitur ābimur ābiminī ābuntur',
    ],
    subjunctive: ['em ēs et ēmus ētis ent', 'er ēris/ēre ētur ēmur ēminī entur'],
  },
  2: {
    present: ['eō ēs et ēmus ētis ent', 'eor ēris/ēre ētur ēmur ēminī entur'],
    future: [
      'ēbō ēbis ēbit ēbimus ēbitis ēbunt',
      'ēbor ēberis/ēbere ēbitur ēbimur ēbiminī ēbuntur',
    ],
    subjunctive: ['eam eās eat eāmus eātis eant', 'ear eāris/eāre eātur eāmur eāminī eantur'],
  },
  3: {
    present: ['ō is it imus itis unt', 'or eris/ere itur imur iminī untur'],
    future: ['am ēs et ēmus ētis ent', 'ar ēris/ēre ētur ēmur ēminī entur'],
    subjunctive: ['am ās at āmus ātis ant', 'ar āris/āre ātur āmur āminī antur'],
  },
  io: {
    present: ['iō is it imus itis iunt', 'ior eris/ere itur imur iminī iuntur'],
    future: ['iam iēs iet iēmus iētis ient', 'iar iēris/iēre iētur iēmur iēminī ientur'],
    subjunctive: ['iam iās iat iāmus iātis iant', 'iar iāris/iāre iātur iāmur iāminī iantur'],
  },
  4: {
    present: ['iō īs it īmus ītis iunt', 'ior īris/īre ītur īmur īminī iuntur'],
    future: ['iam iēs iet iēmus iētis ient', 'iar iēris/iēre iētur iēmur iēminī ientur'],
    subjunctive: ['iam iās iat iāmus iātis iant', 'iar iāris/iāre iātur iāmur iāminī iantur'],
  },
};
const imperfectVowel: Readonly<Record<Conjugation, string>> = {
  1: 'ā',
  2: 'ē',
  3: 'ē',
  io: 'iē',
  4: 'iē',
};
const infinitiveVowel: Readonly<Record<Conjugation, string>> = {
  1: 'ā',
  2: 'ē',
  3: 'e',
  io: 'e',
  4: 'ī',
};
const gerundStem: Readonly<Record<Conjugation, string>> = {
  1: 'and',
  2: 'end',
  3: 'end',
  io: 'iend',
  4: 'iend',
};
const participleVowel: Readonly<Record<Conjugation, string>> = {
  1: 'ā',
  2: 'ē',
  3: 'ē',
  io: 'iē',
  4: 'iē',
};
const imperatives: Readonly<Record<Conjugation, readonly [active: string, passive: string]>> = {
  1: ['ā āte ātō ātō ātōte antō', 'āre āminī ātor ātor - antor'],
  2: ['ē ēte ētō ētō ētōte entō', 'ēre ēminī ētor ētor - entor'],
  3: ['e ite itō itō itōte untō', 'ere iminī itor itor - untor'],
  io: ['e ite itō itō itōte iuntō', 'ere iminī itor itor - iuntor'],
  4: ['ī īte ītō ītō ītōte iuntō', 'īre īminī ītor ītor - iuntor'],
};

const IMPERFECT: readonly [string, string] = [
  'bam bās bat bāmus bātis bant',
  'bar bāris/bāre bātur bāmur bāminī bantur',
];
const IMPERFECT_SUBJUNCTIVE: readonly [string, string] = [
  'rem rēs ret rēmus rētis rent',
  'rer rēris/rēre rētur rēmur rēminī rentur',
];

/** Imperatives that lost their vowel: § 182. */
const shortImperatives: Readonly<Record<string, string>> = {
  dico: 'dīc',
  duco: 'dūc',
  facio: 'fac',
};

const imperativeForms = (stem: string, cells: string, voice: Voice): Form[] => {
  const of = cells.split(' ');
  const at = (index: number, features: Pick<Form, 'person' | 'number' | 'tense'>): Form[] =>
    of[index] === undefined || of[index] === '-'
      ? []
      : [{ form: stem + of[index], mood: 'imperative', voice, ...features }];
  return [
    ...at(0, { person: 2, number: 'singular', tense: 'present' }),
    ...at(1, { person: 2, number: 'plural', tense: 'present' }),
    ...at(2, { person: 2, number: 'singular', tense: 'future' }),
    ...at(3, { person: 3, number: 'singular', tense: 'future' }),
    ...at(4, { person: 2, number: 'plural', tense: 'future' }),
    ...at(5, { person: 3, number: 'plural', tense: 'future' }),
  ];
};

const participle = (forms: readonly Form[], features: Partial<Form>): Form[] =>
  forms.map((form) => ({ ...form, ...features }));

/** The present participle, the gerund and the gerundive. */
function verbals(stem: string, conjugation: Conjugation): Form[] {
  const vowel = participleVowel[conjugation];
  const gerund = stem + gerundStem[conjugation];
  return [
    ...participle(nsForms(`${stem}${vowel}ns`, `${stem}${plain(vowel)}nt`), {
      mood: 'participle',
      tense: 'present',
      voice: 'active',
    }),
    ...participle(threeEndings(`${gerund}us`, gerund), { mood: 'gerundive', voice: 'passive' }),
    ...(['genitive', 'dative', 'accusative', 'ablative'] as const).map((its, at): Form => ({
      form: gerund + (['ī', 'ō', 'um', 'ō'][at] ?? ''),
      mood: 'gerund',
      case: its,
      number: 'singular',
    })),
  ];
}

function presentForms(
  { stem, conjugation }: Present,
  voices: readonly Voice[],
  first: string,
): Form[] {
  const system = presentSystem[conjugation];
  const of = (voice: Voice): Form[] => {
    const at = voice === 'active' ? 0 : 1;
    const infinitive = stem + infinitiveVowel[conjugation];
    const passive = conjugation === 3 || conjugation === 'io' ? `${stem}ī` : `${infinitive}rī`;
    const short = voice === 'active' ? shortImperatives[plain(first)] : undefined;
    const given = imperativeForms(stem, imperatives[conjugation][at], voice);
    return [
      ...finite(stem, system.present[at], 'present', 'indicative', voice),
      ...finite(
        stem + imperfectVowel[conjugation],
        IMPERFECT[at],
        'imperfect',
        'indicative',
        voice,
      ),
      ...finite(stem, system.future[at], 'future', 'indicative', voice),
      ...finite(stem, system.subjunctive[at], 'present', 'subjunctive', voice),
      ...finite(infinitive, IMPERFECT_SUBJUNCTIVE[at], 'imperfect', 'subjunctive', voice),
      ...given.map((form, index) => (index === 0 && short ? { ...form, form: short } : form)),
      {
        form: voice === 'active' ? `${infinitive}re` : passive,
        mood: 'infinitive',
        tense: 'present',
        voice,
      },
    ];
  };
  return [...voices.flatMap(of), ...verbals(stem, conjugation)];
}

/** The v of cāvī is that of the word, and stays: no cārīs; nōrunt and commōrunt are met (§ 181). */
const rootInV = /(?:cav|fav|fov|vov|pav)eō$|(?:iuv|lav)ō$/u;

/**
 * The active of the perfect system, with its shortened forms: amāsse, audiit (§ 181).
 *
 * @param first the first principal part, where it tells that nothing is shortened
 */
export function perfectForms(perfect: string, first = ''): Form[] {
  const stem = perfect.replace(/ī$/u, '');
  const of = (base: string): Form[] => [
    ...finite(base, 'ī istī it imus istis ērunt/ēre', 'perfect', 'indicative', 'active'),
    ...finite(base, 'eram erās erat erāmus erātis erant', 'pluperfect', 'indicative', 'active'),
    ...finite(base, 'erō eris erit erimus eritis erint', 'future perfect', 'indicative', 'active'),
    ...finite(
      base,
      'erim eris/erīs erit erimus/erīmus eritis/erītis erint',
      'perfect',
      'subjunctive',
      'active',
    ),
    ...finite(
      base,
      'issem issēs isset issēmus issētis issent',
      'pluperfect',
      'subjunctive',
      'active',
    ),
    { form: `${base}isse`, mood: 'infinitive', tense: 'perfect', voice: 'active' },
  ];
  const all = of(stem);
  if (/[īi]v$/u.test(stem)) {
    const short = stem.replace(/[īi]v$/u, 'i');
    // Before s the two i are one: audīsse.
    all.push(
      ...of(short),
      ...of(short)
        .filter(({ form }) => form.includes('iis'))
        .map((form) => ({ ...form, form: form.form.replace(/iis/u, 'īs') })),
    );
  } else if (/i$/.test(stem)) {
    all.push(
      ...all
        .filter(({ form }) => form.includes('iis'))
        .map((form) => ({ ...form, form: form.form.replace(/iis/u, 'īs') })),
    );
  } else if (/[āēō]v$/u.test(stem) && !rootInV.test(first)) {
    const short = stem.replace(/v$/, '');
    all.push(
      ...all
        .filter(
          ({ form }) =>
            /v(?:is[^t]|ist|er|ēr)/u.test(form.slice(short.length)) && !form.endsWith('ēre'),
        )
        .map((form) => ({
          ...form,
          form: short + form.form.slice(stem.length).replace(/^[ieē]/u, ''),
        })),
    );
  }
  return all;
}

/** The participles and the supine of the fourth part. */
export function supineForms(supine: string, deponent = false): Form[] {
  if (/ūrus$/u.test(supine))
    return participle(threeEndings(supine, supine.replace(/us$/, '')), {
      mood: 'participle',
      tense: 'future',
      voice: 'active',
    });
  const stem = supine.replace(/u[ms]$/, '');
  return [
    ...participle(threeEndings(`${stem}us`, stem), {
      mood: 'participle',
      tense: 'perfect',
      voice: 'passive',
    }),
    ...participle(threeEndings(`${stem}ūrus`, `${stem}ūr`), {
      mood: 'participle',
      tense: 'future',
      voice: 'active',
    }),
    ...(deponent && supine === ''
      ? []
      : [
          { form: `${stem}um`, mood: 'supine', case: 'accusative', number: 'singular' } as const,
          { form: `${stem}ū`, mood: 'supine', case: 'ablative', number: 'singular' } as const,
        ]),
  ];
}

/** Which conjugation a verb belongs to, and its present stem. @throws RangeError where its parts show none */
export function conjugationOf({ first, infinitive }: Pick<Verb, 'first' | 'infinitive'>): Present {
  const deponent = /or$/.test(first);
  const bare = first.replace(deponent ? /or$/ : /ō$/u, '');
  if (/[āa]r[eī]$/u.test(infinitive) && !bare.endsWith('e')) {
    if (/ār[eī]$/u.test(infinitive)) return { stem: bare, conjugation: 1 };
  }
  if (/ēr[eī]$/u.test(infinitive) && bare.endsWith('e'))
    return { stem: bare.slice(0, -1), conjugation: 2 };
  if (/īr[eī]$/u.test(infinitive) && bare.endsWith('i'))
    return { stem: bare.slice(0, -1), conjugation: 4 };
  if (deponent ? /[^r]ī$|rī$/u.test(infinitive) : /ere$/.test(infinitive)) {
    return bare.endsWith('i')
      ? { stem: bare.slice(0, -1), conjugation: 'io' }
      : { stem: bare, conjugation: 3 };
  }
  throw new RangeError(`${first}, ${infinitive}: the conjugation cannot be told.`);
}

/** Every form of a regular verb, a deponent or a semi-deponent. */
export function verbForms(verb: Verb): Form[] {
  const { first, perfect, supine } = verb;
  const deponent = /or$/.test(first);
  const present = conjugationOf(verb);
  const compound = /^(.*?)(?:us) sum$/.exec(perfect)?.[1];
  // faciō has its passive from fīō.
  const voices: readonly Voice[] = deponent
    ? ['passive']
    : first === 'faciō'
      ? ['active']
      : ['active', 'passive'];
  const forms = presentForms(present, voices, first);
  return [
    ...forms,
    ...(compound !== undefined
      ? supineForms(`${compound}um`, true)
      : perfect === ''
        ? []
        : perfectForms(perfect, first)),
    ...(compound === undefined && supine !== '' ? supineForms(supine) : []),
  ];
}
