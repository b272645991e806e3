/** Making and removing whole records, each as one change that undo takes back as one. */
import type { ClassProfile } from '~core/classes/class-profile';
import {
  withAlsoIn,
  withExchanges,
  withoutItsClass,
  type Exchange,
} from '~core/lessons/adapt-lesson';
import { rightsOf, withChange, type Rights } from '~core/kernel/licence';
import { completeClass, type ClassSettings } from '~core/classes/new-class';
import { completeList, withWords, type WordList } from '~core/lists/word-list';
import type { Taken } from '~core/library/take';
import { stageIds, type Lesson, type LessonPart, type StageId } from '~core/records/lesson';
import { lessonOfPart, textsOfLesson } from '~core/records/things';
import type { Standard } from '~core/standards/standard';
import { moveMarks } from '~core/texts/marks/annotation';
import { completeText, type ReadingText } from '~core/texts/reading-text';
import { newId } from '~/operations/operation';
import { change } from './change';
import { openList } from './repository';
import { t } from '~/phrases/t';

export const createClass = (settings: ClassSettings): Promise<ClassProfile> => {
  const profile = completeClass({ ...settings, id: newId() });
  return change(t('storage.madeTheClass', { name: profile.name }), async ({ put, remember }) => {
    await put('classes', profile);
    await remember('focus-class', profile.id);
    return profile;
  });
};

/** Removes a class with its lists, texts and lessons; undo brings all back. */
export const removeClass = (id: string): Promise<void> => {
  let name = '';
  return change(
    () => t('storage.removedTheClass', { name }),
    async ({ find, ofClass, remove }) => {
      name = (await find('classes', id))?.name ?? '';
      for (const table of ['recordings', 'sounds', 'texts', 'lessons', 'lists'] as const) {
        for (const record of await ofClass(table, id)) await remove(table, record.id);
      }
      await remove('classes', id);
    },
  );
};

export const createList = (
  classId: string,
  name: string,
  words: readonly string[] = [],
): Promise<WordList> => {
  const list = completeList({ id: newId(), classId, name, words });
  return change(t('storage.madeTheList', { name }), async ({ put, remember }) => {
    await put('lists', list);
    await remember(`open-list:${classId}`, list.id);
    return list;
  });
};

/** Makes a list of its own from each group of a list's words. */
export const splitList = (
  id: string,
  groups: readonly { readonly name: string; readonly words: readonly string[] }[],
): Promise<void> => {
  let from = '';
  return change(
    () => t('storage.splitTheList', { from }),
    async ({ get, put }) => {
      const list = await get('lists', id);
      from = list.name;
      for (const { name, words } of groups) {
        await put(
          'lists',
          completeList({
            id: newId(),
            classId: list.classId,
            name: `${list.name}: ${name || 'others'}`.slice(0, 120),
            words,
            details: list.details.filter((detail) => words.includes(detail.word)),
          }),
        );
      }
    },
  );
};

export const removeList = (id: string, name: string) =>
  change(t('storage.removedTheList', { name }), ({ remove }) => remove('lists', id));

export const createLesson = (lesson: Lesson): Promise<void> =>
  change(t('storage.madeTheLesson', { title: lesson.title }), ({ put }) => put('lessons', lesson));

/** Removes a lesson with what was said to it. */
export const removeLesson = (id: string, title: string) =>
  change(t('storage.removedTheLesson', { title }), async ({ remove, ofClass, find }) => {
    const lesson = await find('lessons', id).catch(() => undefined);
    if (lesson) {
      for (const each of await ofClass('recordings', lesson.classId)) {
        if (each.lessonId === id) await remove('recordings', each.id);
      }
    }
    await remove('lessons', id);
  });

/** Keeps a set of standards; one of the same name is taken over by it. */
export const keepStandards = (
  name: string,
  standards: readonly Standard[],
  present: readonly { readonly id: string; readonly name: string }[],
): Promise<void> =>
  change(t('storage.readInTheStandards', { name }), ({ put }) =>
    put('standards', {
      id: present.find((each) => each.name === name)?.id ?? newId(),
      name,
      standards: standards.map((each) => ({ ...each, serves: [...each.serves] })),
    }),
  );

export const removeStandards = (id: string, name: string): Promise<void> =>
  change(t('storage.removedTheStandards', { name }), ({ remove }) => remove('standards', id));

