/**
 * Spanish verbs in their tenses: regular endings, changes of stem and of spelling, and what is
 * irregular in itself. Endings and classes are those of any school grammar.
 */

export const spanishTenses = [
  'present',
  'preterite',
  'imperfect',
  'future',
  'conditional',
  'present subjunctive',
  'imperfect subjunctive',
] as const;
export type SpanishTense = (typeof spanishTenses)[number];

/** yo, tú, él, nosotros, vosotros, ellos. */
export type SixForms = readonly [string, string, string, string, string, string];

export interface SpanishVerb {
  readonly verb: string;
  readonly tenses: Readonly<Record<SpanishTense, SixForms>>;
  /** tú, usted, nosotros, vosotros, ustedes. */
  readonly imperative: readonly [string, string, string, string, string];
  readonly gerund: string;
  readonly participle: string;
  /** What is special about it, in a sentence. */
  readonly rule: string;
}

type Kind = 'ar' | 'er' | 'ir';

const list = (text: string) => new Set(text.trim().split(/\s+/));

/** Verbs whose last vowel of the stem changes under stress; compounds are found by their end. */
const eIe =
  list(`pensar empezar comenzar cerrar despertar sentar calentar helar nevar regar negar apretar acertar
  atravesar confesar encerrar fregar gobernar merendar plegar quebrar recomendar sembrar temblar tropezar alentar
  manifestar enterrar querer perder entender encender defender tender atender extender descender verter ascender
  sentir preferir mentir divertir advertir convertir herir hervir invertir referir sugerir arrepentir digerir
  consentir requerir adquirir discernir tener venir`);
const oUe =
  list(`contar costar encontrar mostrar recordar almorzar volar soñar sonar probar acostar colgar rogar
  rodar soltar apostar aprobar avergonzar colar comprobar consolar demostrar forzar renovar tostar volcar acordar poder
  volver mover doler morder llover soler torcer cocer devolver envolver resolver oler promover remover revolver dormir
  morir disolver conmover desenvolver absolver`);
const eI =
  list(`pedir servir repetir seguir vestir medir elegir corregir despedir conseguir perseguir impedir rendir
  competir gemir freír reír sonreír teñir ceñir reñir derretir decir colegir concebir embestir proseguir investir
  desvestir expedir`);
const uUe = list('jugar');

/** Under stress the last i or u of the stem has its accent: envío, actúo. */
const accented =
  list(`enviar esquiar guiar confiar variar fotografiar vaciar criar fiar desafiar resfriar ampliar
  enfriar espiar actuar continuar graduar situar acentuar evaluar efectuar insinuar exceptuar habituar tatuar valuar
  desviar liar piar ansiar`);
/** Verbs in -cer that keep their c sound with z: convencer, vencer, ejercer, mecer; and those with ue. */
const zoNotZco = list('vencer convencer ejercer mecer torcer cocer esparcir zurcir retorcer');

interface Special {
  readonly yo?: string;
  readonly present?: SixForms;
  /** The stem of the preterite with its unstressed endings. */
  readonly strong?: string;
  readonly preterite?: SixForms;
  /** The stem of future and conditional. */
  readonly future?: string;
  readonly imperfect?: SixForms;
  /** The stem of the present subjunctive, or all its forms. */
  readonly subjunctive?: string | SixForms;
  readonly participle?: string;
  readonly gerund?: string;
  readonly tu?: string;
}

const six = (text: string) => text.split(' ') as unknown as SixForms;

