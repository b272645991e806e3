/** The demo's classes of other languages: Evening Japanese, the Latin Club and others, each with its words and a lesson. */
import { completeClass } from '../classes/new-class';
import type { ClassProfile } from '../classes/class-profile';
import { completeList, type WordList } from '../lists/word-list';
import type { Lesson } from '../records/lesson';
import { completeText, type ReadingText } from '../texts/reading-text';
import { exercisePart, lessonOf } from './lesson-of';

const storm: readonly (readonly [word: string, meaning: string])[] = [
  ['吹く', 'to blow'],
  ['降る', 'to fall (rain)'],
  ['濡れる', 'to get wet'],
  ['倒す', 'to knock down'],
  ['壊す', 'to break'],
  ['運ぶ', 'to carry'],
  ['止める', 'to stop'],
  ['飛ばす', 'to make fly'],
];

/** Verbs and nouns of two sentences of weather lore that were written for the club. */
const lore: readonly (readonly [word: string, meaning: string])[] = [
  ['flō', 'to blow'],
  ['moveō', 'to move'],
  ['regō', 'to rule'],
  ['veniō', 'to come'],
  ['sequor', 'to follow'],
];
const sky: readonly (readonly [word: string, meaning: string])[] = [
  ['ventus', 'wind'],
  ['nūbēs', 'cloud'],
  ['imber', 'shower'],
  ['caelum', 'sky'],
  ['flūctus', 'swell of the sea'],
];

const list = (id: string, classId: string, name: string, words: typeof storm): WordList =>
  completeList({
    id,
    classId,
    name,
    words: words.map(([word]) => word),
    details: words.map(([word, translation]) => ({ word, translation })),
  });

const months: readonly (readonly [word: string, meaning: string])[] = [
  ['janvier', 'January'],
  ['février', 'February'],
  ['mars', 'March'],
  ['avril', 'April'],
  ['mai', 'May'],
  ['juin', 'June'],
  ['juillet', 'July'],
  ['août', 'August'],
  ['septembre', 'September'],
  ['octobre', 'October'],
  ['novembre', 'November'],
  ['décembre', 'December'],
];

/** Written for Wordane: what a weather club might have said in Latin, and its translation. */
const LORE_LINES = [
  'Ventus nūbēs pellit. | The wind drives the clouds.',
  'Nautae caelum spectant. | The sailors watch the sky.',
  'Luna clāra noctem illustrat. | The bright moon lights the night.',
  'Agricola imbrem exspectat. | The farmer expects rain.',
  'Tempestās nāvem frangit. | The storm breaks the ship.',
  'Puella tonitrum timet. | The girl fears the thunder.',
];

const STATION = `Na estação da colina o vento vem do mar. As crianças olham pela janela e escrevem no caderno delas.

De manhã uma menina sobe ao telhado e lê os números do termómetro. O irmão dela mede a chuva num copo de vidro. Nos dias claros veem daqui as casas do porto e os barcos dos pescadores.

À tarde o avô fala daquilo que viu na sua viagem às ilhas. Ele gosta das nuvens altas e dos ventos do norte. À noite as crianças voltam pelo caminho das rochas, e o farol brilha sobre a água.`;

const HILL_STATION = `丘《おか》の上《うえ》に観測所《かんそくじょ》があります。毎朝《まいあさ》｜七時《しちじ》に先生《せんせい》と子《こ》どもたちが気温《きおん》を測《はか》ります。

昨日《きのう》は風《かぜ》がとても強《つよ》くて、古《ふる》い木《き》が倒《たお》されました。傘《かさ》も風《かぜ》に飛《と》ばされて、みんな濡《ぬ》れてしまいました。

雨《あめ》が止《や》んだら、外《そと》で星《ほし》を見《み》ましょう。雲《くも》がなければ、北《きた》の空《そら》に明《あか》るい星《ほし》が見《み》えます。`;

