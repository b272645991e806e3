import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { rightsOf, type Rights } from '~core/kernel/licence';
import type { WordList } from '~core/lists/word-list';
import { partsOf, type Lesson } from '~core/records/lesson';
import type { ListRecord } from '~core/records/list-record';
import { textsOfLesson } from '~core/records/things';
import type { TextRecord } from '~core/records/text-record';
import { makerName } from '~core/exercises/catalogue';
import type { ShelfThing } from '~core/search/find-on-shelf';

type Marked = Pick<Lesson, 'starred' | 'tags' | 'putAway'> & Rights;

const marksOf = (
  { starred = false, tags = [], putAway, ...thing }: Marked,
  profile: ClassProfile | undefined,
) => {
  const { author, licence, source } = rightsOf(thing, profile);
  return {
    starred,
    tags,
    putAway,
    author,
    licence,
    source,
    level: profile && scaleOf(profile.level).name,
    language: profile?.language,
  };
};

/** Gives each thing what its class says of it. */
export const classOf =
  (classes: readonly ClassProfile[]) =>
  ({ classId }: { readonly classId: string }): ClassProfile | undefined =>
    classes.find(({ id }) => id === classId);

/** Every text in a value, for what stands in blocks and settings. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return value.startsWith('data:') ? [] : [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsIn);
}

export function lessonThing(lesson: Lesson, profile?: ClassProfile): ShelfThing {
  const { id, title, classId, objective, plan } = lesson;
  const parts = partsOf(lesson).flatMap((part) => [
    part.kind === 'exercise' ? (part.parameters.title ?? makerName(part.maker)) : part.text,
    ...part.words,
    ...textsIn(part.blocks),
    ...textsIn(part.parameters.edits),
  ]);
  const stages = lesson.stages.flatMap(({ teacher, learners, check, reflection }) =>
    textsIn([teacher, learners, check, reflection]),
  );
  return {
    kind: 'lessons',
    id,
    title: title || 'Untitled lesson',
    classId,
    date: plan?.date ?? '',
    standards: plan?.standards ?? [],
    content: [objective, ...parts, ...stages, plan?.background ?? '', plan?.rationale ?? '']
      .filter(Boolean)
      .join(' · '),
    ...marksOf(lesson, profile),
  };
}

export const listThing = (list: ListRecord & WordList, profile?: ClassProfile): ShelfThing => ({
  kind: 'lists',
  id: list.id,
  title: list.name,
  classId: list.classId,
  date: '',
  standards: [],
  content: [...list.words, ...list.details.flatMap(textsIn)].join(' · '),
  ...marksOf(list, profile),
});

export const textThing = (
  text: TextRecord,
  profile?: ClassProfile,
  lessons: readonly Lesson[] = [],
): ShelfThing => ({
  usedIn: lessons.filter((lesson) => textsOfLesson(lesson).has(text.id)).map(({ title }) => title),
  kind: 'texts',
  id: text.id,
  title: text.title,
  classId: text.classId,
  date: '',
  standards: [],
  content: [text.author, text.source, text.body].filter(Boolean).join(' · '),
  ...marksOf(text, profile),
  language: text.language,
});
