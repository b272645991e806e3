/**
 * Italian verbs in their tenses: three conjugations, changes of spelling, and what is irregular in
 * itself. Endings are those of any school grammar.
 */

export const italianTenses = [
  'present',
  'imperfect',
  'future',
  'conditional',
  'simple past',
  'present subjunctive',
  'imperfect subjunctive',
] as const;
export type ItalianTense = (typeof italianTenses)[number];

/** io, tu, lui or lei, noi, voi, loro. */
export type ItalianForms = readonly string[];

export interface ItalianVerb {
  readonly verb: string;
  readonly tenses: Readonly<Record<ItalianTense, ItalianForms>>;
  readonly gerund: string;
  readonly participle: string;
  /** What is special about it, in a sentence. */
  readonly rule: string;
}

export const italianPersons = ['io', 'tu', 'lui, lei', 'noi', 'voi', 'loro'] as const;

const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

/** Verbs in -ire without -isc-. */
const plainIre = words(
  `dormire partire sentire aprire coprire offrire soffrire seguire servire vestire bollire fuggire cucire
  divertire avvertire pentire convertire consentire dissentire assentire presentire risentire ripartire dipartire
  inseguire perseguire eseguire conseguire proseguire susseguire scoprire ricoprire riaprire investire rivestire
  travestire svestire sdrucire morire salire venire udire uscire riuscire addormire sfuggire rifuggire sortire
  invertire sovvertire pervertire riscoprire intervenire divenire avvenire pervenire provenire convenire prevenire
  svenire rivenire sopravvenire assalire risalire scucire ricucire controvertire acconsentire applaudire
  ammollire tossire inghiottire mentire nutrire assorbire ribollire ridormire applaudire`,
);

interface Own {
  /** All of the present, or the stem of io and loro (vengo, vengono). */
  readonly present?: string;
  /** Stem of future and conditional. */
  readonly future?: string;
  /** io of the simple past, from which lui and loro follow (presi, prese, presero). */
  readonly past?: string;
  readonly pasts?: string;
  readonly participle?: string;
  /** io and noi of the present subjunctive. */
  readonly subjunctive?: string;
  /** The stem of imperfect, gerund and the regular persons of the simple past: fac-, dic-, bev-. */
  readonly long?: string;
}

/**
 * A line: verb; present; future; io of the simple past; participle; subjunctive (io noi); long stem.
 * What is empty is regular.
 */
