import type { WordList } from '~core/lists/word-list';
import { partsOf, type Lesson } from '~core/records/lesson';
import type { ListRecord } from '~core/records/list-record';
import type { TextRecord } from '~core/records/text-record';
import { makerName } from '~core/exercises/catalogue';
import type { ShelfThing } from '~core/search/find-on-shelf';

const marksOf = ({
  starred = false,
  tags = [],
  putAway,
}: Pick<Lesson, 'starred' | 'tags' | 'putAway'>) => ({ starred, tags, putAway });

/** Every text in a value, for what stands in blocks and settings. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return value.startsWith('data:') ? [] : [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsIn);
}

export function lessonThing(lesson: Lesson): ShelfThing {
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
    ...marksOf(lesson),
  };
}

export const listThing = (list: ListRecord & WordList): ShelfThing => ({
  kind: 'lists',
  id: list.id,
  title: list.name,
  classId: list.classId,
  date: '',
  standards: [],
  content: [...list.words, ...list.details.flatMap(textsIn)].join(' · '),
  ...marksOf(list),
});

export const textThing = (text: TextRecord): ShelfThing => ({
  kind: 'texts',
  id: text.id,
  title: text.title,
  classId: text.classId,
  language: text.language,
  date: '',
  standards: [],
  content: [text.author, text.source, text.body].filter(Boolean).join(' · '),
  ...marksOf(text),
});
