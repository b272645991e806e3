/**
 * Portuguese verbs in their tenses: three conjugations, changes of spelling and of the vowel of the
 * stem, and what is irregular in itself. Endings are those of any school grammar; the spelling is that
 * of the agreement of 1990.
 */

export const portugueseTenses = [
  'present',
  'preterite',
  'imperfect',
  'pluperfect',
  'future',
  'conditional',
  'present subjunctive',
  'imperfect subjunctive',
  'future subjunctive',
] as const;
export type PortugueseTense = (typeof portugueseTenses)[number];

export interface PortugueseVerb {
  readonly verb: string;
  /** eu, tu, ele or você, nós, vós, eles or vocês; empty where there is no such form. */
  readonly tenses: Readonly<Record<PortugueseTense, readonly string[]>>;
  readonly gerund: string;
  readonly participle: string;
  /** What is special about it, in a sentence. */
  readonly rule: string;
}

export const portuguesePersons = [
  'eu',
  'tu',
  'ele, ela, você',
  'nós',
  'vós',
  'eles, vocês',
] as const;

type Kind = 'a' | 'e' | 'i';

interface Own {
  readonly present?: string;
  /** All six, or the stem with its theme: fize-, pude-. */
  readonly preterite?: string;
  readonly imperfect?: string;
  /** Stem of future and conditional. */
  readonly future?: string;
  /** eu and nós of the present subjunctive. */
  readonly subjunctive?: string;
  readonly participle?: string;
  readonly gerund?: string;
}

/**
 * A line: verb; present; preterite; participle; subjunctive (eu nós); future; imperfect. What is empty is
 * regular. The simple past of others than eu gives the stem of three tenses: fizeram, fizera, fizesse, fizer.
 */
const lines = `
ser; sou és é somos sois são; fui foste foi fomos fostes foram; sido; seja sejamos; ; era eras era éramos éreis eram
ir; vou vais vai vamos ides vão; fui foste foi fomos fostes foram; ido; vá vamos; ;
estar; estou estás está estamos estais estão; estive estiveste esteve estivemos estivestes estiveram; ; esteja estejamos; ;
ter; tenho tens tem temos tendes têm; tive tiveste teve tivemos tivestes tiveram; ; tenha tenhamos; ; tinha tinhas tinha tínhamos tínheis tinham
haver; hei hás há havemos haveis hão; houve houveste houve houvemos houvestes houveram; ; haja hajamos; ;
fazer; faço fazes faz fazemos fazeis fazem; fiz fizeste fez fizemos fizestes fizeram; feito; faça façamos; far;
dizer; digo dizes diz dizemos dizeis dizem; disse disseste disse dissemos dissestes disseram; dito; diga digamos; dir;
trazer; trago trazes traz trazemos trazeis trazem; trouxe trouxeste trouxe trouxemos trouxestes trouxeram; ; traga tragamos; trar;
poder; posso podes pode podemos podeis podem; pude pudeste pôde pudemos pudestes puderam; ; possa possamos; ;
querer; quero queres quer queremos quereis querem; quis quiseste quis quisemos quisestes quiseram; ; queira queiramos; ;
saber; sei sabes sabe sabemos sabeis sabem; soube soubeste soube soubemos soubestes souberam; ; saiba saibamos; ;
caber; caibo cabes cabe cabemos cabeis cabem; coube coubeste coube coubemos coubestes couberam; ; caiba caibamos; ;
dar; dou dás dá damos dais dão; dei deste deu demos destes deram; ; dê demos; ;
ver; vejo vês vê vemos vedes veem; vi viste viu vimos vistes viram; visto; veja vejamos; ;
vir; venho vens vem vimos vindes vêm; vim vieste veio viemos viestes vieram; vindo; venha venhamos; ; vinha vinhas vinha vínhamos vínheis vinham
pôr; ponho pões põe pomos pondes põem; pus puseste pôs pusemos pusestes puseram; posto; ponha ponhamos; por; punha punhas punha púnhamos púnheis punham
crer; creio crês crê cremos credes creem; ; ; creia creiamos; ;
ler; leio lês lê lemos ledes leem; ; ; leia leiamos; ;
rir; rio ris ri rimos rides riem; ; ; ria riamos; ;
perder; perco perdes perde perdemos perdeis perdem; ; ; perca percamos; ;
valer; valho vales vale valemos valeis valem; ; ; valha valhamos; ;
medir; meço medes mede medimos medis medem; ; ; meça meçamos; ;
pedir; peço pedes pede pedimos pedis pedem; ; ; peça peçamos; ;
ouvir; ouço ouves ouve ouvimos ouvis ouvem; ; ; ouça ouçamos; ;
odiar; odeio odeias odeia odiamos odiais odeiam; ; ; odeie odiemos; ;
ansiar; anseio anseias anseia ansiamos ansiais anseiam; ; ; anseie ansiemos; ;
incendiar; incendeio incendeias incendeia incendiamos incendiais incendeiam; ; ; incendeie incendiemos; ;
mediar; medeio medeias medeia mediamos mediais medeiam; ; ; medeie mediemos; ;
subir; subo sobes sobe subimos subis sobem; ; ; ; ;
fugir; fujo foges foge fugimos fugis fogem; ; ; ; ;
acudir; acudo acodes acode acudimos acudis acodem; ; ; ; ;
sacudir; sacudo sacodes sacode sacudimos sacudis sacodem; ; ; ; ;
consumir; consumo consomes consome consumimos consumis consomem; ; ; ; ;
construir; construo constróis constrói construímos construís constroem; ; ; ; ;
destruir; destruo destróis destrói destruímos destruís destroem; ; ; ; ;
abrir; ; ; aberto; ; ;
cobrir; cubro cobres cobre cobrimos cobris cobrem; ; coberto; ; ;
descobrir; descubro descobres descobre descobrimos descobris descobrem; ; descoberto; ; ;
dormir; durmo dormes dorme dormimos dormis dormem; ; ; ; ;
tossir; tusso tosses tosse tossimos tossis tossem; ; ; ; ;
engolir; engulo engoles engole engolimos engolis engolem; ; ; ; ;
escrever; ; ; escrito; ; ;
descrever; ; ; descrito; ; ;
inscrever; ; ; inscrito; ; ;
ganhar; ; ; ganho; ; ;
gastar; ; ; gasto; ; ;
pagar; ; ; pago; ; ;
agredir; agrido agrides agride agredimos agredis agridem; ; ; ; ;
progredir; progrido progrides progride progredimos progredis progridem; ; ; ; ;
prevenir; previno prevines previne prevenimos prevenis previnem; ; ; ; ;
`;