const lines = `
essere; sono sei è siamo siete sono; sar; =fui fosti fu fummo foste furono; stato; sia siamo;
avere; ho hai ha abbiamo avete hanno; avr; ebbi; avuto; abbia abbiamo;
andare; vado vai va andiamo andate vanno; andr; ; ; vada andiamo;
dare; do dai dà diamo date danno; dar; =diedi desti diede demmo deste diedero; dato; dia diamo;
stare; sto stai sta stiamo state stanno; star; =stetti stesti stette stemmo steste stettero; stato; stia stiamo;
fare; faccio fai fa facciamo fate fanno; far; feci; fatto; faccia facciamo; face
dire; dico dici dice diciamo dite dicono; dir; dissi; detto; dica diciamo; dice
bere; bevo bevi beve beviamo bevete bevono; berr; bevvi; bevuto; beva beviamo; beve
porre; pongo poni pone poniamo ponete pongono; porr; posi; posto; ponga poniamo; pone
trarre; traggo trai trae traiamo traete traggono; trarr; trassi; tratto; tragga traiamo; trae
durre; duco duci duce duciamo ducete ducono; durr; dussi; dotto; duca duciamo; duce
potere; posso puoi può possiamo potete possono; potr; ; ; possa possiamo;
volere; voglio vuoi vuole vogliamo volete vogliono; vorr; volli; ; voglia vogliamo;
dovere; devo devi deve dobbiamo dovete devono; dovr; ; ; debba dobbiamo;
sapere; so sai sa sappiamo sapete sanno; sapr; seppi; ; sappia sappiamo;
vedere; ; vedr; vidi; visto; ;
prevedere; ; prevedr; previdi; previsto; ;
provvedere; ; provveder; provvidi; provvisto; ;
vivere; ; vivr; vissi; vissuto; ;
tenere; tengo tieni tiene teniamo tenete tengono; terr; tenni; ; tenga teniamo;
venire; vengo vieni viene veniamo venite vengono; verr; venni; venuto; venga veniamo;
rimanere; rimango rimani rimane rimaniamo rimanete rimangono; rimarr; rimasi; rimasto; rimanga rimaniamo;
valere; valgo vali vale valiamo valete valgono; varr; valsi; valso; valga valiamo;
salire; salgo sali sale saliamo salite salgono; ; ; ; salga saliamo;
uscire; esco esci esce usciamo uscite escono; ; ; ; esca usciamo;
riuscire; riesco riesci riesce riusciamo riuscite riescono; ; ; ; riesca riusciamo;
udire; odo odi ode udiamo udite odono; ; ; ; oda udiamo;
morire; muoio muori muore moriamo morite muoiono; ; ; morto; muoia moriamo;
sedere; siedo siedi siede sediamo sedete siedono; ; ; ; sieda sediamo;
possedere; possiedo possiedi possiede possediamo possedete possiedono; ; ; ; possieda possediamo;
piacere; piaccio piaci piace piacciamo piacete piacciono; ; piacqui; piaciuto; piaccia piacciamo;
tacere; taccio taci tace tacciamo tacete tacciono; ; tacqui; taciuto; taccia tacciamo;
giacere; giaccio giaci giace giacciamo giacete giacciono; ; giacqui; giaciuto; giaccia giacciamo;
cogliere; colgo cogli coglie cogliamo cogliete colgono; ; colsi; colto; colga cogliamo;
togliere; tolgo togli toglie togliamo togliete tolgono; ; tolsi; tolto; tolga togliamo;
sciogliere; sciolgo sciogli scioglie sciogliamo sciogliete sciolgono; ; sciolsi; sciolto; sciolga sciogliamo;
scegliere; scelgo scegli sceglie scegliamo scegliete scelgono; ; scelsi; scelto; scelga scegliamo;
spegnere; spengo spegni spegne spegniamo spegnete spengono; ; spensi; spento; spenga spegniamo;
parere; paio pari pare paiamo parete paiono; parr; parvi; parso; paia paiamo;
cuocere; cuocio cuoci cuoce cuociamo cuocete cuociono; ; cossi; cotto; cuocia cuociamo;
nuocere; nuoccio nuoci nuoce nuociamo nuocete nuocciono; ; nocqui; nuociuto; nuoccia nuociamo;
scuotere; ; ; scossi; scosso; ;
muovere; ; ; mossi; mosso; ;
aprire; ; ; ; aperto; ;
coprire; ; ; ; coperto; ;
offrire; ; ; ; offerto; ;
soffrire; ; ; ; sofferto; ;
apparire; appaio appari appare appariamo apparite appaiono; ; apparvi; apparso; appaia appariamo;
scomparire; scompaio scompari scompare scompariamo scomparite scompaiono; ; scomparvi; scomparso; scompaia scompariamo;
leggere; ; ; lessi; letto; ;
eleggere; ; ; elessi; eletto; ;
reggere; ; ; ressi; retto; ;
correggere; ; ; corressi; corretto; ;
proteggere; ; ; protessi; protetto; ;
friggere; ; ; frissi; fritto; ;
affliggere; ; ; afflissi; afflitto; ;
sconfiggere; ; ; sconfissi; sconfitto; ;
distruggere; ; ; distrussi; distrutto; ;
scrivere; ; ; scrissi; scritto; ;
mettere; ; ; misi; messo; ;
prendere; ; ; presi; preso; ;
accendere; ; ; accesi; acceso; ;
scendere; ; ; scesi; sceso; ;
ascendere; ; ; ascesi; asceso; ;
rendere; ; ; resi; reso; ;
spendere; ; ; spesi; speso; ;
tendere; ; ; tesi; teso; ;
difendere; ; ; difesi; difeso; ;
offendere; ; ; offesi; offeso; ;
dipendere; ; ; dipesi; dipeso; ;
appendere; ; ; appesi; appeso; ;
sospendere; ; ; sospesi; sospeso; ;
chiudere; ; ; chiusi; chiuso; ;
concludere; ; ; conclusi; concluso; ;
escludere; ; ; esclusi; escluso; ;
includere; ; ; inclusi; incluso; ;
deludere; ; ; delusi; deluso; ;
illudere; ; ; illusi; illuso; ;
alludere; ; ; allusi; alluso; ;
decidere; ; ; decisi; deciso; ;
uccidere; ; ; uccisi; ucciso; ;
dividere; ; ; divisi; diviso; ;
ridere; ; ; risi; riso; ;
sorridere; ; ; sorrisi; sorriso; ;
coincidere; ; ; coincisi; coinciso; ;
incidere; ; ; incisi; inciso; ;
invadere; ; ; invasi; invaso; ;
evadere; ; ; evasi; evaso; ;
persuadere; ; ; persuasi; persuaso; ;
perdere; ; ; persi; perso; ;
mordere; ; ; morsi; morso; ;
ardere; ; ; arsi; arso; ;
correre; ; ; corsi; corso; ;
chiedere; ; ; chiesi; chiesto; ;
rispondere; ; ; risposi; risposto; ;
corrispondere; ; ; corrisposi; corrisposto; ;
nascondere; ; ; nascosi; nascosto; ;
confondere; ; ; confusi; confuso; ;
fondere; ; ; fusi; fuso; ;
diffondere; ; ; diffusi; diffuso; ;
esplodere; ; ; esplosi; esploso; ;
rodere; ; ; rosi; roso; ;
radere; ; ; rasi; raso; ;
ledere; ; ; lesi; leso; ;
piangere; ; ; piansi; pianto; ;
spingere; ; ; spinsi; spinto; ;
dipingere; ; ; dipinsi; dipinto; ;
fingere; ; ; finsi; finto; ;
tingere; ; ; tinsi; tinto; ;
stringere; ; ; strinsi; stretto; ;
costringere; ; ; costrinsi; costretto; ;
restringere; ; ; restrinsi; ristretto; ;
giungere; ; ; giunsi; giunto; ;
aggiungere; ; ; aggiunsi; aggiunto; ;
raggiungere; ; ; raggiunsi; raggiunto; ;
pungere; ; ; punsi; punto; ;
ungere; ; ; unsi; unto; ;
mungere; ; ; munsi; munto; ;
frangere; ; ; fransi; franto; ;
cingere; ; ; cinsi; cinto; ;
vincere; ; ; vinsi; vinto; ;
convincere; ; ; convinsi; convinto; ;
torcere; ; ; torsi; torto; ;
volgere; ; ; volsi; volto; ;
rivolgere; ; ; rivolsi; rivolto; ;
svolgere; ; ; svolsi; svolto; ;
accorgere; ; ; accorsi; accorto; ;
scorgere; ; ; scorsi; scorto; ;
sorgere; ; ; sorsi; sorto; ;
porgere; ; ; porsi; porto; ;
emergere; ; ; emersi; emerso; ;
immergere; ; ; immersi; immerso; ;
spargere; ; ; sparsi; sparso; ;
dirigere; ; ; diressi; diretto; ;
esigere; ; ; ; esatto; ;
redigere; ; ; redassi; redatto; ;
conoscere; ; ; conobbi; conosciuto; ;
riconoscere; ; ; riconobbi; riconosciuto; ;
crescere; ; ; crebbi; cresciuto; ;
nascere; ; ; nacqui; nato; ;
rompere; ; ; ruppi; rotto; ;
cadere; ; cadr; caddi; ; ;
piovere; ; ; piovvi; ; ;
assumere; ; ; assunsi; assunto; ;
presumere; ; ; presunsi; presunto; ;
riassumere; ; ; riassunsi; riassunto; ;
esprimere; ; ; espressi; espresso; ;
comprimere; ; ; compressi; compresso; ;
imprimere; ; ; impressi; impresso; ;
assistere; ; ; ; assistito; ;
esistere; ; ; ; esistito; ;
insistere; ; ; ; insistito; ;
resistere; ; ; ; resistito; ;
consistere; ; ; ; consistito; ;
concedere; ; ; concessi; concesso; ;
succedere; ; ; successi; successo; ;
discutere; ; ; discussi; discusso; ;
percuotere; ; ; percossi; percosso; ;
risolvere; ; ; risolsi; risolto; ;
assolvere; ; ; assolsi; assolto; ;
dissolvere; ; ; dissolsi; dissolto; ;
distinguere; ; ; distinsi; distinto; ;
estinguere; ; ; estinsi; estinto; ;
stendere; ; ; stesi; steso; ;
vilipendere; ; ; vilipesi; vilipeso; ;
dissuadere; ; ; dissuasi; dissuaso; ;
flettere; ; ; ; flesso; ;
riflettere; ; ; ; riflettuto; ;
`;

