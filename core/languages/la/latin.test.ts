import { describe, expect, test } from 'vitest';
import { keyOf, plain } from './letters';
import { latinLexicon, lexemeOf, type LatinRow } from './lexicon';
import type { Form } from './parse';
import { formsOf, parseForm } from './parse-form';
import words from './words.json';

const lexicon = latinLexicon(words as unknown as readonly LatinRow[]);
const of = (entry: string, wordClass: string): readonly Form[] =>
  lexemeOf(['', wordClass, entry])?.forms ?? [];
const cases = ['nominative', 'genitive', 'dative', 'accusative', 'ablative'] as const;

/** Five cases of the singular, then of the plural; forms side by side with a slash. */
const declined = (
  entry: string,
  gender?: Form['gender'],
  wordClass = 'n',
  degree?: Form['degree'],
) =>
  (['singular', 'plural'] as const).map((number) =>
    cases
      .map((its) =>
        [
          ...new Set(
            of(entry, wordClass)
              .filter(
                (form) =>
                  form.case === its &&
                  form.number === number &&
                  (gender === undefined || form.gender === gender) &&
                  (degree === undefined || form.degree === degree),
              )
              .map(({ form }) => form),
          ),
        ].join('/'),
      )
      .join(' '),
  );

describe('nouns: the model words of Allen and Greenough, New Latin Grammar (1903), §§ 41–97', () => {
  test.each([
    [
      'stella, -ae f.',
      'stella stellae stellae stellam stellā',
      'stellae stellārum stellīs stellās stellīs',
    ],
    ['rēgia, -ae f.', 'rēgia rēgiae rēgiae rēgiam rēgiā', 'rēgiae rēgiārum rēgiīs rēgiās rēgiīs'],
    ['servus, -ī m.', 'servus servī servō servum servō', 'servī servōrum servīs servōs servīs'],
    ['cāseus, -ī m.', 'cāseus cāseī cāseō cāseum cāseō', 'cāseī cāseōrum cāseīs cāseōs cāseīs'],
    ['bellum, -ī n.', 'bellum bellī bellō bellum bellō', 'bella bellōrum bellīs bella bellīs'],
    ['puer, puerī m.', 'puer puerī puerō puerum puerō', 'puerī puerōrum puerīs puerōs puerīs'],
    ['ager, agrī m.', 'ager agrī agrō agrum agrō', 'agrī agrōrum agrīs agrōs agrīs'],
    [
      'prīnceps, -ipis m.',
      'prīnceps prīncipis prīncipī prīncipem prīncipe',
      'prīncipēs prīncipum prīncipibus prīncipēs prīncipibus',
    ],
    [
      'mīles, -itis m.',
      'mīles mīlitis mīlitī mīlitem mīlite',
      'mīlitēs mīlitum mīlitibus mīlitēs mīlitibus',
    ],
    [
      'corpus, -oris n.',
      'corpus corporis corporī corpus corpore',
      'corpora corporum corporibus corpora corporibus',
    ],
    [
      'genus, -eris n.',
      'genus generis generī genus genere',
      'genera generum generibus genera generibus',
    ],
    [
      'virgō, -inis f.',
      'virgō virginis virginī virginem virgine',
      'virginēs virginum virginibus virginēs virginibus',
    ],
    [
      'nōmen, -inis n.',
      'nōmen nōminis nōminī nōmen nōmine',
      'nōmina nōminum nōminibus nōmina nōminibus',
    ],
    ['nūbēs, -is f.', 'nūbēs nūbis nūbī nūbem nūbe', 'nūbēs nūbium nūbibus nūbēs/nūbīs nūbibus'],
    ['urbs, urbis f.', 'urbs urbis urbī urbem urbe', 'urbēs urbium urbibus urbēs/urbīs urbibus'],
    [
      'nox, noctis f.',
      'nox noctis noctī noctem nocte',
      'noctēs noctium noctibus noctēs/noctīs noctibus',
    ],
    ['mare, -is n.', 'mare maris marī mare marī', 'maria marium maribus maria maribus'],
    [
      'animal, -ālis n.',
      'animal animālis animālī animal animālī',
      'animālia animālium animālibus animālia animālibus',
    ],
    [
      'ignis, -is m.',
      'ignis ignis ignī ignem igne/ignī',
      'ignēs ignium ignibus ignēs/ignīs ignibus',
    ],
    ['canis, -is m.', 'canis canis canī canem cane', 'canēs canum canibus canēs canibus'],
    ['manus, -ūs f.', 'manus manūs manuī manum manū', 'manūs manuum manibus manūs manibus'],
    ['cornū, -ūs n.', 'cornū cornūs cornū cornū cornū', 'cornua cornuum cornibus cornua cornibus'],
    ['rēs, reī f.', 'rēs reī reī rem rē', 'rēs rērum rēbus rēs rēbus'],
    ['diēs, -ēī m.', 'diēs diēī diēī diem diē', 'diēs diērum diēbus diēs diēbus'],
    [
      'imber, imbris m.',
      'imber imbris imbrī imbrem imbre/imbrī',
      'imbrēs imbrium imbribus imbrēs/imbrīs imbribus',
    ],
    ['vīs, - f.', 'vīs  vī'.replace('  ', '  '), ''],
  ])('%s', (entry, singular, plural) => {
    if (plural === '') {
      expect(of(entry, 'n').map(({ form }) => form)).toEqual(
        expect.arrayContaining(['vim', 'vī', 'vīrēs', 'vīrium', 'vīribus']),
      );
      return;
    }
    expect(declined(entry)).toEqual([singular, plural]);
  });

  test('only the plural of what has only that', () => {
    expect(of('castra, -ōrum n. pl.', 'n').every(({ number }) => number === 'plural')).toBe(true);
    expect(declined('castra, -ōrum n. pl.')[1]).toBe('castra castrōrum castrīs castra castrīs');
  });

  test('vocatives: serve, fīlī, Iūlī (§ 49)', () => {
    const vocative = (entry: string) =>
      of(entry, 'n').find((form) => form.case === 'vocative' && form.number === 'singular')?.form;
    expect(vocative('servus, -ī m.')).toBe('serve');
    expect(vocative('fīlius, -ī m.')).toBe('fīlī');
    expect(vocative('Iūlius, -ī m.')).toBe('Iūlī');
  });
});