const own: ReadonlyMap<string, Own> = new Map(
  lines
    .trim()
    .split('\n')
    .map((line) => {
      const [verb = '', present, preterite, participle, subjunctive, future, imperfect] =
        line.split(/\s*;\s*/);
      const entry: Own = {
        ...(present ? { present } : {}),
        ...(preterite ? { preterite } : {}),
        ...(participle ? { participle } : {}),
        ...(subjunctive ? { subjunctive } : {}),
        ...(future ? { future } : {}),
        ...(imperfect ? { imperfect } : {}),
      };
      return [verb, entry];
    }),
);

/** Compounds with what the accent becomes in a longer word: obter, obténs, obtém. */
const families = [
  'fazer',
  'dizer',
  'trazer',
  'querer',
  'pôr',
  'por',
  'ver',
  'vir',
  'ter',
  'pedir',
  'medir',
  'rir',
  'ler',
  'crer',
];
const FAMILY: Readonly<Record<string, RegExp>> = {
  ter: /^(?:ob|con|man|re|de|sus|abs|entre|a)ter$/,
  vir: /^(?:con|inter|pro|so|ad|contra|sobre|de|a)vir$/,
  ver: /^(?:re|pre|ante|entre)ver$/,
  por: /^(?:com|dis|ex|im|o|pro|su|pos|re|de|trans|contra|ante|inter|sobre|recom|pressu|decom|indis|predis|contrapro)por$/,
  fazer: /^(?:des|re|satis|per|rare|lique)fazer$/,
  dizer: /^(?:contra|des|pre|ben|mal|re|inter)dizer$/,
  pedir: /^(?:des|ex|im|re)pedir$/,
  medir: /^(?:co|re)medir$/,
  rir: /^(?:sor)rir$/,
  ler: /^(?:re|tres)ler$/,
  crer: /^(?:des)crer$/,
};

function ownOf(verb: string): { readonly prefix: string; readonly entry: Own } | undefined {
  const whole = own.get(verb);
  if (whole) return { prefix: '', entry: whole };
  const key = families.find((each) => FAMILY[each]?.test(verb));
  const entry = own.get(key === 'por' ? 'pôr' : (key ?? ''));
  return key && entry ? { prefix: verb.slice(0, verb.length - key.length), entry } : undefined;
}

/** Forms of one syllable get an accent where a prefix makes them longer: tens, conténs; tem, contém. */
function withPrefix(prefix: string, form: string): string {
  if (prefix === '') return form;
  return (
    prefix +
    ((
      { tens: 'téns', tem: 'tém', vens: 'véns', vem: 'vém', vir: 'vir', vim: 'vim' } as Record<
        string,
        string
      >
    )[form] ?? form)
  );
}

const endings: Readonly<
  Record<'present' | 'preterite' | 'imperfect' | 'subjunctive', Readonly<Record<Kind, string>>>
