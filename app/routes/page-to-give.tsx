import { data } from 'react-router';
import type { Route } from './+types/page-to-give';
import { contextOf, withResults } from '~/workspaces/results/made-exercises';
import { PageToGive } from '~/workspaces/results/PageToGive';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.aPageToGiveWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const { searchParams } = new URL(request.url);
  const { exercises, results } = await withResults(lesson, await contextOf(profile));
  const learner = searchParams.get('learner') ?? '';
  const result = results.learners.find((each) => each.learner === learner);
  if (!result) {
    throw data(t('page.nothingHasComeBackFrom', { learner: learner || t('page.thisLearner') }), {
      status: 404,
    });
  }
  return { lesson, profile, exercises, result };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function PageToGiveRoute({ loaderData }: Route.ComponentProps) {
  return <PageToGive {...loaderData} />;
}