describe('adjectives: §§ 110–131', () => {
  test.each([
    [
      'ācer, ācris, ācre',
      'masculine',
      'ācer ācris ācrī ācrem ācrī',
      'ācrēs ācrium ācribus ācrēs/ācrīs ācribus',
    ],
    [
      'ācer, ācris, ācre',
      'neuter',
      'ācre ācris ācrī ācre ācrī',
      'ācria ācrium ācribus ācria ācribus',
    ],
    [
      'levis, -e',
      'feminine',
      'levis levis levī levem levī',
      'levēs levium levibus levēs/levīs levibus',
    ],
    [
      'atrōx, -ōcis',
      'neuter',
      'atrōx atrōcis atrōcī atrōx atrōcī',
      'atrōcia atrōcium atrōcibus atrōcia atrōcibus',
    ],
    [
      'vetus, veteris',
      'masculine',
      'vetus veteris veterī veterem vetere',
      'veterēs veterum veteribus veterēs veteribus',
    ],
    [
      'miser, misera, miserum',
      'feminine',
      'misera miserae miserae miseram miserā',
      'miserae miserārum miserīs miserās miserīs',
    ],
  ] as const)('%s, %s', (entry, gender, singular, plural) => {
    expect(declined(entry, gender, 'a', 'positive')).toEqual([singular, plural]);
  });

  test('comparison: § 124–129', () => {
    const degrees = (entry: string) =>
      (['comparative', 'superlative'] as const).map(
        (degree) =>
          of(entry, 'a').find((form) => form.degree === degree && form.case === 'nominative')?.form,
      );
    expect(degrees('cārus, -a, -um')).toEqual(['cārior', 'cārissimus']);
    expect(degrees('ācer, ācris, ācre')).toEqual(['ācrior', 'ācerrimus']);
    expect(degrees('facilis, -e')).toEqual(['facilior', 'facillimus']);
    expect(degrees('bonus, -a, -um')).toEqual(['melior', 'optimus']);
    expect(degrees('idōneus, -a, -um')).toEqual([undefined, undefined]);
  });

  test('adverbs: § 214–218', () => {
    const adverbs = (entry: string) =>
      of(entry, 'a')
        .filter(({ partOfSpeech }) => partOfSpeech === 'adverb')
        .map(({ form }) => form);
    expect(adverbs('cārus, -a, -um')).toEqual(['cārē', 'cārius', 'cārissimē']);
    expect(adverbs('ācer, ācris, ācre')).toEqual(['ācriter', 'ācrius', 'ācerrimē']);
    expect(adverbs('prūdēns, -entis')[0]).toBe('prūdenter');
    expect(adverbs('bonus, -a, -um')).toEqual(['bene', 'melius', 'optimē']);
  });

  test('nūllus has nūllīus and nūllī in every gender (§ 113)', () => {
    const [singular] = declined('nūllus, nūlla, nūllum', 'feminine', 'a');
    expect(singular).toBe('nūlla nūllīus nūllī nūllam nūllā');
  });
});

