import { data } from 'react-router';
import type { Route } from './+types/page-to-give';
import { contextOf, withResults } from '~/workspaces/results/made-exercises';
import { PageToGive } from '~/workspaces/results/PageToGive';
import { openLesson } from './open-record';

export const meta: Route.MetaFunction = () => [{ title: 'A page to give · Wordane' }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const { searchParams } = new URL(request.url);
  const { exercises, results } = await withResults(lesson, await contextOf(profile));
  const learner = searchParams.get('learner') ?? '';
  const result = results.learners.find((each) => each.learner === learner);
  if (!result) {
    throw data(`Nothing has come back from ${learner || 'this learner'}. Open the results again.`, {
      status: 404,
    });
  }
  return { lesson, profile, exercises, result };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function PageToGiveRoute({ loaderData }: Route.ComponentProps) {
  return <PageToGive {...loaderData} />;
}
