/** What a teacher does, each as one change with a label that undo can show. */
import type { ClassProfile } from '~core/classes/class-profile';
import { completeClass, type ClassSettings } from '~core/classes/new-class';
import { sequenceOf } from '~core/classes/class-sequence';
import type { Sequence } from '~core/sounds/sequence';
import { possessive } from '~core/texts/possessive';
import { readRoster } from '~core/classes/roster';
import type { Version } from '~core/exercises/versions';
import type { ExerciseParameters } from '~core/exercises/exercise';
import { stageNames, type Lesson, type LessonPart, type StageId } from '~core/lessons/lesson';
import { merged, subtracted } from '~core/lists/combine-lists';
import type { ReadWord } from '~core/lists/read-list';
import {
  completeList,
  withDetail,
  withMoved,
  withoutWord,
  withWord,
  type ListGrouping,
  type WordDetail,
  type WordList,
} from '~core/lists/word-list';
import {
  change,
  ChangeError,
  edit,
  editPresent,
  newId,
  setFocusClass,
  setOpenList,
} from './repository';
import { database } from './database';

const same = (left: unknown, right: unknown) => JSON.stringify(left) === JSON.stringify(right);

/** A field that another tab changed while this one was being edited. */
export class FieldConflict extends ChangeError {
  constructor(
    readonly field: string,
    readonly theirs: unknown,
  ) {
    super(
      `Another tab changed this to “${String(theirs)}” meanwhile. Your change was not saved over it.`,
    );
  }
}

/** Sets fields of a record; `was` is what the editor saw, and must still be so. */
function setFields<Shape extends object>(
  stored: Shape,
  fields: Partial<Shape>,
  was: Partial<Shape> = {},
): Shape {
  for (const [field, seen] of Object.entries(was)) {
    const present = stored[field as keyof Shape];
    if (!same(present, seen) && !same(present, fields[field as keyof Shape])) {
      throw new FieldConflict(field, present);
    }
  }
  return { ...stored, ...fields };
}

// Classes

export async function createClass(settings: ClassSettings): Promise<ClassProfile> {
  const profile = completeClass({ ...settings, id: newId() });
  await change(`Made the class ${profile.name}`, [edit('classes', profile.id, () => profile)]);
  await setFocusClass(profile.id);
  return profile;
}

export function changeClass(id: string, fields: ClassSettings, was?: ClassSettings): Promise<void> {
  const names = Object.keys(fields).join(', ').replace('confusables', 'words taken for each other');
  return change(`Changed the class’s ${names}`, [
    editPresent('classes', id, (stored) => {
      const changed = setFields(stored, fields, was);
      // Another accent has another default sequence: the class keeps its place, within its length.
      const steps = sequenceOf(changed).steps.length;
      return { ...changed, step: changed.step === null ? null : Math.min(changed.step, steps) };
    }),
  ]);
}

/** Adds pasted names; the notes say what was left out. */
export async function addLearners(id: string, pasted: string): Promise<string[]> {
  let notes: readonly string[] = [];
  let count = 0;
  await change('Added learners', [
    editPresent('classes', id, (stored) => {
      const reading = readRoster(
        pasted,
        stored.roster.map((learner) => learner.name),
      );
      notes = reading.notes;
      count = reading.names.length;
      const added = reading.names.map((name) => ({ id: newId(), name }));
      return { ...stored, roster: [...stored.roster, ...added] };
    }),
  ]);
  const said =
    count === 0
      ? 'No new name was found.'
      : `Added ${count} ${count === 1 ? 'learner' : 'learners'}.`;
  return [said, ...notes];
}

export function removeLearner(id: string, learnerId: string): Promise<void> {
  return change('Removed a learner', [
    editPresent('classes', id, (stored) => ({
      ...stored,
      roster: stored.roster.filter((learner) => learner.id !== learnerId),
    })),
  ]);
}

/** The version of exercises that a learner gets. */
export async function setLearnerVersion(
  id: string,
  learnerId: string,
  version: Version,
): Promise<void> {
  const profile = await database.classes.get(id);
  const name = profile?.roster.find((learner) => learner.id === learnerId)?.name ?? 'A learner';
  return change(`${name} gets the ${version} version`, [
    editPresent('classes', id, (stored) => ({
      ...stored,
      roster: stored.roster.map((learner) =>
        learner.id === learnerId ? { ...learner, version } : learner,
      ),
    })),
  ]);
}

/** Counts a word as known to the class, or no longer. */
export function setKnownWord(id: string, word: string, known: boolean): Promise<void> {
  const label = known ? `Counted ${word} as known` : `No longer counted ${word} as known`;
  return change(label, [
    editPresent('classes', id, (stored) => {
      const others = stored.knownWords.filter((each) => each !== word);
      return { ...stored, knownWords: known ? [...others, word] : others };
    }),
  ]);
}