const verb = (entry: string, wanted: Partial<Form>) =>
  of(entry, 'v')
    .filter((form) =>
      Object.entries(wanted).every(([name, value]) => form[name as keyof Form] === value),
    )
    .map(({ form }) => form)
    .join(' ');

describe('verbs: the four conjugations of §§ 184–188', () => {
  const amo = 'amō, amāre, amāvī, amātum';
  const moneo = 'moneō, monēre, monuī, monitum';
  const rego = 'regō, regere, rēxī, rēctum';
  const capio = 'capiō, capere, cēpī, captum';
  const audio = 'audiō, audīre, audīvī, audītum';
  const ind = (tense: Form['tense'], voice: Form['voice'] = 'active'): Partial<Form> =>
    ({ tense, mood: 'indicative', voice }) as Partial<Form>;
  const sub = (tense: Form['tense'], voice: Form['voice'] = 'active'): Partial<Form> =>
    ({ tense, mood: 'subjunctive', voice }) as Partial<Form>;
  test.each([
    [amo, ind('present'), 'amō amās amat amāmus amātis amant'],
    [amo, ind('imperfect'), 'amābam amābās amābat amābāmus amābātis amābant'],
    [amo, ind('future'), 'amābō amābis amābit amābimus amābitis amābunt'],
    [amo, sub('present'), 'amem amēs amet amēmus amētis ament'],
    [amo, sub('imperfect'), 'amārem amārēs amāret amārēmus amārētis amārent'],
    [amo, ind('present', 'passive'), 'amor amāris amāre amātur amāmur amāminī amantur'],
    [
      amo,
      ind('future', 'passive'),
      'amābor amāberis amābere amābitur amābimur amābiminī amābuntur',
    ],
    [moneo, ind('present'), 'moneō monēs monet monēmus monētis monent'],
    [moneo, sub('present'), 'moneam moneās moneat moneāmus moneātis moneant'],
    [moneo, ind('perfect'), 'monuī monuistī monuit monuimus monuistis monuērunt monuēre'],
    [rego, ind('present'), 'regō regis regit regimus regitis regunt'],
    [rego, ind('imperfect'), 'regēbam regēbās regēbat regēbāmus regēbātis regēbant'],
    [rego, ind('future'), 'regam regēs reget regēmus regētis regent'],
    [rego, sub('present'), 'regam regās regat regāmus regātis regant'],
    [rego, ind('present', 'passive'), 'regor regeris regere regitur regimur regiminī reguntur'],
    [capio, ind('present'), 'capiō capis capit capimus capitis capiunt'],
    [capio, ind('future'), 'capiam capiēs capiet capiēmus capiētis capient'],
    [capio, sub('imperfect'), 'caperem caperēs caperet caperēmus caperētis caperent'],
    [audio, ind('present'), 'audiō audīs audit audīmus audītis audiunt'],
    [audio, ind('imperfect'), 'audiēbam audiēbās audiēbat audiēbāmus audiēbātis audiēbant'],
    [audio, ind('future'), 'audiam audiēs audiet audiēmus audiētis audient'],
    [
      audio,
      sub('pluperfect'),
      'audīvissem audīvissēs audīvisset audīvissēmus audīvissētis audīvissent audiissem audiissēs audiisset audiissēmus audiissētis audiissent audīssem audīssēs audīsset audīssēmus audīssētis audīssent',
    ],
  ])('%s %o', (entry, wanted, forms) => {
    expect(verb(entry, wanted)).toBe(forms);
  });

  test('imperatives, with dīc, dūc, fac (§ 182)', () => {
    expect(verb(amo, { mood: 'imperative', tense: 'present', voice: 'active' })).toBe('amā amāte');
    expect(verb(rego, { mood: 'imperative', tense: 'present', voice: 'active' })).toBe(
      'rege regite',
    );
    expect(verb(rego, { mood: 'imperative', tense: 'future', voice: 'active' })).toBe(
      'regitō regitō regitōte reguntō',
    );
    for (const [entry, short] of [
      ['dīcō, dīcere, dīxī, dictum', 'dīc'],
      ['dūcō, dūcere, dūxī, ductum', 'dūc'],
      ['faciō, facere, fēcī, factum', 'fac'],
    ] as const) {
      expect(
        verb(entry, { mood: 'imperative', tense: 'present', voice: 'active', number: 'singular' }),
      ).toBe(short);
    }
  });

  test('faciō has its passive from fīō (§ 204)', () => {
    expect(verb('faciō, facere, fēcī, factum', ind('present', 'passive'))).toBe('');
    expect(
      verb('interficiō, interficere, interfēcī, interfectum', ind('present', 'passive')),
    ).toContain('interficitur');
  });

  test('infinitives and supines', () => {
    expect(verb(capio, { mood: 'infinitive' })).toBe('capere capī cēpisse');
    expect(verb(amo, { mood: 'infinitive' })).toBe('amāre amārī amāvisse amāsse');
    expect(verb(audio, { mood: 'supine' })).toBe('audītum audītū');
  });

  test('deponents have the forms of the passive, and the active participles (§ 190)', () => {
    const sequor = 'sequor, sequī, secūtus sum';
    expect(verb(sequor, ind('present', 'passive'))).toBe(
      'sequor sequeris sequere sequitur sequimur sequiminī sequuntur',
    );
    expect(verb(sequor, { ...ind('present'), voice: 'active' })).toBe('');
    expect(
      verb(sequor, {
        mood: 'participle',
        case: 'nominative',
        number: 'singular',
        gender: 'masculine',
      }),
    ).toBe('sequēns secūtus secūtūrus');
  });
});