const own: ReadonlyMap<string, Own> = new Map(
  lines
    .trim()
    .split('\n')
    .map((line) => {
      const [verb = '', present, future, past = '', participle, subjunctive, long] =
        line.split(/\s*;\s*/);
      const entry: Own = {
        ...(present ? { present } : {}),
        ...(future ? { future } : {}),
        ...(past.startsWith('=') ? { pasts: past.slice(1) } : past ? { past } : {}),
        ...(participle ? { participle } : {}),
        ...(subjunctive ? { subjunctive } : {}),
        ...(long ? { long } : {}),
      };
      return [verb, entry];
    }),
);

/** A verb with a prefix is as the one behind it; these have no family. */
const alone = words(
  'udire parere apparire uscire morire piovere essere avere andare dare stare dire bere rendere ridere ardere ungere',
);

function ownOf(verb: string): { readonly prefix: string; readonly entry: Own } | undefined {
  const whole = own.get(verb);
  if (whole) return { prefix: '', entry: whole };
  const base = [...own.keys()]
    .filter((each) => !alone.has(each) && each.length > 4 && verb.endsWith(each))
    .sort((one, other) => other.length - one.length)[0];
  const small = {
    benedire: 'dire',
    maledire: 'dire',
    disdire: 'dire',
    predire: 'dire',
    contraddire: 'dire',
    ridire: 'dire',
    rifare: 'fare',
    disfare: 'fare',
    soddisfare: 'fare',
    assuefare: 'fare',
    sopraffare: 'fare',
    ridare: 'dare',
    arrendere: 'rendere',
    deridere: 'ridere',
    irridere: 'ridere',
  }[verb];
  const key = small ?? base;
  const entry = key === undefined ? undefined : own.get(key);
  return key !== undefined && entry
    ? { prefix: verb.slice(0, verb.length - key.length), entry }
    : undefined;
}