/** Verbs of their own; a compound is as its last part: detener as tener. */
const special: Readonly<Record<string, Special>> = {
  ser: {
    present: six('soy eres es somos sois son'),
    preterite: six('fui fuiste fue fuimos fuisteis fueron'),
    imperfect: six('era eras era éramos erais eran'),
    subjunctive: 'se',
    tu: 'sé',
  },
  ir: {
    present: six('voy vas va vamos vais van'),
    preterite: six('fui fuiste fue fuimos fuisteis fueron'),
    imperfect: six('iba ibas iba íbamos ibais iban'),
    subjunctive: 'vay',
    gerund: 'yendo',
    tu: 've',
    participle: 'ido',
  },
  estar: {
    present: six('estoy estás está estamos estáis están'),
    strong: 'estuv',
    subjunctive: six('esté estés esté estemos estéis estén'),
    tu: 'está',
  },
  haber: {
    present: six('he has ha hemos habéis han'),
    strong: 'hub',
    future: 'habr',
    subjunctive: 'hay',
  },
  tener: { yo: 'tengo', strong: 'tuv', future: 'tendr', tu: 'ten' },
  venir: { yo: 'vengo', strong: 'vin', future: 'vendr', tu: 'ven', gerund: 'viniendo' },
  poner: { yo: 'pongo', strong: 'pus', future: 'pondr', tu: 'pon', participle: 'puesto' },
  salir: { yo: 'salgo', future: 'saldr', tu: 'sal' },
  valer: { yo: 'valgo', future: 'valdr' },
  hacer: {
    yo: 'hago',
    preterite: six('hice hiciste hizo hicimos hicisteis hicieron'),
    future: 'har',
    tu: 'haz',
    participle: 'hecho',
  },
  satisfacer: {
    yo: 'satisfago',
    preterite: six('satisfice satisficiste satisfizo satisficimos satisficisteis satisficieron'),
    future: 'satisfar',
    participle: 'satisfecho',
  },
  decir: {
    yo: 'digo',
    strong: 'dij',
    future: 'dir',
    tu: 'di',
    participle: 'dicho',
    gerund: 'diciendo',
  },
  traer: { yo: 'traigo', strong: 'traj', gerund: 'trayendo', participle: 'traído' },
  caer: { yo: 'caigo' },
  oír: { present: six('oigo oyes oye oímos oís oyen') },
  ver: {
    present: six('veo ves ve vemos veis ven'),
    preterite: six('vi viste vio vimos visteis vieron'),
    imperfect: six('veía veías veía veíamos veíais veían'),
    subjunctive: 've',
    participle: 'visto',
  },
  dar: {
    present: six('doy das da damos dais dan'),
    preterite: six('di diste dio dimos disteis dieron'),
    subjunctive: six('dé des dé demos deis den'),
  },
  saber: { yo: 'sé', strong: 'sup', future: 'sabr', subjunctive: 'sep' },
  caber: { yo: 'quepo', strong: 'cup', future: 'cabr', subjunctive: 'quep' },
  poder: { strong: 'pud', future: 'podr', gerund: 'pudiendo' },
  querer: { strong: 'quis', future: 'querr' },
  andar: { strong: 'anduv' },
  asir: { yo: 'asgo' },
  abrir: { participle: 'abierto' },
  cubrir: { participle: 'cubierto' },
  escribir: { participle: 'escrito' },
  morir: { participle: 'muerto' },
  romper: { participle: 'roto' },
  volver: { participle: 'vuelto' },
  resolver: { participle: 'resuelto' },
  imprimir: { participle: 'impreso' },
  freír: { participle: 'frito' },
  inscribir: { participle: 'inscrito' },
  oler: {
    present: six('huelo hueles huele olemos oléis huelen'),
    subjunctive: six('huela huelas huela olamos oláis huelan'),
  },
  erguir: {
    present: six('yergo yergues yergue erguimos erguís yerguen'),
    subjunctive: six('yerga yergas yerga irgamos irgáis yergan'),
  },
};

/** Prefixes with which a verb is as the one behind them. */
const PREFIX =
  /^(?:a|ante|com|con|contra|de|des|dis|en|entre|ex|im|inter|mal|man|ob|o|pre|pro|re|sobre|sos|sub|su|trans|pos|equi|abs|e|es|per|pos|tras)$/;

const ofFamily = (verb: string, key: string) =>
  verb === key || (verb.endsWith(key) && key.length > 3 && PREFIX.test(verb.slice(0, -key.length)));

function specialOf(verb: string): { readonly key: string; readonly special: Special } | undefined {
  const key = Object.keys(special)
    .filter((each) => ofFamily(verb, each))
    .sort((left, right) => right.length - left.length)[0];
  const found = key === undefined ? undefined : special[key];
  return key !== undefined && found ? { key, special: found } : undefined;
}

const inList = (verb: string, verbs: ReadonlySet<string>) =>
  verbs.has(verb) || [...verbs].some((each) => each.length > 4 && ofFamily(verb, each));

