/**
 * French verbs of the third group by their principal parts, as any school grammar has them. A verb with
 * a prefix is as the one behind it (comprendre as prendre).
 *
 * A line: verb; present (je tu il nous vous ils); stem of the future; participle; third person of the
 * simple past; then, where they do not follow from the present, je and nous of the subjunctive.
 */
const lines = `
être; suis es est sommes êtes sont; ser; été; fut; sois soyons
avoir; ai as a avons avez ont; aur; eu; eut; aie ayons
aller; vais vas va allons allez vont; ir; allé; alla; aille allions
faire; fais fais fait faisons faites font; fer; fait; fit; fasse fassions
dire; dis dis dit disons dites disent; dir; dit; dit
interdire; interdis interdis interdit interdisons interdisez interdisent; interdir; interdit; interdit
prédire; prédis prédis prédit prédisons prédisez prédisent; prédir; prédit; prédit
contredire; contredis contredis contredit contredisons contredisez contredisent; contredir; contredit; contredit
médire; médis médis médit médisons médisez médisent; médir; médit; médit
maudire; maudis maudis maudit maudissons maudissez maudissent; maudir; maudit; maudit
pouvoir; peux peux peut pouvons pouvez peuvent; pourr; pu; put; puisse puissions
vouloir; veux veux veut voulons voulez veulent; voudr; voulu; voulut; veuille voulions
savoir; sais sais sait savons savez savent; saur; su; sut; sache sachions
devoir; dois dois doit devons devez doivent; devr; dû; dut
recevoir; reçois reçois reçoit recevons recevez reçoivent; recevr; reçu; reçut
apercevoir; aperçois aperçois aperçoit apercevons apercevez aperçoivent; apercevr; aperçu; aperçut
décevoir; déçois déçois déçoit décevons décevez déçoivent; décevr; déçu; déçut
concevoir; conçois conçois conçoit concevons concevez conçoivent; concevr; conçu; conçut
percevoir; perçois perçois perçoit percevons percevez perçoivent; percevr; perçu; perçut
voir; vois vois voit voyons voyez voient; verr; vu; vit
prévoir; prévois prévois prévoit prévoyons prévoyez prévoient; prévoir; prévu; prévit
valoir; vaux vaux vaut valons valez valent; vaudr; valu; valut; vaille valions
falloir; - - faut - - -; faudr; fallu; fallut; faille -
pleuvoir; - - pleut - - -; pleuvr; plu; plut; pleuve -
mouvoir; meus meus meut mouvons mouvez meuvent; mouvr; mû; mut
promouvoir; promeus promeus promeut promouvons promouvez promeuvent; promouvr; promu; promut
pourvoir; pourvois pourvois pourvoit pourvoyons pourvoyez pourvoient; pourvoir; pourvu; pourvut
émouvoir; émeus émeus émeut émouvons émouvez émeuvent; émouvr; ému; émut
asseoir; assieds assieds assied asseyons asseyez asseyent; assiér; assis; assit
venir; viens viens vient venons venez viennent; viendr; venu; vint
tenir; tiens tiens tient tenons tenez tiennent; tiendr; tenu; tint
acquérir; acquiers acquiers acquiert acquérons acquérez acquièrent; acquerr; acquis; acquit
requérir; requiers requiers requiert requérons requérez requièrent; requerr; requis; requit
conquérir; conquiers conquiers conquiert conquérons conquérez conquièrent; conquerr; conquis; conquit
mourir; meurs meurs meurt mourons mourez meurent; mourr; mort; mourut
courir; cours cours court courons courez courent; courr; couru; courut
partir; pars pars part partons partez partent; partir; parti; partit
sortir; sors sors sort sortons sortez sortent; sortir; sorti; sortit
sentir; sens sens sent sentons sentez sentent; sentir; senti; sentit
mentir; mens mens ment mentons mentez mentent; mentir; menti; mentit
dormir; dors dors dort dormons dormez dorment; dormir; dormi; dormit
servir; sers sers sert servons servez servent; servir; servi; servit
bouillir; bous bous bout bouillons bouillez bouillent; bouillir; bouilli; bouillit
fuir; fuis fuis fuit fuyons fuyez fuient; fuir; fui; fuit
vêtir; vêts vêts vêt vêtons vêtez vêtent; vêtir; vêtu; vêtit
ouvrir; ouvre ouvres ouvre ouvrons ouvrez ouvrent; ouvrir; ouvert; ouvrit
couvrir; couvre couvres couvre couvrons couvrez couvrent; couvrir; couvert; couvrit
offrir; offre offres offre offrons offrez offrent; offrir; offert; offrit
souffrir; souffre souffres souffre souffrons souffrez souffrent; souffrir; souffert; souffrit
cueillir; cueille cueilles cueille cueillons cueillez cueillent; cueiller; cueilli; cueillit
assaillir; assaille assailles assaille assaillons assaillez assaillent; assaillir; assailli; assaillit
tressaillir; tressaille tressailles tressaille tressaillons tressaillez tressaillent; tressaillir; tressailli; tressaillit
défaillir; défaille défailles défaille défaillons défaillez défaillent; défaillir; défailli; défaillit
haïr; hais hais hait haïssons haïssez haïssent; haïr; haï; haït
prendre; prends prends prend prenons prenez prennent; prendr; pris; prit
mettre; mets mets met mettons mettez mettent; mettr; mis; mit
battre; bats bats bat battons battez battent; battr; battu; battit
boire; bois bois boit buvons buvez boivent; boir; bu; but
croire; crois crois croit croyons croyez croient; croir; cru; crut
lire; lis lis lit lisons lisez lisent; lir; lu; lut
élire; élis élis élit élisons élisez élisent; élir; élu; élut
écrire; écris écris écrit écrivons écrivez écrivent; écrir; écrit; écrivit
décrire; décris décris décrit décrivons décrivez décrivent; décrir; décrit; décrivit
prescrire; prescris prescris prescrit prescrivons prescrivez prescrivent; prescrir; prescrit; prescrivit
souscrire; souscris souscris souscrit souscrivons souscrivez souscrivent; souscrir; souscrit; souscrivit
transcrire; transcris transcris transcrit transcrivons transcrivez transcrivent; transcrir; transcrit; transcrivit
récrire; récris récris récrit récrivons récrivez récrivent; récrir; récrit; récrivit
inscrire; inscris inscris inscrit inscrivons inscrivez inscrivent; inscrir; inscrit; inscrivit
rire; ris ris rit rions riez rient; rir; ri; rit
suivre; suis suis suit suivons suivez suivent; suivr; suivi; suivit
vivre; vis vis vit vivons vivez vivent; vivr; vécu; vécut
naître; nais nais naît naissons naissez naissent; naîtr; né; naquit
connaître; connais connais connaît connaissons connaissez connaissent; connaîtr; connu; connut
paraître; parais parais paraît paraissons paraissez paraissent; paraîtr; paru; parut
plaire; plais plais plaît plaisons plaisez plaisent; plair; plu; plut
taire; tais tais tait taisons taisez taisent; tair; tu; tut
exclure; exclus exclus exclut excluons excluez excluent; exclur; exclu; exclut
inclure; inclus inclus inclut incluons incluez incluent; inclur; inclus; inclut
conclure; conclus conclus conclut concluons concluez concluent; conclur; conclu; conclut
vaincre; vaincs vaincs vainc vainquons vainquez vainquent; vaincr; vaincu; vainquit
convaincre; convaincs convaincs convainc convainquons convainquez convainquent; convaincr; convaincu; convainquit
rompre; romps romps rompt rompons rompez rompent; rompr; rompu; rompit
coudre; couds couds coud cousons cousez cousent; coudr; cousu; cousit
résoudre; résous résous résout résolvons résolvez résolvent; résoudr; résolu; résolut
dissoudre; dissous dissous dissout dissolvons dissolvez dissolvent; dissoudr; dissous; dissolut
absoudre; absous absous absout absolvons absolvez absolvent; absoudr; absous; absolut
moudre; mouds mouds moud moulons moulez moulent; moudr; moulu; moulut
croître; croîs croîs croît croissons croissez croissent; croîtr; crû; crût
accroître; accrois accrois accroît accroissons accroissez accroissent; accroîtr; accru; accrut
décroître; décrois décrois décroît décroissons décroissez décroissent; décroîtr; décru; décrut
suffire; suffis suffis suffit suffisons suffisez suffisent; suffir; suffi; suffit
nuire; nuis nuis nuit nuisons nuisez nuisent; nuir; nui; nuisit
luire; luis luis luit luisons luisez luisent; luir; lui; luisit
extraire; extrais extrais extrait extrayons extrayez extraient; extrair; extrait; -
distraire; distrais distrais distrait distrayons distrayez distraient; distrair; distrait; -
craindre; crains crains craint craignons craignez craignent; craindr; craint; craignit
`;

