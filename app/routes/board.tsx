import type { Route } from './+types/board';
import { Board } from '~/board/Board';
import { boardLesson } from '~/board/board-lesson';
import { perform, type Asked } from '~/storage/perform';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

// Nothing of the lesson's key stands in the title: it is read by the whole class.
export const meta: Route.MetaFunction = () => [{ title: t('page.atTheBoardWordane') }];

/** The board has the whole screen. */
export const handle = { bare: true } as const;

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  return boardLesson(lesson, profile);
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const asked = (await request.json()) as Asked;
  return answer(() => perform('lessons', params.lessonId, asked));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function BoardRoute({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision.Provider value={loaderData.lesson.revision}>
      <Board {...loaderData} />
    </RecordRevision.Provider>
  );
}
