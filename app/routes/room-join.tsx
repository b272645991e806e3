import type { Route } from './+types/room-join';
import { JoinRoom } from '~/room/JoinRoom';

export const meta: Route.MetaFunction = () => [{ title: 'Come in · Wordane' }];

/** A learner needs nothing of the house around it. */
export const handle = { bare: true } as const;

export default function RoomJoinRoute() {
  return <JoinRoom />;
}