/** Keeps what was taken of the starter library, with all that belongs to it, as one change. */
export const keepTaken = ({ lists, texts, lessons }: Taken): Promise<void> => {
  const [main] = [...lessons.map(({ title }) => title), ...lists.map(({ name }) => name)].concat(
    texts.map(({ title }) => title),
  );
  return change(
    t('storage.tookFromTheStarterLibrary', { main: main ?? 'nothing' }),
    async ({ put }) => {
      for (const list of lists) await put('lists', list);
      for (const text of texts) await put('texts', text);
      for (const lesson of lessons) await put('lessons', lesson);
    },
  );
};

export const createText = (
  given: Pick<ReadingText, 'classId' | 'title' | 'body'> & Partial<ReadingText>,
): Promise<ReadingText> => {
  const text = completeText({ ...given, id: newId() });
  return change(t('storage.broughtInTheText', { title: text.title }), async ({ put }) => {
    await put('texts', text);
    return text;
  });
};

export const removeText = (id: string, title: string) =>
  change(t('storage.removedTheText', { title }), async ({ get, remove, ofClass }) => {
    const { classId } = await get('texts', id);
    for (const sound of await ofClass('sounds', classId)) {
      if (sound.textId === id) await remove('sounds', sound.id);
    }
    await remove('texts', id);
  });

/** What a copy is called: in its own class it must be told from what it was copied from. */
const copyName = (name: string, stays: boolean) =>
  stays ? t('storage.copy', { name: name.slice(0, 110) }) : name;

/** A thing with the rights it had in its class, and a note of where it went and what was changed. */
function givenOn<Thing extends object>(
  thing: Thing,
  from: ClassProfile,
  to: string,
  changed = '',
): Thing {
  const day = new Date().toISOString().slice(0, 10);
  const rights = rightsOf(thing as Rights, from);
  // A copy that stays in its class is no other thing yet.
  if (from.name === to && changed === '') return thing;
  const note = t('storage.givenFromTo', {
    day,
    name: from.name,
    to,
    which: changed === '' ? '' : `; ${changed}`,
  });
  return { ...thing, ...rights, changes: withChange(rights.changes, note) };
}

/** A copy for another class; it is checked against that class at once. */
export const copyText = (id: string, classId: string, className: string): Promise<string> => {
  let title = '';
  return change(
    () => t('storage.gaveTo', { title, className }),
    async ({ get, put, remember }) => {
      const { revision: _, ...text } = await get('texts', id);
      title = text.title;
      const from = await get('classes', text.classId);
      const copy = {
        ...givenOn(text, from, className),
        id: newId(),
        classId,
        title: copyName(title, classId === text.classId),
      };
      await put('texts', copy);
      await remember('focus-class', classId);
      return copy.id;
    },
  );
};

/** A text with its words exchanged; what stands by a place in it moves along. */
const withBody = <Text extends ReadingText>(text: Text, body: string): Text => ({
  ...text,
  body,
  annotations: moveMarks(text.annotations, text.body, body),
});

/** A lesson's parts with the texts they are about replaced by their copies. */
const withTexts = (lesson: Lesson, copies: ReadonlyMap<string, string>): Lesson['stages'] =>
  lesson.stages.map((stage) => ({
    ...stage,
    parts: stage.parts.map((part) => {
      const { textId } = part.parameters;
      const copy = copies.get(textId ?? '');
      return {
        ...part,
        parameters: copy ? { ...part.parameters, textId: copy } : part.parameters,
        ...(part.blocks
          ? {
              blocks: part.blocks.map((block) => {
                const copied = copies.get(block.textId ?? '');
                return copied ? { ...block, textId: copied } : block;
              }),
            }
          : {}),
      };
    }),
  }));

/** A copy of a lesson for another class, with the texts it uses; it is checked against that class at once. */
/** What becomes another in a copy of a lesson. */
export interface CopyOptions {
  readonly exchanges?: readonly Exchange[];
  /** Texts as they stand in the copy, by their ids. */
  readonly bodies?: Readonly<Record<string, string>>;
  /** A class to be made for it. */
  readonly onto?: ClassProfile | undefined;
  /** A language of the learners' homes for a line under each instruction. */
  readonly alsoIn?: string | undefined;
  /** One exercise or sheet by itself. */
  readonly only?: string | undefined;
}

