import { redirect } from 'react-router';
import type { Route } from './+types/adapt';
import { adaptPart, type AdaptedPart, type Exchange } from '~core/lessons/adapt-lesson';
import { partsOf } from '~core/records/lesson';
import { listClasses } from '~/storage/repository';
import { copyLesson } from '~/storage/whole-records';
import { AdaptWorkspace } from '~/workspaces/adapt/AdaptWorkspace';
import { contextOf } from '~/workspaces/results/made-exercises';
import { engine } from '~/workers/engine.client';
import { answer } from './action-answer';
import { openLesson } from './open-record';

export const meta: Route.MetaFunction = () => [{ title: 'Adapt · Wordane' }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const { searchParams } = new URL(request.url);
  const classes = (await listClasses()).filter(({ id }) => id !== profile.id);
  const target = classes.find(({ id }) => id === searchParams.get('to'));
  if (target === undefined) return { lesson, profile, classes, target, parts: [] };
  // The texts and meanings are those of the lesson; who reads is the other class.
  const context = { ...(await contextOf(profile)), profile: target };
  const parts = await Promise.all(
    partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map(async (part): Promise<AdaptedPart> => {
        const built = await engine().build(part, context);
        if ('broken' in built) return adaptPart(part, part.maker, [], built.broken);
        const { exercise, checks } = built;
        return adaptPart(part, exercise.title, checks, exercise.short);
      }),
  );
  return { lesson, profile, classes, target, parts };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const { to, exchanges } = (await request.json()) as { to: string; exchanges: Exchange[] };
  let made = '';
  const done = await answer(async () => {
    made = await copyLesson(params.lessonId, to, exchanges);
  });
  return done.ok ? redirect(`/lessons/${made}`) : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function AdaptRoute({ loaderData }: Route.ComponentProps) {
  const { target } = loaderData;
  return <AdaptWorkspace key={target?.id ?? ''} {...loaderData} />;
}
