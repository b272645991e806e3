import type { Route } from './+types/pieces';
import { PieceBoards } from '~/pieces/PieceBoards';
import { pieceLesson } from '~/pieces/piece-lesson';
import { RecordRevision } from '~/ui/use-send';
import { keepBoard } from './keep-board';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.loosePiecesWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  return { lesson, ...(await pieceLesson(lesson, profile)) };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  return keepBoard(params.lessonId, await request.json());
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function PiecesRoute({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision.Provider value={loaderData.lesson.revision}>
      <PieceBoards {...loaderData} />
    </RecordRevision.Provider>
  );
}