> = {
  present: { a: 'o as a amos ais am', e: 'o es e emos eis em', i: 'o es e imos is em' },
  preterite: {
    a: 'ei aste ou amos astes aram',
    e: 'i este eu emos estes eram',
    i: 'i iste iu imos istes iram',
  },
  imperfect: {
    a: 'ava avas ava ávamos áveis avam',
    e: 'ia ias ia íamos íeis iam',
    i: 'ia ias ia íamos íeis iam',
  },
  subjunctive: { a: 'e es e emos eis em', e: 'a as a amos ais am', i: 'a as a amos ais am' },
};

/** The stem is spelled as it is said before another vowel: fico, fiquei; chego, cheguei; conheço. */
function spelled(stem: string, ending: string, kind: Kind): string {
  const front = /^[eéêií]/.test(ending);
  if (kind === 'a' && front) {
    if (stem.endsWith('c')) return `${stem.slice(0, -1)}qu${ending}`;
    if (stem.endsWith('g')) return `${stem}u${ending}`;
    if (stem.endsWith('ç')) return `${stem.slice(0, -1)}c${ending}`;
    return stem + ending;
  }
  if (kind !== 'a' && !front) {
    if (stem.endsWith('c')) return `${stem.slice(0, -1)}ç${ending}`;
    if (stem.endsWith('gu')) return `${stem.slice(0, -1)}${ending}`;
    if (stem.endsWith('g')) return `${stem.slice(0, -1)}j${ending}`;
  }
  return stem + ending;
}

/** Verbs in -ir whose e becomes i, and whose o becomes u, in eu and the subjunctive. */
const eToI =
  /(?:sentir|mentir|servir|vestir|seguir|repetir|preferir|referir|sugerir|conferir|ferir|inferir|transferir|divertir|advertir|inserir|digerir|aderir|competir|despir|refletir|investir|convergir|divergir|desmentir|pressentir|consentir|perseguir|conseguir|prosseguir|diferir|interferir|deferir|proferir|gerir|ingerir|inverter)$/;

function regularPresent(stem: string, kind: Kind, verb: string): string[] {
  const all = endings.present[kind].split(' ').map((end) => spelled(stem, end, kind));
  if (kind === 'i' && eToI.test(verb)) {
    const first = spelled(stem.replace(/e([^e]*)$/, 'i$1'), 'o', kind);
    return [first, ...all.slice(1)];
  }
  // Passeio, passeamos: an i where the stem is stressed.
  if (verb.endsWith('ear')) {
    return all.map((form, person) =>
      person === 3 || person === 4 ? form : `${stem}i${form.slice(stem.length)}`,
    );
  }
  // Caio, cais, cai; saio.
  if (/air$/.test(verb)) {
    return [`${stem}io`, `${stem}is`, `${stem}i`, `${stem}ímos`, `${stem}ís`, `${stem}em`];
  }
  if (/oer$/.test(verb)) {
    const open = stem.slice(0, -1);
    return [`${stem}o`, `${open}óis`, `${open}ói`, `${stem}emos`, `${stem}eis`, `${stem}em`];
  }
  // Contribuo, contribuis, contribui.
  if (/[^gq]uir$/.test(verb)) {
    return [`${stem}o`, `${stem}is`, `${stem}i`, `${stem}ímos`, `${stem}ís`, `${stem}em`];
  }
  // Produz, conduz: nothing after z.
  if (/uzir$/.test(verb))
    return all.map((form, person) => (person === 2 ? form.slice(0, -1) : form));
  return all;
}

const six = (text: string) => text.split(' ');