const endings: Readonly<
  Record<'present' | 'preterite' | 'subjunctive', Readonly<Record<Kind, SixForms>>>
> = {
  present: {
    ar: six('o as a amos áis an'),
    er: six('o es e emos éis en'),
    ir: six('o es e imos ís en'),
  },
  preterite: {
    ar: six('é aste ó amos asteis aron'),
    er: six('í iste ió imos isteis ieron'),
    ir: six('í iste ió imos isteis ieron'),
  },
  subjunctive: {
    ar: six('e es e emos éis en'),
    er: six('a as a amos áis an'),
    ir: six('a as a amos áis an'),
  },
};
const STRESSED = [true, true, true, false, false, true];

/** The last e, o or u of a stem replaced. */
const changeLast = (stem: string, from: string, to: string) => {
  const at = stem.lastIndexOf(from);
  return at < 0 ? stem : stem.slice(0, at) + to + stem.slice(at + from.length);
};

/** ue and ie at the beginning of a word: huelo, yergo. */
const initial = (form: string) => form.replace(/^ue/, 'hue').replace(/^ie/, 'ye');

interface Stems {
  readonly verb: string;
  readonly kind: Kind;
  readonly plain: string;
  /** Under stress. */
  readonly stressed: string;
  /** In the preterite’s third person, the gerund and the subjunctive’s nosotros of -ir verbs. */
  readonly raised: string;
}

function stemsOf(verb: string): Stems {
  const kind = verb.replace('í', 'i').slice(-2) as Kind;
  const plain = verb.slice(0, -2);
  const has = (verbs: ReadonlySet<string>) => inList(verb, verbs);
  let stressed = plain;
  let raised = plain;
  if (has(eIe)) {
    stressed = verb.endsWith('adquirir')
      ? changeLast(plain, 'i', 'ie')
      : changeLast(plain, 'e', 'ie');
    if (kind === 'ir' && !verb.endsWith('adquirir') && verb !== 'discernir')
      raised = changeLast(plain, 'e', 'i');
  } else if (has(oUe)) {
    stressed = changeLast(
      plain,
      'o',
      /go$|gonz$/.test(plain.slice(0, plain.lastIndexOf('o') + 1)) ? 'üe' : 'ue',
    );
    if (kind === 'ir') raised = changeLast(plain, 'o', 'u');
  } else if (has(eI)) {
    stressed = changeLast(plain, 'e', 'i');
    raised = stressed;
  } else if (has(uUe)) stressed = changeLast(plain, 'u', 'ue');
  else if (has(accented)) stressed = plain.replace(/i$/, 'í').replace(/u$/, 'ú');
  else if (
    /^(?:reu|proh[ií]|ai|re[uú]|mau)/.test(plain) &&
    /reun$|prohib$|aisl$|maull$/.test(plain)
  ) {
    stressed = plain
      .replace(/reun$/, 'reún')
      .replace(/prohib$/, 'prohíb')
      .replace(/aisl$/, 'aísl')
      .replace(/maull$/, 'maúll');
  }
  return { verb, kind, plain, stressed: initial(stressed), raised };
}

/** The stem before e of -ar verbs and before a and o of the others, so that it sounds the same. */
function spelled(stem: string, kind: Kind, verb: string, front: boolean): string {
  if (kind === 'ar' && front) {
    return stem
      .replace(/c$/, 'qu')
      .replace(/g$/, 'gu')

      .replace(/z$/, 'c');
  }
  if (kind !== 'ar' && !front) {
    if (/[aeiou]c$/.test(stem) && !inList(verb, zoNotZco) && !inList(verb, list('hacer')))
      return stem.replace(/c$/, 'zc');
    if (/c$/.test(stem)) return stem.replace(/c$/, 'z');
    if (/gu$/.test(stem)) return stem.replace(/gu$/, 'g');
    if (/qu$/.test(stem)) return stem.replace(/qu$/, 'c');
    if (/g$/.test(stem)) return stem.replace(/g$/, 'j');
  }
  return stem;
}

const arEnds = (verb: string, stem: string) =>
  /gu$/.test(stem) && verb.endsWith('guar') ? stem.replace(/gu$/, 'gü') : undefined;

/** -uir: construyo. */
const isUir = (verb: string) => /[^gq]uir$/.test(verb);

