import type { Route } from './+types/room-join';
import { JoinRoom } from '~/room/JoinRoom';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.comeInWordane') }];

/** A learner needs nothing of the house around it. */
export const handle = { bare: true } as const;

export default function RoomJoinRoute() {
  return <JoinRoom />;
}
