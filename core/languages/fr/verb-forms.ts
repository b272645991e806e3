/**
 * French verbs in their tenses: the three groups, the changes of spelling of the first, and what is
 * irregular in itself. Endings are those of any school grammar.
 */
import { principalParts, type PrincipalParts } from './irregular-verbs';

export const frenchTenses = [
  'present',
  'imperfect',
  'future',
  'conditional',
  'simple past',
  'present subjunctive',
] as const;
export type FrenchTense = (typeof frenchTenses)[number];

export interface FrenchVerb {
  readonly verb: string;
  /** je, tu, il, nous, vous, ils; empty where there is no such form. */
  readonly tenses: Readonly<Record<FrenchTense, readonly string[]>>;
  /** tu, nous, vous. */
  readonly imperative: readonly string[];
  readonly presentParticiple: string;
  /** Masculine singular. */
  readonly participle: string;
  readonly auxiliary: 'avoir' | 'être';
  /** What is special about it, in a sentence. */
  readonly rule: string;
}

const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

/** -eler and -eter that take è; the others double their consonant (as written before 1990, and mostly since). */
const opening = words(
  'acheter racheter préacheter geler congeler dégeler surgeler regeler recongeler décongeler peler modeler remodeler marteler haleter crocheter corseter fureter celer déceler receler ciseler démanteler écarteler harceler fileter bégueter',
);

/** Verbs of motion and change that have être in the compound past. */
const withEtre = words(
  'aller venir arriver partir entrer sortir monter descendre naître mourir rester tomber retourner passer rentrer revenir devenir parvenir survenir repartir ressortir remonter redescendre renaître décéder intervenir advenir provenir',
);

interface Stems {
  readonly present: readonly string[];
  readonly future: string;
  readonly participle: string;
  /** il, of the simple past, and ils where it is not as il. */
  readonly past: string;
  readonly many?: string;
  readonly subjunctive?: readonly [string, string] | undefined;
  readonly rule: string;
}

const ends = (stem: string, endings: string) => endings.split(' ').map((end) => stem + end);

/** é or e before the last consonants of a stem becomes è where the ending is silent. */
const open = (stem: string) => stem.replace(/[eé]([^aeéèêiouy]+)$/, 'è$1');

/** Verbs in -er: the first group, with its changes of spelling. */
function firstGroup(verb: string): Stems {
  const stem = verb.slice(0, -2);
  const regular = (strong: string, future: string, soft: string, rule: string): Stems => ({
    present: [...ends(strong, 'e es e'), `${soft}ons`, `${stem}ez`, `${strong}ent`],
    future,
    participle: `${stem}é`,
    past: `${soft}a`,
    many: `${stem}èrent`,
    rule,
  });
  if (verb.endsWith('ger')) {
    const before = /[eé]g$/.test(stem) ? open(stem) : stem;
    return regular(
      before,
      verb,
      `${stem}e`,
      'G keeps its sound before a and o with an e: nous mangeons.',
    );
  }
  if (verb.endsWith('cer')) {
    const strong = /[eé]c$/.test(stem) ? open(stem) : stem;
    const future = /ec$/.test(stem) ? `${strong}er` : verb;
    return regular(
      strong,
      future,
      `${stem.slice(0, -1)}ç`,
      'C has a cedilla before a and o: nous commençons.',
    );
  }
  if (/[ou]yer$/.test(verb)) {
    const strong = `${stem.slice(0, -1)}i`;
    const sent = /envoyer$/.test(verb) ? verb.replace(/voyer$/, 'verr') : `${strong}er`;
    return regular(strong, sent, stem, 'Y becomes i before a silent e: je nettoie.');
  }
  if (verb.endsWith('ayer')) {
    const strong = `${stem.slice(0, -1)}i`;
    return regular(
      strong,
      `${strong}er`,
      stem,
      'Y becomes i before a silent e (or stays): je paie, je paye.',
    );
  }
  if (/e[lt]er$/.test(verb) && !opening.has(verb)) {
    const strong = stem + stem.slice(-1);
    return regular(
      strong,
      `${strong}er`,
      stem,
      'The consonant is doubled before a silent e: j’appelle.',
    );
  }
  if (/e(?:[bcdgklmnprstv]|vr)er$/.test(verb)) {
    return regular(open(stem), `${open(stem)}er`, stem, 'E becomes è before a silent e: j’achète.');
  }
  if (/é(?:[bcdfghjklmnprstvz]+|[gq]u)er$/.test(verb)) {
    const strong = stem.replace(/é([^é]+)$/, 'è$1');
    return regular(strong, verb, stem, 'É becomes è before a silent ending: j’espère.');
  }
  return regular(stem, verb, stem, 'Regular, of the first group (-er).');
}