function present(stems: Stems, own: Special | undefined): SixForms {
  if (own?.present) return own.present;
  const { verb, kind, plain, stressed } = stems;
  const forms = endings.present[kind].map((ending, at) => {
    const base = STRESSED[at] ? stressed : plain;
    if (at === 0)
      return own?.yo ?? `${isUir(verb) ? `${base}y` : spelled(base, kind, verb, false)}o`;
    if (isUir(verb) && STRESSED[at]) return `${base}y${ending}`;
    // reír: río, reímos.
    if (/e$/.test(plain) && kind === 'ir' && at === 3) return `${plain}ímos`;
    return base + ending;
  });
  const accentedI = (form: string) =>
    /[eoa]ír$/.test(verb) ? form.replace(/i(?=(?:o|es|e|en)$)/, 'í') : form;
  return forms.map(accentedI) as unknown as SixForms;
}

/** Endings after ñ, ll and j lose their i; between vowels it is y. */
const joinPast = (stem: string, ending: string) => {
  if (/[aeou]$/.test(stem) && !/[gq]u$/.test(stem) && /^i(?:ó|e)/.test(ending))
    return `${stem}y${ending.slice(1)}`;
  if (/[aeo]$/.test(stem) && /^(?:iste|imos|isteis)$/.test(ending))
    return stem + ending.replace(/^i/, 'í');
  if (/(?:ñ|ll)$/.test(stem) && /^i(?:ó|e)/.test(ending)) return stem + ending.slice(1);
  // río, rió: two i become one.
  if (/i$/.test(stem) && /^i(?:ó|e)/.test(ending)) return stem + ending.slice(1);
  return stem + ending;
};

function preterite({ verb, kind, plain, raised }: Stems, own: Special | undefined): SixForms {
  if (own?.preterite) return own.preterite;
  const strong = own?.strong ?? (/ducir$/.test(verb) ? plain.replace(/c$/, 'j') : undefined);
  if (strong !== undefined) {
    const third = /j$/.test(strong) ? 'eron' : 'ieron';
    return [
      `${strong}e`,
      `${strong}iste`,
      `${strong}o`,
      `${strong}imos`,
      `${strong}isteis`,
      strong + third,
    ];
  }
  return endings.preterite[kind].map((ending, at) => {
    if (kind === 'ar')
      return (
        (at === 0 ? (arEnds(verb, plain) ?? spelled(plain, kind, verb, true)) : plain) + ending
      );
    return joinPast(at === 2 || at === 5 ? raised : plain, ending);
  }) as unknown as SixForms;
}

function imperfect({ kind, plain }: Stems, own: Special | undefined): SixForms {
  if (own?.imperfect) return own.imperfect;
  return six(kind === 'ar' ? 'aba abas aba ábamos abais aban' : 'ía ías ía íamos íais ían').map(
    (ending) => plain + ending,
  ) as unknown as SixForms;
}

function subjunctive(stems: Stems, own: Special | undefined, now: SixForms): SixForms {
  if (Array.isArray(own?.subjunctive)) return own.subjunctive as unknown as SixForms;
  const { verb, kind, plain, stressed, raised } = stems;
  if (typeof own?.subjunctive === 'string') {
    const stem = own.subjunctive;
    return endings.subjunctive.er.map((ending) => stem + ending) as unknown as SixForms;
  }
  // A yo of its own gives the whole tense: tenga, traiga, construya.
  const yo = now[0].replace(/o$/, '');
  const whole = own?.yo !== undefined || verb === 'oír' || isUir(verb);
  return endings.subjunctive[kind].map((ending, at) => {
    if (whole) return yo + ending;
    const unstressed = kind === 'ir' ? raised : plain;
    const base = STRESSED[at] ? stressed : unstressed;
    if (kind === 'ar') return (arEnds(verb, base) ?? spelled(base, kind, verb, true)) + ending;
    if (/[eoa]ír$/.test(verb)) return (STRESSED[at] ? base.replace(/i$/, 'í') : base) + ending;
    return spelled(base, kind, verb, false) + ending;
  }) as unknown as SixForms;
}

const acute: Readonly<Record<string, string>> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú' };

