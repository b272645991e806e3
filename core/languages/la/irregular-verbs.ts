/** Verbs whose present system no conjugation gives, with their compounds: Allen and Greenough §§ 170, 197–206. */
import { nsForms, threeEndings } from './adjectives';
import type { Form, Tense } from './parse';
import { perfectForms, supineForms, type Verb } from './verbs';

const tenses: Readonly<Record<string, readonly [Tense, 'indicative' | 'subjunctive']>> = {
  present: ['present', 'indicative'],
  imperfect: ['imperfect', 'indicative'],
  future: ['future', 'indicative'],
  subjunctive: ['present', 'subjunctive'],
  imperfectSubjunctive: ['imperfect', 'subjunctive'],
};

type Table = Readonly<Record<string, string>>;

/** Six forms a tense, in the order of the persons; a dash where there is none. */
function table(cells: Table, voice: 'active' | 'passive', prefix = ''): Form[] {
  return Object.entries(cells).flatMap(([name, line]) => {
    const [tense, mood] = tenses[name] ?? ['present', 'indicative'];
    return line.split(' ').flatMap((cell, at) =>
      cell === '-'
        ? []
        : cell.split('/').map((form): Form => ({
            form: prefix + form,
            tense,
            mood,
            voice,
            person: ((at % 3) + 1) as 1 | 2 | 3,
            number: at < 3 ? 'singular' : 'plural',
          })),
    );
  });
}

const imperative = (line: string, voice: 'active' | 'passive' = 'active', prefix = ''): Form[] =>
  line.split(' ').flatMap((form, at): Form[] => {
    if (form === '-') return [];
    const [person, number, tense] = (
      [
        [2, 'singular', 'present'],
        [2, 'plural', 'present'],
        [2, 'singular', 'future'],
        [3, 'singular', 'future'],
        [2, 'plural', 'future'],
        [3, 'plural', 'future'],
      ] as const
    )[at] ?? [2, 'singular', 'present'];
    return [{ form: prefix + form, mood: 'imperative', voice, person, number, tense }];
  });

const infinitive = (
  form: string,
  tense: Tense = 'present',
  voice: 'active' | 'passive' = 'active',
): Form => ({ form, mood: 'infinitive', tense, voice });

const SUM: Table = {
  present: 'sum es est sumus estis sunt',
  imperfect: 'eram erās erat erāmus erātis erant',
  future: 'erō eris/ere erit erimus eritis erunt',
  subjunctive: 'sim sīs sit sīmus sītis sint',
  imperfectSubjunctive: 'essem/forem essēs/forēs esset/foret essēmus essētis essent/forent',
};

function sum(prefix: string): Form[] {
  // prōsum keeps its d before a vowel.
  const joined = (forms: Form[]) =>
    prefix === 'prō'
      ? forms.map((form) => ({ ...form, form: form.form.replace(/^prō(?=[eē])/u, 'prōd') }))
      : forms;
  const bare = prefix === '';
  const forms = joined([
    ...table(SUM, 'active', prefix),
    ...imperative('es este estō estō estōte suntō', 'active', prefix),
    infinitive(`${prefix}esse`),
  ]);
  return [
    ...forms.filter(({ form }) => bare || !/fore/.test(form)),
    ...(bare ? [infinitive('fore', 'future')] : []),
    ...(prefix === 'ab' || prefix === 'prae'
      ? participle(nsForms(`${prefix}sēns`, `${prefix}sent`), 'present', 'active')
      : []),
  ];
}

const participle = (forms: readonly Form[], tense: Tense, voice: 'active' | 'passive'): Form[] =>
  forms.map((form) => ({ ...form, mood: 'participle', tense, voice }));

const possum = (): Form[] => [
  ...table(
    {
      present: 'possum potes potest possumus potestis possunt',
      imperfect: 'poteram poterās poterat poterāmus poterātis poterant',
      future: 'poterō poteris poterit poterimus poteritis poterunt',
      subjunctive: 'possim possīs possit possīmus possītis possint',
      imperfectSubjunctive: 'possem possēs posset possēmus possētis possent',
    },
    'active',
  ),
  infinitive('posse'),
  ...participle(nsForms('potēns', 'potent'), 'present', 'active'),
];

const gerunds = (stem: string): Form[] => [
  ...threeEndings(`${stem}us`, stem).map((form): Form => ({
    ...form,
    mood: 'gerundive',
    voice: 'passive',
  })),
  ...(['genitive', 'dative', 'accusative', 'ablative'] as const).map((its, at): Form => ({
    form: stem + (['ī', 'ō', 'um', 'ō'][at] ?? ''),
    mood: 'gerund',
    case: its,
    number: 'singular',
  })),
];

