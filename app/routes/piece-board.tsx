import { data, useSearchParams } from 'react-router';
import type { Route } from './+types/piece-board';
import { KitPaper } from '~/pieces/KitPaper';
import { pieceLesson } from '~/pieces/piece-lesson';
import { PieceWorkspace } from '~/pieces/PieceWorkspace';
import { RecordRevision } from '~/ui/use-send';
import { keepBoard } from './keep-board';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

// Nothing of the key stands in the title: it is read by the whole class.
export const meta: Route.MetaFunction = () => [{ title: t('page.loosePiecesWordane') }];

/** The pieces have the whole screen. */
export const handle = { bare: true } as const;

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const board = lesson.boards?.find(({ id }) => id === params.boardId);
  if (board === undefined) {
    throw data(t('page.thisBoardIsNotHere'), { status: 404 });
  }
  const { exercises, words, pictures } = await pieceLesson(lesson, profile);
  const task = exercises.find(({ id }) => id === board.part)?.task;
  return { lesson, profile, board, task, words, pictures };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  return keepBoard(params.lessonId, await request.json());
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function PieceBoardRoute({ loaderData }: Route.ComponentProps) {
  const [search] = useSearchParams();
  const { lesson, board, profile } = loaderData;
  const address = `/lessons/${lesson.id}/pieces/${board.id}`;
  return search.has('kit') ? (
    <KitPaper board={board} profile={profile} back={address} />
  ) : (
    <RecordRevision.Provider value={lesson.revision}>
      <PieceWorkspace key={board.id} {...loaderData} />
    </RecordRevision.Provider>
  );
}
