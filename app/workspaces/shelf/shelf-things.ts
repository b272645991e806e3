import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { makerInfo } from '~core/exercises/catalogue';
import { rightsOf, type Rights } from '~core/kernel/licence';
import type { WordList } from '~core/lists/word-list';
import { partsOf, stageNames, type Lesson, type LessonPart } from '~core/records/lesson';
import type { ListRecord } from '~core/records/list-record';
import { partTitle } from '~core/records/part-title';
import { textsOfLesson } from '~core/records/things';
import type { TextRecord } from '~core/records/text-record';
import type { Targeted } from '~core/records/shelf-targets';
import type { ShelfKind, ShelfThing } from '~core/search/find-on-shelf';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

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
    level: profile && coreName(scaleOf(profile.level).name),
    language: profile?.language,
  };
};

/** Gives each thing what its class says of it. */
export function classOf(classes: readonly ClassProfile[]) {
  const byId = new Map(classes.map((profile) => [profile.id, profile]));
  return ({ classId }: { readonly classId: string }) => byId.get(classId);
}

/** Every text in a value, for what stands in blocks and settings. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return value.startsWith('data:') ? [] : [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsIn);
}

/** What a thing looks like, small. */
export type ShelfPreview =
  | { readonly kind: 'part'; readonly part: LessonPart; readonly beside: readonly LessonPart[] }
  | { readonly kind: 'written'; readonly title: string; readonly text: string }
  | { readonly kind: 'picture'; readonly address: string };

export interface ShownThing extends ShelfThing {
  /** Exercises and lists whose words and settings say what it practises. */
  readonly practises?: readonly Targeted[];
  readonly preview: ShelfPreview | undefined;
}

const contentOf = (part: LessonPart): string =>
  [
    ...part.words,
    ...(part.blocks ?? []).flatMap(({ text = '', words = [] }) => [text, ...words]),
    ...textsIn(part.parameters.edits),
  ]
    .filter(Boolean)
    .join(' · ');

function kindOf({ kind, maker }: LessonPart): ShelfKind {
  if (kind === 'sheet') return 'sheets';
  return makerInfo(maker)?.isCards ? 'cards' : 'exercises';
}

/** Pictures of the teacher's own in a value, as their addresses. */
function picturesIn(value: unknown): string[] {
  if (typeof value === 'string') return value.startsWith('data:image') ? [value] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(picturesIn);
}

const picturesOf = (
  of: Pick<ShelfThing, 'classId' | 'record' | 'date' | 'standards'> & ReturnType<typeof marksOf>,
  owner: string,
  where: string,
  title: string,
  value: unknown,
): ShownThing[] =>
  picturesIn(value).map((address, at) => ({
    ...of,
    kind: 'pictures',
    id: `${where} ${at}`,
    of: owner,
    title,
    starred: false,
    content: '',
    preview: { kind: 'picture', address },
  }));

/** The settings that say what an exercise is about: nothing large goes to the worker. */
const withoutPictures = ({ suffix, grammar, sound }: LessonPart['parameters']) => ({
  suffix,
  grammar,
  sound,
});