describe('irregular verbs: §§ 170, 198–206', () => {
  test.each([
    [
      'sum, esse, fuī, futūrus',
      { tense: 'present', mood: 'indicative' },
      'sum es est sumus estis sunt',
    ],
    [
      'sum, esse, fuī, futūrus',
      { tense: 'present', mood: 'subjunctive' },
      'sim sīs sit sīmus sītis sint',
    ],
    [
      'possum, posse, potuī, -',
      { tense: 'imperfect', mood: 'subjunctive' },
      'possem possēs posset possēmus possētis possent',
    ],
    [
      'prōsum, prōdesse, prōfuī, -',
      { tense: 'present', mood: 'indicative' },
      'prōsum prōdes prōdest prōsumus prōdestis prōsunt',
    ],
    [
      'volō, velle, voluī, -',
      { tense: 'present', mood: 'indicative' },
      'volō vīs vult volumus vultis volunt',
    ],
    ['nōlō, nōlle, nōluī, -', { tense: 'present', mood: 'imperative' }, 'nōlī nōlīte'],
    [
      'ferō, ferre, tulī, lātum',
      { tense: 'present', mood: 'indicative', voice: 'passive' },
      'feror ferris ferre fertur ferimur feriminī feruntur',
    ],
    [
      'eō, īre, iī, itum',
      { tense: 'present', mood: 'indicative', voice: 'active' },
      'eō īs it īmus ītis eunt',
    ],
    [
      'fīō, fierī, factus sum',
      { tense: 'present', mood: 'subjunctive' },
      'fīam fīās fīat fīāmus fīātis fīant',
    ],
    [
      'dō, dare, dedī, datum',
      { tense: 'present', mood: 'indicative', voice: 'active' },
      'dō dās dat damus datis dant',
    ],
  ] as const)('%s %o', (entry, wanted, forms) => {
    expect(verb(entry, wanted)).toBe(forms);
  });
});

