import { redirect } from 'react-router';
import type { Route } from './+types/room-learner';
import { codeFrom } from '~core/room/messages';
import { LearnerRoom } from '~/room/LearnerRoom';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.inTheRoomWordane') }];

export const handle = { bare: true } as const;

export function clientLoader({ params }: Route.ClientLoaderArgs) {
  const code = codeFrom(params.code);
  return code === undefined ? redirect('/room') : { code };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function RoomLearnerRoute({ loaderData }: Route.ComponentProps) {
  return <LearnerRoom key={loaderData.code} code={loaderData.code} />;
}
