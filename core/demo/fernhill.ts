/** The demo: the Fernhill weather club's Kestrels, a made-up class with made-up first names. */
import { completeClass } from '../classes/new-class';
import type { ClassProfile } from '../classes/class-profile';
import { planLesson } from '../lessons/plan-lesson';
import type { Lesson } from '../records/lesson';
import { completeList, type WordList } from '../lists/word-list';
import type { ReadingText } from '../texts/reading-text';
import { languageDemo } from './language-demo';
import { readingDemo } from './reading-demo';
import type { Lexicon } from '../languages/en/lexicon/lexicon';

/** Every record of the demo has an id with this beginning, so that it can be taken away again. */
export const DEMO_PREFIX = 'fernhill-';

const names =
  'Asha Bram Cleo Dario Edie Femi Gus Hana Ivo Juno Kofi Lark Mina Nils Opal Pia Quin Rafe Suki Tomas Uma Vera Wren Xavi Yara Zeb'.split(
    ' ',
  );

export interface Demo {
  readonly classes: readonly ClassProfile[];
  readonly lists: readonly WordList[];
  readonly lessons: readonly Lesson[];
  readonly texts: readonly ReadingText[];
  /** Nobody has said anything yet. */
  readonly recordings: readonly [];
  readonly sounds: readonly [];
  /** The shipped sets are enough. */
  readonly standards: readonly [];
}

/** The demo's records; the same each time. */
export function fernhillDemo(lexicon: Lexicon): Demo {
  let made = 0;
  const newId = () => `${DEMO_PREFIX}${(made += 1)}`;
  const kestrels = completeClass({
    id: `${DEMO_PREFIX}kestrels`,
    name: 'Kestrels',
    step: 23,
    roster: names.map((name) => ({ id: newId(), name })),
    knownWords: ['hail', 'gauge', 'gale'],
  });
  const list: WordList = completeList({
    id: `${DEMO_PREFIX}storm-words`,
    classId: kestrels.id,
    name: 'Storm words',
    words: [
      'rain',
      'hail',
      'drain',
      'train',
      'gale',
      'flake',
      'wave',
      'lake',
      'spray',
      'day',
      'stay',
      'neighbour',
    ],
  });
  const lesson = planLesson({
    list,
    class: kestrels,
    lexicon,
    newId,
    seed: 11,
    alone: 'build-ing',
  });
  const reading = readingDemo(DEMO_PREFIX, newId);
  const others = languageDemo(DEMO_PREFIX, newId);
  return {
    classes: [kestrels, ...reading.classes, ...others.classes],
    lists: [list, ...others.lists],
    lessons: [
      { ...lesson, title: 'Long a in the storm log' },
      ...reading.lessons,
      ...others.lessons,
    ],
    texts: [...reading.texts, ...others.texts],
    recordings: [],
    sounds: [],
    standards: [],
  };
}
