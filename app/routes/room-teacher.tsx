import type { Route } from './+types/room-teacher';
import { roomLesson } from '~/room/room-lesson';
import { TeacherRoom } from '~/room/TeacherRoom';
import { handIn } from '~/storage/slips';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.theRoomWordane') }];

export const handle = { bare: true } as const;

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  return roomLesson(lesson, profile);
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const { slips } = (await request.json()) as { slips: string[] };
  return answer(() => handIn(params.lessonId, slips));
}

/** The room goes on as it was opened: nothing that is handed in makes the lesson anew. */
export const shouldRevalidate = () => false;

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function RoomTeacherRoute({ loaderData }: Route.ComponentProps) {
  return <TeacherRoom {...loaderData} />;
}
