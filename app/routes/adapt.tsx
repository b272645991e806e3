import { redirect } from 'react-router';
import type { Route } from './+types/adapt';
import type { ClassProfile } from '~core/classes/class-profile';
import { accents } from '~core/kernel/accent';
import { homeLanguages } from '~core/exercises/making/said-at-home';
import { spellings, type Spelling } from '~core/kernel/spelling';
import {
  adaptPart,
  wordsFromList,
  type AdaptedPart,
  type Exchange,
} from '~core/lessons/adapt-lesson';
import { adaptedClass, isChanged, newClassLike } from '~core/lessons/adapted-class';
import { partsOf, type Lesson, type LessonPart } from '~core/records/lesson';
import { partTitle } from '~core/records/part-title';
import { lessonOfPart, textsOfLesson } from '~core/records/things';
import type { TextExchange } from '~core/texts/fit/refit';
import type { ReadingText } from '~core/texts/reading-text';
import { newId } from '~/operations/operation';
import { listClasses, listsOfClass, textsOfClass } from '~/storage/repository';
import { copyLesson } from '~/storage/whole-records';
import { AdaptWorkspace } from '~/workspaces/adapt/AdaptWorkspace';
import type { AdaptedText } from '~/workspaces/adapt/TextSides';
import { contextOf } from '~/workspaces/results/made-exercises';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.adaptWordane') }];

/** For whom the lesson is to be, from the address: a class, and what about it is to be another. */
function targetIn(search: URLSearchParams, own: ClassProfile, classes: readonly ClassProfile[]) {
  const given = ['to', 'level', 'spelling', 'accent', 'list', 'home'].some((name) =>
    search.get(name),
  );
  if (!given) return undefined;
  const base = classes.find(({ id }) => id === search.get('to')) ?? own;
  const spelling = search.get('spelling') ?? '';
  return {
    base,
    target: adaptedClass(base, {
      level: search.get('level') ?? undefined,
      spelling: spelling in spellings ? (spelling as Spelling) : undefined,
      accent: accents.find((each) => each === search.get('accent')),
    }),
  };
}

/** The language of the learners' homes that the instructions are to be in, too. */
const homeIn = (search: URLSearchParams) =>
  homeLanguages.find((each) => each === search.get('home'));

/** One exercise as it would be for the class. */
async function adapted(
  part: LessonPart,
  context: PartContext,
  list: readonly string[] | undefined,
): Promise<AdaptedPart> {
  const { profile } = context;
  const listed = list && wordsFromList(part.words, list);
  const then = { ...part, words: part.words.map((word) => listed?.get(word) ?? word) };
  const [built, respelled] = await Promise.all([
    engine().build(then, context),
    engine().respelled(part.words, profile),
  ]);
  if ('broken' in built) return adaptPart(part, partTitle(part), [], built.broken);
  const { exercise, checks } = built;
  return adaptPart(part, exercise.title, checks, exercise.short, { respelled, list });
}

const refits = (texts: readonly ReadingText[], target: ClassProfile): Promise<AdaptedText[]> =>
  Promise.all(
    texts.map(async (text) => ({
      id: text.id,
      title: text.title,
      body: text.body,
      verse: text.kind === 'poem',
      ...(await engine().refit(text, target)),
    })),
  );

/** What she wrote herself, which nothing puts into other words. */
const ownWording = (parts: readonly LessonPart[]) =>
  parts
    .filter(({ parameters }) => parameters.instruction ?? parameters.title)
    .map(({ parameters }) => parameters.instruction ?? parameters.title ?? '');

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson: whole, profile } = await openLesson(params.lessonId, request);
  const { searchParams } = new URL(request.url);
  const only = partsOf(whole).find(({ id }) => id === searchParams.get('part'))?.id;
  const lesson: Lesson = only === undefined ? whole : lessonOfPart(whole, only);
  const classes = await listClasses();
  const wanted = targetIn(searchParams, profile, classes);
  const about = { lesson, of: whole, only, profile, classes };
  if (wanted === undefined) {
    return {
      ...about,
      lists: [],
      parts: [],
      texts: [],
      own: [],
      home: undefined,
      refitted: undefined,
    };
  }
  const { base, target } = wanted;
  const [lists, texts, context] = await Promise.all([
    listsOfClass(base.id),
    textsOfClass(profile.id),
    contextOf(profile),
  ]);
  const list = lists.find(({ id }) => id === searchParams.get('list'));
  const parts = partsOf(lesson).filter(({ kind }) => kind === 'exercise');
  const used = textsOfLesson(lesson);
  return {
    ...about,
    lists,
    refitted: { base, target, list: list?.id, another: isChanged(base, target) },
    // The texts and meanings are those of the lesson; who reads is the other class.
    parts: await Promise.all(
      parts.map((part) => adapted(part, { ...context, profile: target }, list?.words)),
    ),
    texts: await refits(
      texts.filter(({ id }) => used.has(id)),
      target,
    ),
    own: ownWording(parts),
    home: homeIn(searchParams),
  };
}

/** What the dialog sends. */
interface Asked {
  readonly exchanges: readonly Exchange[];
  readonly texts: Readonly<Record<string, readonly TextExchange[]>>;
  /** A class of its own is made, so that everything follows. */
  readonly asNewClass: boolean;
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const { exchanges, texts, asNewClass } = (await request.json()) as Asked;
  const { searchParams } = new URL(request.url);
  let made = '';
  const done = await answer(async () => {
    const { lesson, profile } = await openLesson(params.lessonId, request);
    const wanted = targetIn(searchParams, profile, await listClasses());
    if (wanted === undefined) return;
    const { base, target } = wanted;
    const own = await textsOfClass(profile.id);
    const bodies = await Promise.all(
      own
        .filter(({ id }) => (texts[id]?.length ?? 0) > 0)
        .map(
          async ({ id, body }) =>
            [id, await engine().refitted(body, texts[id] ?? [], target)] as const,
        ),
    );
    const onto = asNewClass ? newClassLike(base, target, newId()) : undefined;
    const only = partsOf(lesson).find(({ id }) => id === searchParams.get('part'))?.id;
    made = await copyLesson(lesson.id, onto?.id ?? base.id, {
      exchanges,
      bodies: Object.fromEntries(bodies),
      onto,
      alsoIn: homeIn(searchParams),
      only,
    });
  });
  return done.ok && made !== '' ? redirect(`/lessons/${made}`) : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function AdaptRoute({ loaderData }: Route.ComponentProps) {
  const { refitted } = loaderData;
  const { base, target, list } = refitted ?? {};
  const key = [base?.id, target?.level.value, target?.spelling, target?.accent, list].join(' ');
  return <AdaptWorkspace key={key} {...loaderData} />;
}