const ends = (stem: string, endings: string) => endings.split(' ').map((end) => stem + end);

/** Verbs whose i is said by itself in io: invìo, scìo. */
const saidI = /^(?:invi|rinvi|avvi|devi|sci|spi|espi|obli|forvi|ravvi|travi)$/;

/** H keeps the hard sound of c and g before e and i; an i that only keeps the soft one goes before e and i. */
function soften(stem: string, ending: string): string {
  if (/^[ei]/.test(ending)) {
    if (/[cg]$/.test(stem)) return `${stem}h${ending}`;
    if (/(?:[cg]|sc)i$/.test(stem) && ending.startsWith('e')) return stem.slice(0, -1) + ending;
    // Studi, but invii: the i of inviare is said.
    if (/i$/.test(stem) && ending.startsWith('i') && !(saidI.test(stem) && ending === 'i')) {
      return stem.slice(0, -1) + ending;
    }
  }
  return stem + ending;
}

const all = (stem: string, endings: string, first: boolean) =>
  endings.split(' ').map((end) => (first ? soften(stem, end) : stem + end));

/** @throws RangeError where the word is no infinitive */
export function italianVerb(given: string): ItalianVerb {
  const verb = given
    .trim()
    .toLowerCase()
    .replace(/rsi$/, (end) => (/(?:ar|er|ir)si$/.test(given) ? 're' : end));
  if (!/^\p{L}+(?:are|ere|ire|arre|orre|urre)$/u.test(verb)) {
    throw new RangeError(`${given} is no Italian infinitive in -are, -ere or -ire.`);
  }
  const found = ownOf(verb);
  const { prefix = '', entry = {} } = found ?? {};
  const kind = verb.slice(-3) as 'are' | 'ere' | 'ire';
  const stem = verb.slice(0, -3);
  const first = kind === 'are';
  const isc = kind === 'ire' && !plainIre.has(verb) && found === undefined;
  const of = (text: string) => text.split(' ').map((form) => prefix + form);

  const regular = (): string[] => {
    if (first) return all(stem, 'o i a iamo ate ano', true);
    if (kind === 'ere') {
      // Leggo, leggi: spelled as said, with no letter put in.
      return ends(stem, 'o i e iamo ete ono').map((form) => form.replace(/ii/, 'i'));
    }
    const i = isc ? `${stem}isc` : stem;
    const hard = /(?:uc)$/.test(stem) ? `${stem}i` : i;
    return [`${hard}o`, `${i}i`, `${i}e`, `${stem}iamo`, `${stem}ite`, `${hard}ono`];
  };
  const present = entry.present ? of(entry.present) : regular();

  const long = entry.long
    ? prefix + entry.long
    : stem + ({ are: 'a', ere: 'e', ire: 'i' } as const)[kind];
  const imperfect =
    verb === 'essere'
      ? 'ero eri era eravamo eravate erano'.split(' ')
      : ends(long, 'vo vi va vamo vate vano');

  const future =
    entry.future !== undefined ? prefix + entry.future : first ? soften(stem, 'er') : `${long}r`;

  const strong = (io: string) => {
    const root = io.slice(0, -1);
    return [io, `${long}sti`, `${root}e`, `${long}mmo`, `${long}ste`, `${root}ero`];
  };
  const weak = {
    are: [`${stem}ai`, `${stem}asti`, `${stem}ò`, `${stem}ammo`, `${stem}aste`, `${stem}arono`],
    ere: [`${stem}ei`, `${stem}esti`, `${stem}é`, `${stem}emmo`, `${stem}este`, `${stem}erono`],
    ire: [`${stem}ii`, `${stem}isti`, `${stem}ì`, `${stem}immo`, `${stem}iste`, `${stem}irono`],
  }[kind];
  const past = entry.pasts ? of(entry.pasts) : entry.past ? strong(prefix + entry.past) : weak;

  const [io = '', noi = ''] = entry.subjunctive ? of(entry.subjunctive) : [];
  const sub = io !== '' ? io : first ? soften(stem, 'i') : (present[0] ?? '').replace(/o$/, 'a');
  const subNoi = noi !== '' ? noi : (present[3] ?? '');

  const low = verb === 'essere' ? 'fo' : verb === 'dare' ? 'de' : verb === 'stare' ? 'ste' : long;
  const participle =
    entry.participle !== undefined
      ? prefix + entry.participle
      : first
        ? `${stem}ato`
        : kind === 'ire'
          ? `${stem}ito`
          : /[cg]$/.test(stem) || /(?:sc)$/.test(stem)
            ? `${stem}iuto`
            : `${stem}uto`;
  return {
    verb,
    tenses: {
      present,
      imperfect,
      future: ends(future, 'ò ai à emo ete anno'),
      conditional: ends(future, 'ei esti ebbe emmo este ebbero'),
      'simple past': past,
      'present subjunctive': [sub, sub, sub, subNoi, subNoi.replace(/mo$/, 'te'), `${sub}no`],
      'imperfect subjunctive': ends(low, 'ssi ssi sse ssimo ste ssero'),
    },
    gerund:
      verb === 'essere'
        ? 'essendo'
        : first && !entry.long
          ? `${stem}ando`
          : `${long.slice(0, -1)}endo`,
    participle,
    rule: found
      ? 'Irregular: learn its parts by heart.'
      : isc
        ? 'Regular, in -ire with -isc- (capisco).'
        : first && /[cg]$/.test(stem)
          ? 'Regular, in -are; h keeps the sound of c and g: cerchi.'
          : `Regular, in -${kind}.`,
  };
}