export interface PrincipalParts {
  readonly verb: string;
  readonly present: readonly string[];
  readonly future: string;
  readonly participle: string;
  /** il, of the simple past; empty where there is none. */
  readonly past: string;
  /** je and nous, where they are irregular. */
  readonly subjunctive?: readonly [string, string];
}

const parts: readonly PrincipalParts[] = lines
  .trim()
  .split('\n')
  .map((line) => {
    const [verb = '', present = '', future = '', participle = '', past = '', irregular = ''] =
      line.split(/\s*;\s*/);
    const [je = '', nous = ''] = irregular.split(' ');
    return {
      verb,
      present: present.split(' ').map((form) => (form === '-' ? '' : form)),
      future,
      participle,
      past: past === '-' ? '' : past,
      ...(irregular === '' ? {} : { subjunctive: [je, nous === '-' ? '' : nous] as const }),
    };
  });

const byVerb = new Map(parts.map((each) => [each.verb, each]));

/** Families that any prefix can stand before; the others have only their own lines. */
const families = new Set(
  'prendre mettre battre tenir venir courir suivre vivre rompre connaître paraître ouvrir couvrir offrir partir sortir sentir mentir dormir servir cueillir faire voir devoir valoir asseoir vêtir bouillir plaire coudre relire réécrire'.split(
    ' ',
  ),
);