export const copyLesson = (
  id: string,
  classId: string,
  { exchanges = [], bodies = {}, onto, alsoIn = '', only }: CopyOptions = {},
): Promise<string> => {
  let label = '';
  return change(
    () => label,
    async ({ get, ofClass, put, remember }) => {
      // What was handed in, and whom it looked to, stays with the class that did it.
      const { revision: _, ...stored } = await get('lessons', id);
      const whole = only === undefined ? stored : lessonOfPart(stored, only);
      const from = await get('classes', whole.classId);
      if (onto) await put('classes', onto);
      const { name } = await get('classes', classId);
      const lesson = givenOn(
        withAlsoIn(withExchanges(withoutItsClass(whole), exchanges), alsoIn),
        from,
        name,
        exchanges.map(({ from: word, to }) => t('storage.for', { to, word })).join(', '),
      );
      label = t('storage.copiedFor', { title: lesson.title, name });
      const copies = new Map<string, string>();
      for (const { revision: _text, ...text } of await ofClass('texts', lesson.classId)) {
        // A copy that stays in its class is about the same text.
        const body = bodies[text.id];
        if ((classId === whole.classId && body === undefined) || !isAbout(text)(lesson)) continue;
        const refitted = body === undefined ? text : withBody(text, body);
        const changed = body === undefined ? '' : t('storage.wordsExchanged');
        const copy = {
          ...givenOn(refitted, from, name, changed),
          id: newId(),
          classId,
          title: copyName(text.title, classId === whole.classId),
        };
        copies.set(text.id, copy.id);
        await put('texts', copy);
      }
      const copy = {
        ...lesson,
        id: newId(),
        classId,
        title: copyName(lesson.title, classId === whole.classId),
        stages: withTexts(lesson, copies),
      };
      await put('lessons', copy);
      await remember('focus-class', classId);
      return copy.id;
    },
  );
};

/** A copy of a list for another class. */
export const copyList = (id: string, classId: string): Promise<string> => {
  let label = '';
  return change(
    () => label,
    async ({ get, put, remember }) => {
      const { revision: _, ...list } = await get('lists', id);
      const { name } = await get('classes', classId);
      label = t('storage.copiedFor2', { name: list.name, nameA: name });
      const from = await get('classes', list.classId);
      const copy = {
        ...givenOn(list, from, name),
        id: newId(),
        classId,
        name: copyName(list.name, classId === list.classId),
      };
      await put('lists', copy);
      await remember(`open-list:${classId}`, copy.id);
      await remember('focus-class', classId);
      return copy.id;
    },
  );
};

/** The stage in which a reading exercise is usually done. */
const stageOf: Readonly<Record<string, StageId>> = {
  'before-reading': 'get-ready',
  'text-word-box': 'get-ready',
  'facts-first': 'get-ready',
  'writing-task': 'look-back',
};

/** Minutes of the stages of a lesson that begins with a text: forty-five in all (common practice). */
const readingMinutes: Readonly<Record<StageId, number>> = {
  'get-ready': 5,
  show: 10,
  together: 15,
  alone: 10,
  'look-back': 5,
};

const isAbout = (text: Pick<ReadingText, 'id'>) => (lesson: Lesson) =>
  textsOfLesson(lesson).has(text.id);

/** A part in a lesson about the text: the lesson that is there, or a new one. Gives the lesson's id. */
export const addToLesson = (textId: string, part: LessonPart, name: string): Promise<string> => {
  let label = '';
  return change(
    () => label,
    async ({ get, ofClass, put }) => {
      const text = await get('texts', textId);
      const found = (await ofClass('lessons', text.classId)).find(isAbout(text));
      const stage = stageOf[part.maker] ?? (part.kind === 'sheet' ? 'show' : 'together');
      if (found) {
        label = t('storage.addedTo', { name, title: found.title });
        await put('lessons', {
          ...found,
          stages: found.stages.map((each) =>
            each.id === stage ? { ...each, parts: [...each.parts, part] } : each,
          ),
        });
        return found.id;
      }
      const lesson: Lesson = {
        id: newId(),
        classId: text.classId,
        title: t('storage.reading', { title: text.title }).slice(0, 300),
        objective: t('storage.readAndSayWhatIn', { title: text.title }).slice(0, 600),
        stages: stageIds.map((id) => ({
          id,
          minutes: readingMinutes[id],
          parts: id === stage ? [part] : [],
        })),
      };
      label = t('storage.madeTheLesson', { title: lesson.title });
      await put('lessons', lesson);
      return lesson.id;
    },
  );
};

/** Adds words to the list that is open for a class; to a new one where it has none. */
export const addToOpenList = (
  classId: string,
  words: Parameters<typeof withWords>[1],
  question?: string,
): Promise<void> => {
  const [first] = words;
  const label = t('storage.added', { count: words.length, word: String(first?.word) });
  return change(label, async ({ put, remember }) => {
    const open = await openList(classId);
    const list = open ?? completeList({ id: newId(), classId, name: t('storage.newList') });
    if (!open) await remember(`open-list:${classId}`, list.id);
    // The first word brings the question it was found with.
    const asked = question && list.words.length === 0 ? { ...list, question } : list;
    await put('lists', withWords(asked, words));
  });
};
