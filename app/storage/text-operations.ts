/** What a teacher does to a text, each as one change with a label that undo can show. */
import type { LessonPart, Lesson } from '~core/lessons/lesson';
import { stageIds, type StageId } from '~core/lessons/lesson';
import { completeText, type ReadingText } from '~core/texts/reading-text';
import { moveMarks, type Annotation, type OwnMethod } from '~core/texts/marks/annotation';
import type { ReadingLayout } from '~core/sheets/reading/reading-layout';
import type { SheetLayout } from '~core/sheets/layout';
import { database } from './database';
import { change, ChangeError, edit, editPresent, newId } from './repository';

export async function createText(
  given: Pick<ReadingText, 'classId' | 'title' | 'body'> & Partial<ReadingText>,
): Promise<ReadingText> {
  const text = completeText({ ...given, id: newId() });
  await change(`Brought in the text ${text.title}`, [edit('texts', text.id, () => text)]);
  return text;
}

function changeText(
  id: string,
  label: string,
  edited: (text: ReadingText) => ReadingText,
): Promise<void> {
  return change(label, [editPresent('texts', id, edited)]);
}

/** A text with another body; its marks move with it. */
function withBody(text: ReadingText, body: string): ReadingText {
  return { ...text, body, annotations: moveMarks(text.annotations, text.body, body) };
}

/** Rewrites the body; refused where another tab was faster. */
export const setBody = (id: string, body: string, was: string, label = 'Changed the text') =>
  changeText(id, label, (text) => {
    if (text.body !== was && text.body !== body) {
      throw new ChangeError(
        'Another tab changed this text meanwhile. Your change was not saved over it; it still stands in the field.',
      );
    }
    return withBody(text, body);
  });

export type TextFact = 'title' | 'author' | 'year' | 'source' | 'licence' | 'language' | 'kind';

export const setFact = (id: string, fact: TextFact, value: string) =>
  changeText(id, `Changed the text’s ${fact}`, (text) => ({ ...text, [fact]: value }));

export const setReleased = (id: string, released: number | null) =>
  changeText(
    id,
    released === null
      ? 'Gave the class all sections'
      : `Gave the class ${released} of the sections`,
    (text) => ({ ...text, released }),
  );

export const setOriginal = (id: string) =>
  changeText(id, 'Took the text as it is for its original', (text) => ({
    ...text,
    original: text.body,
  }));

const without = (words: readonly string[], word: string) =>
  words.filter((each) => each.toLowerCase() !== word.toLowerCase());

/** A gloss to a word; an empty one takes it away. */
export const setGloss = (id: string, word: string, said: string) =>
  changeText(id, said === '' ? `Took the gloss of ${word} away` : `Glossed ${word}`, (text) => {
    const others = text.glosses.filter((each) => each.word.toLowerCase() !== word.toLowerCase());
    return { ...text, glosses: said === '' ? others : [...others, { word, text: said }] };
  });

export const setBoxed = (id: string, word: string, boxed: boolean) =>
  changeText(
    id,
    boxed ? `Put ${word} in the word box` : `Took ${word} out of the word box`,
    (text) => ({
      ...text,
      boxed: boxed ? [...without(text.boxed, word), word.toLowerCase()] : without(text.boxed, word),
    }),
  );

export const setAccepted = (id: string, word: string, accepted: boolean) =>
  changeText(id, accepted ? `Left ${word} as it is` : `Showed ${word} again`, (text) => ({
    ...text,
    accepted: accepted
      ? [...without(text.accepted, word), word.toLowerCase()]
      : without(text.accepted, word),
  }));

export const addMark = (id: string, mark: Omit<Annotation, 'id'>, name: string) =>
  changeText(id, `Marked ${name}`, (text) => ({
    ...text,
    annotations: [...text.annotations, { ...mark, id: newId() }],
  }));

export const setMark = (id: string, markId: string, fields: Partial<Annotation>) =>
  changeText(id, 'Changed a mark', (text) => ({
    ...text,
    annotations: text.annotations.map((mark) =>
      mark.id === markId ? { ...mark, ...fields } : mark,
    ),
  }));

export const removeMark = (id: string, markId: string) =>
  changeText(id, 'Removed a mark', (text) => ({
    ...text,
    annotations: text.annotations.filter((mark) => mark.id !== markId),
  }));

export const addMarks = (id: string, marks: readonly Annotation[]) =>
  changeText(id, `Read ${marks.length} marks in`, (text) => ({
    ...text,
    annotations: [...text.annotations, ...marks],
  }));

export const addMethod = (id: string, method: Omit<OwnMethod, 'id'>) =>
  changeText(id, `Added the method ${method.name}`, (text) => ({
    ...text,
    methods: [...(text.methods ?? []), { ...method, id: newId() }],
  }));

export const setReading = (id: string, reading: ReadingLayout, label: string) =>
  changeText(id, label, (text) => ({ ...text, reading: { ...text.reading, ...reading } }));

export const setTextLayout = (id: string, layout: SheetLayout, label: string) =>
  changeText(id, label, (text) => ({ ...text, layout: { ...text.layout, ...layout } }));

export const removeText = (id: string, title: string) =>
  change(`Removed the text ${title}`, [edit('texts', id, () => null)]);

/** A copy for another class; it is checked against that class at once. */
export async function copyText(id: string, classId: string, className: string): Promise<string> {
  const text = await database.texts.get(id);
  if (!text) throw new ChangeError('This text was removed in another tab.');
  const copy = { ...text, id: newId(), classId };
  await change(`Gave ${text.title} to ${className}`, [edit('texts', copy.id, () => copy)]);
  return copy.id;
}

/** The stage in which a reading exercise is usually done. */
const stageOf: Readonly<Record<string, StageId>> = {
  'before-reading': 'get-ready',
  'text-word-box': 'get-ready',
  'facts-first': 'get-ready',
  'writing-task': 'look-back',
};

/** A part in a lesson about the text: the lesson that is there, or a new one. */
export async function addToLesson(
  text: ReadingText,
  part: LessonPart,
  name: string,
): Promise<string> {
  const lessons = await database.lessons.where('classId').equals(text.classId).toArray();
  const uses = (lesson: Lesson) =>
    lesson.stages.some((stage) =>
      stage.parts.some(
        (each) =>
          each.parameters.textId === text.id ||
          each.blocks?.some((block) => block.textId === text.id),
      ),
    );
  const found = lessons.find(uses);
  const stage = stageOf[part.maker] ?? (part.kind === 'sheet' ? 'show' : 'together');
  if (found) {
    await change(`Added ${name} to ${found.title}`, [
      editPresent('lessons', found.id, (lesson) => ({
        ...lesson,
        stages: lesson.stages.map((each) =>
          each.id === stage ? { ...each, parts: [...each.parts, part] } : each,
        ),
      })),
    ]);
    return found.id;
  }
  const minutes: Readonly<Record<StageId, number>> = {
    'get-ready': 5,
    show: 10,
    together: 15,
    alone: 10,
    'look-back': 5,
  };
  const lesson: Lesson = {
    id: newId(),
    classId: text.classId,
    title: `Reading: ${text.title}`.slice(0, 300),
    objective: `Read “${text.title}”, and say what in the text shows it.`.slice(0, 600),
    stages: stageIds.map((id) => ({ id, minutes: minutes[id], parts: id === stage ? [part] : [] })),
  };
  await change(`Made the lesson ${lesson.title}`, [edit('lessons', lesson.id, () => lesson)]);
  return lesson.id;
}