/** Keeps a word from being offered to the class, or offers it again. */
export function setHiddenWord(id: string, word: string, hidden: boolean): Promise<void> {
  const label = hidden ? `Hid ${word} from the class` : `Offered ${word} to the class again`;
  return change(label, [
    editPresent('classes', id, (stored) => {
      const others = stored.hiddenWords.filter((each) => each !== word);
      return { ...stored, hiddenWords: hidden ? [...others, word] : others };
    }),
  ]);
}

/** Removes a class with its lists, texts and lessons; undo brings all back. */
export async function removeClass(id: string): Promise<void> {
  const [profile, lists, lessons, texts] = await Promise.all([
    database.classes.get(id),
    database.lists.where('classId').equals(id).toArray(),
    database.lessons.where('classId').equals(id).toArray(),
    database.texts.where('classId').equals(id).toArray(),
  ]);
  await change(`Removed the class ${profile?.name ?? ''}`, [
    ...texts.map((text) => edit('texts', text.id, () => null)),
    ...lessons.map((lesson) => edit('lessons', lesson.id, () => null)),
    ...lists.map((list) => edit('lists', list.id, () => null)),
    edit('classes', id, () => null),
  ]);
}

/** Gives a class its own sequence, or (null) the default again; its step stays within it. */
export function setSequence(id: string, sequence: Sequence | null, label: string): Promise<void> {
  return change(label, [
    editPresent('classes', id, (stored) => {
      const own = sequence as ClassProfile['sequence'];
      const steps = sequenceOf({ accent: stored.accent, sequence: own }).steps.length;
      const step = stored.step === null ? null : Math.min(stored.step, steps);
      return { ...stored, sequence: own, step };
    }),
  ]);
}

/** Edits the class's sequence, making the default its own first. */
export function editSequence(
  id: string,
  label: string,
  edited: (sequence: Sequence) => Sequence,
): Promise<void> {
  return change(label, [
    editPresent('classes', id, (stored) => {
      const present = sequenceOf(stored);
      const own =
        stored.sequence === null
          ? { ...present, id: newId(), name: `${possessive(stored.name)} sequence` }
          : present;
      const sequence = edited(own) as NonNullable<ClassProfile['sequence']>;
      const step = stored.step === null ? null : Math.min(stored.step, sequence.steps.length);
      return { ...stored, sequence, step };
    }),
  ]);
}

// Word lists

export async function createList(
  classId: string,
  name: string,
  words: string[] = [],
): Promise<WordList> {
  const list: WordList = completeList({ id: newId(), classId, name, words });
  await change(`Made the list ${name}`, [edit('lists', list.id, () => list)]);
  await setOpenList(classId, list.id);
  return list;
}

function changeList(
  id: string,
  label: string,
  edited: (list: WordList) => WordList,
): Promise<void> {
  return change(label, [editPresent('lists', id, edited)]);
}

export const addWord = (id: string, word: string) =>
  changeList(id, `Added ${word}`, (list) => withWord(list, word));

export const removeWord = (id: string, word: string) =>
  changeList(id, `Removed ${word}`, (list) => withoutWord(list, word));

export const moveWord = (id: string, word: string, to: number) =>
  changeList(id, `Moved ${word}`, (list) => withMoved(list, list.words.indexOf(word), to));

export const renameList = (id: string, name: string, was: string) =>
  changeList(id, `Renamed the list ${name}`, (list) => setFields(list, { name }, { name: was }));

/** Adds words that were read from text, with what stood beside them. */
export const addWords = (id: string, words: readonly ReadWord[]) =>
  changeList(id, `Added ${words.length} ${words.length === 1 ? 'word' : 'words'}`, (list) =>
    words.reduce(
      (result, { word, definition, translation, note }) =>
        withDetail(withWord(result, word), word, {
          ...(definition ? { definition } : {}),
          ...(translation ? { translation } : {}),
          ...(note ? { note } : {}),
        }),
      list,
    ),
  );

/** Sets what stands beside a word. */
export const setDetail = (id: string, word: string, fields: Partial<Omit<WordDetail, 'word'>>) =>
  changeList(id, `Changed ${word} in the list`, (list) => withDetail(list, word, fields));

/** Writes the first meaning of words that have none yet. */
export const setMeanings = (
  id: string,
  words: readonly string[],
  meanings: Readonly<Record<string, string>>,
) =>
  changeList(id, 'Filled in meanings', (list) =>
    words.reduce(
      (result, word) => withDetail(result, word, { definition: meanings[word] ?? '' }),
      list,
    ),
  );

export const setGrouping = (id: string, groupBy: ListGrouping) =>
  changeList(id, 'Grouped the list', (list) => ({ ...list, groupBy }));

/** Puts a list's words in another order; words it lacks by now are left out. */
export const orderWords = (id: string, words: readonly string[]) =>
  changeList(id, 'Put the list in order', (list) => {
    const kept = words.filter((word) => list.words.includes(word));
    return { ...list, words: [...kept, ...list.words.filter((word) => !kept.includes(word))] };
  });