export function languageDemo(prefix: string, newId: () => string) {
  const roster = (names: string) => names.split(' ').map((name) => ({ id: newId(), name }));
  const japanese: ClassProfile = completeClass({
    id: `${prefix}japanese`,
    name: 'Evening Japanese',
    language: 'ja',
    level: { system: 'cefr', value: 'A2' },
    step: null,
    roster: roster('Ben Chloe Farid Gwen'),
  });
  const latin: ClassProfile = completeClass({
    id: `${prefix}latin`,
    name: 'Latin Club',
    language: 'la',
    level: { system: 'us', value: 'G10' },
    step: null,
    roster: roster('Ada Hugo Ines Omar'),
  });
  const portuguese: ClassProfile = completeClass({
    id: `${prefix}portuguese`,
    name: 'Portuguese circle',
    language: 'pt',
    level: { system: 'cefr', value: 'A2' },
    step: null,
    roster: roster('Nora Pablo Rosa Tim'),
  });
  const french: ClassProfile = completeClass({
    id: `${prefix}french`,
    name: 'French beginners',
    language: 'fr',
    level: { system: 'cefr', value: 'A1' },
    step: null,
    roster: roster('Amy Dan Ivo Mae'),
  });
  const station: ReadingText = completeText({
    id: `${prefix}estacao`,
    classId: portuguese.id,
    language: 'pt',
    title: 'A estação da colina',
    body: STATION,
  });
  const hillStation: ReadingText = completeText({
    id: `${prefix}oka`,
    classId: japanese.id,
    language: 'ja',
    title: '丘の観測所',
    body: HILL_STATION,
  });
  const aboutText = (grammar: string, seed: number) =>
    exercisePart(newId(), 'small-words', seed, {
      textId: station.id,
      language: 'pt',
      grammar,
    });
  const table = (words: typeof storm, kind: string, seed: number, language: string) =>
    exercisePart(
      newId(),
      'forms-of-words',
      seed,
      { table: kind, language },
      words.map(([word]) => word),
    );
  /** Exercises with sentences that Japanese brings along. */
  const ofItsOwn = (maker: string, seed: number, parameters: object) =>
    exercisePart(newId(), maker, seed, { language: 'ja', ...parameters });
  const cards = (words: typeof storm, language: string, maker = 'match-translation', more = {}) =>
    exercisePart(
      newId(),
      maker,
      3,
      {
        language,
        beside: Object.fromEntries(words.map(([word, translation]) => [word, { translation }])),
        ...more,
      },
      words.map(([word]) => word),
    );
  const lessons: Lesson[] = [
    lessonOf(
      `${prefix}portuguese-lesson`,
      portuguese.id,
      'Two words in one: do, na, pela',
      'Write the contractions of a text about the weather station.',
      {
        together: [aboutText('contractions', 11)],
        alone: [
          aboutText('articles', 12),
          exercisePart(newId(), 'forms-of-words', 13, { table: 'usual', language: 'pt' }, [
            'soprar',
            'chover',
            'subir',
            'medir',
            'ver',
          ]),
        ],
      },
    ),
    lessonOf(
      `${prefix}french-lesson`,
      french.id,
      'Les mois de l’année',
      'Say, read and write the twelve months.',
      {
        'get-ready': [cards(months, 'fr', 'two-sided-cards', { partner: 'translation' })],
        together: [cards(months, 'fr', 'dominoes', { partner: 'translation' })],
        alone: [cards(months, 'fr')],
        'look-back': [cards(months, 'fr', 'bingo-boards', { boards: 6 })],
      },
    ),
    lessonOf(
      `${prefix}japanese-lesson`,
      japanese.id,
      'Wind and rain: the passive',
      'Say in Japanese what the wind and the rain did, and what was done by them.',
      {
        'get-ready': [cards(storm, 'ja')],
        // Wind and rain in kana.
        show: [exercisePart(newId(), 'stroke-order', 25, { language: 'ja' }, ['かぜ', 'あめ'])],
        together: [
          table(storm, 'usual', 4, 'ja'),
          ofItsOwn('particles', 21, { particle: 'place' }),
        ],
        alone: [
          table(storm, 'voices', 5, 'ja'),
          ofItsOwn('other-voice', 22, { to: 'passive' }),
          ofItsOwn('other-voice', 23, { to: 'active' }),
        ],
      },
    ),
    lessonOf(
      `${prefix}latin-lesson`,
      latin.id,
      'Ancient weather lore',
      'Know the forms of five verbs and five nouns of the sky in their sentences.',
      {
        'get-ready': [cards([...lore, ...sky], 'la')],
        together: [
          table(lore, 'tenses', 6, 'la'),
          exercisePart(newId(), 'line-by-line', 24, { language: 'la', translated: LORE_LINES }),
        ],
        alone: [
          table(lore, 'perfects', 9, 'la'),
          table(sky, 'singular', 7, 'la'),
          table(sky, 'plural', 8, 'la'),
        ],
      },
    ),
  ];
  return {
    classes: [japanese, latin, portuguese, french],
    texts: [station, hillStation],
    lists: [
      list(`${prefix}japanese-words`, japanese.id, 'Storm verbs', storm),
      list(`${prefix}french-months`, french.id, 'Les mois', months),
      list(`${prefix}latin-words`, latin.id, 'Weather lore', [...lore, ...sky]),
    ],
    lessons,
  };
}