describe('from a form to every parse', () => {
  const parses = (form: string) =>
    parseForm(form, lexicon)
      .map(({ lemma, person, number, tense, mood, voice, case: its, gender, degree }) =>
        [lemma, person, number, tense, mood, voice, its, gender, degree]
          .filter((each) => each !== undefined)
          .join(' '),
      )
      .sort();

  test('a noun’s four', () => {
    expect(parses('puellae')).toEqual([
      'puella plural nominative feminine',
      'puella plural vocative feminine',
      'puella singular dative feminine',
      'puella singular genitive feminine',
    ]);
  });

  test('regam is a future and a subjunctive', () => {
    expect(parses('regam')).toEqual([
      'rego 1 singular future indicative active',
      'rego 1 singular present subjunctive active',
    ]);
  });

  test('long vowels count where they are marked, and not where they are not', () => {
    expect(parses('venit').length).toBe(2);
    expect(parses('vēnit')).toEqual(['veniō 3 singular perfect indicative active']);
  });

  test('j and v, capitals, and -que', () => {
    expect(parses('jacet')).toEqual(parses('iacet'));
    expect(parses('uento')).toEqual(parses('vento'));
    expect(parses('ventusque')).toEqual(parses('ventus'));
  });

  test('two words of the perfect passive', () => {
    expect(parses('amata est')).toEqual(['amo 3 singular perfect indicative passive feminine']);
    expect(parses('secuti erant')).toEqual([
      'sequor 3 plural pluperfect indicative passive masculine',
    ]);
  });

  test('a word that nobody knows has none', () => {
    expect(parseForm('fenestrix', lexicon)).toEqual([]);
  });

  test('every form of every word leads back to its word', () => {
    const lost = lexicon.lexemes.flatMap(({ lemma, forms }) =>
      forms
        .filter(
          ({ form, lemma: own }) =>
            form !== '' &&
            !parseForm(form, lexicon).some((each) => keyOf(each.lemma) === keyOf(own ?? lemma)),
        )
        .map(({ form }) => form),
    );
    expect(lost).toEqual([]);
  });

  // Allen and Greenough, New Latin Grammar, § 181: amāsse, nōrunt; the v of cāvī belongs to the root.
  test('what is shortened, and what is not', () => {
    const formsFor = (lemma: string) =>
      formsOf(lemma, lexicon).flatMap(({ forms }) => forms.map(({ form }) => form));
    expect(formsFor('amō')).toEqual(expect.arrayContaining(['amāvisse', 'amāsse', 'amārunt']));
    expect(formsFor('nōscō')).toContain('nōrunt');
    for (const [lemma, wrong] of [
      ['caveō', 'cārīs'],
      ['faveō', 'fārīs'],
      ['iuvō', 'iūrim'],
    ] as const)
      expect(formsFor(lemma)).not.toContain(wrong);
  });

  // A school course of 1,500 words was asked for.
  test('the dictionary has more than 1,500 different words', () => {
    const heads = new Set(
      (words as unknown as readonly LatinRow[]).map(([, kind, entry]) => `${kind} ${plain(entry)}`),
    );
    expect(heads.size).toBeGreaterThan(1500);
  });

  test('no line of the dictionary is without forms, but for what is more than one word', () => {
    const bare = (words as unknown as readonly LatinRow[]).filter(
      (row) =>
        !/\s/.test(row[2].split(',')[0] ?? '') &&
        formsOf(row[2].split(',')[0] ?? '', lexicon).length === 0,
    );
    expect(bare.map(([, , entry]) => plain(entry))).toEqual([]);
  });
});