/** Verbs in -ir with -iss-: the second group. */
function secondGroup(verb: string): Stems {
  const stem = verb.slice(0, -2);
  return {
    present: [...ends(stem, 'is is it'), ...ends(`${stem}iss`, 'ons ez ent')],
    future: verb,
    participle: `${stem}i`,
    past: `${stem}it`,
    rule: 'Regular, of the second group (-ir, nous finissons).',
  };
}

/** Regular verbs in -re, and the families in -indre, -uire, -aître. */
function thirdGroup(verb: string): Stems | undefined {
  const stem = verb.slice(0, -2);
  const future = verb.slice(0, -1);
  if (/[aeo]indre$/.test(verb)) {
    const short = verb.slice(0, -3);
    const soft = `${short.slice(0, -1)}gn`;
    return {
      present: [`${short}s`, `${short}s`, `${short}t`, ...ends(soft, 'ons ez ent')],
      future,
      participle: `${short}t`,
      past: `${soft}it`,
      rule: 'As peindre: d is lost, and nous has gn.',
    };
  }
  if (verb.endsWith('uire')) {
    const soft = `${stem}s`;
    return {
      present: [`${stem}s`, `${stem}s`, `${stem}t`, ...ends(soft, 'ons ez ent')],
      future,
      participle: `${stem}t`,
      past: `${soft}it`,
      rule: 'As conduire: nous conduisons.',
    };
  }
  if (verb.endsWith('aître')) {
    const short = verb.slice(0, -4);
    return {
      present: [`${short}is`, `${short}is`, `${short}ît`, ...ends(`${short}iss`, 'ons ez ent')],
      future,
      participle: `${short.slice(0, -1)}u`,
      past: `${short.slice(0, -1)}ut`,
      rule: 'As connaître: î only before t.',
    };
  }
  if (/(?:[dt]re|[cp]re)$/.test(verb)) {
    return {
      present: [`${stem}s`, `${stem}s`, stem, ...ends(stem, 'ons ez ent')],
      future,
      participle: `${stem}u`,
      past: `${stem}it`,
      rule: 'Regular, in -re (vendre).',
    };
  }
  return undefined;
}

const fromParts = ({ present, future, participle, past, subjunctive }: PrincipalParts): Stems => ({
  present,
  future,
  participle,
  past,
  subjunctive,
  rule: 'Irregular: learn its parts by heart.',
});

function stemsOf(verb: string): Stems {
  const known = principalParts(verb);
  if (known) return fromParts(known);
  const made = verb.endsWith('er')
    ? firstGroup(verb)
    : /[iï]r$/.test(verb) && !verb.endsWith('oir')
      ? secondGroup(verb)
      : verb.endsWith('re')
        ? thirdGroup(verb)
        : undefined;
  if (made === undefined) {
    throw new RangeError(`${verb} is no French verb that Wordane knows the forms of.`);
  }
  return made;
}

/** All six of the simple past from il: parla, finit, voulut, vint. */
function simplePast(il: string): string[] {
  if (il === '') return ['', '', '', '', '', ''];
  if (il.endsWith('a')) return ends(il.slice(0, -1), 'ai as a âmes âtes èrent');
  if (/[iï]nt$/.test(il)) {
    const stem = il.slice(0, -3);
    return ends(stem, 'ins ins int înmes întes inrent');
  }
  const vowel = il.slice(-2, -1);
  const stem = il.slice(0, -2);
  const long = { i: 'î', u: 'û', ï: 'ï' }[vowel] ?? vowel;
  return [
    ...ends(stem + vowel, 's s t'),
    `${stem}${long}mes`,
    `${stem}${long}tes`,
    `${stem}${vowel}rent`,
  ];
}