function eo(prefix: string): Form[] {
  return [
    ...table(
      {
        present: 'eō īs it īmus ītis eunt',
        imperfect: 'ībam ībās ībat ībāmus ībātis ībant',
        future: 'ībō ībis ībit ībimus ībitis ībunt',
        subjunctive: 'eam eās eat eāmus eātis eant',
        imperfectSubjunctive: 'īrem īrēs īret īrēmus īrētis īrent',
      },
      'active',
      prefix,
    ),
    // The passive: whole in transitive compounds, in the third person of the others.
    ...table(
      prefix === '' || ['ab', 'ex', 'red', 'inter'].includes(prefix)
        ? {
            present: '- - ītur - - -',
            imperfect: '- - ībātur - - -',
            future: '- - ībitur - - -',
            subjunctive: '- - eātur - - -',
            imperfectSubjunctive: '- - īrētur - - -',
          }
        : {
            present: 'eor īris/īre ītur īmur īminī euntur',
            imperfect: 'ībar ībāris/ībāre ībātur ībāmur ībāminī ībantur',
            future: 'ībor īberis/ībere ībitur ībimur ībiminī ībuntur',
            subjunctive: 'ear eāris/eāre eātur eāmur eāminī eantur',
            imperfectSubjunctive: 'īrer īrēris/īrēre īrētur īrēmur īrēminī īrentur',
          },
      'passive',
      prefix,
    ),
    ...imperative('ī īte ītō ītō ītōte euntō', 'active', prefix),
    infinitive(`${prefix}īre`),
    infinitive(`${prefix}īrī`, 'present', 'passive'),
    ...participle(nsForms(`${prefix}iēns`, `${prefix}eunt`), 'present', 'active'),
    ...gerunds(`${prefix}eund`),
  ];
}

function fero(prefix: string): Form[] {
  return [
    ...table(
      {
        present: 'ferō fers fert ferimus fertis ferunt',
        imperfect: 'ferēbam ferēbās ferēbat ferēbāmus ferēbātis ferēbant',
        future: 'feram ferēs feret ferēmus ferētis ferent',
        subjunctive: 'feram ferās ferat ferāmus ferātis ferant',
        imperfectSubjunctive: 'ferrem ferrēs ferret ferrēmus ferrētis ferrent',
      },
      'active',
      prefix,
    ),
    ...table(
      {
        present: 'feror ferris/ferre fertur ferimur feriminī feruntur',
        imperfect: 'ferēbar ferēbāris/ferēbāre ferēbātur ferēbāmur ferēbāminī ferēbantur',
        future: 'ferar ferēris/ferēre ferētur ferēmur ferēminī ferentur',
        subjunctive: 'ferar ferāris/ferāre ferātur ferāmur ferāminī ferantur',
        imperfectSubjunctive: 'ferrer ferrēris/ferrēre ferrētur ferrēmur ferrēminī ferrentur',
      },
      'passive',
      prefix,
    ),
    ...imperative('fer ferte fertō fertō fertōte feruntō', 'active', prefix),
    ...imperative('ferre feriminī fertor fertor - feruntor', 'passive', prefix),
    infinitive(`${prefix}ferre`),
    infinitive(`${prefix}ferrī`, 'present', 'passive'),
    ...participle(nsForms(`${prefix}ferēns`, `${prefix}ferent`), 'present', 'active'),
    ...gerunds(`${prefix}ferend`),
  ];
}