/** Verbs that look as if they were made of an irregular one, and are regular. */
const regular =
  /^(?:répartir|impartir|assortir|réassortir|asservir|amortir|avertir|divertir|pervertir|subvertir|garantir|anéantir|appesantir|ralentir|retentir|empuantir|nantir|bâtir|aplatir|abêtir|embêtir|blettir|catir|cotir|lotir|allotir|rôtir|investir|travestir)$/;

/** The principal parts of an irregular verb, or of one made from it with a prefix. */
export function principalParts(verb: string): PrincipalParts | undefined {
  const whole = byVerb.get(verb);
  if (whole !== undefined || regular.test(verb)) return whole;
  const exact: Readonly<Record<string, string>> = {
    redire: 'dire',
    sourire: 'rire',
    enfuir: 'fuir',
    reluire: 'luire',
    revouloir: 'vouloir',
    resavoir: 'savoir',
    remourir: 'mourir',
    renaître: 'naître',
    revaloir: 'valoir',
    reconquérir: 'conquérir',
    relire: 'lire',
    réélire: 'élire',
    réécrire: 'écrire',
    réinscrire: 'inscrire',
  };
  const base =
    byVerb.get(exact[verb] ?? '') ??
    parts
      .filter((each) => families.has(each.verb) && verb.endsWith(each.verb))
      .sort((one, other) => other.verb.length - one.verb.length)[0];
  if (base === undefined) return undefined;
  const prefix = verb.slice(0, verb.length - base.verb.length);
  const before = (form: string) => (form === '' ? '' : prefix + form);
  return {
    verb,
    present: base.present.map(before),
    future: before(base.future),
    participle: before(base.participle),
    past: before(base.past),
    ...(base.subjunctive
      ? { subjunctive: [before(base.subjunctive[0]), before(base.subjunctive[1])] as const }
      : {}),
  };
}
