import type { Route } from './+types/class-results';
import { overTime } from '~core/results/over-time';
import { lessonsOfClass } from '~/storage/repository';
import { ClassResults } from '~/workspaces/results/ClassResults';
import { contextOf, withResults } from '~/workspaces/results/made-exercises';
import { openClass } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.overTheWeeksWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const profile = await openClass(params.classId, request);
  const context = await contextOf(profile);
  const lessons = (await lessonsOfClass(profile.id)).filter(({ slips = [] }) => slips.length > 0);
  const came = await Promise.all(lessons.map((lesson) => withResults(lesson, context)));
  return {
    profile,
    time: overTime(
      came.map(({ lesson, at, results }) => ({
        lesson: lesson.id,
        title: lesson.title,
        at,
        results,
      })),
    ),
  };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function ClassResultsRoute({ loaderData }: Route.ComponentProps) {
  return <ClassResults {...loaderData} />;
}