function imperfectSubjunctive(past: SixForms): SixForms {
  const stem = past[5].replace(/ron$/, '');
  const accent = stem.replace(/[aeiou]$/, (vowel) => acute[vowel] ?? vowel);
  return [`${stem}ra`, `${stem}ras`, `${stem}ra`, `${accent}ramos`, `${stem}rais`, `${stem}ran`];
}

const participleOf = ({ verb, kind, plain }: Stems, own: Special | undefined) => {
  if (own?.participle) return own.participle;
  if (kind === 'ar') return `${plain}ado`;
  return /[aeo]$/.test(plain) && verb !== 'ver' ? `${plain}ído` : `${plain}ido`;
};

const gerundOf = ({ kind, raised }: Stems, own: Special | undefined) =>
  own?.gerund ?? (kind === 'ar' ? `${raised}ando` : joinPast(raised, 'iendo'));

function ruleOf(verb: string, own: Special | undefined): string {
  if (own !== undefined && (own.present ?? own.yo ?? own.strong ?? own.preterite))
    return `${verb} is irregular: its forms are learnt by heart.`;
  if (inList(verb, eIe)) return 'Under stress e becomes ie.';
  if (inList(verb, oUe)) return 'Under stress o becomes ue.';
  if (inList(verb, eI)) return 'Under stress e becomes i.';
  if (inList(verb, uUe)) return 'Under stress u becomes ue.';
  if (inList(verb, accented)) return 'Under stress the i or u has an accent.';
  if (isUir(verb)) return 'Between vowels stands y.';
  if (/[cgz]ar$/.test(verb))
    return 'Before e the spelling changes, so that the sound stays: c to qu, g to gu, z to c.';
  if (own?.participle) return `Regular, but its participle is ${own.participle}.`;
  return 'Regular.';
}

/** A compound’s forms of their own: de + tengo; the accent of a longer tú: detén. */
function withPrefix(own: Special, before: string): Special {
  if (before === '') return own;
  const join = (text: string | undefined) => (text === undefined ? undefined : before + text);
  const all = (forms: SixForms | undefined) =>
    forms?.map((form) => before + form) as SixForms | undefined;
  const longer = (text: string | undefined) =>
    text === undefined
      ? undefined
      : before + text.replace(/[eo](?=n$)/, (vowel) => acute[vowel] ?? vowel);
  const made = {
    yo: join(own.yo),
    present: all(own.present),
    strong: join(own.strong),
    preterite: all(own.preterite),
    future: join(own.future),
    imperfect: all(own.imperfect),
    subjunctive: typeof own.subjunctive === 'string' ? join(own.subjunctive) : all(own.subjunctive),
    participle: join(own.participle),
    gerund: join(own.gerund),
    tu: longer(own.tu),
  };
  return Object.fromEntries(Object.entries(made).filter(([, value]) => value !== undefined));
}

/**
 * The forms of a verb.
 *
 * @throws RangeError where it is no infinitive
 */
export function spanishVerb(given: string): SpanishVerb {
  const verb = given.trim().toLowerCase().replace(/se$/, '');
  if (!/^\p{L}*(?:ar|er|ir|ír)$/u.test(verb)) {
    throw new RangeError(`${given} is no infinitive: those end in -ar, -er or -ir.`);
  }
  const stems = stemsOf(verb);
  const found = specialOf(verb);
  const own = found && withPrefix(found.special, verb.slice(0, -found.key.length));
  const now = present(stems, own);
  const past = preterite(stems, own);
  const wish = subjunctive(stems, own, now);
  const future = own?.future ?? verb.replace(/ír$/, 'ir');
  return {
    verb,
    tenses: {
      present: now,
      preterite: past,
      imperfect: imperfect(stems, own),
      future: six('é ás á emos éis án').map((ending) => future + ending) as unknown as SixForms,
      conditional: six('ía ías ía íamos íais ían').map(
        (ending) => future + ending,
      ) as unknown as SixForms,
      'present subjunctive': wish,
      'imperfect subjunctive': imperfectSubjunctive(past),
    },
    imperative: [
      own?.tu ?? now[2],
      wish[2],
      verb === 'ir' ? 'vamos' : wish[3],
      verb.replace(/r$/, 'd'),
      wish[5],
    ],
    gerund: gerundOf(stems, own),
    participle: participleOf(stems, own),
    rule: ruleOf(verb, own),
  };
}