export async function mergeLists(id: string, other: WordList): Promise<void> {
  await changeList(id, `Added the words of ${other.name}`, (list) => merged(list, other));
}

export const subtractList = (id: string, other: WordList) =>
  changeList(id, `Took away the words of ${other.name}`, (list) => subtracted(list, other));

/** Makes a list of its own from each group of a list's words. */
export async function splitList(
  list: WordList,
  groups: readonly { name: string; words: readonly string[] }[],
) {
  await change(
    `Split the list ${list.name}`,
    groups.map(({ name, words }) => {
      const id = newId();
      const details = list.details.filter((detail) => words.includes(detail.word));
      const made = completeList({
        id,
        classId: list.classId,
        name: `${list.name}: ${name || 'others'}`.slice(0, 120),
        words: [...words],
        details,
      });
      return edit('lists', id, () => made);
    }),
  );
}

export const removeList = (id: string, name: string) =>
  change(`Removed the list ${name}`, [edit('lists', id, () => null)]);

// Lessons

export async function createLesson(lesson: Lesson): Promise<void> {
  await change(`Made the lesson ${lesson.title}`, [edit('lessons', lesson.id, () => lesson)]);
}

function changeLesson(
  id: string,
  label: string,
  edited: (lesson: Lesson) => Lesson,
): Promise<void> {
  return change(label, [editPresent('lessons', id, edited)]);
}

export function setLessonField(
  id: string,
  field: 'title' | 'objective',
  value: string,
  was: string,
): Promise<void> {
  return changeLesson(id, `Changed the lesson’s ${field}`, (lesson) =>
    setFields(lesson, { [field]: value }, { [field]: was }),
  );
}

export const setMinutes = (id: string, stage: StageId, minutes: number) =>
  changeLesson(id, `Changed the minutes of ${stageNames[stage]}`, (lesson) => ({
    ...lesson,
    stages: lesson.stages.map((each) => (each.id === stage ? { ...each, minutes } : each)),
  }));

export const addPart = (id: string, stage: StageId, part: LessonPart, name: string) =>
  changeLesson(id, `Added ${name} to ${stageNames[stage]}`, (lesson) => ({
    ...lesson,
    stages: lesson.stages.map((each) =>
      each.id === stage ? { ...each, parts: [...each.parts, part] } : each,
    ),
  }));

export const removePart = (id: string, partId: string, name: string) =>
  changeLesson(id, `Removed ${name}`, (lesson) => ({
    ...lesson,
    stages: lesson.stages.map((each) => ({
      ...each,
      parts: each.parts.filter((part) => part.id !== partId),
    })),
  }));

/** Moves a part to a stage, before the part at `index` of what is there then. */
export const movePart = (id: string, partId: string, stage: StageId, index: number, name: string) =>
  changeLesson(id, `Moved ${name}`, (lesson) => {
    const moved = lesson.stages.flatMap((each) => each.parts).find((part) => part.id === partId);
    if (moved === undefined) throw new ChangeError('This part was removed in another tab.');
    return {
      ...lesson,
      stages: lesson.stages.map((each) => {
        const parts = each.parts.filter((part) => part.id !== partId);
        if (each.id === stage) parts.splice(index, 0, moved);
        return { ...each, parts };
      }),
    };
  });

export function changePart(
  id: string,
  partId: string,
  label: string,
  edited: (part: LessonPart) => LessonPart,
) {
  return changeLesson(id, label, (lesson) => ({
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part) => (part.id === partId ? edited(part) : part)),
    })),
  }));
}

export const setNote = (id: string, partId: string, text: string, was: string) =>
  changePart(id, partId, 'Changed a note', (part) => setFields(part, { text }, { text: was }));

export const setParameters = (
  id: string,
  partId: string,
  parameters: ExerciseParameters,
  label: string,
) =>
  changePart(id, partId, label, (part) => ({
    ...part,
    parameters: { ...part.parameters, ...parameters },
  }));

export const shuffleAgain = (id: string, partId: string) =>
  changePart(id, partId, 'Shuffled again', (part) => ({
    ...part,
    seed: (part.seed * 1103515245 + 12345) % 2147483648,
  }));

export const swapWord = (id: string, partId: string, from: string, to: string) =>
  changePart(id, partId, `Swapped ${from} for ${to}`, (part) => ({
    ...part,
    words: part.words.map((word) => (word === from ? to : word)),
  }));

export const addPartWord = (id: string, partId: string, word: string) =>
  changePart(id, partId, `Added ${word}`, (part) => ({
    ...part,
    words: part.words.some((each) => each.toLowerCase() === word.toLowerCase())
      ? part.words
      : [...part.words, word],
  }));

export const removePartWord = (id: string, partId: string, word: string) =>
  changePart(id, partId, `Removed ${word}`, (part) => ({
    ...part,
    words: part.words.filter((each) => each !== word),
  }));

export const removeLesson = (id: string, title: string) =>
  change(`Removed the lesson ${title}`, [edit('lessons', id, () => null)]);