const volo = (): Form[] => [
  ...table(
    {
      present: 'volō vīs vult volumus vultis volunt',
      imperfect: 'volēbam volēbās volēbat volēbāmus volēbātis volēbant',
      future: 'volam volēs volet volēmus volētis volent',
      subjunctive: 'velim velīs velit velīmus velītis velint',
      imperfectSubjunctive: 'vellem vellēs vellet vellēmus vellētis vellent',
    },
    'active',
  ),
  infinitive('velle'),
  ...participle(nsForms('volēns', 'volent'), 'present', 'active'),
];
const nolo = (): Form[] => [
  ...table(
    {
      present: 'nōlō - - nōlumus - nōlunt',
      imperfect: 'nōlēbam nōlēbās nōlēbat nōlēbāmus nōlēbātis nōlēbant',
      future: 'nōlam nōlēs nōlet nōlēmus nōlētis nōlent',
      subjunctive: 'nōlim nōlīs nōlit nōlīmus nōlītis nōlint',
      imperfectSubjunctive: 'nōllem nōllēs nōllet nōllēmus nōllētis nōllent',
    },
    'active',
  ),
  ...imperative('nōlī nōlīte nōlītō nōlītō nōlītōte nōluntō'),
  infinitive('nōlle'),
  ...participle(nsForms('nōlēns', 'nōlent'), 'present', 'active'),
];
const malo = (): Form[] => [
  ...table(
    {
      present: 'mālō māvīs māvult mālumus māvultis mālunt',
      imperfect: 'mālēbam mālēbās mālēbat mālēbāmus mālēbātis mālēbant',
      future: 'mālam mālēs mālet mālēmus mālētis mālent',
      subjunctive: 'mālim mālīs mālit mālīmus mālītis mālint',
      imperfectSubjunctive: 'māllem māllēs māllet māllēmus māllētis māllent',
    },
    'active',
  ),
  infinitive('mālle'),
];
const fio = (): Form[] => [
  ...table(
    {
      present: 'fīō fīs fit fīmus fītis fīunt',
      imperfect: 'fīēbam fīēbās fīēbat fīēbāmus fīēbātis fīēbant',
      future: 'fīam fīēs fīet fīēmus fīētis fīent',
      subjunctive: 'fīam fīās fīat fīāmus fīātis fīant',
      imperfectSubjunctive: 'fierem fierēs fieret fierēmus fierētis fierent',
    },
    'active',
  ),
  ...imperative('fī fīte - - - -'),
  infinitive('fierī'),
];
/** dō keeps its a short. */
const doForms = (prefix: string): Form[] => [
  ...table(
    {
      present: 'dō dās dat damus datis dant',
      imperfect: 'dabam dabās dabat dabāmus dabātis dabant',
      future: 'dabō dabis dabit dabimus dabitis dabunt',
      subjunctive: 'dem dēs det dēmus dētis dent',
      imperfectSubjunctive: 'darem darēs daret darēmus darētis darent',
    },
    'active',
    prefix,
  ),
  ...table(
    {
      present: '- daris/dare datur damur daminī dantur',
      imperfect: 'dabar dabāris/dabāre dabātur dabāmur dabāminī dabantur',
      future: 'dabor daberis/dabere dabitur dabimur dabiminī dabuntur',
      subjunctive: '- dēris/dēre dētur dēmur dēminī dentur',
      imperfectSubjunctive: 'darer darēris/darēre darētur darēmur darēminī darentur',
    },
    'passive',
    prefix,
  ),
  ...imperative('dā date datō datō datōte dantō', 'active', prefix),
  ...imperative('dare daminī dator dator - dantor', 'passive', prefix),
  infinitive(`${prefix}dare`),
  infinitive(`${prefix}darī`, 'present', 'passive'),
  ...participle(nsForms(`${prefix}dāns`, `${prefix}dant`), 'present', 'active'),
  ...gerunds(`${prefix}dand`),
];
/** The older forms of edō beside the regular ones. */
const edo = (): Form[] => [
  ...table(
    {
      present: '- ēs ēst - ēstis -',
      imperfectSubjunctive: 'ēssem ēssēs ēsset ēssēmus ēssētis ēssent',
      subjunctive: 'edim edīs edit edīmus edītis edint',
    },
    'active',
  ),
  ...table({ present: '- - ēstur - - -' }, 'passive'),
  ...imperative('ēs ēste ēstō ēstō ēstōte -'),
  infinitive('ēsse'),
];
/** aiō and inquam, of which few forms are used. */
const aio = (): Form[] =>
  table(
    {
      present: 'aiō ais ait - - aiunt',
      imperfect: 'aiēbam aiēbās aiēbat aiēbāmus aiēbātis aiēbant',
      subjunctive: '- - aiat - - aiant',
    },
    'active',
  );
const inquam = (): Form[] => [
  ...table(
    {
      present: 'inquam inquis inquit inquimus inquitis inquiunt',
      imperfect: '- - inquiēbat - - -',
      future: '- inquiēs inquiet - - -',
    },
    'active',
  ),
  ...table({ present: '- inquistī inquit - - -' }, 'active').map((form): Form => ({
    ...form,
    tense: 'perfect',
  })),
  ...imperative('inque - inquitō - - -'),
];
/** A perfect with the sense of a present: meminī, ōdī, coepī. */
const memini = imperative('- - mementō - mementōte -');

/** The present system of an irregular verb; undefined where it is regular. */
export function irregularPresent({ first, infinitive: inf }: Verb): Form[] | undefined {
  if (first === 'possum') return possum();
  if (/sum$/.test(first) && /esse$/.test(inf)) return sum(first.slice(0, -3));
  if (/eō$/u.test(first) && /īre$/u.test(inf)) return eo(first.slice(0, -2));
  if (/ferō$/u.test(first) && /ferre$/.test(inf)) return fero(first.slice(0, -4));
  if (first === 'volō' && inf === 'velle') return volo();
  if (first === 'nōlō') return nolo();
  if (first === 'mālō') return malo();
  if (first === 'fīō') return fio();
  if (/dō$/u.test(first) && /dare$/.test(inf)) return doForms(first.slice(0, -2));
  if (first === 'aiō') return aio();
  if (first === 'inquam') return inquam();
  if (first === 'meminī')
    return [...perfectForms(first).filter(({ tense }) => tense !== undefined), ...memini];
  if (first === 'ōdī' || first === 'coepī') return perfectForms(first);
  return undefined;
}

/** Forms that stand beside the regular ones. */
export const besideRegular = ({ first }: Verb): Form[] => (first === 'edō' ? edo() : []);

/** Every form of an irregular verb; undefined where it is regular. */
export function irregularForms(verb: Verb): Form[] | undefined {
  const present = irregularPresent(verb);
  if (present === undefined) return undefined;
  const compound = /^(.*?)us sum$/.exec(verb.perfect)?.[1];
  const itself = ['meminī', 'ōdī', 'coepī'].includes(verb.first);
  return [
    ...present,
    ...(compound !== undefined
      ? supineForms(`${compound}um`)
      : verb.perfect === '' || itself
        ? []
        : perfectForms(verb.perfect)),
    ...(verb.supine === '' || compound !== undefined ? [] : supineForms(verb.supine)),
  ];
}