/** A lesson, and everything in it that is found by itself. */
export function lessonThings(lesson: Lesson, profile?: ClassProfile): ShownThing[] {
  const { id, classId, objective, plan, takeHomes = [] } = lesson;
  const parts = partsOf(lesson);
  const shown = parts.filter(({ kind }) => kind !== 'note');
  const stages = lesson.stages.flatMap(({ teacher, learners, check, reflection }) =>
    textsIn([teacher, learners, check, reflection]),
  );
  const title = lesson.title || t('shelf.untitledLesson');
  const planned = [objective, ...stages, plan?.background, plan?.rationale, plan?.materials];
  const shared = {
    record: { table: 'lessons', id },
    classId,
    date: plan?.date ?? '',
    standards: plan?.standards ?? [],
    ...marksOf(lesson, profile),
  } as const;
  const [first] = shown;
  const previewOf = (part: LessonPart): ShelfPreview => ({
    kind: 'part',
    part,
    beside: parts.filter(({ kind }) => kind === 'exercise'),
  });
  const inside = { ...shared, of: title, starred: false };
  const targeted = (part: LessonPart): Targeted[] =>
    part.kind === 'exercise'
      ? [
          {
            maker: part.maker,
            words: part.words,
            parameters: withoutPictures(part.parameters),
            language: part.parameters.language ?? profile?.language,
            accent: profile?.accent,
          },
        ]
      : [];
  return [
    {
      ...shared,
      kind: 'lessons',
      id,
      title,
      content: [
        ...planned,
        ...parts.flatMap((part) => [
          part.kind === 'note' ? part.text : partTitle(part),
          contentOf(part),
        ]),
      ]
        .filter(Boolean)
        .join(' · '),
      preview: first && previewOf(first),
      practises: parts.flatMap(targeted),
    },
    ...(plan === undefined && stages.length === 0
      ? []
      : [
          {
            ...inside,
            kind: 'plans' as const,
            id,
            title: t('shelf.planOf', { title }),
            content: planned.filter(Boolean).join(' · '),
            preview: {
              kind: 'written' as const,
              title: objective,
              text: lesson.stages
                .map((stage) =>
                  t('shelf.min', {
                    stageNames: coreName(stageNames[stage.id]),
                    minutes: stage.minutes,
                  }),
                )
                .join('\n'),
            },
          },
        ]),
    ...shown.map((part) => ({
      ...inside,
      kind: kindOf(part),
      id: part.id,
      title: partTitle(part),
      starred: part.starred ?? false,
      content: contentOf(part),
      practises: targeted(part),
      preview: previewOf(part),
    })),
    ...takeHomes.map((home) => {
      const names = parts.filter((part) => home.parts.includes(part.id)).map(partTitle);
      return {
        ...inside,
        kind: 'take-homes' as const,
        id: home.id,
        date: home.day,
        title: t('shelf.givenHome', { title }),
        content: names.join(' · '),
        preview: { kind: 'written' as const, title, text: names.join('\n') },
      };
    }),
    ...shown.flatMap((part) =>
      picturesOf(
        shared,
        title,
        `${id} ${part.id}`,
        t('shelf.pictureIn', { partTitle: partTitle(part) }),
        [part.parameters, part.blocks],
      ),
    ),
  ];
}

export function listThings(list: ListRecord & WordList, profile?: ClassProfile): ShownThing[] {
  const shared = {
    record: { table: 'lists', id: list.id },
    classId: list.classId,
    date: '',
    standards: [],
    ...marksOf(list, profile),
  } as const;
  return [
    {
      ...shared,
      kind: 'lists',
      id: list.id,
      title: list.name,
      content: [...list.words, ...list.details.flatMap(textsIn)].join(' · '),
      practises: [{ words: list.words, language: profile?.language, accent: profile?.accent }],
      preview: { kind: 'written', title: list.name, text: list.words.slice(0, 24).join('\n') },
    },
    ...list.details.flatMap((detail) =>
      picturesOf(
        shared,
        list.name,
        `${list.id} ${detail.word}`,
        t('shelf.pictureOf', { word: detail.word }),
        detail,
      ),
    ),
  ];
}

/** Letters of a text that its small page shows. */
const SHOWN_LETTERS = 700;

/** @param usedIn titles of the lessons that use it */
export const textThing = (
  text: TextRecord,
  profile: ClassProfile | undefined,
  usedIn: readonly string[],
): ShownThing => ({
  usedIn,
  kind: 'texts',
  id: text.id,
  record: { table: 'texts', id: text.id },
  title: text.title,
  classId: text.classId,
  date: '',
  standards: [],
  content: [text.author, text.source, text.body].filter(Boolean).join(' · '),
  ...marksOf(text, profile),
  language: text.language,
  preview: { kind: 'written', title: text.title, text: text.body.slice(0, SHOWN_LETTERS) },
});

/** The titles of the lessons that use each text, by its id. */
export function usersOfTexts(lessons: readonly Lesson[]): ReadonlyMap<string, readonly string[]> {
  const users = new Map<string, string[]>();
  for (const lesson of lessons) {
    for (const id of textsOfLesson(lesson)) {
      users.set(id, [...(users.get(id) ?? []), lesson.title]);
    }
  }
  return users;
}
