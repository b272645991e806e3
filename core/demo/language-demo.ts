/** The demo's classes of other languages: Evening Japanese and the Latin Club, each with its words and a lesson. */
import { completeClass } from '../classes/new-class';
import type { ClassProfile } from '../classes/class-profile';
import { completeList, type WordList } from '../lists/word-list';
import type { Lesson } from '../records/lesson';
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
  const table = (words: typeof storm, kind: string, seed: number, language: string) =>
    exercisePart(
      newId(),
      'forms-of-words',
      seed,
      { table: kind, language },
      words.map(([word]) => word),
    );
  const cards = (words: typeof storm, language: string) =>
    exercisePart(
      newId(),
      'match-translation',
      3,
      {
        language,
        beside: Object.fromEntries(words.map(([word, translation]) => [word, { translation }])),
      },
      words.map(([word]) => word),
    );
  const lessons: Lesson[] = [
    lessonOf(
      `${prefix}japanese-lesson`,
      japanese.id,
      'Wind and rain: the passive',
      'Say in Japanese what the wind and the rain did, and what was done by them.',
      {
        'get-ready': [cards(storm, 'ja')],
        together: [table(storm, 'usual', 4, 'ja')],
        alone: [table(storm, 'voices', 5, 'ja')],
      },
    ),
    lessonOf(
      `${prefix}latin-lesson`,
      latin.id,
      'Ancient weather lore',
      'Know the forms of five verbs and five nouns of the sky in their sentences.',
      {
        'get-ready': [cards([...lore, ...sky], 'la')],
        together: [table(lore, 'tenses', 6, 'la')],
        alone: [
          table(lore, 'perfects', 9, 'la'),
          table(sky, 'singular', 7, 'la'),
          table(sky, 'plural', 8, 'la'),
        ],
      },
    ),
  ];
  return {
    classes: [japanese, latin],
    lists: [
      list(`${prefix}japanese-words`, japanese.id, 'Storm verbs', storm),
      list(`${prefix}latin-words`, latin.id, 'Weather lore', [...lore, ...sky]),
    ],
    lessons,
  };
}
