import type { Route } from './+types/board-teacher';
import { boardLesson } from '~/board/board-lesson';
import { TeacherView } from '~/board/TeacherView';
import { openLesson } from './open-record';

export const meta: Route.MetaFunction = () => [{ title: 'Teacher’s view · Wordane' }];

export const handle = { bare: true } as const;

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  return boardLesson(lesson, profile);
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function TeacherRoute({ loaderData }: Route.ComponentProps) {
  return <TeacherView {...loaderData} />;
}