/** @throws RangeError where the word is no infinitive */
export function portugueseVerb(given: string): PortugueseVerb {
  const verb = given.trim().toLowerCase().replace(/-se$/, '');
  if (!/^\p{L}+(?:ar|er|ir|por|pôr)$|^(?:ir|pôr|air)$/u.test(verb)) {
    throw new RangeError(`${given} is no Portuguese infinitive in -ar, -er, -ir or -por.`);
  }
  const found = ownOf(verb);
  const { prefix = '', entry = {} } = found ?? {};
  const kind: Kind = /[oô]r$/.test(verb) ? 'e' : (verb.at(-2) as Kind);
  const stem = verb.slice(0, -2);
  const of = (text: string) => six(text).map((form) => withPrefix(prefix, form));
  const hiatus = /[aou]ir$/.test(verb) && !/[gq]uir$/.test(verb) && verb !== 'ir';

  const present = entry.present ? of(entry.present) : regularPresent(stem, kind, verb);
  let preterite = entry.preterite
    ? of(entry.preterite)
    : endings.preterite[kind].split(' ').map((end) => spelled(stem, end, kind));
  if (!entry.preterite && hiatus) {
    preterite = [
      `${stem}í`,
      `${stem}íste`,
      `${stem}iu`,
      `${stem}ímos`,
      `${stem}ístes`,
      `${stem}íram`,
    ];
  }
  if (!entry.preterite && /oer$/.test(verb))
    preterite = preterite.map((form, person) => (person === 0 ? `${stem}í` : form));
  if (!entry.preterite && verb.endsWith('rir') && verb.length < 7 && found) {
    preterite = ['i', 'iste', 'iu', 'imos', 'istes', 'iram'].map((end) => stem + end);
  }
  let imperfect = entry.imperfect
    ? of(entry.imperfect)
    : endings.imperfect[kind].split(' ').map((end) => stem + end);
  if (!entry.imperfect && (hiatus || /oer$/.test(verb))) {
    imperfect = six('ía ías ía íamos íeis íam').map((end) => stem + end);
  }
  if (verb === 'ir') imperfect = six('ia ias ia íamos íeis iam');

  // Fizeram: fizera, fizesse, fizer.
  const base = (preterite[5] ?? '').slice(0, -3);
  const theme = base.slice(-1);
  // With its theme under stress: falássemos, fizéssemos, pusesse.
  const closed = entry.preterite === undefined && kind === 'e';
  const accent = { a: 'á', e: closed ? 'ê' : 'é', i: 'í', o: 'ô', í: 'í' }[theme] ?? theme;
  const root = base.slice(0, -1);
  const stressed = root + accent;

  const io = entry.subjunctive ? of(entry.subjunctive) : undefined;
  const first = present[0] ?? '';
  const sub = ((): string[] => {
    if (io) {
      const [eu = '', nos = ''] = io;
      if (verb === 'dar') return six('dê dês dê demos deis deem');
      if (verb === 'ir') return six('vá vás vá vamos vades vão');
      const own = eu.slice(0, -1);
      const vowel = eu.slice(-1);
      return [eu, `${eu}s`, eu, nos, nos.replace(/mos$/, 'is'), `${own}${vowel}m`];
    }
    if (verb.endsWith('ear')) {
      return endings.subjunctive.a
        .split(' ')
        .map((end, person) => (person === 3 || person === 4 ? stem + end : `${stem}i${end}`));
    }
    const root = kind === 'a' ? stem : first.slice(0, -1);
    return endings.subjunctive[kind]
      .split(' ')
      .map((end) => (kind === 'a' ? spelled(stem, end, 'a') : root + end));
  })();

  const long = entry.future ? prefix + entry.future : verb.replace('ô', 'o');
  return {
    verb,
    tenses: {
      present,
      preterite,
      imperfect,
      pluperfect: [
        `${base}ra`,
        `${base}ras`,
        `${base}ra`,
        `${stressed}ramos`,
        `${stressed}reis`,
        `${base}ram`,
      ],
      future: six('ei ás á emos eis ão').map((end) => long + end),
      conditional: six('ia ias ia íamos íeis iam').map((end) => long + end),
      'present subjunctive': sub,
      'imperfect subjunctive': [
        `${base}sse`,
        `${base}sses`,
        `${base}sse`,
        `${stressed}ssemos`,
        `${stressed}sseis`,
        `${base}ssem`,
      ],
      'future subjunctive': [
        `${root}${plainTheme(theme)}r`,
        `${base}res`,
        `${root}${plainTheme(theme)}r`,
        `${root}${plainTheme(theme)}rmos`,
        `${root}${plainTheme(theme)}rdes`,
        `${base}rem`,
      ],
    },
    gerund:
      verb.endsWith('pôr') || (found && /por$/.test(verb))
        ? `${verb.slice(0, -2)}ondo`
        : `${stem}${kind}ndo`,
    participle:
      entry.participle !== undefined
        ? prefix + entry.participle
        : kind === 'a'
          ? `${stem}ado`
          : hiatus || /oer$/.test(verb)
            ? `${stem}ído`
            : `${stem}ido`,
    rule: found
      ? 'Irregular: learn its forms by heart.'
      : kind === 'i' && eToI.test(verb)
        ? 'E becomes i in eu and in the subjunctive: sinto, sinta.'
        : kind === 'a' && /[cgç]$/.test(stem)
          ? 'Spelled as it is said before e: fiquei, cheguei, comecei.'
          : kind !== 'a' && /[cg]$/.test(stem)
            ? 'Spelled as it is said before o and a: conheço, dirijo.'
            : verb.endsWith('ear')
              ? 'An i where the stem is stressed: passeio.'
              : `Regular, in -${kind}r.`,
  };
}

/** Cair, saíres: without its accent where the r closes the syllable. */
const plainTheme = (theme: string) => (theme === 'í' ? 'i' : theme);
