/** Pronouns and the numbers that are declined, form by form: Allen and Greenough §§ 134–151. */
import type { Case, Features, Form, Gender, PartOfSpeech } from './parse';

interface Entry {
  readonly lemma: string;
  readonly partOfSpeech: PartOfSpeech;
  readonly forms: readonly Form[];
}

const cases: readonly Case[] = ['nominative', 'accusative', 'genitive', 'dative', 'ablative'];
const genders: readonly Gender[] = ['masculine', 'feminine', 'neuter'];

/** Five cases in a line; forms side by side with a slash, a dash where there is none. */
const line = (cells: string, features: Features): Form[] =>
  cells
    .split(' ')
    .flatMap((cell, at) =>
      cell === '-'
        ? []
        : cell
            .split('/')
            .map((form): Form => ({ form, case: cases[at] ?? 'nominative', ...features })),
    );

/** Six lines: masculine, feminine and neuter of the singular, then of the plural. */
const gendered = (
  lemma: string,
  lines: readonly string[],
  partOfSpeech: PartOfSpeech = 'pronoun',
): Entry => ({
  lemma,
  partOfSpeech,
  forms: lines.flatMap((cells, at) =>
    cells === ''
      ? []
      : line(cells, {
          number: at < 3 ? 'singular' : 'plural',
          gender: genders[at % 3] ?? 'masculine',
        }),
  ),
});

const personal = (
  lemma: string,
  cells: string,
  number: 'singular' | 'plural',
  person: 1 | 2 | 3,
): Entry => ({
  lemma,
  partOfSpeech: 'pronoun',
  forms: line(cells, { number, person }),
});

const HIC = [
  'hic hunc huius huic hōc',
  'haec hanc huius huic hāc',
  'hoc hoc huius huic hōc',
  'hī hōs hōrum hīs hīs',
  'hae hās hārum hīs hīs',
  'haec haec hōrum hīs hīs',
];
const like = (stem: string, nominatives: string, neuter: string) => [
  `${nominatives} ${stem}um ${stem}īus ${stem}ī ${stem}ō`,
  `${stem}a ${stem}am ${stem}īus ${stem}ī ${stem}ā`,
  `${neuter} ${neuter} ${stem}īus ${stem}ī ${stem}ō`,
  `${stem}ī ${stem}ōs ${stem}ōrum ${stem}īs ${stem}īs`,
  `${stem}ae ${stem}ās ${stem}ārum ${stem}īs ${stem}īs`,
  `${stem}a ${stem}a ${stem}ōrum ${stem}īs ${stem}īs`,
];
const QUI = [
  'quī quem cuius cui quō',
  'quae quam cuius cui quā',
  'quod quod cuius cui quō',
  'quī quōs quōrum quibus/quīs quibus/quīs',
  'quae quās quārum quibus/quīs quibus/quīs',
  'quae quae quōrum quibus/quīs quibus/quīs',
];
const dam = (cells: string) =>
  cells
    .split(' ')
    .map((cell) => cell.split('/')[0] ?? '')
    .map((cell) => `${cell.replace(/m$/, 'n')}dam`)
    .join(' ');

