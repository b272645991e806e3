/**
 * Some of what a teacher has made, to be given on: with what it needs, with its rights written
 * out, and with nothing about a learner unless she says so.
 */
import type { ClassProfile } from '../classes/class-profile';
import { rightsOf, type Rights } from '../kernel/licence';
import type { WordList } from '../lists/word-list';
import type { ReadingText } from '../texts/reading-text';
import type { Backup } from './backup';
import { partsOf, type Lesson } from './lesson';
import { partTitle } from './part-title';

/** Ids of what was chosen. */
export interface Chosen {
  readonly lessons: readonly string[];
  readonly lists: readonly string[];
  readonly texts: readonly string[];
  /** Exercises and sheets by themselves. */
  readonly parts?: readonly { readonly lesson: string; readonly part: string }[];
}

/** The texts that a lesson's parts are about, by their ids. */
export const textsOfLesson = (lesson: Lesson): Set<string> =>
  new Set(
    partsOf(lesson).flatMap(({ parameters, blocks = [] }) => [
      ...(parameters.textId === undefined ? [] : [parameters.textId]),
      ...blocks.flatMap(({ textId }) => (textId === undefined ? [] : [textId])),
    ]),
  );

/** A class without those who are in it: its level, what it was taught, and how its paper looks. */
export function withoutLearners({ people: _people, ...profile }: ClassProfile): ClassProfile {
  return { ...profile, roster: [] };
}

/** A lesson without what was handed in, what was said of it, and whom it looked to. */
export function lessonWithoutLearners({
  slips: _slips,
  remarks: _remarks,
  takeHomes: _takeHomes,
  plan,
  ...lesson
}: Lesson): Lesson {
  if (plan === undefined) return lesson;
  const { targets: _targets, background: _background, ...rest } = plan;
  const stages = lesson.stages.map(({ reflection: _reflection, ...stage }) => stage);
  return { ...lesson, stages, plan: rest };
}

/**
 * One exercise or sheet as a lesson of its own, with the exercises that a sheet shows; nothing of
 * the plan, and nothing that came back.
 */
export function lessonOfPart(lesson: Lesson, id: string): Lesson {
  const part = partsOf(lesson).find((each) => each.id === id);
  const shown = new Set([id, ...(part?.blocks ?? []).flatMap((block) => block.part ?? [])]);
  const {
    plan: _plan,
    slips: _slips,
    remarks: _remarks,
    takeHomes: _takeHomes,
    stages,
    ...kept
  } = lesson;
  return {
    ...kept,
    id: `${lesson.id}.${id}`.slice(0, 120),
    title: part ? partTitle(part) : lesson.title,
    objective: '',
    stages: stages.map(({ id: stage, minutes, parts }) => ({
      id: stage,
      minutes,
      parts: parts.filter((each) => shown.has(each.id)),
    })),
  };
}

const withRights = <Thing extends object>(
  thing: Thing,
  profile: ClassProfile | undefined,
): Thing => ({
  ...thing,
  ...rightsOf(thing as Rights, profile),
});

/** Words that a list says something of, where a lesson uses them. */
const serves = ({ details }: WordList, lesson: Lesson): boolean => {
  const said = new Set(details.map(({ word }) => word));
  return partsOf(lesson).some(({ words }) => words.some((word) => said.has(word)));
};

/**
 * The chosen things with the texts and lists that their lessons need and the classes they are for.
 *
 * @param withLearners names, answers, remarks and reflections go along
 */
export function chosenThings(all: Backup, chosen: Chosen, withLearners = false): Backup {
  const classOf = ({ classId }: { readonly classId: string }) =>
    all.classes.find(({ id }) => id === classId);
  const lessons = [
    ...all.lessons.filter(({ id }) => chosen.lessons.includes(id)),
    ...all.lessons.flatMap((lesson) =>
      (chosen.parts ?? [])
        .filter((each) => each.lesson === lesson.id)
        .map(({ part }) => lessonOfPart(lesson, part)),
    ),
  ];
  const about = new Set(lessons.flatMap((lesson) => [...textsOfLesson(lesson)]));
  const lists = all.lists.filter(
    (list) =>
      chosen.lists.includes(list.id) ||
      lessons.some((lesson) => lesson.classId === list.classId && serves(list, lesson)),
  );
  const texts = all.texts.filter(({ id }) => chosen.texts.includes(id) || about.has(id));
  const classIds = new Set([...lessons, ...lists, ...texts].map(({ classId }) => classId));
  return {
    classes: all.classes
      .filter(({ id }) => classIds.has(id))
      .map((profile) => (withLearners ? profile : withoutLearners(profile))),
    lists: lists.map((list) => withRights(list, classOf(list))),
    lessons: lessons.map((lesson) =>
      withRights(withLearners ? lesson : lessonWithoutLearners(lesson), classOf(lesson)),
    ),
    texts: texts.map((text) => withRights(text, classOf(text))),
    recordings: withLearners
      ? all.recordings.filter(({ lessonId }) => chosen.lessons.includes(lessonId))
      : [],
    standards: [],
    sounds: all.sounds.filter(({ textId }) => texts.some(({ id }) => id === textId)),
  };
}

const line = (title: string, kind: string, { author, licence, source, changes = [] }: Rights) =>
  [
    `${title} (${kind})`,
    `  author: ${author || 'not said'}`,
    `  licence: ${licence || 'not said'}`,
    ...(source ? [`  source: ${source}`] : []),
    ...changes.map((change) => `  changed: ${change}`),
  ].join('\n');

/** Who made each thing and what may be done with it, for whoever opens the file by hand. */
export const aboutThings = ({ lessons, lists, texts }: Backup): string =>
  [
    ...lessons.map((lesson) => line(lesson.title, 'lesson', lesson)),
    ...lists.map((list: WordList & Rights) => line(list.name, 'word list', list)),
    ...texts.map((text: ReadingText) => line(text.title, 'text', text)),
  ].join('\n\n') + '\n';
