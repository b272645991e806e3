import type { Route } from './+types/coverage';
import { partsOf } from '~core/records/lesson';
import { coverageOf } from '~core/standards/coverage';
import { standardsOfClass } from '~core/standards/of-class';
import { standards } from '~/documents/standards';
import { lessonsOfClass } from '~/storage/repository';
import { Coverage } from '~/workspaces/coverage/Coverage';
import { contextOf, madeExercises } from '~/workspaces/results/made-exercises';
import { openClass } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.standardsMetWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const profile = await openClass(params.classId, request);
  const context = await contextOf(profile);
  const lessons = await Promise.all(
    (await lessonsOfClass(profile.id)).map(async (lesson) => {
      const made = await madeExercises(lesson, context);
      const parts = partsOf(lesson);
      return {
        id: lesson.id,
        title: lesson.title,
        date: lesson.plan?.date,
        chosen: lesson.plan?.standards ?? [],
        exercises: made.flatMap(({ id, task }) => {
          const part = parts.find((each) => each.id === id);
          return part ? [{ maker: part.maker, parameters: part.parameters, task }] : [];
        }),
      };
    }),
  );
  const own = standardsOfClass(await standards(), profile.level);
  return { profile, covered: coverageOf(lessons, own) };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function CoverageRoute({ loaderData }: Route.ComponentProps) {
  return <Coverage {...loaderData} />;
}
