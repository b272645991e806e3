/** Taking a thing of the starter library for a class: it becomes a record of the teacher's own. */
import type { ClassProfile } from '../classes/class-profile';
import { makerInfo } from '../exercises/catalogue';
import { findMaker } from '../exercises/make-exercise';
import { startWords } from '../exercises/start-words';
import type { ExerciseParameters } from '../exercises/making/exercise';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { usualMinutes } from '../lessons/start-lesson';
import { completeList, type WordList } from '../lists/word-list';
import { Lesson, stageIds, type LessonPart } from '../records/lesson';
import { standardId } from '../standards/standard';
import { completeText, type ReadingText } from '../texts/reading-text';
import type { Library, LibraryLesson, LibraryList, LibraryText } from './library';
import type { PartSeed } from './seeds';

/** What is taken stands in this folder of the shelf. */
export const LIBRARY_TAG = 'Starter library';
/** Everything in the library was written for Wordane. */
const AUTHOR = 'Wordane';
const YEAR = '2026';
const SOURCE = 'starter library';
const LICENCE = 'GPL-3.0-or-later';

export interface Taken {
  readonly lists: readonly WordList[];
  readonly texts: readonly ReadingText[];
  readonly lessons: readonly Lesson[];
}

export interface Taking {
  readonly library: Library;
  readonly class: ClassProfile;
  readonly lexicon: Lexicon;
  readonly meanings?: Meanings | undefined;
  /** Gives a new id each time. */
  readonly newId: () => string;
}

const tags = [LIBRARY_TAG];

const listFor = ({ name, words }: LibraryList, { class: { id }, newId }: Taking) => ({
  ...completeList({ id: newId(), classId: id, name, words: [...words] }),
  tags,
});

const textFor = ({ title, body }: LibraryText, { class: { id }, newId }: Taking) => ({
  ...completeText({
    id: newId(),
    classId: id,
    title,
    body,
    author: AUTHOR,
    year: YEAR,
    source: SOURCE,
    licence: LICENCE,
  }),
  tags,
});

/** Codes of the two sets whose lessons ship: those of the CEFR begin with a level. */
const standardOf = (code: string) =>
  standardId({ set: /^[ABC][12]\./.test(code) ? 'cefr' : 'ccss', code });

/** The words of several lists in turn, so that a sheet of sixteen has some of each. */
function inTurn(lists: readonly (readonly string[])[], most = 16): string[] {
  const found: string[] = [];
  const longest = Math.max(0, ...lists.map((list) => list.length));
  for (let at = 0; at < longest; at += 1) {
    for (const list of lists) {
      const word = list[at];
      if (word !== undefined && found.length < most && !found.includes(word)) found.push(word);
    }
  }
  return found;
}

function partOf(
  seed: PartSeed,
  words: readonly string[],
  textId: string | undefined,
  { class: profile, lexicon, meanings, newId }: Taking,
): LessonPart {
  const part = { id: newId(), text: '', maker: '', words: [], parameters: {}, seed: 7 };
  if ('note' in seed) return { ...part, kind: 'note', text: seed.note };
  const maker = findMaker(seed.maker);
  const parameters: ExerciseParameters = {
    ...(seed.parameters as ExerciseParameters),
    ...(textId !== undefined && maker.parameters?.['textId'] !== undefined ? { textId } : {}),
  };
  const takes = !maker.needsText && makerInfo(seed.maker)?.words !== 'none';
  return {
    ...part,
    kind: 'exercise',
    maker: seed.maker,
    words: takes
      ? startWords(
          { maker: seed.maker, words: [...words], parameters, seed: 7 },
          profile,
          lexicon,
          meanings,
        )
      : [],
    parameters,
  };
}

/** The text as it is handed out. */
const sheetOf = ({ id, title }: ReadingText, newId: () => string): LessonPart => ({
  id: newId(),
  kind: 'sheet',
  text: title,
  maker: '',
  words: [],
  parameters: {},
  seed: 7,
  blocks: [{ id: newId(), kind: 'reading', textId: id }],
});

/** A lesson for a class, with the lists and the text that it is made from. */
export function takeLesson(lesson: LibraryLesson, taking: Taking): Taken {
  const { library, class: profile, newId } = taking;
  const lists = library.lists
    .filter(({ name }) => lesson.lists.includes(name))
    .map((list) => listFor(list, taking));
  const texts = library.texts
    .filter(({ title }) => title === lesson.text)
    .map((text) => textFor(text, taking));
  const words = inTurn(lists.map((list) => list.words));
  const stages = stageIds.map((id) => ({
    id,
    minutes: usualMinutes[id],
    parts: [
      ...(id === 'show' ? texts.map((text) => sheetOf(text, newId)) : []),
      ...lesson.stages[id].map((seed) => partOf(seed, words, texts[0]?.id, taking)),
    ],
  }));
  const made = Object.assign(new Lesson(), {
    id: newId(),
    classId: profile.id,
    title: lesson.title,
    objective: lesson.objective,
    stages,
    tags,
    plan: { standards: lesson.standards.map(standardOf) },
  });
  return { lists, texts, lessons: [made] };
}

/** Any thing of the library by its id; nothing where there is none. */
export function takeFromLibrary(id: string, taking: Taking): Taken {
  const { library } = taking;
  const list = library.lists.find((each) => each.id === id);
  const text = library.texts.find((each) => each.id === id);
  const lesson = library.lessons.find((each) => each.id === id);
  if (lesson) return takeLesson(lesson, taking);
  return {
    lists: list ? [listFor(list, taking)] : [],
    texts: text ? [textFor(text, taking)] : [],
    lessons: [],
  };
}
