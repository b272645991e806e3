import type { Route } from './+types/board-teacher';
import { boardLesson } from '~/board/board-lesson';
import { TeacherView } from '~/board/TeacherView';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.teachersViewWordane') }];

export const handle = { bare: true } as const;

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  return boardLesson(lesson, profile);
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function TeacherRoute({ loaderData }: Route.ComponentProps) {
  return <TeacherView {...loaderData} />;
}