export const pronouns: readonly Entry[] = [
  personal('ego', 'ego mē meī mihi/mī mē', 'singular', 1),
  personal('nōs', 'nōs nōs nostrī/nostrum nōbīs nōbīs', 'plural', 1),
  personal('tū', 'tū tē tuī tibi tē', 'singular', 2),
  personal('vōs', 'vōs vōs vestrī/vestrum vōbīs vōbīs', 'plural', 2),
  personal('suī', '- sē/sēsē suī sibi sē/sēsē', 'singular', 3),
  personal('suī', '- sē/sēsē suī sibi sē/sēsē', 'plural', 3),
  gendered('hic', HIC),
  gendered('ille', like('ill', 'ille', 'illud')),
  gendered('iste', like('ist', 'iste', 'istud')),
  gendered('ipse', like('ips', 'ipse', 'ipsum')),
  gendered('is', [
    'is eum eius eī eō',
    'ea eam eius eī eā',
    'id id eius eī eō',
    'eī/iī/ī eōs eōrum eīs/iīs/īs eīs/iīs/īs',
    'eae eās eārum eīs/iīs/īs eīs/iīs/īs',
    'ea ea eōrum eīs/iīs/īs eīs/iīs/īs',
  ]),
  gendered('īdem', [
    'īdem eundem eiusdem eīdem eōdem',
    'eadem eandem eiusdem eīdem eādem',
    'idem idem eiusdem eīdem eōdem',
    'eīdem/iīdem/īdem eōsdem eōrundem eīsdem/iīsdem/īsdem eīsdem/iīsdem/īsdem',
    'eaedem eāsdem eārundem eīsdem/iīsdem/īsdem eīsdem/iīsdem/īsdem',
    'eadem eadem eōrundem eīsdem/iīsdem/īsdem eīsdem/iīsdem/īsdem',
  ]),
  gendered('quī', QUI),
  gendered('quis', [
    'quis quem cuius cui quō',
    'quis quem cuius cui quō',
    'quid quid cuius cui quō',
    QUI[3] ?? '',
    QUI[4] ?? '',
    QUI[5] ?? '',
  ]),
  gendered('aliquis', [
    'aliquis/aliquī aliquem alicuius alicui aliquō',
    'aliqua aliquam alicuius alicui aliquā',
    'aliquid/aliquod aliquid/aliquod alicuius alicui aliquō',
    'aliquī aliquōs aliquōrum aliquibus aliquibus',
    'aliquae aliquās aliquārum aliquibus aliquibus',
    'aliqua aliqua aliquōrum aliquibus aliquibus',
  ]),
  gendered('quisque', [
    'quisque quemque cuiusque cuique quōque',
    'quaeque quamque cuiusque cuique quāque',
    'quidque/quodque quidque/quodque cuiusque cuique quōque',
  ]),
  gendered('quīdam', [
    'quīdam quendam cuiusdam cuidam quōdam',
    'quaedam quandam cuiusdam cuidam quādam',
    'quoddam/quiddam quoddam/quiddam cuiusdam cuidam quōdam',
    dam(QUI[3] ?? ''),
    dam(QUI[4] ?? ''),
    dam(QUI[5] ?? ''),
  ]),
  gendered('quisquam', [
    'quisquam quemquam cuiusquam cuiquam quōquam',
    '',
    'quicquam/quidquam quicquam/quidquam cuiusquam cuiquam quōquam',
  ]),
  {
    lemma: 'nihil',
    partOfSpeech: 'noun',
    forms: ['nihil', 'nīl'].flatMap((form) =>
      (['nominative', 'accusative'] as const).map((its): Form => ({
        form,
        case: its,
        number: 'singular',
        gender: 'neuter',
      })),
    ),
  },
  gendered(
    'duo',
    [
      '',
      '',
      '',
      'duo duōs/duo duōrum duōbus duōbus',
      'duae duās duārum duābus duābus',
      'duo duo duōrum duōbus duōbus',
    ],
    'numeral',
  ),
  gendered(
    'ambō',
    [
      '',
      '',
      '',
      'ambō ambōs/ambō ambōrum ambōbus ambōbus',
      'ambae ambās ambārum ambābus ambābus',
      'ambō ambō ambōrum ambōbus ambōbus',
    ],
    'numeral',
  ),
  gendered(
    'trēs',
    [
      '',
      '',
      '',
      'trēs trēs/trīs trium tribus tribus',
      'trēs trēs/trīs trium tribus tribus',
      'tria tria trium tribus tribus',
    ],
    'numeral',
  ),
  {
    lemma: 'mīlle',
    partOfSpeech: 'numeral',
    forms: [
      { form: 'mīlle' },
      ...line('mīlia mīlia mīlium mīlibus mīlibus', { number: 'plural', gender: 'neuter' }),
    ],
  },
];