const without = (form: string, ending: string) =>
  form.endsWith(ending) ? form.slice(0, -ending.length) : form;

/** The imperfect’s stem: nous without -ons; être is alone. */
function imperfectStem(verb: string, { present, future }: Stems): string {
  if (verb === 'être') return 'ét';
  const nous = present[3] ?? '';
  // What is said of il alone has it from the infinitive: il fallait, il pleuvait.
  return nous === '' ? verb.replace(/oir$/, '') : without(nous, 'ons') || future;
}

/** @throws RangeError where the word is no infinitive whose forms are known */
export function frenchVerb(given: string): FrenchVerb {
  const verb = given
    .trim()
    .toLowerCase()
    .replace(/^(?:se |s['’])/, '');
  const stems = stemsOf(verb);
  const { present, future, participle, past, subjunctive, rule } = stems;
  const soft = imperfectStem(verb, stems);
  const alone = (present[0] ?? '') === '';
  const only = (forms: readonly string[]) =>
    alone ? forms.map((form, person) => (person === 2 ? form : '')) : forms;
  const imperfect = ends(soft, 'ais ais ait ions iez aient').map((form, person) =>
    // Mangeais, but mangions; commençais, but commencions.
    person === 3 || person === 4 ? plainBeforeI(form, verb) : form,
  );
  const je = subjunctive ? without(subjunctive[0], 'e') : without(present[5] ?? '', 'ent');
  const nous = subjunctive ? subjunctive[1] : (imperfect[3] ?? '');
  const vous = nous.replace(/ons$/, 'ez');
  const sub =
    verb === 'être'
      ? 'sois sois soit soyons soyez soient'.split(' ')
      : verb === 'avoir'
        ? 'aie aies ait ayons ayez aient'.split(' ')
        : [...ends(je, 'e es e'), nous, vous, `${je}ent`];
  const tenses = {
    present,
    imperfect: only(imperfect),
    future: only(ends(future, 'ai as a ons ez ont')),
    conditional: only(ends(future, 'ais ais ait ions iez aient')),
    'simple past': only(
      simplePast(past).map((form, person) => (person === 5 ? (stems.many ?? form) : form)),
    ),
    'present subjunctive': only(sub),
  };
  return {
    verb,
    tenses,
    imperative: alone ? ['', '', ''] : imperativeOf(verb, present),
    presentParticiple:
      { être: 'étant', avoir: 'ayant', savoir: 'sachant', falloir: '' }[verb] ?? `${soft}ant`,
    participle,
    auxiliary:
      /^(?:se |s['’])/.test(given.trim().toLowerCase()) || withEtre.has(verb) ? 'être' : 'avoir',
    rule,
  };
}

/** Before i the letters that kept the sound of g and c are not needed. */
const plainBeforeI = (form: string, verb: string) =>
  verb.endsWith('ger')
    ? form.replace(/gei/, 'gi')
    : verb.endsWith('cer')
      ? form.replace(/çi(?=ons|ez)/, 'ci')
      : form;

function imperativeOf(verb: string, present: readonly string[]): string[] {
  const special: Readonly<Record<string, string>> = {
    être: 'sois soyons soyez',
    avoir: 'aie ayons ayez',
    savoir: 'sache sachons sachez',
    vouloir: 'veuille veuillons veuillez',
    aller: 'va allons allez',
  };
  const given = special[verb];
  if (given) return given.split(' ');
  const tu = present[1] ?? '';
  // The s of tu is lost after e.
  return [tu.endsWith('es') ? tu.slice(0, -1) : tu, present[3] ?? '', present[4] ?? ''];
}

/** je, nous … with the verb; j’ before a vowel or a silent h is for the learner to see. */
export const frenchPersons = ['je', 'tu', 'il, elle', 'nous', 'vous', 'ils, elles'] as const;
